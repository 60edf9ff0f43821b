import { demo } from '../../test-support/demo.ts';
import { guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import type { Plan } from '../model/index.ts';
import { planned } from '../../test-support/planned.ts';
import { standings } from './slip.ts';
import { id } from '../../test-support/id.ts';

const minutes = (likely: number) => ({ durationMin: { least: likely, likely, most: likely } });

/** A soup cut for ten minutes and simmered for thirty, up to the table; a salad chopped by the same hands before it. */
const one = occasion({
  guests: [guest('ana')],
  recipes: [
    recipe(
      'soup',
      [line('leek', 'leek')],
      [step('cut', { uses: ['leek'], ...minutes(10) }), step('simmer', { hands: 'off', burner: true, ...minutes(30) })],
    ),
    recipe('salad', [line('cress', 'potato')], [step('chop', { uses: ['cress'], ...minutes(5) })]),
  ],
});
const at = (startMin: number, endMin: number, id: string, more: object = {}) => ({
  kind: 'step',
  id,
  batch: id.split('.').slice(0, 2).join('.'),
  step: id.split('.')[2],
  startMin,
  endMin,
  cook: 'cook',
  units: [],
  oven: 0,
  racks: [],
  bentC: 0,
  looks: [],
  ...more,
});
const plan = {
  format: 'lupin.plan/2',
  occasion: 'test',
  basis: '',
  seed: 1,
  lowerBoundMin: 0,
  batches: [],
  tasks: [
    at(-50, -45, 'salad.plain.chop'),
    at(-45, -35, 'soup.plain.cut'),
    at(-32, -2, 'soup.plain.simmer', {
      cook: undefined,
      looks: [{ startMin: -32, endMin: -31, cook: 'cook', what: 'on' }],
    }),
  ],
} as unknown as Plan;

test('what it begins right after, what begins right after it, and what comes late if it slips', () => {
  const standing = standings(one, plan);
  expect(standing(id('soup.plain.cut'))).toEqual({
    heldBy: [{ id: 'salad.plain.chop', because: 'hands', unit: undefined }],
    holds: [],
    slackMin: 5,
    slips: [{ batch: 'soup.plain', lateMin: 5 }],
  });
  expect(standing(id('soup.plain.simmer'))).toMatchObject({
    heldBy: [],
    slackMin: 2,
    slips: [{ batch: 'soup.plain', lateMin: 8 }],
  });
  // Late with the salad, the cook is late with the leeks.
  expect(standing(id('salad.plain.chop'))).toMatchObject({
    holds: [{ id: 'soup.plain.cut', because: 'hands' }],
    slackMin: 5,
  });
  expect(standing(id('soup.plain.nothing'))).toBeUndefined();
});

test('of every task of the Lantern Supper it is known what holds it', () => {
  const lantern = demo('lantern-supper');
  const plan = planned(lantern);
  const standing = standings(lantern, plan);
  const all = plan.tasks.map((task) => standing(task.id)!);
  expect(all.every((each) => each.slackMin >= 0)).toBe(true);
  expect(new Set(all.flatMap((each) => each.heldBy.map((one) => one.because))).size).toBeGreaterThan(3);
  // Late for longer than its slack, something is late.
  for (const each of all) expect(each.slips.length > 0).toBe(each.slackMin < 10);
});
