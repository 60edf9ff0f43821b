import { demo } from '../../test-support/demo.ts';
import { audit } from '../audit/index.ts';
import type { Plan } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';

test('a plan is put together along what led to another: the same again, and with more to spare much the same', () => {
  const lunch = demo('sunday-lunch');
  const known = makePlan(lunch, { seconds: 0.3, spare: { usual: 0.15 } });
  if (known.kind === 'none') throw new Error(known.reason.what);
  // No looking about: without the other there is none.
  const only = { seconds: 0, firstSeconds: 0, remedies: false };
  expect(makePlan(lunch, only).kind).toBe('none');
  const again = makePlan(lunch, { ...only, along: known.along, spare: { usual: 0.15 } });
  expect(again.kind === 'plan' && again.plan.tasks).toEqual(known.plan.tasks);
  const roomier = makePlan(lunch, { ...only, along: known.along, spare: { usual: 0.3 } });
  expect(roomier.kind === 'plan' && audit(lunch, roomier.plan).findings).toEqual([]);
  const bettered = makePlan(lunch, { ...only, seconds: 0.3, along: known.along, spare: { usual: 0.3 } });
  if (roomier.kind === 'none' || bettered.kind === 'none') throw new Error('none');
  const washes = (plan: Plan) => plan.tasks.filter(({ kind }) => kind === 'wash').length;
  expect(washes(bettered.plan)).toBeLessThanOrEqual(washes(roomier.plan));
});
