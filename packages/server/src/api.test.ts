import {
  makePlan,
  type Kept,
  type KeptOccasion,
  type Occasion,
  type Plan,
  type ProblemDocument,
  type Recipe,
  type RecipesRead,
} from '@lupin/core';
import { host, testApp, type TestApp } from '../test-support/app.ts';

let test1: TestApp;
beforeAll(async () => {
  test1 = await testApp();
});
afterAll(async () => {
  await test1.close();
});

async function call(
  method: 'GET' | 'PUT' | 'POST' | 'DELETE',
  url: string,
  payload?: unknown,
  headers: Record<string, string> = {},
) {
  const response = await test1.app.inject({
    method,
    url,
    headers: { ...host, ...headers },
    ...(payload === undefined ? {} : { payload: payload as object }),
  });
  return {
    status: response.statusCode,
    type: String(response.headers['content-type']),
    body: response.body === '' ? undefined : (response.json() as unknown),
  };
}

const kept = async (id = 'sunday-lunch') => (await call('GET', `/api/occasions/${id}`)).body as KeptOccasion;
const put = (base: number, occasion: unknown, id = 'sunday-lunch') =>
  call('PUT', `/api/occasions/${id}`, { baseRevision: base, occasion });

test('the demo stands there, newest first, and each can be read whole', async () => {
  const { body } = await call('GET', '/api/occasions');
  expect(body).toMatchObject([
    { id: 'lantern-supper', guests: 13, dishes: 11 },
    { id: 'allotment-lunch', guests: 8, dishes: 6 },
    { id: 'sunday-lunch', guests: 4, dishes: 4 },
  ]);
  expect((await kept('lantern-supper')).occasion.recipes).toHaveLength(12);
  expect((await call('GET', '/api/recipes')).body).toHaveLength(82);
});

test('a write makes the next revision; undo brings the old one back as a new one', async () => {
  const before = await kept();
  const changed = { ...before.occasion, note: 'Bring the big pot.' };
  const { status, body } = await put(before.revision, changed);
  expect([status, (body as KeptOccasion).revision]).toEqual([200, before.revision + 1]);
  const back = await call('POST', '/api/occasions/sunday-lunch/restore', {
    baseRevision: before.revision + 1,
    revision: before.revision,
  });
  expect((back.body as KeptOccasion).occasion.note).toBe(before.occasion.note);
  expect(((await call('GET', '/api/occasions/sunday-lunch/revisions')).body as unknown[]).length).toBe(
    before.revision + 2,
  );
});

test('a stale write is refused with what changed, and nothing is lost', async () => {
  const before = await kept();
  await put(before.revision, { ...before.occasion, note: 'first' });
  const second = await put(before.revision, { ...before.occasion, serveAt: '14:00' });
  expect(second.status).toBe(409);
  expect(second.body).toMatchObject({ code: 'stale-revision', revision: before.revision + 1, changed: ['note'] });
  expect((await kept()).occasion).toMatchObject({ note: 'first', serveAt: before.occasion.serveAt });
});

test('of many writers of one revision, exactly one wins', async () => {
  const before = await kept();
  const answers = await Promise.all(
    Array.from({ length: 12 }, (_, i) => put(before.revision, { ...before.occasion, note: `writer ${i}` })),
  );
  expect(answers.filter((answer) => answer.status === 200)).toHaveLength(1);
  expect(answers.filter((answer) => answer.status === 409)).toHaveLength(11);
  expect((await kept()).revision).toBe(before.revision + 1);
});

