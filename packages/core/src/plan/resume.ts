import { cleaningOf, hazards, hazardOf, rules } from '../reference/index.ts';
import {
  ovensOf,
  type Occasion,
  type Plan,
  type PlannedOven,
  type PlannedStep,
  type PlannedWash,
  type ResidueMark,
  type UnitId,
  type TaskId,
  type BatchId,
} from '../model/index.ts';
import type { Activity, Carry, Way, Problem } from '../schedule/index.ts';
import type { Task, TaskNetwork } from '../tasks/index.ts';
import { compile, marks, usableWays } from './compile.ts';

/** Where a day stands when what is left of it is planned: the plan with what is done and what goes on at its real times. */
export interface Standpoint {
  readonly plan: Plan;
  readonly done: ReadonlySet<TaskId>;
  readonly running: ReadonlySet<TaskId>;
  /** What of `running` nobody said is in hand: as it was planned. */
  readonly assumed?: ReadonlyMap<TaskId, Plan['tasks'][number]>;
  /** Kit that a wash was to clean and did not. */
  readonly skipped?: readonly { readonly wash: TaskId; readonly units: readonly UnitId[] }[];
  /** Tasks that are to be done again, whatever was ticked of them. */
  readonly again?: readonly TaskId[];
  /** Minutes after the first serving, whole. Nothing is planned before it. */
  readonly nowMin: number;
}

/** What is left of a day, for the scheduler, and which activity is which task; the others only stand for what was before. */
export interface Rest {
  readonly problem: Problem;
  readonly taskOf: readonly (Task | undefined)[];
}

/** What is on kit and hands, by unit id or "hands:cook", as `mark/origin`. */
type Residues = Map<string, Map<string, { readonly mark: ResidueMark; readonly origin: BatchId }>>;

const heatEnds = (mark: ResidueMark, coreC: number | undefined): boolean => {
  const safeC = mark === 'unread' ? undefined : hazardOf(mark).safeCoreC;
  return safeC !== undefined && coreC !== undefined && coreC >= safeC;
};

/** Plays what has been: what every piece of kit and every pair of hands holds now, and what food has picked up that is not its own. */
function residuesOf(
  occasion: Occasion,
  network: TaskNetwork,
  { plan, done, running }: Standpoint,
): { readonly on: Residues; readonly picked: ReadonlyMap<string, readonly { mark: ResidueMark; origin: BatchId }[]> } {
  const on: Residues = new Map();
  const picked = new Map<string, Map<string, { mark: ResidueMark; origin: BatchId }>>();
  const tasks = new Map(network.tasks.map((task) => [task.id, task]));
  const lineage = new Map(network.batches.map((batch) => [batch.id, batch.lineage]));
  const been = plan.tasks.filter(
    (task): task is PlannedStep | PlannedWash => task.kind !== 'oven' && (done.has(task.id) || running.has(task.id)),
  );
  const order = (task: PlannedStep | PlannedWash) => (task.kind === 'wash' ? task.endMin : task.startMin);
  for (const each of [...been].sort((a, b) => order(a) - order(b) || (a.kind === 'wash' ? -1 : 1))) {
    if (each.kind === 'wash') {
      if (each.hands) on.delete(`hands:${each.cook}`);
      for (const unit of each.units)
        if (cleaningOf(occasion.kitchen.kit.find((one) => one.id === unit)?.material ?? 'wood').comesClean)
          on.delete(unit);
      continue;
    }
    const task = tasks.get(each.id);
    const surfaces = [...each.units, ...(each.cook ? [`hands:${each.cook}`] : [])];
    // What is lost, or no longer on the menu, is not in the network; what it held still is on what it touched.
    const carries = task?.carries ?? heldBy(plan, network, each);
    const all = new Map(
      [
        ...carries,
        ...surfaces.flatMap((surface) => [...(on.get(surface)?.values() ?? [])]),
        ...(picked.get(each.batch)?.values() ?? []),
      ].map((carry) => [`${carry.mark}/${carry.origin}`, carry]),
    );
    const own = new Set(lineage.get(each.batch) ?? [each.batch]);
    for (const [key, carry] of all)
      if (!own.has(carry.origin)) picked.set(each.batch, (picked.get(each.batch) ?? new Map()).set(key, carry));
    const left =
      each.cook === undefined ? new Map([...all].filter(([, { mark }]) => !heatEnds(mark, task?.step.coreC))) : all;
    for (const surface of surfaces) on.set(surface, left);
  }
  // What a batch has picked up goes on into whatever is made of it.
  const into = new Map(
    network.batches.map((batch) => [batch.id, batch.lineage.flatMap((id) => [...(picked.get(id)?.values() ?? [])])]),
  );
  return { on, picked: into };
}

