import { audit } from '../audit/index.ts';
import { fit } from '../fit/index.ts';
import { offersFor } from '../adapt/index.ts';
import { linkFaults, withoutDish, type Occasion, type Plan } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { scale } from '../scale/index.ts';
import { shoppingList } from '../shopping/index.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { tasksOf } from './network.ts';

type Loose = Record<string, unknown>;

const volume = (volumeMl: number) => ({ amount: { kind: 'volume', volumeMl } });
const minutes = (likely: number) => ({ durationMin: { least: likely, likely, most: likely } });
/** Pasta boiled and drained; its water is worth keeping. */
const pasta = recipe(
  'pasta',
  [line('pasta', 'dried-pasta'), line('salt', 'salt')],
  [
    step('boil', {
      uses: ['pasta', 'salt'],
      after: [],
      hands: 'off',
      burner: true,
      kit: [{ kind: 'large-pot', as: 'pot' }],
      ...minutes(10),
    }),
    step('drain', { kit: [{ kind: 'large-pot', as: 'pot' }, { kind: 'sieve' }] }),
  ],
);
/** A sauce of beans thinned with stock, which the pasta's water can take the place of. */
const sauce = recipe(
  'sauce',
  [line('beans', 'chickpeas'), line('stock', 'vegetable-stock', volume(300))],
  [
    step('mash', { uses: ['beans'], after: [], kit: [{ kind: 'saucepan', as: 'pan' }] }),
    step('thin', { uses: ['stock'], burner: true, kit: [{ kind: 'saucepan', as: 'pan' }, { kind: 'spoon' }] }),
  ],
);
const kit = [
  unit('pot-1', 'large-pot'),
  unit('pan-1', 'saucepan'),
  unit('sieve-1', 'sieve'),
  unit('spoon-1', 'spoon'),
  unit('bowl-1', 'bowl'),
  unit('bowl-2', 'bowl'),
];
const takes = { takes: [{ line: 'stock', from: 'pasta', step: 'boil' }] };
const evening = (more: { guests?: Loose[]; dishes?: Loose[]; recipes?: Loose[] } = {}): Occasion =>
  occasion({
    guests: more.guests ?? [guest('ada'), guest('bo')],
    recipes: more.recipes ?? [pasta, sauce],
    dishes: more.dishes ?? [dish('pasta'), dish('sauce', 'sauce', takes)],
    kit,
  });
const planOf = (one: Occasion): Plan => {
  const made = makePlan(one, { seconds: 0.2 });
  if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
  return made.plan;
};
const verdictOf = (one: Occasion, guestId: string, dishId: string) =>
  fit(one)
    .rows.find((row) => row.dish.id === dishId)!
    .cells.get(guestId as never)!.judgement;
const startOf = (plan: Plan, task: string) => plan.tasks.find((each) => each.id === task)!.startMin;
const endOf = (plan: Plan, task: string) => plan.tasks.find((each) => each.id === task)!.endMin;

test('what was in the pot comes over: the sauce holds what the pasta holds, and says from where', () => {
  const coeliac = [guest('ada'), guest('wren', noTrace('gluten'))];
  expect(
    verdictOf(evening({ guests: coeliac, dishes: [dish('pasta'), dish('sauce')] }), 'wren', 'sauce').verdict,
  ).not.toBe('conflict');
  const judged = verdictOf(evening({ guests: coeliac }), 'wren', 'sauce');
  expect(judged.verdict).toBe('conflict');
  expect(JSON.stringify(judged.reasons)).toContain('pasta');
});

test('a version that has something else there takes nothing', () => {
  const own = { kind: 'own', line: 'stock', name: 'water', with: [{ food: 'water', ratio: 1 }] };
  const versions = [
    { id: 'plain', name: 'as written', swaps: [], guests: [] },
    { id: 'wren', name: 'with water', swaps: [own], guests: ['wren'] },
  ];
  const one = evening({
    guests: [guest('ada'), guest('wren', noTrace('gluten'))],
    dishes: [dish('pasta'), dish('sauce', 'sauce', { ...takes, versions })],
  });
  expect(verdictOf(one, 'wren', 'sauce').verdict).not.toBe('conflict');
  const { batches } = tasksOf(one, fit(one));
  const versionOf = (id: string) => batches.find((batch) => batch.id === id)!;
  expect(versionOf('sauce.wren').lineage).toEqual(['sauce.wren']);
  expect(versionOf('sauce.plain').lineage).toContain('pasta.plain');
});

