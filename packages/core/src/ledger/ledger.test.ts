import { demo } from '../../test-support/demo.ts';
import { oneSieve } from '../../test-support/dishwasher.ts';
import { planned } from '../../test-support/planned.ts';
import { tight } from '../../test-support/tight.ts';
import { audit, type FindingCode } from '../audit/index.ts';
import { fit } from '../fit/index.ts';
import { movedTo, type Occasion, type Plan, type TaskId, type UnitId } from '../model/index.ts';
import { tasksOf, wayOf, type TaskNetwork } from '../tasks/index.ts';
import { ledgerOf, laws, type Ledger, type Page, type ResourceKind, type Use, type Wait } from './index.ts';

/**
 * What the audit calls it when a law of the ledger is broken. The audit never reads the ledger: here, and nowhere else, the two are held
 * together. A kind that is missing is a type error; a law that either of them forgets fails below.
 */
const foundAs: Readonly<Record<ResourceKind, readonly FindingCode[]>> = {
  hands: ['cook-twice'],
  kit: ['kit-twice', 'contents'],
  rack: ['oven-room'],
  oven: ['oven-temperature', 'oven-door', 'oven-drip', 'oven-room'],
  sink: ['sink'],
  dishwasher: ['dishwasher'],
  air: ['flour'],
  burner: ['burners'],
  fridge: ['cold-room'],
  freezer: ['cold-room'],
};

const occasions: readonly Occasion[] = [
  tight(),
  demo('sunday-lunch'),
  demo('lantern-supper'),
  oneSieve({ cycleMin: 60, places: 4 }),
  oneSieve({ cycleMin: 60, places: 1 }, { again: true }),
].map((occasion) => Object.freeze(occasion));

interface Case {
  readonly occasion: Occasion;
  readonly plan: Plan;
  readonly network: TaskNetwork;
  readonly ledger: Ledger;
}
const cases: readonly Case[] = occasions.map((occasion) => {
  const plan = planned(occasion);
  const network = tasksOf(occasion, fit(occasion), plan.batches);
  return { occasion, plan, network, ledger: ledgerOf(occasion, network, plan) };
});

/** The plan with one task so many minutes earlier or later, and nothing else moved. */
function moved(plan: Plan, id: TaskId, byMin: number): Plan {
  return {
    ...plan,
    tasks: plan.tasks.map((task) =>
      task.id === id ? movedTo(task, task.startMin + byMin, task.endMin + byMin) : task,
    ),
  };
}

const codesOf = (occasion: Occasion, plan: Plan) =>
  new Set(audit(occasion, plan).findings.map((finding) => finding.code));

test('plans rest on ledgers in which nothing is used by more than there is room for', () => {
  for (const one of cases) {
    const { occasion, plan, ledger } = one;
    expect(audit(occasion, plan).findings).toEqual([]);
    expect([...fullKinds(one, plan)]).toEqual([]);
    for (const wait of ledger.waits) expect([wait, shortBy(plan, wait)]).toEqual([wait, 0]);
  }
});

describe('whoever does not wait as the ledger says is found by the audit', () => {
  test.each(Object.keys(foundAs) as ResourceKind[])('%s', (kind) => {
    let broken = 0;
    for (const one of cases) {
      const { occasion, plan, ledger } = one;
      for (const wait of ledger.waits.filter((each) => each.because === kind)) {
        const second = plan.tasks.find((task) => task.id === wait.second)!;
        const tooSoon = moved(plan, wait.second, dueMin(plan, wait) - second.startMin - 1);
        // With room for several, somebody else may have left theirs.
        if (laws[kind].shared === 'at-once' && !fullKinds(one, tooSoon).has(kind)) continue;
        // Two steps of one food in its own piece are for the recipe to put in order.
        if (kind === 'kit' && batchOf(plan, wait.first) === batchOf(plan, wait.second)) continue;
        broken++;
        const found = codesOf(occasion, tooSoon);
        if (!foundAs[kind].some((code) => found.has(code)))
          throw new Error(`${wait.second} one minute too soon after ${wait.first}: only ${[...found].join(', ')}`);
      }
    }
    expect(broken).toBeGreaterThan(0);
  });
});

