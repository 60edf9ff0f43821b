import { demo } from '../../test-support/demo.ts';
import type { Occasion } from '../model/index.ts';
import { makePlan, planFigures } from '../plan/index.ts';
import { changed, type Change } from './changes.ts';

/** What a plan costs a cook, in minutes: a wash is worth a quarter of an hour to one who would rather not. */
function bestCost(one: Occasion): number {
  return Math.min(
    ...[1, 2].map((seed) => {
      const result = makePlan(one, { seconds: 0.1, seed });
      if (result.kind === 'none') throw new Error(`${result.reason.what} ${result.reason.why}`);
      const { washes, spanMin: day } = planFigures(one, result.plan);
      return 15 * washes + day;
    }),
  );
}

/** Two plans of the same occasion differ by about so much, by chance. */
const noise = 1.08;

describe.each(['sunday-lunch', 'allotment-lunch'] as const)(
  '%s: more to work with never makes the best plan worse, beyond chance',
  (name) => {
    const one = demo(name);
    const cost = bestCost(one);
    const like = (kind: string) => one.kitchen.kit.find((unit) => unit.kind === kind)!.id;
    test.each<Change>([
      { kind: 'helper' },
      { kind: 'oven-more' },
      { kind: 'kit-more', like: like('board') },
      { kind: 'kit-more', like: like('knife') },
      { kind: 'kit-more', like: like('saucepan') },
    ])('%j', (change) => {
      expect(bestCost(changed(one, change))).toBeLessThanOrEqual(cost * noise);
    });
  },
);