/** A step that the network no longer knows: it is taken to have held whatever its dish holds, in any version, or anything where that is not known either. */
function heldBy(
  plan: Plan,
  network: TaskNetwork,
  step: PlannedStep,
): readonly { mark: ResidueMark; origin: BatchId }[] {
  const batch = plan.batches.find((each) => each.id === step.batch);
  const like = network.tasks.filter((task) =>
    network.batches.some((each) => each.id === task.batch && each.dish === batch?.dish),
  );
  const known: readonly ResidueMark[] =
    like.length > 0
      ? like.flatMap((task) => task.carries.map(({ mark }) => mark))
      : [...hazards.map((hazard) => hazard.id), 'unread'];
  return known.map((mark) => ({ mark, origin: step.batch }));
}

/** What an oven has now: the temperature it was last turned to, or how far it has come on the way there; what is in it is taken to bake. */
function ovenNowC(occasion: Occasion, { plan, done, running, nowMin }: Standpoint, oven: number): number {
  const { heatsCPerMin = rules.ovenHeatsCPerMin } = ovensOf(occasion.kitchen)[oven]!;
  const phases = plan.tasks.filter(
    (task): task is PlannedOven => task.kind === 'oven' && task.oven === oven && done.has(task.id),
  );
  const last = phases.at(-1);
  const loaded = plan.tasks.some(
    (task) => task.kind === 'step' && running.has(task.id) && task.racks.length > 0 && task.oven === oven,
  );
  if (last && loaded) return last.temperatureC;
  if (!last || last.untilMin < nowMin) return rules.roomC;
  return last.endMin <= nowMin
    ? last.temperatureC
    : Math.min(last.temperatureC, Math.round(rules.roomC + heatsCPerMin * (nowMin - last.startMin)));
}

/**
 * What is left of a day as a problem of its own: what is done is gone, what goes on is fixed, kit and hands are as they are now.
 * `patient`: food that has been begun may wait and stand longer than its recipe likes.
 */
