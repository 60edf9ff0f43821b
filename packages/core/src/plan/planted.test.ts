import * as v from 'valibot';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import { Occasion } from '../model/index.ts';
import { makePlan } from './make.ts';
import { remedied, remedyWords } from './remedies.ts';

type Loose = Record<string, unknown>;

const ana = guest('ana');
const wren = guest('wren', noTrace('gluten'));
const cook = (fromMin: number, toMin: number, extra: Loose = {}): Loose => ({
  id: 'cook',
  name: 'Ana',
  windows: [{ fromMin, toMin }],
  ...extra,
});
const takes = (min: number): Loose => ({ durationMin: { least: min, likely: min, most: min } });
const work = (id: string, min: number, extra: Loose = {}): Loose => step(id, { uses: ['it'], ...takes(min), ...extra });
const made = (id: string, steps: Loose[], extra: Loose = {}, food = 'potato'): Loose =>
  recipe(id, [line('it', food)], steps, extra);
const atOnce = { hold: { mostMin: 5, how: 'hot' } };
const held = (kind: string): Loose => ({ kit: [{ kind, as: 'it' }] });
const inOven = (temperatureC: number, extra: Loose = {}): Loose => ({ hands: 'off', oven: { temperatureC, ...extra } });

/** The same with something of its kitchen, or of the whole, changed. */
const changed = (one: Occasion, kitchen: Loose, rest: Loose = {}): Occasion =>
  v.parse(Occasion, { ...one, ...rest, kitchen: { ...one.kitchen, ...kitchen } });
const withKit = (one: Occasion, ...more: Loose[]): Occasion => changed(one, { kit: [...one.kitchen.kit, ...more] });
const later = (one: Occasion, recipeId: string, minutes: number): Occasion =>
  changed(
    one,
    {},
    {
      courses: [...one.courses, { id: 'after', name: 'After', offsetMin: minutes }],
      dishes: one.dishes.map((each) => (each.recipe === recipeId ? { ...each, course: 'after' } : each)),
    },
  );

interface Planted {
  readonly one: Occasion;
  /** What a cook must be told is the cause. */
  readonly why: RegExp;
  /** What would free it, as it is told; and that very change. */
  readonly tryThis: RegExp;
  readonly freed: (one: Occasion) => Occasion;
}