describe('bad input gets a problem document that names the field, and nothing is written', () => {
  const cases: readonly [string, (occasion: Occasion) => unknown, RegExp][] = [
    ['a number for a name', (o) => ({ ...o, name: 7 }), /^\/occasion\/name$/],
    ['a name of a megabyte', (o) => ({ ...o, name: 'x'.repeat(1_000_000) }), /^\/occasion\/name$/],
    ['no name', (o) => ({ ...o, name: '   ' }), /^\/occasion\/name$/],
    [
      'a hazard nobody knows',
      (o) => ({
        ...o,
        guests: [
          { id: 'a', name: 'A', needs: [{ id: 'n', kind: 'hazard', hazard: 'moon-dust', strictness: 'no-trace' }] },
        ],
      }),
      /^\/occasion\/guests\/0\/needs\/0\/hazard$/,
    ],
    [
      'a strictness nobody knows',
      (o) => ({
        ...o,
        guests: [{ id: 'a', name: 'A', needs: [{ id: 'n', kind: 'hazard', hazard: 'milk', strictness: 'sometimes' }] }],
      }),
      /strictness$/,
    ],
    ['a negative amount', (o) => withLine(o, { kind: 'mass', massG: -5 }), /massG$/],
    ['an absurd amount', (o) => withLine(o, { kind: 'mass', massG: 1e12 }), /massG$/],
    ['an endless amount', (o) => withLine(o, { kind: 'count', count: null }), /count$/],
    ['an absurd share', (o) => ({ ...o, dishes: o.dishes.map((d) => ({ ...d, share: 900 })) }), /share$/],
    [
      'a dish of no recipe',
      (o) => ({ ...o, dishes: [{ ...o.dishes[0]!, recipe: 'nothing' }] }),
      /^\/occasion\/dishes\/0\/recipe$/,
    ],
    [
      'a version for a guest who is not there',
      (o) => ({
        ...o,
        dishes: [{ ...o.dishes[0]!, versions: [{ id: 'v', name: 'v', swaps: [], guests: ['ghost'] }] }],
      }),
      /^\/occasion\/dishes\/0\/versions\/0\/guests$/,
    ],
    ['two guests with one id', (o) => ({ ...o, guests: [o.guests[0], o.guests[0]] }), /^\/occasion\/guests\/1\/id$/],
    ['a day that is none', (o) => ({ ...o, date: 'soon' }), /^\/occasion\/date$/],
    ['a time that is none', (o) => ({ ...o, serveAt: '25:00' }), /^\/occasion\/serveAt$/],
    ['a field nobody knows', (o) => ({ ...o, extra: 1 }), /^\/occasion\/extra$/],
    ['an oven of 900 °C', (o) => ({ ...o, kitchen: { ...o.kitchen, oven: { racks: 2, mostC: 900 } } }), /mostC$/],
    ['an array', () => [], /^\/occasion/],
    ['nothing', () => null, /^\/occasion$/],
  ];
  const withLine = (o: Occasion, amount: unknown) => ({
    ...o,
    recipes: o.recipes.map((r, i) =>
      i === 0 ? { ...r, lines: r.lines.map((l, j) => (j === 0 ? { ...l, amount } : l)) } : r,
    ),
  });

  test.each(cases)('%s', async (_, change, pointer) => {
    const before = await kept();
    const { status, type, body } = await put(before.revision, change(before.occasion));
    expect(status).toBe(422);
    expect(type).toMatch(/^application\/problem\+json/);
    const problem = body as ProblemDocument;
    expect(problem.code).toBe('invalid-field');
    expect(problem.errors!.map((error) => error.pointer).filter((each) => pointer.test(each))).not.toEqual([]);
    expect(await kept()).toEqual(before);
  });

  test('malformed JSON, poisoned keys, another media type, a body too large, an unknown address', async () => {
    const raw = (payload: string, type = 'application/json') =>
      test1.app.inject({
        method: 'PUT',
        url: '/api/occasions/sunday-lunch',
        headers: { ...host, 'content-type': type },
        payload,
      });
    const codes = async (response: Awaited<ReturnType<typeof raw>>) => [
      response.statusCode,
      (response.json() as ProblemDocument).code,
    ];
    expect(await codes(await raw('{"baseRevision":'))).toEqual([400, 'malformed-json']);
    expect(await codes(await raw('{"__proto__":{"polluted":true}}'))).toEqual([400, 'malformed-json']);
    expect(await codes(await raw('a,b', 'text/csv'))).toEqual([415, 'wrong-media-type']);
    expect(await codes(await raw(JSON.stringify({ baseRevision: 1, occasion: 'x'.repeat(5_000_000) })))).toEqual([
      413,
      'too-large',
    ]);
    expect(await call('GET', '/api/occasions/nowhere')).toMatchObject({
      status: 404,
      body: { code: 'unknown-occasion' },
    });
    expect(await call('GET', '/api/nothing')).toMatchObject({ status: 404, body: { code: 'not-found' } });
  });

  test('an occasion with another id than its address', async () => {
    const { occasion, revision } = await kept();
    expect(await put(revision, occasion, 'lantern-supper')).toMatchObject({
      status: 422,
      body: { errors: [{ pointer: '/occasion/id' }] },
    });
  });
});

