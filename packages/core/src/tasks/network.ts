import { bentTimeFactor, hazardOf, rules } from '../reference/index.ts';
import {
  type Chore,
  type Occasion,
  type OvenUse,
  type PlannedStep,
  type ResidueMark,
  type Step,
  type StepId,
  type BatchId,
  type TaskId,
  taskOf,
  startLook,
  endLook,
  restAfter,
  restStep,
  blankStep,
} from '../model/index.ts';
import { knowledgeOf, type Knowledge } from '../exposure/index.ts';
import type { FitTable } from '../fit/index.ts';
import { bakesIn, isVessel, scale, scaleLine, timesIn } from '../scale/index.ts';
import { isFlesh, stricter, waitsOf, type WaitLaw, type Waits } from '../keeping/index.ts';
import { followsOf, inBatchStep, inOtherWay, partId } from '../versions/index.ts';
import { carriesOf, dustOf, guardsOf, rawAtTable, type Carried, type Guarded } from './residues.ts';
import { heldBy, keptToTable, piecesOf, type InPieces, type TaskKit } from './pieces.ts';
import { doneAt, takingsOf, withTakers, type Taking } from './takings.ts';
import { batchesOf, takingFrom, type Batch, type Begun, type Shareable } from './batches.ts';

/** A way to do a task: as the step is written, one of its alternatives, or baked a little hotter or cooler to share the oven. */
export interface Way {
  /** The alternative's id; absent for the step as it is written. */
  readonly id?: StepId | undefined;
  readonly bentC: number;
  readonly durationMin: { readonly least: number; readonly planned: number; readonly most: number };
  readonly hands: 'on' | 'off';
  readonly looks: readonly Step['looks'][number][];
  readonly kit: readonly TaskKit[];
  /** Already at the bent temperature. */
  readonly oven?: OvenUse | undefined;
  /** Where it stands cold, and how many places it takes there. */
  readonly cold?: { readonly where: 'fridge' | 'freezer'; readonly places: number } | undefined;
  /** How many burners it needs: one for each of its pots. */
  readonly burners: number;
}

export interface Task {
  readonly id: TaskId;
  readonly batch: BatchId;
  readonly step: Step;
  readonly title: string;
  readonly durationMin: { readonly least: number; readonly planned: number; readonly most: number };
  /** Moments inside a hands-off task when a cook must come, in minutes after its start. */
  readonly looks: readonly Step['looks'][number][];
  readonly kit: readonly TaskKit[];
  readonly oven?: OvenUse | undefined;
  /** All ways it can be done, the usual first. */
  readonly ways: readonly [Way, ...Way[]];
  /** What whoever does it must be willing to do. */
  readonly chores: readonly Chore[];
  readonly carries: readonly Carried[];
  /** What of it flies about with loose flour; empty where none is thrown up. */
  readonly dust: readonly Carried[];
  readonly guards: readonly Guarded[];
  readonly after: readonly TaskLink[];
  /** It stays in what others take from: those must have theirs first. No food goes from them to it. */
  readonly afterOthers?: readonly TaskId[] | undefined;
  /** Minutes after the first serving by which it must be finished, and how long the finished dish may stand; for last steps only. */
  readonly serve?:
    | {
        readonly atMin: number;
        readonly mostHoldMin: number;
        readonly spoils: boolean;
        readonly shelter?: Shelter | undefined;
        /** What is raw in it, and neither cooked nor meant to be so: it must not be served. */
        readonly raw: readonly ResidueMark[];
      }
    | undefined;
  /** Of what heats a dish last that is served hot: when it is served, and how long before it may have ended. */
  readonly warm?: { readonly servedMin: number; readonly mostMin: number } | undefined;
  /** Its food stands in the room while it goes on; it is heated through, and what it stood before counts no more. */
  readonly stands: boolean;
  readonly freshens: boolean;
  /** It stands in the fridge meanwhile, though its recipe does not say so. */
  readonly isChilled?: boolean | undefined;
  /** Its food is raw when it is done. */
  readonly leavesRaw?: boolean | undefined;
  /** It is no step of a recipe: food put into the fridge between two tasks, or until it is served. */
  readonly rest?: { readonly after: TaskId } | undefined;
}

/** What a task waits for: how long at least, and at most in all. */
export interface TaskLink {
  readonly task: TaskId;
  readonly leastMin: number;
  readonly mostMin?: number | undefined;
  /** What it stands counts towards the two hours. */
  readonly spoils: boolean;
  readonly shelter?: Shelter | undefined;
}