const planted: Readonly<Record<string, Planted>> = {
  'one serving dish for two dishes': {
    one: occasion({
      guests: [ana],
      kit: [unit('dish', 'serving-dish')],
      recipes: ['soup', 'stew'].map((id) => made(id, [work('serve', 5, held('serving-dish'))])),
    }),
    why: /not enough kit of its kinds: serving dish/,
    tryThis: /one more serving dish/,
    freed: (one) => withKit(one, unit('dish-2', 'serving-dish')),
  },
  'a gravy of the water of potatoes that nobody is served': {
    one: occasion({
      guests: [ana],
      recipes: [made('potatoes', [work('boil', 5, { burner: true, hands: 'off' })]), made('gravy', [work('stir', 5)])],
      dishes: [
        dish('potatoes', 'potatoes', { notFor: ['ana'] }),
        dish('gravy', 'gravy', { takes: [{ line: 'it', from: 'potatoes', step: 'boil' }] }),
      ],
    }),
    why: /Nobody is served potatoes/,
    tryThis: /make gravy with what its recipe has, or serve potatoes/,
    freed: (one) => changed(one, {}, { dishes: one.dishes.map((each) => ({ ...each, notFor: [] })) }),
  },
  'only a wooden board for a no-trace guest': {
    one: occasion({
      guests: [ana, wren],
      kit: [unit('old', 'board', 'wood')],
      recipes: [made('plums', [work('stone', 5, { kit: [{ kind: 'board' }] })], {}, 'plum')],
    }),
    why: /no piece can be clean enough/,
    tryThis: /one more board of a kind that comes clean/,
    freed: (one) => withKit(one, unit('new', 'board', 'plastic')),
  },
  'nobody works with knives': {
    one: occasion({
      guests: [ana],
      cooks: [cook(-600, 60, { leaves: ['knives'] })],
      kit: [unit('knife', 'knife')],
      recipes: [made('salad', [work('cut', 5, { kit: [{ kind: 'knife' }] })])],
    }),
    why: /work with knives, which nobody in the kitchen does/,
    tryThis: /Let a cook do that/,
    freed: (one) => changed(one, { cooks: [cook(-600, 60)] }),
  },
  'one cook leaves the knives, the other the heat, and it needs both': {
    one: occasion({
      guests: [ana],
      cooks: [cook(-600, 60, { leaves: ['knives'] }), cook(-600, 60, { id: 'bo', name: 'Bo', leaves: ['heat'] })],
      kit: [unit('knife', 'knife')],
      recipes: [made('fritters', [work('fry', 5, { kit: [{ kind: 'knife' }], burner: true })])],
    }),
    why: /work with knives and work at the heat: nobody does all of that/,
    tryThis: /Let a cook do that/,
    freed: (one) => changed(one, { cooks: [cook(-600, 60)] }),
  },
  'a soak of a night, and the cook comes in the afternoon': {
    one: occasion({
      guests: [ana],
      cooks: [cook(-180, 60)],
      recipes: [
        made('beans', [
          work('soak', 5),
          step('boil', { after: [{ step: 'soak', leastMin: 480, mostMin: 900 }], ...takes(20) }),
        ]),
      ],
    }),
    why: /over by 09:40; Ana is in the kitchen only from 15:00/,
    tryThis: /be there by 09:35/,
    freed: (one) => changed(one, { cooks: [cook(-505, 60)] }),
  },
  'a braise of two hours, and the cook comes an hour before': {
    one: occasion({
      guests: [ana],
      cooks: [cook(-60, 60)],
      recipes: [
        made('stew', [
          work('prepare', 30),
          step('braise', { after: [{ step: 'prepare' }], hands: 'off', burner: true, ...takes(120) }),
        ]),
      ],
    }),
    why: /over by 16:00; Ana is in the kitchen only from 17:00/,
    tryThis: /be there by 15:30/,
    freed: (one) => changed(one, { cooks: [cook(-155, 60)] }),
  },
  'the cook is gone before the last minutes': {
    one: occasion({
      guests: [ana],
      cooks: [cook(-600, -30)],
      recipes: [made('fish', [work('fry', 10)], atOnce)],
    }),
    why: /cannot begin before 17:45; Ana is in the kitchen only until 17:30/,
    tryThis: /be there until 17:55/,
    freed: (one) => changed(one, { cooks: [cook(-600, -5)] }),
  },
  'two dishes boil in the last minutes on one burner': {
    one: occasion({
      guests: [ana],
      burners: 1,
      recipes: ['peas', 'rice'].map((id) => made(id, [work('boil', 20, { hands: 'off', burner: true })], atOnce)),
    }),
    why: /The one burner is taken when it is wanted/,
    tryThis: /one more burner/,
    freed: (one) => changed(one, { burners: 2 }),
  },
  'two things are carved in the last minutes by one cook': {
    one: occasion({ guests: [ana], recipes: ['bird', 'ham'].map((id) => made(id, [work('carve', 10)], atOnce)) }),
    why: /One pair of hands is short of 5 min/,
    tryThis: /Ask a helper, or serve ham 5 min later/,
    freed: (one) => later(one, 'ham', 5),
  },
  'no place in the freezer': {
    one: changed(
      occasion({ guests: [ana], recipes: [made('ice', [work('freeze', 240, { hands: 'off', cold: 'freezer' })])] }),
      { freezerPlaces: 0 },
    ),
    why: /a place in the freezer; there is none/,
    tryThis: /Make room in the freezer/,
    freed: (one) => changed(one, { freezerPlaces: 1 }),
  },
  'an oven without a grill': {
    one: changed(
      occasion({ guests: [ana], recipes: [made('toast', [work('grill', 6, inOven(220, { grill: true }))])] }),
      {
        oven: { racks: 2, mostC: 250, grill: false },
      },
    ),
    why: /no oven of this kitchen reaches that with a grill/,
    tryThis: /correct the oven/,
    freed: (one) => changed(one, { oven: { racks: 2, mostC: 250, grill: true } }),
  },
  'an oven that is not hot enough': {
    one: changed(
      occasion({ guests: [ana], recipes: [made('flatbread', [work('bake', 6, inOven(280, { toleranceC: 5 }))])] }),
      { oven: { racks: 2, mostC: 220 } },
    ),
    why: /280 °C; no oven/,
    tryThis: /correct the oven/,
    freed: (one) => changed(one, { oven: { racks: 2, mostC: 300 } }),
  },
  'a pie in the oven and a finish under its grill, both at once': {
    one: occasion({
      guests: [ana],
      recipes: [
        made('toast', [work('grill', 6, inOven(220, { grill: true }))], { hold: { mostMin: 2, how: 'hot' } }),
        made('pie', [work('bake', 40, inOven(180))], { hold: { mostMin: 2, how: 'hot' } }),
      ],
    }),
    why: /180 °C, the other 220 °C, under the grill alone/,
    tryThis: /second oven/,
    freed: (one) => changed(one, { moreOvens: [{ name: 'Little', racks: 1, mostC: 250 }] }),
  },
  'two heats in one oven': {
    one: occasion({
      guests: [ana],
      recipes: [
        made('meringue', [work('bake', 60, inOven(100, { toleranceC: 5 }))], atOnce),
        made('potatoes', [work('roast', 45, inOven(220))], atOnce),
      ],
    }),
    why: /100 °C, the other 220 °C/,
    tryThis: /second oven/,
    freed: (one) => changed(one, { moreOvens: [{ name: 'Little', racks: 1, mostC: 250 }] }),
  },
  'a grater that is not there': {
    one: occasion({ guests: [ana], recipes: [made('slaw', [work('grate', 5, { kit: [{ kind: 'grater' }] })])] }),
    why: /needs a grater; the kitchen has none/,
    tryThis: /Add a grater/,
    freed: (one) => withKit(one, unit('grater', 'grater')),
  },
  'a cook who is out when it is fried': {
    one: changed(
      occasion({ guests: [ana], recipes: [made('fish', [work('fry', 10)], atOnce)] }),
      {},
      {
        wishes: { absences: [{ cook: 'cook', fromMin: -60, toMin: 20 }] },
      },
    ),
    why: /without it there is a plan/,
    tryThis: /take it back/,
    freed: (one) => changed(one, {}, { wishes: {} }),
  },
  'done by a time at which it would stand too long': {
    one: changed(
      occasion({ guests: [ana], recipes: [made('fish', [work('fry', 10)], atOnce)] }),
      {},
      {
        wishes: { pins: [{ task: 'fish.plain.fry', endsByMin: -60 }] },
      },
    ),
    why: /without it there is a plan/,
    tryThis: /take it back/,
    freed: (one) => changed(one, {}, { wishes: {} }),
  },
  'meat that no step cooks': {
    one: occasion({ guests: [ana], recipes: [made('tartare', [work('chop', 5)], {}, 'beef-mince')] }),
    why: /No step of tartare cooks raw meat/,
    tryThis: /which temperature its last hot step reaches/,
    freed: (one) => ({
      ...one,
      recipes: one.recipes.map((each) => ({ ...each, steps: each.steps.map((it) => ({ ...it, coreC: 75 })) })),
    }),
  },
  'no cook to the end of a stir': {
    one: occasion({
      guests: [ana],
      cooks: [cook(-40, -20), cook(-15, 60, { id: 'other', name: 'Bo' })],
      recipes: [made('custard', [work('stir', 25)], atOnce)],
    }),
    why: /Nobody who can do it is in the kitchen when it must be done/,
    tryThis: /Give a cook more time/,
    freed: (one) => changed(one, { cooks: [cook(-40, 60)] }),
  },
};