test('what the audit finds twice at once is overfull in the ledger, wherever a task is moved', () => {
  let found = 0;
  for (const one of cases) {
    const { occasion, plan } = one;
    for (const task of plan.tasks) {
      for (const byMin of [-37, -4, 9]) {
        const other = moved(plan, task.id, byMin);
        const codes = codesOf(occasion, other);
        const overfull = fullKinds(one, other);
        for (const [kind, names] of Object.entries(foundAs) as [ResourceKind, readonly FindingCode[]][]) {
          if (laws[kind].shared === 'apart' || kind === 'rack') continue;
          // The ledger leaves looks on the way out: they take the cook from what is in hand.
          if (kind === 'hands' || kind === 'dishwasher') continue;
          const isFound = names.some((code) => codes.has(code));
          const isFull =
            kind === 'fridge' || kind === 'freezer'
              ? overfull.has('fridge') || overfull.has('freezer')
              : overfull.has(kind);
          if (isFound !== isFull)
            throw new Error(`${kind}: ${task.id} by ${byMin}: audit ${isFound}, ledger ${isFull}`);
          found += Number(isFound);
        }
      }
    }
  }
  expect(found).toBeGreaterThan(20);
});

/** When a wait lets its second begin. */
function dueMin(plan: Plan, { first, leastMin, fromStart }: Wait): number {
  const before = plan.tasks.find((task) => task.id === first)!;
  return (fromStart ? before.startMin : before.endMin) + leastMin;
}

function shortBy(plan: Plan, wait: Wait): number {
  const second = plan.tasks.find((task) => task.id === wait.second)!;
  // The hands of a cook who sets something going are free when that is done, not at its end.
  const first = plan.tasks.find((task) => task.id === wait.first)!;
  if (wait.because === 'hands' && first.kind === 'step' && !first.cook) return 0;
  return Math.max(0, dueMin(plan, wait) - second.startMin);
}

const batchOf = (plan: Plan, id: TaskId) => {
  const task = plan.tasks.find((each) => each.id === id);
  return task?.kind === 'step' ? task.batch : id;
};

/** The food that stays in the piece of kit which a step uses. */
function holdsOf({ network }: Case, plan: Plan): (id: TaskId, unit: UnitId) => string | undefined {
  const tasks = new Map(network.tasks.map((task) => [task.id, task]));
  const steps = new Map(plan.tasks.flatMap((task) => (task.kind === 'step' ? [[task.id, task] as const] : [])));
  return (id, unit) => {
    const [task, step] = [tasks.get(id), steps.get(id)];
    return task && step && wayOf(task, step)?.kit[step.units.indexOf(unit)]?.hold;
  };
}

const fullKinds = (one: Case, plan: Plan): ReadonlySet<ResourceKind> => {
  const holdOf = holdsOf(one, plan);
  return new Set(
    ledgerOf(one.occasion, one.network, plan)
      .pages.filter((page) => isOverfull(page, plan, holdOf))
      .map(({ resource }) => resource.kind),
  );
};

function isOverfull({ resource, uses, capacity }: Page, plan: Plan, holdOf: ReturnType<typeof holdsOf>): boolean {
  if (capacity === Infinity) return false;
  /** Food is not in the way of its own next step, unless others have still to take of it. */
  const isApart = (one: Use, other: Use) => {
    if (one.task === other.task) return false;
    if (resource.kind !== 'kit') return true;
    const isForOthers = [one, other].some((each) => each.endedBy !== undefined) && !(one.keeps && other.keeps);
    if (isForOthers && batchOf(plan, one.task) !== batchOf(plan, other.task))
      return one.endedBy !== other.task && other.endedBy !== one.task;
    const hold = holdOf(one.task, resource.unit);
    return hold === undefined || hold !== holdOf(other.task, resource.unit);
  };
  return uses.some((use) => {
    const beside = uses.filter(
      (each) => each.startMin <= use.startMin && each.freeMin > use.startMin && (each === use || isApart(each, use)),
    );
    return beside.reduce((sum, each) => sum + each.places, 0) > capacity;
  });
}