/** Food that need not stand for the whole of its wait: it can go into the fridge, as the task of this id, and must where it would stand longer than `standsMin` at once. */
export interface Shelter {
  readonly standsMin: number;
  /** It stands in the fridge already. */
  readonly isThere: boolean;
  readonly rest: TaskId;
}

export interface TaskNetwork {
  readonly batches: readonly Batch[];
  /** All that must be done, each once. */
  readonly tasks: readonly Task[];
  /** What may be put away in between, where a plan needs it. */
  readonly rests: readonly Task[];
  readonly shareable: readonly Shareable[];
}

function durationOf(step: Step, factor: number): Task['durationMin'] {
  const grow = step.grows && step.hands === 'on' ? Math.max(0.5, factor ** rules.handsOnExponent) : 1;
  const minutes = (value: number) => Math.max(1, Math.round(value * grow));
  return {
    least: minutes(step.durationMin.least),
    planned: minutes(step.durationMin.likely),
    most: minutes(step.durationMin.most),
  };
}

/**
 * Nothing goes by itself from the first minute to the last: somebody puts it in or covers it, and takes it from the heat.
 * The recipe's own moments lie between; where the time is cut short they come before the end.
 */
function looksFrom(step: Step, plannedMin: number): Task['looks'] {
  if (step.hands === 'on') return [];
  const hot = step.oven !== undefined || step.burner;
  // "Foil off for the last ten minutes" of a larger bird comes later.
  const due = step.looks.map((look) =>
    look.fromEnd ? { ...look, atMin: Math.max(1, look.atMin + plannedMin - step.durationMin.likely) } : look,
  );
  const own = ownLooks(due, plannedMin - (hot ? 1 : 0));
  const start = {
    id: startLook,
    atMin: 0,
    takesMin: 1,
    what: step.oven ? 'into the oven' : step.burner ? 'on to the heat' : 'set it going',
  };
  const end = hot
    ? [
        {
          id: endLook,
          atMin: Math.max(1, plannedMin - 1),
          takesMin: 1,
          what: step.oven ? 'look, and out of the oven' : 'look, and off the heat',
        },
      ]
    : [];
  return [start, ...own, ...end];
}

/** The recipe's own looks, one after the other; where the time is cut short they come before the end. */
function ownLooks(looks: Step['looks'], untilMin: number): Step['looks'] {
  let latest = untilMin;
  return [...looks]
    .sort((a, b) => a.atMin - b.atMin)
    .reverse()
    .map((look) => {
      latest = Math.max(1, Math.min(look.atMin, latest - look.takesMin));
      return { ...look, atMin: latest };
    })
    .reverse();
}

function wayFrom(step: Step, batch: Batch, kit: readonly TaskKit[], id?: StepId): Way {
  const durationMin = durationOf(step, batch.factor);
  return {
    id,
    bentC: 0,
    durationMin,
    hands: step.hands,
    looks: looksFrom(step, durationMin.planned),
    kit,
    oven: step.oven,
    ...(step.cold ? { cold: { where: step.cold, places: coldPlaces(step) } } : {}),
    burners: step.burner
      ? Math.max(1, step.kit.filter((use) => batch.vessel !== undefined && isVessel(batch.vessel, use)).length)
      : 0,
  };
}

/** How many places food takes in the fridge: one for each piece it stands in. */
const coldPlaces = (step: Step): number => Math.max(1, step.kit.filter((use) => use.as !== undefined).length);

/**
 * A bake a little hotter and a little cooler, its time corrected: not under the grill, not where the recipe is strict about the heat, no meat
 * under the temperature at which it may roast. With what the oven may be off by it is no further from the recipe than a bend may be.
 */
function bentWays(way: Way, step: Step, meat: boolean): Way[] {
  const { oven } = way;
  if (!oven || oven.grill || oven.toleranceC < 10 || way.hands === 'on') return [];
  // Half of it for the bend, half for what the oven may be off by.
  const halfC = rules.ovenBendsC / 2;
  const toleranceC = Math.min(oven.toleranceC, halfC);
  return [-halfC, halfC].flatMap((bentC): Way[] => {
    const temperatureC = oven.temperatureC + bentC;
    if (temperatureC < rules.bakingSurfaceC + 35 || (meat && temperatureC - toleranceC < rules.meatRoastsAtC))
      return [];
    const factor = bentTimeFactor(oven.temperatureC, bentC);
    const longer = (minutes: number) => Math.max(1, Math.round(minutes * factor));
    const durationMin = {
      least: longer(way.durationMin.least),
      planned: longer(way.durationMin.planned),
      most: longer(way.durationMin.most),
    };
    return [
      {
        ...way,
        bentC,
        durationMin,
        looks: looksFrom(step, durationMin.planned),
        oven: { ...oven, temperatureC, toleranceC },
      },
    ];
  });
}

