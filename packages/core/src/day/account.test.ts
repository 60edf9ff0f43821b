import { demo } from '../../test-support/demo.ts';
import type { DayEvent, Happening } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { accountOf } from './account.ts';
import { happened } from './happened.ts';
import { judgeDay } from './judge.ts';
import { playedMoments } from './played.ts';
import { progressOf } from './progress.ts';

const sunday = demo('sunday-lunch');
const made = makePlan(sunday, { seconds: 0.2 });
if (made.kind === 'none') throw new Error(made.reason.what);
const { plan } = made;
const noted = (list: readonly { readonly atMin: number; readonly what: Happening }[]): readonly DayEvent[] => list.map(({ atMin, what }, at) => ({ seq: at + 1, id: `event-${at}`, device: 'a', atMin, what }));

test('a played day ticks everything once, the same for the same seed, and no plate is lost on it', () => {
  for (const seed of [1, 2, 3]) {
    const moments = playedMoments(sunday, plan, seed);
    expect(moments).toEqual(playedMoments(sunday, plan, seed));
    const progress = progressOf(noted(moments));
    const end = moments.at(-1)!.atMin + 120;
    const day = { ...happened(plan, progress, end), nowMin: Math.floor(end) };
    expect(plan.tasks.filter((task) => !day.done.has(task.id)).map((task) => task.id)).toEqual([]);
    expect(judgeDay(sunday, day).lost).toEqual([]);
  }
});

test('the account says what was late, what took longer, what was skipped and what was not hot enough', () => {
  const moments = [...playedMoments(sunday, plan, 1)];
  const roast = plan.tasks.find((task) => task.kind === 'step' && task.racks.length > 0 && task.attention.length > 1)!;
  const cooked = plan.tasks.find((task) => task.id === 'chicken.as-written.roast')!;
  const last = moments.at(-1)!.atMin;
  const events = noted([...moments, { atMin: last, what: { kind: 'measure', entry: cooked.id, measured: 'core', celsius: 61 } }, { atMin: last, what: { kind: 'skip', wash: 'wash-1', items: ['hands'], reason: 'the door bell' } }]);
  const account = accountOf(sunday, plan, progressOf(events), last + 120);
  expect(account.dishes).toHaveLength(4);
  for (const dish of account.dishes) expect(dish.readyMin).toBeDefined();
  expect(account.skipped).toMatchObject([{ wash: 'wash-1', items: ['hands'], reason: 'the door bell' }]);
  expect(account.low).toMatchObject([{ entry: cooked.id, celsius: 61, limitC: 74 }]);
  const took = account.steps.find((step) => step.id === roast.id)!;
  expect(took.plannedMin).toBe(roast.endMin - roast.startMin);
  const [from, to] = [moments.find((moment) => moment.what.kind === 'tick' && moment.what.entry === roast.id)!, moments.findLast((moment) => moment.what.kind === 'tick' && moment.what.entry.startsWith(`${roast.id}@`))!];
  expect(Math.abs(took.tookMin - (to.atMin - from.atMin))).toBeLessThanOrEqual(1);
});

test('of a day that stands in the middle nothing is said that has not been', () => {
  const account = accountOf(sunday, plan, progressOf([]), -300);
  expect(account.dishes.every((dish) => dish.readyMin === undefined)).toBe(true);
  expect(account).toMatchObject({ steps: [], skipped: [], low: [] });
});
