import { handsOf, type BatchId, type Occasion, type TaskId } from '../model/index.ts';
import { placeKinds, places } from '../ledger/index.ts';
import type { Activity, BegunLoad, Carry, Guard, OvenAsk, Problem } from '../schedule/index.ts';
import { pickedUp, type KitchenNow } from '../state/index.ts';
import { tasksById, wayOf, type Guarded, type Task, type TaskNetwork } from '../tasks/index.ts';
import { compile, fridgePool, markNumber } from './compile.ts';

/** What is left of a day, for the scheduler, and which activity is which task. */
export interface Rest {
  readonly problem: Problem;
  readonly tasks: readonly Task[];
}

type Marked = Iterable<{ readonly mark: Parameters<typeof markNumber>[0]; readonly origin: BatchId | 'unknown-past' }>;

/** Batches by number, and marks with them. What is no batch any more has a number of its own, so that nobody is exempt from it. */
interface Numbers {
  readonly carries: (marked: Marked) => Carry[];
  readonly guards: (guards: readonly Guarded[]) => Guard[];
}

function numbersOf(network: TaskNetwork): Numbers {
  const known = new Map<string, number>(network.batches.map((batch, index) => [batch.id, index]));
  const numberOf = (origin: string) => {
    // A past that nobody knows is exempt nowhere.
    if (origin === 'unknown-past') return -1;
    const number = known.get(origin) ?? known.size;
    known.set(origin, number);
    return number;
  };
  return {
    carries: (marked) => [...marked].map(({ mark, origin }) => ({ mark: markNumber(mark), origin: numberOf(origin) })),
    guards: (guards) =>
      guards.map(({ mark, exempt }) => ({ mark: markNumber(mark), exempt: exempt.map((batch) => numberOf(batch)) })),
  };
}

/**
 * What is left of a day as a problem of its own: what is done is gone, what goes on stands in the way until it is over, kit, hands and
 * ovens are as they are now. `patient`: food that has been begun may wait and stand longer than its recipe likes.
 */
export function restOf(occasion: Occasion, network: TaskNetwork, kitchen: KitchenNow, patient: boolean): Rest {
  const whole = compile(occasion, network);
  const numbers = numbersOf(network);
  const left = network.tasks.flatMap((task, index) =>
    kitchen.done.has(task.id) || kitchen.running.has(task.id) ? [] : [index],
  );
  const activities = left.map((index) => remaining(network, whole, kitchen, numbers, left, index, patient));
  const tasks = left.map((index) => network.tasks[index]!);
  return {
    tasks,
    problem: {
      ...whole,
      activities: withDrips(occasion, tasks, activities, numbers, kitchen),
      units: whole.units.map((unit, at) => unitNow(occasion, kitchen, numbers, unit, at)),
      cooks: whole.cooks.map((cook, at) => cookNow(occasion, kitchen, numbers, cook, at)),
      ovens: whole.ovens.map((oven, at) => ovenNow(network, kitchen, numbers, oven, at)),
      ...takenNow(network, kitchen),
      air: kitchen.air.map(({ dust, untilMin }) => ({ dust: numbers.carries(dust), untilMin })),
      open: kitchen.open.map(({ step, guards }) => ({
        startMin: step.startMin,
        endMin: step.endMin,
        guards: numbers.guards(guards),
      })),
      washing: kitchen.plan.tasks.flatMap((task) =>
        task.kind === 'wash' && kitchen.running.has(task.id) ? [{ startMin: task.startMin, endMin: task.endMin }] : [],
      ),
      // What is in the dishwasher comes out when it has run, and no other load goes in before.
      machine: whole.machine && {
        ...whole.machine,
        freeFromMin: Math.max(kitchen.nowMin, kitchen.dishwasher?.untilMin ?? -Infinity),
      },
    },
  };
}