export function restOf(occasion: Occasion, network: TaskNetwork, standpoint: Standpoint, patient: boolean): Rest {
  const { plan, done, running, nowMin } = standpoint;
  const whole = compile(occasion, network);
  const { kitchen } = occasion;
  const planned = new Map(plan.tasks.flatMap((task) => (task.kind === 'step' ? [[task.id, task] as const] : [])));
  const batchNumber = new Map(network.batches.map((batch, index) => [batch.id, index]));
  // What is no batch any more has a number of its own, so that nobody is exempt from it.
  const originNumber = (id: BatchId) => {
    const known = batchNumber.get(id) ?? batchNumber.size;
    batchNumber.set(id, known);
    return known;
  };
  const { on, picked } = residuesOf(occasion, network, standpoint);
  const numbered = (list: Iterable<{ readonly mark: ResidueMark; readonly origin: BatchId }>): Carry[] =>
    [...list].map(({ mark, origin }) => ({ mark: marks.indexOf(mark), origin: originNumber(origin) }));
  const left = network.tasks.flatMap((task, index) => (done.has(task.id) ? [] : [{ task, index }]));
  const place = new Map(left.map(({ index }, at) => [index, at]));
  const unitAt = new Map(kitchen.kit.map((unit, index) => [unit.id as string, index]));
  const cookAt = new Map(kitchen.cooks.map((cook, index) => [cook.id as string, index]));
  const inUse = new Set<string>();
  const heldOn = new Map<string, string>();
  for (const task of network.tasks) {
    if (!done.has(task.id) && !running.has(task.id)) continue;
    const step = planned.get(task.id)!;
    const way = task.ways.find((each) => each.id === step.way && each.bentC === step.bentC) ?? task.ways[0];
    way.kit.forEach((use, at) => {
      if (use.hold !== undefined && step.units[at] !== undefined) heldOn.set(use.hold, step.units[at]);
    });
  }
  const begun = new Set(
    plan.tasks.flatMap((task) =>
      task.kind === 'step' && (done.has(task.id) || running.has(task.id)) ? [task.batch] : [],
    ),
  );
  const activities = left.map(({ task, index }): Activity => {
    const waits =
      patient && network.batches.find((batch) => batch.id === task.batch)!.lineage.some((batch) => begun.has(batch));
    const activity = waits ? withPatience(whole.activities[index]!) : whole.activities[index]!;
    const extra = numbered(picked.get(task.batch) ?? []);
    const linked = activity.before.flatMap((link) => {
      const at = place.get(link.activity);
      return at === undefined ? [] : [{ ...link, activity: at }];
    });
    const step = running.has(task.id) ? planned.get(task.id) : undefined;
    if (step) {
      const usual = Math.max(
        0,
        usableWays(occasion, task).findIndex((each) => each.id === step.way && each.bentC === step.bentC),
      );
      const way = fixedWay(
        activity.ways[usual] ?? activity.ways[0]!,
        step,
        nowMin,
        (id) => unitAt.get(id)!,
        ovenNowC(occasion, standpoint, step.oven),
      );
      const surfaces = [...step.units, ...(step.cook ? [`hands:${step.cook}`] : [])];
      for (const each of surfaces) inUse.add(each);
      const met = surfaces.flatMap((unit) => [...(on.get(unit)?.values() ?? [])]);
      return {
        ...activity,
        ways: [way],
        cooks: step.cook === undefined ? activity.cooks : [cookAt.get(step.cook)!],
        carries: [...activity.carries, ...extra, ...numbered(met)],
        guards: [],
        before: linked,
        notBeforeMin: nowMin - 1,
        endsByMin: step.endMin,
      };
    }
    const past = activity.before
      .filter((link) => !place.has(link.activity))
      .map((link) => ({ ...link, endMin: planned.get(network.tasks[link.activity]!.id)?.endMin ?? nowMin }));
    const earliest = Math.max(
      nowMin,
      activity.notBeforeMin ?? -Infinity,
      ...past.map((link) => link.endMin + link.leastMin),
    );
    const longest = Math.max(...activity.ways.map((way) => way.durationMin));
    // Food that has waited too long already cannot be made to have waited less; the audit says so.
    const latestEnd = Math.min(
      activity.endsByMin ?? Infinity,
      ...past.map((link) => Math.max(earliest, link.endMin + link.mostMin) + longest),
    );
    const ways = activity.ways.map((way): Way => ({
      ...way,
      uses: way.uses.map((use) => {
        const unit = use.hold === undefined ? undefined : heldOn.get(use.hold);
        return unit === undefined ? use : { ...use, only: [unitAt.get(unit)!] };
      }),
    }));
    return {
      ...activity,
      ways,
      carries: [...activity.carries, ...extra],
      before: linked,
      notBeforeMin: earliest,
      endsByMin: Number.isFinite(latestEnd) ? latestEnd : undefined,
    };
  });
  // In the middle of a day much is on hands and kit: what nobody keeps a dish free from may be in it by the time it bakes, and drip.
  const everything = activities.flatMap((activity) => activity.carries);
  activities.forEach((activity, index) => {
    if (!activity.ways.some((way) => way.oven && !way.oven.covered)) return;
    const kept = new Set(activity.guards.map((guard) => guard.mark));
    activities[index] = {
      ...activity,
      drips: [...activity.carries, ...everything.filter((carry) => !kept.has(carry.mark))],
    };
  });
  const inMachine = new Map(
    plan.tasks.flatMap((task) =>
      task.kind === 'wash' && done.has(task.id) && (task.machineUntilMin ?? -Infinity) > nowMin
        ? task.units.map((unit) => [unit, task.machineUntilMin!] as const)
        : [],
    ),
  );
  const before = earlier(occasion, network, standpoint, {
    on,
    inUse,
    heldOn,
    numbered,
    unitAt,
    cookAt,
    barred: whole.units.map((unit) => unit.barred),
  });
  // Food that is still in something is taken from there: its holder must have been there first.
  before.forEach(({ hold }, at) => {
    if (hold === undefined) return;
    activities.forEach((activity, index) => {
      if (activity.ways.some((way) => way.uses.some((use) => use.hold === hold)))
        activities[index] = {
          ...activity,
          before: [...activity.before, { activity: activities.length + at, leastMin: 0, mostMin: Infinity }],
        };
    });
  });
  return {
    problem: {
      ...whole,
      // What is in the dishwasher comes out when it has run, and no other load goes in before.
      units: whole.units.map((unit, at) => ({ ...unit, freeFromMin: inMachine.get(kitchen.kit[at]!.id) })),
      machine: whole.machine && { ...whole.machine, freeFromMin: Math.max(nowMin, ...inMachine.values()) },
      activities: [...activities, ...before.map((each) => each.activity)],
      cooks: whole.cooks.map((cook) => ({
        ...cook,
        windows: [
          { fromMin: nowMin - 1, toMin: nowMin },
          ...cook.windows.flatMap(({ fromMin, toMin }) =>
            toMin > nowMin ? [{ fromMin: Math.max(nowMin, fromMin), toMin }] : [],
          ),
        ].reduce(joined, []),
      })),
    },
    taskOf: [...left.map(({ task }) => task), ...before.map(() => undefined)],
  };
}