test('whoever may not have it is offered what the recipe has there', () => {
  const one = evening({ guests: [guest('ada'), guest('wren', noTrace('gluten'))] });
  const row = fit(one).rows.find((each) => each.dish.id === 'sauce')!;
  const [offer] = offersFor(one, row, 'wren' as never);
  expect(offer?.lines.map((each) => each.line)).toEqual(['stock']);
  expect(offer?.lines[0]!.options.map(({ name }) => name)).toContain('vegetable stock');
  expect(offer?.verdictAfter).not.toBe('conflict');
});

test('the share is taken when the pasta is boiled and before it is drained', () => {
  const one = evening();
  const plan = planOf(one);
  expect(audit(one, plan).findings).toEqual([]);
  const take = 'sauce.plain.take--stock';
  expect(startOf(plan, take)).toBeGreaterThanOrEqual(endOf(plan, 'pasta.plain.boil'));
  expect(startOf(plan, 'pasta.plain.drain')).toBeGreaterThanOrEqual(endOf(plan, take));
  expect(startOf(plan, 'sauce.plain.thin')).toBeGreaterThanOrEqual(endOf(plan, take));
  expect(plan.tasks.filter((each) => each.kind === 'step')).toHaveLength(5);
});

test('whoever boils it is told to keep it, and for what', () => {
  const one = evening();
  const { tasks } = tasksOf(one, fit(one));
  expect(tasks.find(({ id }) => id === 'pasta.plain.boil')!.step.text).toMatch(/Keep the liquid.*‘sauce’/);
});

test('the audit sees when it is drained before the share is out', () => {
  const one = evening();
  const plan = planOf(one);
  const drain = plan.tasks.find(({ id }) => id === 'pasta.plain.drain')!;
  const take = plan.tasks.find(({ id }) => id === 'sauce.plain.take--stock')!;
  const boiledMin = endOf(plan, 'pasta.plain.boil');
  const late = 20;
  const moved = {
    ...plan,
    tasks: plan.tasks.map((each) => {
      if (each === drain) return { ...drain, startMin: boiledMin, endMin: boiledMin + drain.endMin - drain.startMin };
      if (each === take) return { ...take, startMin: boiledMin + late, endMin: boiledMin + late + 2 };
      return each;
    }),
  };
  expect(audit(one, moved).findings.filter(({ code }) => code === 'order')).toContainEqual(
    expect.objectContaining({ message: expect.stringContaining('has its share') }),
  );
});

test('and when the sauce is thinned before anything was taken', () => {
  const one = evening();
  const plan = planOf(one);
  const without = { ...plan, tasks: plan.tasks.filter(({ id }) => id !== 'sauce.plain.take--stock') };
  expect(audit(one, without).findings.map(({ code }) => code)).toContain('missing-step');
});

test('what the eater of the sauce may not meet is kept from the pot that its liquid comes from', () => {
  const rice = { ...pasta, lines: [line('pasta', 'rice'), line('salt', 'salt')] };
  const cake = recipe(
    'nutcake',
    [line('nuts', 'walnut')],
    [
      step('crush', { uses: ['nuts'], after: [], kit: [{ kind: 'large-pot' }, { kind: 'spoon' }] }),
      step('press', { kit: [{ kind: 'bowl', as: 'tin' }] }),
      step('set', { hands: 'off', kit: [{ kind: 'bowl', as: 'tin' }], ...minutes(180) }),
    ],
  );
  const one = evening({
    recipes: [rice, sauce, cake],
    guests: [guest('ada'), guest('wren', noTrace('tree-nut'))],
    dishes: [dish('pasta', 'pasta', { notFor: ['wren'] }), dish('sauce', 'sauce', takes), dish('nutcake')],
  });
  const boil = tasksOf(one, fit(one)).tasks.find(({ id }) => id === 'pasta.plain.boil')!;
  expect(boil.guards.filter(({ guests }) => guests.includes('wren' as never)).map(({ mark }) => mark)).toContain(
    'walnut',
  );
  const drain = tasksOf(one, fit(one)).tasks.find(({ id }) => id === 'pasta.plain.drain')!;
  expect(drain.guards.filter(({ guests }) => guests.includes('wren' as never)).map(({ mark }) => mark)).not.toContain(
    'walnut',
  );
  const plan = planOf(one);
  expect(audit(one, plan).findings).toEqual([]);
  // The audit follows it by itself: the pot that nuts were crushed in is used for the pasta, and without its wash the plan does not pass.
  const unwashed = { ...plan, tasks: plan.tasks.filter(({ kind }) => kind !== 'wash') };
  const crossings = audit(one, unwashed).findings.filter(({ code }) => code === 'crossing');
  expect(crossings).toContainEqual(
    expect.objectContaining({ guests: ['wren'], tasks: expect.arrayContaining(['pasta.plain.boil']) }),
  );
});

