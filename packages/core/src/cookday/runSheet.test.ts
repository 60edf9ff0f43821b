import { demo } from '../../test-support/demo.ts';
import { planned } from '../../test-support/planned.ts';
import { clockTime, dayWords, span } from '../model/index.ts';
import { listed } from '../model/index.ts';
import { dish, guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import { makePlan } from '../plan/index.ts';
import { rawWords, runSheet, type StepEntry } from './runSheet.ts';

const sunday = demo('sunday-lunch');
const plan = planned(sunday);
const entries = runSheet(sunday, plan);

test('every task of the plan is on the sheet, in time order', () => {
  const ids = new Set(entries.map((entry) => entry.id));
  expect(plan.tasks.filter((task) => !ids.has(task.id))).toEqual([]);
  expect(entries.map((entry) => entry.startMin)).toEqual(entries.map((entry) => entry.startMin).sort((a, b) => a - b));
});

test('a step brings its amounts for these portions, its sign, its rack, and for whom it is kept free', () => {
  const roast = entries.find((entry): entry is StepEntry => entry.id === 'potatoes.as-written.roast')!;
  expect(roast).toMatchObject({
    hands: 'off',
    until: 'deep gold all round',
    freeFrom: ['tree nuts', 'gluten'],
    freeFor: ['nell', 'hugo'],
  });
  expect(roast.oven).toMatchObject({
    temperatureC: expect.any(Number) as number,
    rack: expect.stringMatching(/rack/) as string,
  });
  const cut = entries.find((entry): entry is StepEntry => entry.id === 'potatoes.as-written.cut')!;
  expect(cut.amounts[0]!.massG).toBeCloseTo((1000 * 3.6) / 4, 6);
});

test('what a way of eating keeps kit free for stands there by its name', () => {
  const alpha = { id: 'alpha', kind: 'regimen', regimen: 'alpha-gal', strictness: 'no-trace' };
  const one = occasion({
    guests: [guest('ana', alpha)],
    recipes: [recipe('rice', [line('rice', 'rice')], [step('stir', { uses: ['rice'] })])],
    dishes: [dish('rice')],
  });
  const made = makePlan(one, { seconds: 0 });
  if (made.kind === 'none') throw new Error(made.reason.why);
  const [stir] = runSheet(one, made.plan);
  expect(stir).toMatchObject({ freeFrom: ['alpha-gal'], freeFor: ['ana'] });
});

test('turning and taking out stand on the sheet as moments of their own', () => {
  const looks = entries
    .filter((entry) => entry.kind === 'look' && entry.of === 'potatoes.as-written.roast')
    .map((entry) => entry.title);
  expect(looks).toEqual(['Roast the potatoes: turn the potatoes', 'Roast the potatoes: look, and out of the oven']);
});

test('where something is raw it says what is washed; of what it was turned in, that the rest is thrown away', () => {
  const words = (food: string, text: string): string | undefined => {
    const one = occasion({
      guests: [guest('ana')],
      recipes: [
        recipe(
          'bites',
          [line('it', food)],
          [
            step('ready', { uses: ['it'], after: [], text }),
            step('fry', { after: [{ step: 'ready' }], burner: true, coreC: 74 }),
          ],
        ),
      ],
      dishes: [dish('bites')],
    });
    const made = makePlan(one, { seconds: 0.1 });
    if (made.kind === 'none') throw new Error(made.reason.what);
    return rawWords(runSheet(one, made.plan)[0] as StepEntry);
  };
  expect(words('chicken', 'Cut it into strips.')).toMatch(/^Raw: .* washed before anything else is\.$/);
  for (const text of ['Dredge it in flour.', 'Roll them in crumbs.', 'Dip into the egg.', 'Marinate for an hour.'])
    expect(words('chicken', text)).toMatch(/throw it away/);
  expect(words('carrot', 'Dredge it in flour.')).toBeUndefined();
});

test('a wash says what is on hands and kit, and what comes next', () => {
  const wash = entries.find((entry) => entry.kind === 'wash' && entry.carries.includes('raw poultry'));
  expect(wash).toMatchObject({ items: expect.arrayContaining(['hands']) as string[], raw: true });
  for (const entry of entries) {
    if (entry.kind !== 'wash') continue;
    expect(entry.next.map((next) => next.atMin >= entry.endMin)).toEqual(entry.next.map(() => true));
    expect(entry.next).not.toEqual([]);
  }
});

test.each([
  [-85, '16:35', ''],
  [-1110, '23:30', 'the day before'],
  [-1300, '20:20', 'the day before'],
  [400, '00:40', 'the day after'],
])('%d min from 18:00', (moment, clock, day) => {
  expect([clockTime('18:00', moment), dayWords('18:00', moment)]).toEqual([clock, day]);
});

test('words', () => {
  expect([listed([]), listed(['a']), listed(['a', 'b', 'c'])]).toEqual(['', 'a', 'a, b and c']);
  expect([span(45), span(120), span(125)]).toEqual(['45 min', '2 h', '2 h 05']);
});
