import * as fc from 'fast-check';
import { demo, demoRecipes } from '../../test-support/demo.ts';
import { dish, guest, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import { fit } from '../fit/index.ts';
import type { Occasion } from '../model/index.ts';
import { adviseMenu, policies, search, weights, type MenuAdvice, type Option } from './advice.ts';

const rank = { clear: 0, check: 1, conflict: 2 } as const;
const kinds = (advice: MenuAdvice) => advice.changes.map((each) => each.kind);

/** Every plate that was none of a conflict before is none after. */
function breaksNobody(before: Occasion, { after }: MenuAdvice): void {
  const [was, is] = [fit(before), fit(after)];
  for (const row of was.rows) {
    const now = is.rows.find((each) => each.dish.id === row.dish.id)!;
    for (const [id, cell] of row.cells)
      if (cell.judgement.verdict !== 'conflict')
        expect([row.dish.id, id, rank[now.cells.get(id)!.judgement.verdict] < 2]).toEqual([row.dish.id, id, true]);
  }
}

test.each(['lantern-supper', 'sunday-lunch', 'allotment-lunch'] as const)(
  '%s: each answer breaks nobody and leaves the same or fewer without enough',
  (name) => {
    const before = demo(name);
    for (const policy of policies) {
      const answers = adviseMenu(before, { policy, library: demoRecipes });
      expect(answers[0]!.policy).toBe(policy);
      expect(new Set(answers.map((each) => JSON.stringify(each.changes.map((change) => change.words)))).size).toBe(
        answers.length,
      );
      for (const each of answers) {
        breaksNobody(before, each);
        expect(each.exact).toBe(true);
        expect(each.weight).toBeGreaterThanOrEqual(each.bound - 1e-9);
      }
    }
  },
);

const milky = () =>
  occasion({
    guests: [
      guest('ada', noTrace('milk')),
      ...['bo', 'cy', 'di', 'eve', 'fay', 'gus', 'hal', 'ida'].map((id) => guest(id)),
    ],
    recipes: [
      recipe(
        'mash',
        [line('potatoes', 'potato'), line('cream', 'cream', { role: 'cream-body' })],
        [step('mash', { uses: ['potatoes', 'cream'] })],
      ),
    ],
  });

test('one menu for all changes the pot; where taste matters it is a second batch; nothing is changed where nothing is wrong', () => {
  expect(kinds(adviseMenu(milky(), { policy: 'one-menu' })[0]!)).toEqual(['for-all']);
  expect(kinds(adviseMenu(milky(), { policy: 'split-where-it-matters' })[0]!)).toEqual(['second-version']);
  const fine = occasion({
    guests: [guest('bo')],
    recipes: [recipe('roots', [line('carrots', 'carrot')], [step('roast', { uses: ['carrots'] })])],
  });
  expect(adviseMenu(fine)).toMatchObject([{ changes: [], gaps: [], cost: { extraBatches: 0, oddFoods: [] } }]);
});

test('what cannot be adapted gets a plate of its own from the library, for those who need it only', () => {
  const roast = occasion({
    guests: [guest('ada', { id: 'vegan', kind: 'diet', diet: 'vegan', strictness: 'not-ingredient' }), guest('bo')],
    recipes: [recipe('lamb', [line('lamb', 'goose')], [step('roast', { uses: ['lamb'] })])],
    dishes: [dish('lamb')],
  });
  const library = [
    { ...recipe('squash', [line('squash', 'squash')], [step('roast', { uses: ['squash'] })]), usualCourse: 'Main' },
  ];
  const read = occasion({ guests: [], recipes: library, dishes: [] }).recipes;
  const [best] = adviseMenu(roast, { policy: 'separate-plates', library: read });
  const added = best!.after.dishes.find((each) => each.recipe === 'squash');
  expect(added!.notFor).toEqual(['bo']);
  expect(best!.gaps).toEqual([]);
});

test('what has to be read first feeds nobody surely', () => {
  const one = (food: string) =>
    occasion({
      guests: [guest('ada', noTrace('milk')), guest('bo')],
      recipes: [recipe('soup', [line('it', food)], [step('simmer', { uses: ['it'] })])],
    });
  const [sure, open] = [adviseMenu(one('carrot'))[0]!, adviseMenu(one('vegetable-stock-cube'))[0]!];
  expect([sure.gaps, sure.unsure]).toEqual([[], []]);
  expect([open.gaps, open.unsure]).toEqual([[], [{ guest: 'ada', course: 'main' }]]);
});

test('a guest nobody can feed is a gap that is said, not an error', () => {
  const one = occasion({
    guests: [guest('ada', noTrace('egg'))],
    recipes: [recipe('puffs', [line('odd', 'egg', { role: 'egg-lift' })], [step('pour', { uses: ['odd'] })])],
  });
  expect(adviseMenu(one)[0]!.gaps).toEqual([{ guest: 'ada', course: 'main', has: 0, enough: 1 }]);
});

test('the same occasion gets the same advice', () => {
  const words = () =>
    adviseMenu(demo('lantern-supper'), { library: demoRecipes }).map((each) =>
      each.changes.map((change) => change.words),
    );
  expect(words()).toEqual(words());
});

test('for any table and any menu: nobody’s plate gets worse, and nobody who had enough has less', () => {
  const mains = demoRecipes.filter((each) => each.lines.every((line) => !line.component));
  const need = fc.constantFrom(
    ...['gluten', 'milk', 'egg', 'tree-nut', 'soy', 'sesame', 'mustard', 'celery', 'fish'].map((hazard) =>
      noTrace(hazard),
    ),
    { id: 'vegan', kind: 'diet', diet: 'vegan', strictness: 'not-ingredient' },
  );
  fc.assert(
    fc.property(
      fc.array(fc.array(need, { maxLength: 2 }), { minLength: 1, maxLength: 6 }),
      fc.shuffledSubarray([...mains], { minLength: 1, maxLength: 5 }),
      fc.constantFrom(...policies),
      (needs, recipes, policy) => {
        const before = occasion({
          guests: needs.map((some, i) =>
            guest(`g${i}`, ...some.filter((each, at) => some.findIndex((other) => other['id'] === each['id']) === at)),
          ),
          recipes: recipes as never,
          dishes: recipes.map((each) => dish(each.id)),
        });
        for (const each of adviseMenu(before, { policy, library: demoRecipes })) {
          breaksNobody(before, each);
          const eats = (one: Occasion, id: string) =>
            fit(one).rows.filter(
              (row) =>
                row.cells.get(id as never)!.served && row.cells.get(id as never)!.judgement.verdict !== 'conflict',
            ).length;
          for (const { id } of before.guests)
            expect(eats(each.after, id)).toBeGreaterThanOrEqual(Math.min(eats(before, id), 1));
        }
      },
    ),
    { numRuns: 25 },
  );
});

test('the search finds what trying every combination finds', () => {
  const guests = ['a', 'b', 'c'].map((id) => ({ id })) as never[];
  const option = fc
    .record({
      feeds: fc.subarray(['a', 'b', 'c']),
      checks: fc.nat(2),
      batches: fc.integer({ min: -1, max: 2 }),
      washes: fc.nat(1),
      foods: fc.subarray(['tofu', 'millet', 'quinoa']),
      loss: fc.nat(8),
      newDish: fc.nat(1),
    })
    .map(
      (each) =>
        ({
          ...each,
          feeds: new Set(each.feeds),
          changed: 0,
          change: undefined,
          apply: (one: unknown) => one,
        }) as unknown as Option,
    );
  fc.assert(
    fc.property(
      fc.array(fc.array(option, { minLength: 1, maxLength: 4 }), { minLength: 1, maxLength: 4 }),
      fc.nat(3),
      fc.constantFrom(...policies),
      (slots, enough, policy) => {
        const w = weights[policy];
        let best = Infinity;
        const every = (at: number, chosen: readonly Option[]): void => {
          if (at < slots.length) return slots[at]!.forEach((each) => every(at + 1, [...chosen, each]));
          const sum = (pick: (each: Option) => number) => chosen.reduce((total, each) => total + pick(each), 0);
          const gaps = ['a', 'b', 'c'].reduce(
            (total, id) => total + Math.max(0, enough - chosen.filter((each) => each.feeds.has(id as never)).length),
            0,
          );
          const odd = new Set(chosen.flatMap((each) => each.foods)).size;
          best = Math.min(
            best,
            sum(
              (each) =>
                each.batches * w.batch +
                each.washes * w.wash +
                each.loss * w.taste +
                each.newDish * w.newDish +
                each.checks * w.check,
            ) +
              gaps * w.gap +
              odd * w.odd,
          );
          return undefined;
        };
        every(0, []);
        const found = search(slots, guests, enough, policy, new Set());
        expect([found.exact, found.weight]).toEqual([true, expect.closeTo(best, 6)]);
      },
    ),
    { numRuns: 150 },
  );
});