test('what is only feared of the pot is the taker’s own too, and crosses over to nobody', () => {
  const stocked = {
    ...pasta,
    lines: [line('pasta', 'rice'), line('cube', 'stock-cube')],
    steps: [{ ...(pasta['steps'] as Loose[])[0], uses: ['pasta', 'cube'] }, (pasta['steps'] as Loose[])[1]],
  };
  const plain = { ...sauce, lines: [line('beans', 'chickpeas'), line('stock', 'water', volume(300))] };
  const one = evening({
    recipes: [stocked, plain],
    guests: [guest('wren', noTrace('milk'))],
    dishes: [dish('pasta'), dish('sauce', 'sauce', takes)],
  });
  expect(verdictOf(one, 'wren', 'sauce').verdict).toBe('check');
  expect(audit(one, planOf(one)).findings).toEqual([]);
});

test('what a dish does after its share is out is none of the taker’s: raw egg that is baked then is nobody’s fault', () => {
  const baked = {
    ...pasta,
    lines: [...(pasta['lines'] as Loose[]), line('egg', 'egg')],
    steps: [
      ...(pasta['steps'] as Loose[]),
      step('bind', { uses: ['egg'], kit: [{ kind: 'gratin-dish', as: 'dish' }] }),
      step('bake', {
        hands: 'off',
        oven: { temperatureC: 180 },
        coreC: 75,
        kit: [{ kind: 'gratin-dish', as: 'dish' }],
        ...minutes(20),
      }),
    ],
  };
  const one = occasion({
    guests: [guest('ada')],
    recipes: [baked, sauce],
    dishes: [dish('pasta'), dish('sauce', 'sauce', takes)],
    kit: [...kit, unit('dish-1', 'gratin-dish', 'ceramic')],
  });
  expect(audit(one, planOf(one)).findings).toEqual([]);
});

test('what is cooked only by the taker is kept from raw food all the same: it is eaten as it is, too', () => {
  const soaked = recipe(
    'soaked',
    [line('pears', 'pear')],
    [step('soak', { uses: ['pears'], after: [], kit: [{ kind: 'bowl', as: 'bowl' }], leaves: ['soaking water'] })],
  );
  const boiled = recipe(
    'boiled',
    [line('wet', 'water', volume(300))],
    [step('boil', { uses: ['wet'], after: [], burner: true, coreC: 99, kit: [{ kind: 'saucepan', as: 'pan' }] })],
  );
  const one = occasion({
    guests: [guest('ada')],
    recipes: [soaked, boiled],
    dishes: [dish('soaked'), dish('boiled', 'boiled', { takes: [{ line: 'wet', from: 'soaked', step: 'soak' }] })],
    kit,
  });
  const soak = tasksOf(one, fit(one)).tasks.find(({ id }) => id === 'soaked.plain.soak')!;
  expect(soak.guards.map(({ mark }) => mark)).toContain('raw-egg');
});

test('it grows with the dish, and not as water to boil in does', () => {
  const keeping = {
    ...pasta,
    steps: [{ ...(pasta['steps'] as Loose[])[0], leaves: ['the cooking water'] }, (pasta['steps'] as Loose[])[1]],
  };
  const one = evening({
    recipes: [keeping, sauce],
    guests: Array.from({ length: 12 }, (_, at) => guest(`guest-${at}`)),
  });
  const ofSauce = scale(one, fit(one)).find((each) => each.dish === 'sauce')!;
  expect(ofSauce.lines.find((each) => each.line.id === 'stock')!.amount).toEqual({ kind: 'volume', volumeMl: 900 });
});

test('it is measured and not bought, nor is what comes over with it bought twice', () => {
  const one = evening();
  const table = fit(one);
  const made = scale(one, table);
  const ofSauce = made.find((each) => each.dish === 'sauce')!;
  expect(ofSauce.lines.map(({ line: { id } }) => id)).toEqual(['beans', 'stock']);
  const bought = shoppingList(one, made, []).items.map(({ key, sources }) => [key, sources.length]);
  expect(bought).toContainEqual(['dried-pasta', 1]);
  expect(bought.map(([key]) => key)).not.toContain('vegetable-stock');
});