test('pages from elsewhere, and other names for this machine, are turned away', async () => {
  expect(await call('GET', '/api/occasions', undefined, { host: 'evil.example' })).toMatchObject({
    status: 403,
    body: { code: 'wrong-host' },
  });
  expect(await call('GET', '/api/occasions', undefined, { origin: 'https://evil.example' })).toMatchObject({
    status: 403,
  });
  expect(await call('GET', '/api/occasions', undefined, { origin: 'http://127.0.0.1:4400' })).toMatchObject({
    status: 200,
  });
});

test('a new occasion starts with the usual kitchen, an id of its own, and nobody', async () => {
  const one = await call('POST', '/api/occasions', { name: 'Süße Runde!', date: '2027-02-01' });
  const two = await call('POST', '/api/occasions', { name: 'Süße Runde!', date: '2027-02-01' });
  expect([one.status, two.status]).toEqual([201, 201]);
  expect((one.body as KeptOccasion).occasion).toMatchObject({ id: 'su-e-runde', guests: [], dishes: [] });
  expect((two.body as KeptOccasion).occasion.id).toBe('su-e-runde-2');
  expect(await call('POST', '/api/occasions', { occasion: (one.body as KeptOccasion).occasion })).toMatchObject({
    status: 409,
    body: { code: 'occasion-exists' },
  });
  expect((await call('DELETE', '/api/occasions/su-e-runde-2')).status).toBe(204);
  expect((await call('GET', '/api/occasions/su-e-runde-2')).status).toBe(404);
});

describe('plans', () => {
  test('made over HTTP, they pass the audit over HTTP, and can be kept and read', async () => {
    const { occasion } = await kept();
    const made = await call('POST', '/api/plan', { occasion, seconds: 0.05 });
    expect(made.status).toBe(200);
    const report = await call('POST', '/api/audit', { occasion, plan: made.body });
    expect(report.body).toMatchObject({ passed: true, findings: [] });
    expect((await call('PUT', '/api/occasions/sunday-lunch/plan', { plan: made.body })).status).toBe(204);
    expect((await call('GET', '/api/occasions/sunday-lunch/plan')).body).toEqual(made.body);
  });

  test('as a calendar: of everybody, of one cook, and refused for a cook nobody knows', async () => {
    const { occasion } = await kept();
    const calendar = (query: string) =>
      test1.app.inject({ method: 'GET', url: `/api/occasions/sunday-lunch/calendar.ics${query}`, headers: host });
    expect((await call('GET', '/api/occasions/lantern-supper/calendar.ics')).body).toMatchObject({ code: 'no-plan' });
    const { body: plan } = await call('POST', '/api/plan', { occasion, seconds: 0.05 });
    await call('PUT', '/api/occasions/sunday-lunch/plan', { plan });
    const { headers, body } = await calendar('?alarm=10');
    expect(headers['content-type']).toBe('text/calendar; charset=utf-8');
    expect(body).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(body).toContain('TRIGGER:-PT10M');
    expect((await calendar(`?cook=${occasion.kitchen.cooks[0]!.id}`)).body).toContain('BEGIN:VEVENT');
    expect((await call('GET', '/api/occasions/sunday-lunch/calendar.ics?cook=nobody')).status).toBe(422);
    expect((await call('GET', '/api/occasions/sunday-lunch/calendar.ics?alarm=soon')).status).toBe(422);
    expect((await call('GET', '/api/occasions/nothing/calendar.ics')).status).toBe(404);
  });

  test('one with a finding, or of another state of the occasion, is not kept', async () => {
    const { occasion, revision } = await kept();
    const result = makePlan(occasion, { seconds: 0.05 });
    if (result.kind === 'none') throw new Error('no plan');
    const spoiled = { ...result.plan, tasks: result.plan.tasks.filter((task) => task.kind !== 'wash') };
    expect(await call('PUT', '/api/occasions/sunday-lunch/plan', { plan: spoiled })).toMatchObject({
      status: 422,
      body: { code: 'plan-has-findings' },
    });
    await put(revision, { ...occasion, serveAt: '13:30' });
    expect(await call('PUT', '/api/occasions/sunday-lunch/plan', { plan: result.plan })).toMatchObject({
      status: 409,
      body: { code: 'stale-plan' },
    });
  });

  test('how sure one is: counted over days, and refused for a plan the audit objects to', async () => {
    const { occasion } = await kept();
    const { body: plan } = (await call('POST', '/api/plan', { occasion, seconds: 0.05 })) as { body: Plan };
    const counted = await call('POST', '/api/chances', { occasion, plan, days: 300 });
    expect(counted.body).toMatchObject({ days: 300, buffers: [], servings: [{ atMin: 0 }, { atMin: 45 }] });
    expect((await call('POST', '/api/chances', { occasion, plan, days: 300 })).body).toEqual(counted.body);
    expect(
      await call('POST', '/api/chances', {
        occasion,
        plan: { ...plan, tasks: plan.tasks.filter((task) => task.kind !== 'oven') },
        days: 300,
      }),
    ).toMatchObject({ status: 422, body: { code: 'plan-has-findings' } });
    expect((await call('POST', '/api/chances', { occasion, plan, days: 0 })).status).toBe(422);
  });

  test('where none is possible, the answer says why and what would free it', async () => {
    const { occasion } = await kept();
    const nobody = {
      ...occasion,
      kitchen: { ...occasion.kitchen, cooks: [{ id: 'late', name: 'Late', windows: [{ fromMin: 0, toMin: 10 }] }] },
    };
    const answer = await call('POST', '/api/plan', { occasion: nobody, seconds: 0.05 });
    expect(answer).toMatchObject({
      status: 422,
      body: {
        code: 'no-plan-possible',
        reason: { tryThis: expect.stringMatching(/^Let a cook be there by \d\d:\d\d/) as string },
      },
    });
  });
});