const withPatience = (activity: Activity): Activity => ({
  ...activity,
  mostHoldMin: activity.mostHoldMin === undefined ? undefined : Infinity,
  before: activity.before.map((link) => ({ ...link, mostMin: Infinity })),
});

const joined = (windows: { fromMin: number; toMin: number }[], next: { fromMin: number; toMin: number }) => {
  const last = windows.at(-1);
  if (last && last.toMin === next.fromMin) last.toMin = next.toMin;
  else windows.push({ ...next });
  return windows;
};

/** What goes on: where it is, as it is, to its end, with the looks that are still to come. */
function fixedWay(way: Way, step: PlannedStep, nowMin: number, unit: (id: string) => number, ovenC: number): Way {
  return {
    ...way,
    durationMin: step.endMin - (nowMin - 1),
    looks: step.looks.flatMap((point) =>
      point.startMin >= nowMin
        ? [{ atMin: point.startMin - (nowMin - 1), takesMin: point.endMin - point.startMin }]
        : [],
    ),
    uses: way.uses.map((use, at) => ({
      ...use,
      only: step.units[at] === undefined ? use.only : [unit(step.units[at])],
    })),
    oven: way.oven && {
      ...way.oven,
      in: [step.oven],
      rack: Math.min(...step.racks),
      ...(ovenC > rules.roomC ? { wishC: ovenC, lowC: ovenC, highC: ovenC } : {}),
      shutMin:
        way.oven.shutMin === undefined || step.startMin + way.oven.shutMin < nowMin
          ? undefined
          : step.startMin + way.oven.shutMin - (nowMin - 1),
    },
    bent: false,
  };
}