test.each(Object.entries(planted))('%s: told rightly, and freed by what is told', (_, { one, why, tryThis, freed }) => {
  const result = makePlan(one, { seconds: 0.02 });
  expect(result).toMatchObject({
    kind: 'none',
    reason: { why: expect.stringMatching(why) as string, tryThis: expect.stringMatching(tryThis) as string },
  });
  const after = freed(one);
  const plan = makePlan(after, { seconds: 0.02 });
  expect(plan).toMatchObject({ kind: 'plan' });
  if (plan.kind === 'plan') expect(audit(after, plan.plan).findings).toEqual([]);
});

/** Raw food is cooked by saying so of a step, beside that food (`recipes/check`); kit that is not there at all has its own list. */
const pressedElsewhere = ['meat that no step cooks', 'a grater that is not there'];

test.each(Object.entries(planted).filter(([name]) => !pressedElsewhere.includes(name)))(
  '%s: what can be pressed frees it',
  (_, { one }) => {
    const result = makePlan(one, { seconds: 0.02 });
    const frees = result.kind === 'none' ? result.reason.frees! : [];
    expect(frees.length).toBeGreaterThan(0);
    for (const remedy of frees) {
      const after = v.parse(Occasion, remedied(one, remedy));
      const plan = makePlan(after, { seconds: 0.02 });
      expect([remedy, plan.kind]).toEqual([remedy, 'plan']);
      if (plan.kind === 'plan') expect(audit(after, plan.plan).findings).toEqual([]);
      expect(remedyWords(one, remedy)).toMatch(/^[A-Z].{10,}[^.]$/);
    }
  },
);
