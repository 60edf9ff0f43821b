import { demo } from '../../test-support/demo.ts';
import { guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import { auditedPlanning } from './planner.ts';
import { inTurns } from './turns.ts';

const raw = occasion({
  guests: [guest('ana')],
  recipes: [recipe('duck', [line('duck', 'duck-leg')], [step('sear', { uses: ['duck'], coreC: 60 })])],
});
const clock = () => {
  let now = 0;
  return () => (now += 7);
};
const planned = async (one: Parameters<typeof auditedPlanning>[0], everyMs: number) => {
  let pauses = 0;
  const result = await inTurns(
    auditedPlanning(one, { seconds: 0.05 }),
    async () => {
      pauses++;
    },
    everyMs,
    clock(),
  );
  return { result, pauses };
};

test('whatever it lets out has passed the audit, and the last is what it ends with', () => {
  const one = demo('sunday-lunch');
  const run = auditedPlanning(one, { seconds: 0.1 });
  let last: unknown;
  for (let next = run.next(); ; next = run.next()) {
    if (next.done) {
      expect(next.value.kind === 'plan' && next.value.plan).toBe(last);
      break;
    }
    if (next.value.kind !== 'found') continue;
    expect(audit(one, next.value.plan).findings).toEqual([]);
    last = next.value.plan;
  }
  expect(last).toBeDefined();
});

test('what would go out raw gets no plan, and it is said that no other order helps', async () => {
  const { result } = await planned(raw, 1000);
  expect(result).toMatchObject({
    kind: 'none',
    reason: {
      proven: true,
      what: 'Something would go to the table raw.',
      why: expect.stringContaining('raw poultry') as string,
    },
  });
});

test('it hands over as often as it is told to, and finds the same plan', async () => {
  const [often, never] = [await planned(demo('sunday-lunch'), 20), await planned(demo('sunday-lunch'), Infinity)];
  expect(often.pauses).toBeGreaterThan(10);
  expect(never.pauses).toBe(0);
  expect(often.result.kind === 'plan' && never.result.kind === 'plan' && often.result.plan).toEqual(
    never.result.kind === 'plan' && never.result.plan,
  );
});