test('the API describes itself, with a schema for every body', async () => {
  const { body } = await call('GET', '/api/openapi.json');
  const paths = (
    body as {
      paths: Record<
        string,
        Record<string, { requestBody?: { content: Record<string, { schema: { properties?: object } }> } }>
      >;
    }
  ).paths;
  expect(Object.keys(paths)).toEqual(
    expect.arrayContaining(['/api/occasions', '/api/occasions/{id}', '/api/plan', '/api/audit']),
  );
  expect(
    paths['/api/occasions/{id}']!['put']!.requestBody!.content['application/json']!.schema.properties,
  ).toHaveProperty('baseRevision');
});

describe('reading ingredient lines', () => {
  const read = (body: unknown) => call('POST', '/api/read/ingredient', body);

  test('one, or many, each with the place in the text that it rests on', async () => {
    const one = await read({ text: '2 tbsp butter or tahini' });
    expect(one.body).toMatchObject({
      possible: expect.arrayContaining([
        expect.objectContaining({ hazard: 'milk', level: 'possible', start: 7, end: 13 }),
        expect.objectContaining({ hazard: 'sesame', level: 'possible' }),
      ]) as unknown,
    });
    const many = await read({ texts: ['oat milk', '2 eggs'] });
    expect(many.body).toHaveLength(2);
  });

  test('nonsense is answered, too much is refused, nothing hangs', async () => {
    expect(await read({ text: '' })).toMatchObject({ status: 200, body: { contained: [], possible: [], unknown: [] } });
    expect(await read({ text: '[({<b>\u0000\u202e'.repeat(300) })).toMatchObject({ status: 200 });
    expect(await read({ text: 'x'.repeat(1_000_000) })).toMatchObject({ status: 422, body: { code: 'invalid-field' } });
    expect((await read({})).status).toBe(422);
    expect((await read({ texts: [1] })).status).toBe(422);
  });
});

test('a label is read over HTTP, with precautions as traces and contradictions in words', async () => {
  const { status, body } = await call('POST', '/api/read/label', {
    text: 'Vegan bites. Ingredients: oats, casein (MILK). May contain nuts.',
  });
  expect(status).toBe(200);
  expect(body).toMatchObject({
    animal: 'animal',
    contradictions: [expect.stringContaining('milk')],
    mayContain: expect.arrayContaining([expect.objectContaining({ hazard: 'tree-nut', level: 'trace' })]) as unknown,
  });
  expect((await call('POST', '/api/read/label', { text: 7 })).status).toBe(422);
});

