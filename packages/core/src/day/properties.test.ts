import { asPlanned, events } from '../../test-support/day.ts';
import { demo } from '../../test-support/demo.ts';
import { planned } from '../../test-support/planned.ts';
import { audit, type FindingCode } from '../audit/index.ts';
import { fit } from '../fit/index.ts';

import { happened, progressOf } from '../state/index.ts';
import { tasksOf } from '../tasks/index.ts';
import { latest, mends } from './mend.ts';
import { shifted } from './shift.ts';
import { leftOut } from './slips.ts';

const cases = (['sunday-lunch', 'lantern-supper'] as const).map((name) => {
  const occasion = Object.freeze(demo(name));
  const plan = planned(occasion);
  return { name, occasion, plan, fromMin: Math.max(-480, Math.min(...plan.tasks.map((task) => task.startMin))) };
});
/** Moments spread over a day. */
const moments = (fromMin: number, count: number) =>
  Array.from({ length: count }, (_, at) => Math.round(fromMin + ((at + 0.5) / count) * (-10 - fromMin)));

describe.each(cases)('$name', ({ occasion, plan, fromMin }) => {
  test.each(moments(fromMin, 7))('kept to the minute, the rest of the day is the plan at hand (%i)', (nowMin) => {
    const standpoint = happened(plan, progressOf(events(...asPlanned(plan, nowMin))), nowMin);
    const [best] = mends(occasion, standpoint);
    expect(best).toMatchObject({ kind: 'same-order', otherwise: 0, cautions: [], lost: [] });
    expect(latest(best!)).toBe(0);
  });

  test('a standpoint is data: a worker mends what it is sent as it is', () => {
    const nowMin = moments(fromMin, 3)[1]!;
    const standpoint = happened(plan, progressOf(events(...asPlanned(plan, nowMin - 15))), nowMin);
    const sent = structuredClone({ occasion, standpoint });
    expect(sent.standpoint).toEqual(standpoint);
    expect(structuredClone(mends(sent.occasion, sent.standpoint))).toEqual(mends(occasion, standpoint));
  });

  test.each(moments(fromMin, plan.batches.length < 6 ? 9 : 3))(
    'whatever is left out, there is a way to go on (%i)',
    (nowMin) => {
      const standpoint = happened(plan, progressOf(events(...asPlanned(plan, nowMin))), nowMin);
      for (const batch of plan.batches) {
        const slipped = leftOut({ occasion, standpoint }, batch.id);
        expect([batch.id, mends(slipped.occasion, slipped.standpoint).length > 0]).toEqual([batch.id, true]);
      }
    },
  );

  const patience: ReadonlySet<FindingCode> = new Set([
    'late',
    'stands-too-long',
    'waits-too-long',
    'hold',
    'raw-wait',
    'warm-wait',
    'cold-wait',
    // Whoever goes home at their time is not there for what has become so late.
    'cook-away',
  ]);
  test('however late the day runs, putting it off breaks no other rule', () => {
    let state = 7;
    const roll = (sides: number) => {
      state = (Math.imul(state, 1103515245) + 12345) >>> 0;
      return (state >>> 8) % sides;
    };
    const network = tasksOf(occasion, fit(occasion), plan.batches);
    for (let at = 0; at < 30; at++) {
      const nowMin = fromMin + roll(-10 - fromMin);
      const standpoint = happened(plan, progressOf(events(...asPlanned(plan, nowMin - roll(30)))), nowMin);
      const later = shifted(occasion, network, standpoint, () => 0).plan;
      const has = new Set(audit(occasion, standpoint.plan).findings.map((finding) => finding.code));
      const other = audit(occasion, later).findings.filter(({ code }) => !patience.has(code) && !has.has(code));
      expect([nowMin, other.map((finding) => finding.message)]).toEqual([nowMin, []]);
    }
  });
});