/** An activity that has not been begun, by what has been done of what it waits for. */
function remaining(
  network: TaskNetwork,
  whole: Problem,
  kitchen: KitchenNow,
  numbers: Numbers,
  left: readonly number[],
  index: number,
  patient: boolean,
): Activity {
  const task = network.tasks[index]!;
  const { lineage } = network.batches.find((batch) => batch.id === task.batch)!;
  const waits = patient && lineage.some((batch) => kitchen.foods.has(batch));
  const activity = waits ? withPatience(whole.activities[index]!) : whole.activities[index]!;
  const planned = new Map(kitchen.plan.tasks.map((each) => [each.id, each]));
  const place = new Map(left.map((each, at) => [each, at]));
  const past = activity.before
    .filter((link) => !place.has(link.activity))
    .map((link) => ({
      ...link,
      endMin: planned.get(network.tasks[link.activity]!.id)?.endMin ?? kitchen.nowMin,
    }));
  const notBeforeMin = Math.max(
    kitchen.nowMin,
    activity.notBeforeMin ?? -Infinity,
    ...past.map((link) => link.endMin + link.leastMin),
  );
  const longest = Math.max(...activity.ways.map((way) => way.durationMin));
  // Food that has waited too long already cannot be made to have waited less; the audit says so.
  const endsByMin = Math.min(
    activity.endsByMin ?? Infinity,
    ...past.map((link) => Math.max(notBeforeMin, link.endMin + link.mostMin) + longest),
  );
  return {
    ...activity,
    carries: [...activity.carries, ...numbers.carries(pickedUp(network, kitchen, task))],
    before: activity.before.flatMap((link) => {
      const at = place.get(link.activity);
      return at === undefined ? [] : [{ ...link, activity: at }];
    }),
    notBeforeMin,
    endsByMin: Number.isFinite(endsByMin) ? endsByMin : undefined,
  };
}

const withPatience = (activity: Activity): Activity => ({
  ...activity,
  mostHoldMin: activity.mostHoldMin === undefined ? undefined : Infinity,
  warm: undefined,
  spoils: false,
  shelter: undefined,
  before: activity.before.map((link) => ({ ...link, mostMin: Infinity, spoils: false, shelter: undefined })),
});

/**
 * In the middle of a day much is on hands and kit: what nobody keeps a dish free from may be in it by the time it bakes, and drip. It can
 * only come from hands, and from kit of the kinds that are still used for it.
 */
function withDrips(
  occasion: Occasion,
  tasks: readonly Task[],
  activities: readonly Activity[],
  numbers: Numbers,
  kitchen: KitchenNow,
): readonly Activity[] {
  const onUnits = occasion.kitchen.kit.map(({ id, kind }) => ({
    kind: kind as string,
    marks: numbers.carries(kitchen.surfaces.get(id)?.residues ?? []),
  }));
  const onHands = occasion.kitchen.cooks.flatMap(({ id }) =>
    numbers.carries(kitchen.surfaces.get(handsOf(id))?.residues ?? []),
  );
  return activities.map((activity, at) => {
    if (!activity.ways.some((way) => way.oven && !way.oven.covered)) return activity;
    const { batch } = tasks[at]!;
    const kinds = new Set(
      activities.flatMap(({ ways }, other) =>
        tasks[other]!.batch === batch ? ways.flatMap(({ uses }) => uses.map(({ kind }) => kind)) : [],
      ),
    );
    const kept = new Set(activity.guards.map((guard) => guard.mark));
    const picked = [...onHands, ...onUnits.flatMap(({ kind, marks }) => (kinds.has(kind) ? marks : []))];
    return { ...activity, drips: [...activity.carries, ...picked.filter((carry) => !kept.has(carry.mark))] };
  });
}

/** What goes on: the planned steps, each with the task it does. */
function goingOn(network: TaskNetwork, { plan, running }: KitchenNow) {
  const tasks = tasksById(network);
  return plan.tasks.flatMap((planned) => {
    const task = tasks.get(planned.id);
    return planned.kind === 'step' && running.has(planned.id)
      ? [{ planned, task, way: task && wayOf(task, planned) }]
      : [];
  });
}

/** What is put away, or is to be, after something that has been: its place and its moments stay as they are planned. */
const restsInHand = ({ plan, done, running }: KitchenNow) =>
  plan.tasks.flatMap((task) =>
    task.kind === 'step' && task.rest && !done.has(task.id) && hasBeen({ done, running }, task.rest.after)
      ? [task]
      : [],
  );

const hasBeen = ({ done, running }: Pick<KitchenNow, 'done' | 'running'>, id: TaskId): boolean =>
  done.has(id) || running.has(id);

/** Steps and washes that go on. */
const workInHand = ({ plan, running }: KitchenNow) =>
  plan.tasks.flatMap((task) => (task.kind !== 'oven' && running.has(task.id) ? [task] : []));

function unitNow(
  occasion: Occasion,
  kitchen: KitchenNow,
  numbers: Numbers,
  unit: Problem['units'][number],
  at: number,
): Problem['units'][number] {
  const { id } = occasion.kitchen.kit[at]!;
  const held = [...kitchen.holds.values()].find((each) => each.unit === id && each.isWanted);
  const busyUntil = workInHand(kitchen).flatMap((task) =>
    task.units.some((unit) => unit === id) ? [task.endMin] : [],
  );
  const washing = kitchen.dishwasher?.units.includes(id) ? [kitchen.dishwasher.untilMin] : [];
  const filled = held ? -Infinity : (kitchen.filled.get(id) ?? -Infinity);
  const freeFromMin = Math.max(...busyUntil, ...washing, filled);
  // What kept-free kit has met in spite of it cannot be planned around; the audit follows it.
  const marks = numbers
    .carries(kitchen.surfaces.get(id)?.residues ?? [])
    .filter(({ mark }) => !unit.barred.includes(mark));
  return {
    ...unit,
    ...(freeFromMin > -Infinity ? { freeFromMin } : {}),
    ...(marks.length > 0 || held ? { holds: { marks, hold: held?.hold } } : {}),
  };
}