describe('what is kept between occasions', () => {
  test('the address book: kept, changed on its latest revision only, taken out', async () => {
    const people = (await call('GET', '/api/people')).body as {
      revision: number;
      entry: { id: string; name: string; needs: unknown[] };
    }[];
    expect(people.map((each) => each.entry.id)).toContain('gus');
    const gus = people.find((each) => each.entry.id === 'gus')!;
    expect(
      (await call('PUT', '/api/people/gus', { baseRevision: gus.revision, entry: { ...gus.entry, name: 'Gus B.' } }))
        .body,
    ).toMatchObject({ revision: gus.revision + 1, entry: { name: 'Gus B.' } });
    const stale = await call('PUT', '/api/people/gus', { baseRevision: gus.revision, entry: gus.entry });
    expect([stale.status, stale.body]).toEqual([409, expect.objectContaining({ code: 'stale-revision' })]);
    expect((await call('DELETE', '/api/people/gus')).status).toBe(204);
    expect((await call('DELETE', '/api/people/gus')).body).toMatchObject({ code: 'unknown-entry' });
  });

  test('a product keeps its last label; a wrong hazard is named by its place', async () => {
    const entry = {
      id: 'cube-green',
      food: 'vegetable-stock-cube',
      product: 'Green cube',
      readOn: '2026-11-24',
      contains: ['celery'],
      mayContain: [],
    };
    expect((await call('PUT', '/api/products/cube-green', { baseRevision: 0, entry })).body).toMatchObject({
      revision: 1,
    });
    const wrong = await call('PUT', '/api/products/cube-green', {
      baseRevision: 1,
      entry: { ...entry, contains: ['dust'] },
    });
    expect((wrong.body as ProblemDocument).errors![0]!.pointer).toBe('/entry/contains/0');
  });

  test('a food of the user’s own; the id in the address must be its id', async () => {
    const entry = {
      id: 'family-paste',
      name: 'Family paste',
      kind: 'plain',
      contains: ['walnut'],
      possible: [],
      changedOn: '2026-11-24',
    };
    expect((await call('PUT', '/api/foods/family-paste', { baseRevision: 0, entry })).status).toBe(200);
    expect((await call('PUT', '/api/foods/other', { baseRevision: 0, entry })).status).toBe(422);
    expect((await call('GET', '/api/foods')).body).toMatchObject([{ entry: { contains: ['walnut'] } }]);
  });
});

describe('reading over HTTP', () => {
  test('an ingredient: contained, possible, animal, claims, each with its place', async () => {
    const { body } = await call('POST', '/api/read/ingredient', { text: '2 tbsp vegan butter or ghee' });
    expect(body).toMatchObject({
      possible: expect.arrayContaining([expect.objectContaining({ hazard: 'milk', words: 'ghee' })]) as unknown,
      claims: [{ claim: 'vegan', start: 7, end: 12 }],
      animal: 'possible',
    });
  });
  test.each([
    ['empty', ''],
    ['right to left', '\u202Emilk \u05D7\u05DC\u05D1'],
    ['combining', 'cre\u0300me frai\u0302che'],
    ['HTML', '<img src=x onerror=alert(1)> milk'],
    ['brackets', '('.repeat(2400) + 'milk'],
  ])('%s gets an answer', async (_, text) => {
    const { status, body } = await call('POST', '/api/read/ingredient', { text });
    expect([status, (body as { text: string }).text]).toEqual([200, text]);
  });
  test('a megabyte, a number and nothing at all are refused with their place', async () => {
    for (const payload of [{ text: 'x'.repeat(1_000_000) }, { text: 7 }, {}]) {
      const answer = await call('POST', '/api/read/label', payload);
      expect([answer.status, answer.type]).toEqual([422, expect.stringContaining('problem+json')]);
    }
  });
  test('a label nested ten thousand deep is read', async () => {
    const { body } = await call('POST', '/api/read/label', {
      text: `Ingredients: ${'('.repeat(10_000)}milk${')'.repeat(10_000)}`,
    });
    expect(body).toMatchObject({
      contained: expect.arrayContaining([expect.objectContaining({ hazard: 'milk' })]) as unknown,
    });
  });
});