function choresOf(ways: readonly Way[], carries: readonly Carried[]): readonly Chore[] {
  const chores: Chore[] = [];
  if (ways.some((way) => way.kit.some((use) => use.kind === 'knife'))) chores.push('knives');
  if (ways.some((way) => way.oven !== undefined || way.burners > 0)) chores.push('heat');
  if (carries.some(({ mark }) => isFlesh(mark))) chores.push('raw');
  return chores;
}

/** The way in which a plan does a task; undefined where the task has no such way. */
export const wayOf = (task: Task, { way, bentC }: Pick<PlannedStep, 'way' | 'bentC'>): Way | undefined =>
  task.ways.find((each) => each.id === way && each.bentC === bentC);

/** How a task is really done: how long it may take in the pieces that a plan has for it (of all that would do the range is wider), and whether its food lies deeper or shallower there than the recipe has it. */
export function inKit(
  task: Task,
  { vessel }: Batch,
  planned: PlannedStep,
): { readonly minutes: Way['durationMin']; readonly lies?: 'deeper' | 'shallower' | undefined } {
  const { durationMin } = wayOf(task, planned) ?? task.ways[0];
  if (!vessel || planned.way !== undefined || !bakesIn(vessel, task.step)) return { minutes: durationMin };
  const [all, here] = [timesIn(vessel), timesIn(vessel, planned.units)];
  const lies = here.least < 1 ? 'shallower' : here.most > 1 ? 'deeper' : undefined;
  const { least, planned: likely, most } = durationMin;
  // However shallow it lies, nobody is to look while the door must stay shut.
  const soonest = Math.max(task.step.oven?.shutMin ?? 0, Math.round((least / all.least) * here.least));
  return {
    minutes: {
      least: Math.min(likely, soonest),
      planned: likely,
      most: Math.max(likely, Math.round((most / all.most) * here.most)),
    },
    lies,
  };
}

/** Every task by its id, those that a plan may do without among them. */
export const tasksById = ({ tasks, rests }: TaskNetwork): ReadonlyMap<TaskId, Task> =>
  new Map([...tasks, ...rests].map((task) => [task.id, task]));

/**
 * From an occasion and who eats what: the batches that are really made, and every step of each as a task. `begun`: what a day has been
 * begun with, so that its batches keep their names, whoever leaves.
 */