interface Surfaces {
  readonly on: Residues;
  readonly inUse: ReadonlySet<string>;
  readonly heldOn: ReadonlyMap<string, string>;
  readonly numbered: (list: Iterable<{ readonly mark: ResidueMark; readonly origin: BatchId }>) => Carry[];
  readonly unitAt: ReadonlyMap<string, number>;
  readonly cookAt: ReadonlyMap<string, number>;
  /** For each piece of kit the marks that are never put on it. */
  readonly barred: readonly (readonly number[])[];
}

interface Earlier {
  readonly hold?: string | undefined;
  readonly activity: Activity;
}

/** The last minute before now: what is on each piece of kit and each pair of hands, what still holds food, and how hot an oven is. */
function earlier(
  occasion: Occasion,
  network: TaskNetwork,
  standpoint: Standpoint,
  { on, inUse, heldOn, numbered, unitAt, cookAt, barred }: Surfaces,
): Earlier[] {
  const { plan, running, nowMin } = standpoint;
  const stand = (
    id: string,
    way: Omit<Way, 'durationMin' | 'looks' | 'takes'>,
    carries: Carry[],
    cooks?: readonly number[],
  ): Activity => ({
    id,
    ways: [{ durationMin: 1, looks: [], takes: [], ...way }],
    cooks,
    dust: [],
    carries,
    guards: [],
    ends: [],
    before: [],
    dueMin: nowMin,
    notBeforeMin: nowMin - 1,
    endsByMin: nowMin,
  });
  const stillHeld = new Map<string, string>();
  for (const task of network.tasks) {
    if (standpoint.done.has(task.id)) continue;
    for (const way of task.ways)
      for (const use of way.kit) {
        const unit = use.hold === undefined ? undefined : heldOn.get(use.hold);
        if (unit !== undefined && !inUse.has(unit)) stillHeld.set(unit, use.hold!);
      }
  }
  const found: Earlier[] = [];
  for (const unit of occasion.kitchen.kit) {
    const residues = on.get(unit.id);
    const hold = stillHeld.get(unit.id);
    if (inUse.has(unit.id) || ((residues?.size ?? 0) === 0 && hold === undefined)) continue;
    // What kept-free kit has met in spite of it cannot be planned around; the audit follows it.
    const carries = numbered(residues?.values() ?? []).filter(
      ({ mark }) => !barred[unitAt.get(unit.id)!]!.includes(mark),
    );
    found.push({
      hold,
      activity: stand(
        `before/${unit.id}`,
        { handsOn: false, uses: [{ kind: unit.kind, only: [unitAt.get(unit.id)!], hold }] },
        carries,
      ),
    });
  }
  for (const cook of occasion.kitchen.cooks) {
    const residues = on.get(`hands:${cook.id}`);
    if (residues && residues.size > 0 && !inUse.has(`hands:${cook.id}`))
      found.push({
        activity: stand(`before/hands:${cook.id}`, { handsOn: true, uses: [] }, numbered(residues.values()), [
          cookAt.get(cook.id)!,
        ]),
      });
  }
  ovensOf(occasion.kitchen).forEach((_, oven) => {
    const temperatureC = ovenNowC(occasion, standpoint, oven);
    const loaded = plan.tasks.some(
      (task) => task.kind === 'step' && running.has(task.id) && task.racks.length > 0 && task.oven === oven,
    );
    // Also a cold oven: it cannot have begun to heat before now.
    if (loaded) return;
    found.push({
      activity: stand(
        `before/oven-${oven}`,
        {
          handsOn: false,
          uses: [],
          oven: {
            in: [oven],
            wishC: temperatureC,
            lowC: temperatureC,
            highC: temperatureC,
            racks: 1,
            covered: true,
            alone: false,
          },
        },
        [],
      ),
    });
  });
  return found;
}