describe('the recipe library', () => {
  const recipes = async () => (await call('GET', '/api/recipes')).body as Kept<Recipe>[];
  const toast = {
    id: 'toast',
    name: 'Toast',
    portions: 1,
    lines: [{ id: 'bread', text: '1 slice bread', food: 'bread', amount: { kind: 'count', count: 1, piece: 'slice' } }],
    steps: [
      {
        id: 'toast',
        title: 'Toast it',
        text: '',
        uses: ['bread'],
        durationMin: { least: 2, likely: 3, most: 4 },
        hands: 'on',
      },
    ],
    hold: { mostMin: 5, how: 'at once' },
  };

  test('a recipe is kept, changed by revision, given out in three formats, and taken out', async () => {
    expect((await call('PUT', '/api/recipes/toast', { baseRevision: 0, entry: toast })).body).toMatchObject({
      revision: 1,
      entry: { name: 'Toast' },
    });
    expect((await call('PUT', '/api/recipes/toast', { baseRevision: 0, entry: toast })).status).toBe(409);
    expect((await call('GET', '/api/recipes/toast/json-ld')).body).toMatchObject({
      '@type': 'Recipe',
      recipeIngredient: ['1 slice bread'],
    });
    const file = (await call('GET', '/api/recipes/toast/file')).body;
    const read = (await call('POST', '/api/read/recipe', { text: JSON.stringify(file) })).body as RecipesRead;
    expect(read.recipes[0]!.recipe).toMatchObject(toast);
    expect((await call('DELETE', '/api/recipes/toast')).status).toBe(204);
    expect((await call('GET', '/api/recipes/toast')).status).toBe(404);
  });

  test('a recipe made with itself is refused; one that others need stays', async () => {
    const part = (id: string, component: string) => ({
      ...toast,
      id,
      name: id,
      lines: [...toast.lines, { id: 'part', text: component, component, amount: { kind: 'batches', batches: 1 } }],
    });
    await call('PUT', '/api/recipes/a', { baseRevision: 0, entry: part('a', 'b') });
    const round = await call('PUT', '/api/recipes/b', { baseRevision: 0, entry: part('b', 'a') });
    expect([round.status, JSON.stringify(round.body)]).toEqual([422, expect.stringContaining('b → a → b')]);
    await call('PUT', '/api/recipes/b', { baseRevision: 0, entry: { ...toast, id: 'b' } });
    expect((await call('DELETE', '/api/recipes/b')).status).toBe(409);
    expect((await call('DELETE', '/api/recipes/a')).status).toBe(204);
    expect((await call('DELETE', '/api/recipes/b')).status).toBe(204);
    expect((await recipes()).some((each) => ['a', 'b'].includes(each.entry.id))).toBe(false);
  });

  test('reading: linked data as it is, faults as sentences, and what is not text is refused', async () => {
    const data = {
      '@type': 'Recipe',
      name: 'Tea',
      recipeIngredient: ['1 tea bag', '200 ml water'],
      recipeInstructions: 'Steep for 4 minutes.',
    };
    expect(((await call('POST', '/api/read/recipe', { data })).body as RecipesRead).recipes[0]!.recipe).toMatchObject({
      name: 'Tea',
      steps: [{ durationMin: { likely: 4 } }],
    });
    expect((await call('POST', '/api/read/recipe', { text: '{"@type":' })).body).toMatchObject({
      recipes: [],
      faults: [expect.stringContaining('not quite')],
    });
    expect((await call('POST', '/api/read/recipe', { text: 7 })).status).toBe(422);
    expect(
      (await call('POST', '/api/check/recipe', { recipe: { ...toast, steps: [{ ...toast.steps[0]!, uses: [] }] } }))
        .body,
    ).toMatchObject([{ code: 'unused-ingredient' }]);
    expect((await call('POST', '/api/check/recipe', { recipe: { ...toast, portions: null } })).status).toBe(422);
  });
});

test('advice and the shopping list are there for scripts', async () => {
  const { occasion } = await kept('lantern-supper');
  const bare = {
    ...occasion,
    dishes: occasion.dishes.map((dish) => ({ ...dish, versions: [{ ...dish.versions[0]!, swaps: [], guests: [] }] })),
  };
  const advice = (await call('POST', '/api/advise', { occasion: bare, policy: 'one-menu' })).body as {
    policy: string;
    changes: unknown[];
    after: Occasion;
  }[];
  expect(advice[0]).toMatchObject({ policy: 'one-menu' });
  expect(advice[0]!.changes.length).toBeGreaterThan(0);
  expect((await call('POST', '/api/advise', { occasion, policy: 'as you like' })).status).toBe(422);
  const shopping = (await call('POST', '/api/shopping', { occasion })).body as {
    items: { key: string; need: { massG: number } }[];
    csv: string;
  };
  expect(shopping.items.find((item) => item.key === 'celeriac')!.need.massG).toBeGreaterThan(500);
  expect(shopping.csv.split('\r\n')[0]).toMatch(/^aisle,item,id/);
});