export function tasksOf(occasion: Occasion, table: FitTable, begun?: Begun): TaskNetwork {
  const { batches, shareable } = batchesOf(occasion, scale(occasion, table), begun);
  const inPieces = piecesOf(batches, new Set(occasion.kitchen.kit.map((unit) => unit.kind)));
  const knowledge = knowledgeOf(occasion);
  const takings = takingsOf(occasion, batches);
  const serveAt = new Map(occasion.courses.map((course) => [course.id, course.offsetMin]));
  const tasks = batches.flatMap((batch) => {
    const dish = occasion.dishes.find((each) => each.id === batch.dish)!;
    const servedMin = serveAt.get(dish.course)!;
    const followed = new Set(
      batch.recipe.steps.flatMap((_, index) => followsOf(batch.recipe, index).map((link) => link.step as string)),
    );
    const waits = waitsFor(batch, batches, knowledge);
    const lines = batch.recipe.lines.map((line) => scaleLine(batch.recipe, line, batch.factor, batch.dishFactor));
    const own = batch.recipe.steps.flatMap((asWritten, index): Task[] => {
      if (!batch.steps.includes(asWritten.id)) return [];
      const inWords = withTakers(inBatchStep(asWritten, batch.factor, lines), taskOf(batch.id, asWritten.id), takings);
      const step: Step = waits.inFridge.has(asWritten.id) ? { ...inWords, cold: 'fridge' } : inWords;
      const carries = carriesOf(batch, step, occasion);
      const isLast = !followed.has(step.id) && batch.into.length === 0;
      const pieces = inPieces(batch, step.id);
      const kitOf = (kit: readonly TaskKit[]) => withMore(kit, pieces, isLast ? servedMin : undefined);
      const usual = wayFrom(step, batch, kitOf(pieces.own));
      const meat =
        carries.some(({ mark }) => mark !== 'unread' && hazardOf(mark).kind === 'raw') || step.coreC !== undefined;
      const ways: Task['ways'] = [
        usual,
        ...bentWays(usual, step, meat),
        ...step.alternatives.map((other) =>
          wayFrom(inOtherWay(step, other), batch, kitOf(other.kit.map((use) => heldBy(batch, use))), other.id),
        ),
      ];
      return [
        {
          id: taskOf(batch.id, step.id),
          batch: batch.id,
          step,
          title: step.title,
          durationMin: usual.durationMin,
          looks: usual.looks,
          ways,
          chores: choresOf(ways, carries),
          kit: usual.kit,
          oven: step.oven,
          stands: waits.standing.has(step.id),
          freshens: waits.heating.has(step.id),
          isChilled: waits.inFridge.has(step.id),
          leavesRaw: waits.raw.has(step.id),
          carries,
          dust: dustOf(batch, step, occasion),
          guards: guardsOf(occasion, batch, batches, step),
          after: followsOf(batch.recipe, index).map((link) => {
            const after = doneAt(batch, link.step);
            return { task: after, leastMin: link.leastMin, ...waitOf(waits, link, step.id, after) };
          }),
          afterOthers: othersFirst(batch, batches, takings, step.id),
          serve: isLast
            ? { atMin: servedMin, ...holdOf(batch, waits, step.id), raw: rawAtTable(batch, asWritten, occasion) }
            : undefined,
          warm: warmOf(batch, waits, step.id, servedMin),
        },
      ];
    });
    return own;
  });
  return { batches, tasks, rests: restsOf(batches, tasks), shareable };
}

/** The kit of one way to do a step, with what its food is in already and comes out of; of a finished dish, until it is served. */
function withMore(
  kit: readonly TaskKit[],
  { more, lies }: InPieces,
  servedMin: number | undefined,
): readonly TaskKit[] {
  const all = [...kit, ...more.filter(({ hold }) => !kit.some((use) => use.hold === hold))];
  return servedMin === undefined ? all : keptToTable(all, lies, servedMin, rules.tableMin);
}

/** How a batch's food may wait; that of a component cooked once as all the dishes allow that it goes into: one of them may be served hot. */
function waitsFor(batch: Batch, batches: readonly Batch[], knowledge: Knowledge): Waits {
  const own = waitsOf(batch.recipe, knowledge, minutesIn(batch, batches));
  if (batch.into.length === 0) return own;
  const users = batch.into.map(({ batch: id, part }) => {
    const user = batches.find((each) => each.id === id)!;
    const { between } = waitsOf(user.recipe, knowledge, minutesIn(user, batches));
    const within = (step: StepId) => partId(part.path, step) as StepId;
    return (before: StepId, after: StepId) => between(within(before), within(after));
  });
  return {
    ...own,
    between: (before, after) =>
      after === undefined
        ? own.between(before, after)
        : users.map((between) => between(before, after)).reduce((one, other) => stricter(one, other)),
  };
}

/** How long each step of a batch's recipe is planned to take, in whichever batch it is done. */
function minutesIn(batch: Batch, batches: readonly Batch[]): (step: StepId) => number {
  return (id) => {
    const done = batch.doneIn.get(id)!;
    const by = batches.find((each) => each.id === done.batch)!;
    return durationOf(
      by.recipe.steps.find((step) => step.id === done.step)!,
      by.factor,
    ).planned;
  };
}

/** Of what heats a dish last that is served hot: how long before it is served that may have ended. */
function warmOf({ into }: Batch, { hot }: Waits, step: StepId, servedMin: number): Task['warm'] {
  const mostMin = into.length === 0 ? hot?.get(step) : undefined;
  return mostMin === undefined ? undefined : { servedMin, mostMin };
}

/**
 * Tasks that must have taken their share before a step goes on with what is left: of a base whose pieces its batch stays in, those of the other
 * versions; of what another dish takes some of, that dish's.
 */
