import { asPlanned, events } from '../../test-support/day.ts';
import { demo } from '../../test-support/demo.ts';
import { planned } from '../../test-support/planned.ts';
import { progressOf } from '../state/index.ts';
import { timersOf } from './timers.ts';

test('what goes by itself has a timer, what is only put away has none', () => {
  const plan = planned(demo('lantern-supper'));
  const away = plan.tasks.filter((task) => task.kind === 'step' && task.rest);
  expect(away.length).toBeGreaterThan(0);
  for (const { id, startMin } of away) {
    const now = startMin + 1;
    const running = timersOf(plan, () => undefined, progressOf(events(...asPlanned(plan, now))), now);
    expect(running.filter((timer) => timer.step === id)).toEqual([]);
  }
  const hot = plan.tasks.find((task) => task.kind === 'step' && task.racks.length > 0)!;
  const now = hot.startMin + 1;
  const running = timersOf(plan, () => undefined, progressOf(events(...asPlanned(plan, now))), now);
  expect(running.some((timer) => timer.step === hot.id)).toBe(true);
});