test('several dishes take from one pot, and one from a dish that takes itself', () => {
  const soup = { ...sauce, id: 'soup', name: 'soup' };
  const gravy = recipe(
    'gravy',
    [line('wet', 'vegetable-stock', volume(100)), line('starch', 'cornflour')],
    [step('whisk', { uses: ['wet', 'starch'], after: [], burner: true, kit: [{ kind: 'saucepan' }] })],
  );
  const one = occasion({
    guests: [guest('ada')],
    recipes: [pasta, sauce, soup, gravy],
    dishes: [
      dish('pasta'),
      dish('sauce', 'sauce', takes),
      dish('soup', 'soup', takes),
      dish('gravy', 'gravy', { takes: [{ line: 'wet', from: 'soup', step: 'thin' }] }),
    ],
    kit: [...kit, unit('pan-2', 'saucepan'), unit('pan-3', 'saucepan'), unit('bowl-3', 'bowl'), unit('bowl-4', 'bowl')],
  });
  const plan = planOf(one);
  expect(audit(one, plan).findings).toEqual([]);
  const drained = startOf(plan, 'pasta.plain.drain');
  for (const each of ['sauce', 'soup']) expect(endOf(plan, `${each}.plain.take--stock`)).toBeLessThanOrEqual(drained);
  const { batches } = tasksOf(one, fit(one));
  expect(batches.find(({ id }) => id === 'gravy.plain')!.lineage).toContain('pasta.plain');
});

test('two versions of what is taken from share their pot; the liquid comes out of that', () => {
  const split = {
    ...pasta,
    lines: [...(pasta['lines'] as Loose[]), line('cheese', 'parmesan')],
    steps: [
      { ...(pasta['steps'] as Loose[])[0], splitPoint: true },
      (pasta['steps'] as Loose[])[1],
      step('top', { uses: ['cheese'], kit: [{ kind: 'bowl', as: 'dish' }] }),
    ],
  };
  const versions = [
    { id: 'plain', name: 'as written', swaps: [], guests: [] },
    { id: 'bare', name: 'bare', swaps: [{ kind: 'omit', line: 'cheese' }], guests: ['bo'] },
  ];
  const one = occasion({
    guests: [guest('ada'), guest('bo')],
    recipes: [split, sauce],
    dishes: [dish('pasta', 'pasta', { versions }), dish('sauce', 'sauce', takes)],
    kit: [...kit, unit('pot-2', 'large-pot'), unit('sieve-2', 'sieve'), unit('bowl-3', 'bowl'), unit('bowl-4', 'bowl')],
  });
  const plan = planOf(one);
  expect(audit(one, plan).findings).toEqual([]);
  const { batches } = tasksOf(one, fit(one));
  expect(batches.find(({ id }) => id === 'sauce.plain')!.lineage).toContain('pasta.base');
});

test.each([
  [
    'itself',
    'sauce',
    [dish('pasta'), dish('sauce', 'sauce', { takes: [{ line: 'stock', from: 'sauce', step: 'thin' }] })],
    /not from itself/,
  ],
  ['a dish that is not there', 'sauce', [dish('sauce', 'sauce', takes)], /no dish "pasta"/],
  [
    'each other',
    'sauce',
    [dish('pasta', 'pasta', { takes: [{ line: 'salt', from: 'sauce', step: 'thin' }] }), dish('sauce', 'sauce', takes)],
    /each take from the other/,
  ],
  [
    'what others cook',
    'sauce',
    [
      dish('pasta', 'pasta', { brought: { how: 'guest', by: 'Ada', sealed: false, answers: [] } }),
      dish('sauce', 'sauce', takes),
    ],
    /others cook/,
  ],
  [
    'a line that is not there',
    'sauce',
    [dish('pasta'), dish('sauce', 'sauce', { takes: [{ line: 'wine', from: 'pasta', step: 'boil' }] })],
    /no line "wine"/,
  ],
])('a dish that takes from %s is refused with a sentence', (_what, _id, dishes, words) => {
  const sound = evening({ dishes: [dish('pasta'), dish('sauce')] });
  const loose = dishes.map((each) => ({
    notFor: [],
    shares: [],
    takes: [],
    choices: [],
    share: 1,
    extraPortions: 0,
    ...each,
  }));
  const faults = linkFaults({ ...sound, dishes: loose as never });
  expect(faults.map(({ message }) => message).join(' ')).toMatch(words);
});

test('a dish taken off the menu gives nothing any more, and what is not in the recipe is not taken', () => {
  const one = evening();
  expect(withoutDish(one, 'pasta').dishes[0]!.takes).toEqual([]);
  const stale = evening({
    dishes: [dish('pasta'), dish('sauce', 'sauce', { takes: [{ line: 'stock', from: 'pasta', step: 'fry' }] })],
  });
  expect(tasksOf(stale, fit(stale)).tasks).toHaveLength(4);
});