function othersFirst(
  batch: Batch,
  batches: readonly Batch[],
  takings: readonly Taking[],
  step: StepId,
): Task['afterOthers'] {
  const base = batch.inherits?.base;
  const versions =
    base === undefined || !takingFrom(batch, base).some(({ id }) => id === step)
      ? []
      : batches.flatMap((other) =>
          other === batch || other.base !== base ? [] : takingFrom(other, base).map(({ id }) => taskOf(other.id, id)),
        );
  const own = taskOf(batch.id, step);
  const index = batch.recipe.steps.findIndex((each) => each.id === step);
  const sources = followsOf(batch.recipe, index).map((link) => doneAt(batch, link.step));
  const dishes = takings.some((taking) => taking.task === own)
    ? []
    : takings.flatMap(({ task, from }) => (sources.includes(from) ? [task] : []));
  return versions.length + dishes.length === 0 ? undefined : [...new Set([...versions, ...dishes])];
}

/** For each task after which food can be put into the fridge, the task that does it. */
function restsOf(batches: readonly Batch[], tasks: readonly Task[]): readonly Task[] {
  const puts = new Set(
    tasks.flatMap(({ after, serve }) =>
      [...after, ...(serve ? [serve] : [])].flatMap(({ shelter }) => shelter?.rest ?? []),
    ),
  );
  return tasks.flatMap((task) => {
    const id = restAfter(task.id);
    return puts.has(id)
      ? [
          restTask(
            batches.find((batch) => batch.id === task.batch)!,
            task,
            id,
          ),
        ]
      : [];
  });
}

/** How long food may wait before a step: by its recipe, and by how it keeps. */
function waitOf(
  waits: Waits,
  link: { readonly step: StepId; readonly leastMin: number; readonly mostMin?: number | undefined },
  step: StepId,
  after: TaskId,
): Pick<TaskLink, 'mostMin' | 'spoils' | 'shelter'> {
  return withLaw(waits.between(link.step, step), link.mostMin, link.leastMin, restAfter(after));
}

function holdOf(batch: Batch, waits: Waits, step: StepId): Omit<NonNullable<Task['serve']>, 'atMin' | 'raw'> {
  const said = batch.recipe.hold.mostMin;
  const {
    mostMin = said,
    spoils,
    shelter,
  } = withLaw(waits.between(step, undefined), said, 0, restAfter(taskOf(batch.id, step)));
  return { mostHoldMin: mostMin, spoils, shelter };
}

/** The stricter of what a recipe says and how its food keeps; what its recipe asks for at least is done even so, and the audit says what that means. */
function withLaw(
  { spoils, standsMin, cold }: WaitLaw,
  said: number | undefined,
  leastMin: number,
  rest: TaskId,
): Pick<TaskLink, 'mostMin' | 'spoils' | 'shelter'> {
  if (!spoils) return { mostMin: said, spoils };
  const kept = cold?.mostMin ?? Math.min(standsMin, rules.standsMostMin);
  const mostMin = Math.max(leastMin, Math.min(said ?? Infinity, kept));
  return { mostMin, spoils, ...(cold ? { shelter: { standsMin, isThere: cold.isThere, rest } } : {}) };
}

/** Food put into the fridge and taken out again. It takes as long as the wait does. */
function restTask(batch: Batch, { id: after, title: made, carries }: Task, id: TaskId): Task {
  const durationMin = { least: 2 * rules.coldHandlingMin, planned: 2 * rules.coldHandlingMin, most: 4320 };
  const looks: Task['looks'] = [
    { id: startLook, atMin: 0, takesMin: rules.coldHandlingMin, what: 'into the fridge' },
    { id: endLook, atMin: rules.coldHandlingMin, takesMin: rules.coldHandlingMin, what: 'out of the fridge' },
  ];
  const title = `Into the fridge: from ‘${made.slice(0, 55)}’`;
  const step: Step = {
    ...blankStep,
    id: restStep,
    title,
    text: 'Covered, into the fridge: it would stand in the room for too long. Out again when it is wanted.',
    after: [],
    durationMin: { least: durationMin.least, likely: durationMin.planned, most: durationMin.most },
    hands: 'off',
    cold: 'fridge',
  };
  const way: Way = {
    bentC: 0,
    durationMin,
    hands: 'off',
    looks,
    kit: [],
    cold: { where: 'fridge', places: 1 },
    burners: 0,
  };
  return {
    id,
    batch: batch.id,
    step,
    title,
    durationMin,
    looks,
    ways: [way],
    chores: [],
    kit: [],
    carries,
    dust: [],
    guards: [],
    after: [{ task: after, leastMin: 0, spoils: false }],
    stands: false,
    freshens: false,
    rest: { after },
  };
}