function cookNow(
  occasion: Occasion,
  kitchen: KitchenNow,
  numbers: Numbers,
  cook: Problem['cooks'][number],
  at: number,
): Problem['cooks'][number] {
  const { id } = occasion.kitchen.cooks[at]!;
  const { nowMin } = kitchen;
  const busy = workInHand(kitchen).flatMap((task) => [
    ...(task.cook === id ? [{ startMin: nowMin, endMin: task.endMin }] : []),
    ...(task.kind === 'step' ? task.looks : []).flatMap((look) =>
      look.cook === id && look.startMin >= nowMin ? [{ startMin: look.startMin, endMin: look.endMin }] : [],
    ),
  ]);
  const handling = restsInHand(kitchen).flatMap((rest) =>
    kitchen.running.has(rest.id)
      ? []
      : rest.looks.flatMap(({ cook: who, startMin, endMin }) =>
          who === id && startMin >= nowMin ? [{ startMin, endMin }] : [],
        ),
  );
  const hands = kitchen.surfaces.get(handsOf(id));
  return {
    ...cook,
    windows: cook.windows.flatMap(({ fromMin, toMin }) =>
      toMin > nowMin ? [{ fromMin: Math.max(nowMin, fromMin), toMin }] : [],
    ),
    busy: apart([...busy, ...handling]),
    ...(hands && hands.residues.length > 0 ? { marks: numbers.carries(hands.residues) } : {}),
  };
}

/** Stretches that overlap as one. */
function apart(spans: readonly { readonly startMin: number; readonly endMin: number }[]) {
  const merged: { startMin: number; endMin: number }[] = [];
  for (const span of [...spans].sort((a, b) => a.startMin - b.startMin)) {
    const last = merged.at(-1);
    if (last && span.startMin < last.endMin) last.endMin = Math.max(last.endMin, span.endMin);
    else merged.push({ ...span });
  }
  return merged;
}

function ovenNow(
  network: TaskNetwork,
  kitchen: KitchenNow,
  numbers: Numbers,
  oven: Problem['ovens'][number],
  at: number,
): Problem['ovens'][number] {
  const { loads: inside, leastC, mostC, setC } = kitchen.ovens[at]!;
  const loads = goingOn(network, kitchen)
    .filter(({ planned }) => inside.some((load) => load.id === planned.id))
    .map(({ planned, task, way }): BegunLoad => ({
      startMin: planned.startMin,
      endMin: planned.endMin,
      use: loadUse(way?.oven, at, setC ?? mostC, planned.racks.length),
      racks: planned.racks,
      opens: [...planned.looks.map((look) => look.startMin), planned.endMin],
      drips: numbers.carries([...(task?.carries ?? []), ...(kitchen.inFood.get(planned.id) ?? [])]),
      guards: numbers.guards(task?.guards ?? []),
    }));
  // What is in it keeps it at its heat; else nobody knows just how far it has fallen.
  return loads.length > 0
    ? { ...oven, loads }
    : { ...oven, from: { atMin: kitchen.nowMin, leastC, mostC, isOn: setC !== undefined } };
}

const loadUse = (
  use: { readonly covered: boolean; readonly grill: boolean; readonly shutMin?: number | undefined } | undefined,
  oven: number,
  temperatureC: number,
  racks: number,
): OvenAsk => ({
  in: [oven],
  wishC: temperatureC,
  lowC: temperatureC,
  highC: temperatureC,
  racks,
  covered: use?.covered ?? false,
  alone: use?.grill ?? false,
  shutMin: use?.shutMin,
});

/** Places that what goes on has taken. */
const takenNow = (network: TaskNetwork, kitchen: KitchenNow): Pick<Problem, 'taken'> => ({
  taken: [
    ...restsInHand(kitchen).flatMap(({ id, startMin, endMin }) =>
      kitchen.running.has(id) ? [] : [{ pool: fridgePool, startMin, endMin, places: 1 }],
    ),
    ...goingOn(network, kitchen).flatMap(({ planned, way }) =>
      placeKinds.flatMap((kind, pool) => {
        const taken = way ? places[kind].asks(way) : 0;
        return taken === 0 ? [] : [{ pool, startMin: planned.startMin, endMin: planned.endMin, places: taken }];
      }),
    ),
  ],
});
