import { ovenPhases, type OvenPhases } from '../ledger/index.ts';
import { coatingWords, hazardOf } from '../reference/index.ts';
import {
  clockTime,
  listed,
  ovensOf,
  rackName,
  type CookId,
  type DishId,
  type GuestId,
  type Occasion,
  type Amount,
  type Plan,
  type PlannedStep,
  type PlannedWash,
  type ResidueMark,
  type Step,
  type BatchId,
  endingLook,
  laterLooks,
  entryOf,
  type LookEntryId,
  type Need,
  type TaskId,
} from '../model/index.ts';
import { fit, needName, noTraceHazards, type FitTable } from '../fit/index.ts';
import { scaleLine, sumOfLines, type LineAmount } from '../scale/index.ts';
import { inOtherWay, partId, scaleAmount } from '../versions/index.ts';
import { isFlesh } from '../keeping/index.ts';
import { colderBakes } from '../plan/index.ts';
import { inKit, tasksOf, type Batch, type Task, type TaskNetwork } from '../tasks/index.ts';

/** One ingredient as it goes into one step of one batch. */
export type EntryAmount = LineAmount;

interface EntryBase {
  readonly startMin: number;
  readonly endMin: number;
  readonly cook?: CookId | undefined;
  readonly title: string;
}

/** A step: by hand, or one that goes by itself from here on. */
export interface StepEntry extends EntryBase {
  readonly kind: 'step';
  /** The same in every plan that has the same task. */
  readonly id: TaskId;
  readonly dish: DishId;
  readonly dishName: string;
  /** A component cooked once for what `versionName` says; `dish` is the first it goes into. */
  readonly component: boolean;
  /** "with coconut custard", "for all versions" of a base, or what a component goes into; empty where the dish has one version. */
  readonly versionName: string;
  readonly text: string;
  readonly hands: 'on' | 'off';
  readonly burner: boolean;
  readonly cold?: 'fridge' | 'freezer' | undefined;
  /** Who sets it going, where it goes by itself. */
  readonly setBy?: CookId | undefined;
  readonly leastMin: number;
  readonly mostMin: number;
  /** How it lies in the tin or dish of the plan, where that is not as the recipe has it: its time is an estimate. */
  readonly lies?: 'deeper' | 'shallower' | undefined;
  /** It comes from the fridge, which its recipe does not reckon with: so many minutes more it may take, and whether it has them here. */
  readonly colder?: { readonly minutes: number; readonly isGiven: boolean } | undefined;
  readonly until: string;
  readonly coreC?: number | undefined;
  readonly amounts: readonly EntryAmount[];
  readonly kit: readonly string[];
  /** `temperatureC` in the oven; `dialC` what its dial is set to; `shutMin` how long the door then stays shut; `bentC` by how much hotter or cooler than the recipe says. */
  readonly oven?:
    | {
        readonly name: string;
        readonly rack: string;
        readonly temperatureC: number;
        readonly dialC: number;
        readonly bentC: number;
        readonly shutMin?: number | undefined;
      }
    | undefined;
  /** Allergens that must stay out of it, for the guests who eat it. */
  readonly freeFrom: readonly string[];
  readonly freeFor: readonly GuestId[];
  /** Its food is raw meat, fish or poultry. */
  readonly raw: boolean;
  /** It is dipped, rubbed or laid in something of which a rest stays, and is raw: that rest is as raw. */
  readonly leavesRaw: boolean;
}

/** A moment inside something that goes by itself: turn, stir, take out. */
export interface LookEntry extends EntryBase {
  readonly kind: 'look';
  readonly id: LookEntryId;
  readonly dishName: string;
  readonly until: string;
  readonly of: TaskId;
  /** The one that ends it. */
  readonly last: boolean;
}

export interface WashEntry extends EntryBase {
  readonly kind: 'wash';
  readonly id: TaskId;
  /** The dishwasher is loaded and started; until when it then runs. Absent: washed by hand. */
  readonly machineUntilMin?: number | undefined;
  readonly items: readonly string[];
  /** How it is done, in a sentence or two. */
  readonly how: string;
  readonly carries: readonly string[];
  /** Something raw is among it: that must reach nobody. */
  readonly raw: boolean;
  /** Guests who must not have a trace of what is on it and eat what comes next. */
  readonly guests: readonly GuestId[];
  /** What each piece is wanted for next. */
  readonly next: readonly {
    readonly item: string;
    readonly title: string;
    readonly dishName: string;
    readonly atMin: number;
  }[];
}

export interface OvenEntry extends EntryBase {
  readonly kind: 'oven';
  readonly id: TaskId;
  /** What the dial is set to, which may be off from what is in the oven. */
  readonly dialC: number;
  readonly temperatureC: number;
}

export type RunSheetEntry = StepEntry | LookEntry | WashEntry | OvenEntry;

export const markWords = (mark: ResidueMark): string =>
  mark === 'unread' ? 'something whose label is unread' : hazardOf(mark).name;

/** What a component that is cooked once goes into: the dishes, and the versions where it is not for all of them. */
function intoWords(occasion: Occasion, batch: Batch): readonly string[] {
  return [...new Set(batch.into.map((use) => use.dish))].map((id) => {
    const dish = occasion.dishes.find((each) => each.id === id)!;
    const name = occasion.recipes.find((each) => each.id === dish.recipe)!.name;
    const versions = new Set(batch.into.filter((use) => use.dish === id).flatMap((use) => use.versions));
    return versions.size === dish.versions.length
      ? name
      : `${name} (${listed(dish.versions.filter((each) => versions.has(each.id)).map((each) => each.name))})`;
  });
}

/** What goes into a step; of a component cooked once, the amounts of all it is for together. */
function amountsOf(step: Step, batch: Batch, batches: ReadonlyMap<BatchId, Batch>): readonly EntryAmount[] {
  const own = (from: Batch, uses: Step['uses']) =>
    uses.flatMap((id): EntryAmount[] => {
      const line = from.recipe.lines.find((each) => each.id === id);
      return line ? [scaleLine(from.recipe, line, from.factor, from.dishFactor)] : [];
    });
  if (batch.into.length === 0) return own(batch, step.uses);
  const shares = batch.into.map(({ batch: id, part }) => {
    const user = batches.get(id)!;
    return own(user, user.recipe.steps.find((each) => each.id === partId(part.path, step.id))?.uses ?? []);
  });
  return step.uses.flatMap((id, at): EntryAmount[] => {
    const line = batch.recipe.lines.find((each) => each.id === id);
    const amounts = shares.flatMap((each) => each[at] ?? []);
    return line && amounts.length > 0 ? [{ ...sumOfLines(amounts), line }] : [];
  });
}

/** What a step takes from components that are cooked once: how much of each is for its batch. */
function takenBy(
  task: Task,
  batch: Batch,
  batches: ReadonlyMap<BatchId, Batch>,
  tasks: readonly Task[],
): readonly EntryAmount[] {
  const follows = (each: Task, from: Batch) =>
    each.after.some((link) => tasks.find((one) => one.id === link.task)?.batch === from.id);
  return [...batches.values()].flatMap((from) => {
    // Taken where it is first asked for, and not again.
    if (tasks.find((each) => each.batch === batch.id && follows(each, from)) !== task) return [];
    return from.into
      .filter((use) => use.batch === batch.id)
      .map(({ part }): EntryAmount => {
        const times = part.batches * batch.factor;
        const { makes } = from.recipe;
        const amount: Amount =
          makes && makes.kind !== 'words' && makes.kind !== 'batches'
            ? scaleAmount(makes, times)
            : { kind: 'words', words: `${Math.round((times / from.factor) * 100)} % of the` };
        return {
          line: { id: part.path.at(-1)!, text: from.recipe.name, amount, part: 'body', canOmit: false },
          amount,
          massG: amount.kind === 'mass' ? amount.massG : undefined,
        };
      });
  });
}

function versionNameOf(occasion: Occasion, batch: Batch): string {
  const dish = occasion.dishes.find((each) => each.id === batch.dish)!;
  if (batch.into.length > 0) return `for ${listed(intoWords(occasion, batch))}`;
  if (batch.versions.length > 1) return 'for all versions';
  return dish.versions.length > 1 ? dish.versions.find((each) => each.id === batch.versions[0])!.name : '';
}

/** The step in the way the plan has chosen. */
function effective(step: Step, planned: PlannedStep): Step {
  const way = step.alternatives.find((each) => each.id === planned.way);
  return way ? inOtherWay(step, way) : step;
}

function stepEntry(
  occasion: Occasion,
  plan: Plan,
  task: Task,
  batch: Batch,
  batches: ReadonlyMap<BatchId, Batch>,
  tasks: readonly Task[],
  heatOf: OvenPhases['heatOf'],
): StepEntry | undefined {
  const planned = plan.tasks.find((each) => each.kind === 'step' && each.id === task.id);
  if (planned?.kind !== 'step') return undefined;
  const step = effective(task.step, planned);
  // What is put away is there for as long as it is: nobody's recipe says how long.
  const length = planned.endMin - planned.startMin;
  const { minutes, lies } = task.rest
    ? { minutes: { least: length, most: length }, lies: undefined }
    : inKit(task, batch, planned);
  const ovens = ovensOf(occasion.kitchen);
  const inOven = ovens[planned.oven] ?? occasion.kitchen.oven;
  const unitName = new Map(occasion.kitchen.kit.map((unit) => [unit.id, unit.name]));
  const heatC = heatOf.get(planned.id);
  const freeFor = batch.eaters.filter(
    (id) => noTraceHazards(occasion.guests.find((guest) => guest.id === id)!).size > 0,
  );
  const raw = task.carries.some(({ mark }) => isFlesh(mark));
  return {
    kind: 'step',
    id: task.id,
    startMin: planned.startMin,
    endMin: planned.endMin,
    cook: planned.cook,
    title: step.title,
    dish: batch.dish,
    dishName: batch.recipe.name,
    component: batch.into.length > 0,
    versionName: versionNameOf(occasion, batch),
    text: step.text,
    hands: step.hands,
    burner: step.burner,
    ...(step.cold ? { cold: step.cold } : {}),
    setBy: planned.looks[0]?.cook,
    leastMin: minutes.least,
    mostMin: minutes.most,
    ...(lies ? { lies } : {}),
    until: step.until,
    coreC: step.coreC,
    amounts: [...takenBy(task, batch, batches, tasks), ...amountsOf(step, batch, batches)],
    kit: planned.units.map((id) => unitName.get(id) ?? id),
    oven:
      step.oven && heatC !== undefined
        ? {
            name: ovens.length > 1 ? inOven.name : '',
            rack: listed(planned.racks.map((rack) => rackName(rack, inOven.racks))),
            temperatureC: heatC,
            dialC: heatC - inOven.offsetC,
            bentC: planned.bentC,
            ...(step.oven.shutMin === undefined ? {} : { shutMin: step.oven.shutMin }),
          }
        : undefined,
    freeFrom: [
      ...new Set(
        freeFor.flatMap((id) =>
          occasion.guests
            .find((guest) => guest.id === id)!
            .needs.flatMap((need) => (isKeptFree(need) ? [needName(need)] : [])),
        ),
      ),
    ],
    freeFor,
    raw,
    leavesRaw: raw && coatingWords.test(`${task.title} ${task.step.text}`),
  };
}

/** Whether kit is kept free for a need: traces of a single food are not followed. */
const isKeptFree = (need: Need): need is Extract<Need, { kind: 'hazard' | 'diet' | 'regimen' }> =>
  (need.kind === 'hazard' || need.kind === 'diet' || need.kind === 'regimen') && need.strictness === 'no-trace';

/** What is to be minded where something is raw; undefined where nothing is. */
export function rawWords({ raw, leavesRaw }: Pick<StepEntry, 'raw' | 'leavesRaw'>): string | undefined {
  if (!raw) return undefined;
  const washed = 'Raw: hands and all it touches are washed before anything else is.';
  return leavesRaw
    ? `${washed} What is left of all it was dipped, rubbed or laid in is as raw: throw it away, it goes into nothing else.`
    : washed;
}

const colderOf = (
  { durationMin }: Task,
  { startMin, endMin }: PlannedStep,
  minutes: number | undefined,
): Pick<StepEntry, 'colder'> =>
  minutes === undefined ? {} : { colder: { minutes, isGiven: endMin - startMin >= durationMin.planned + minutes } };

/** What a bake that comes from the fridge, without its recipe's knowing, asks of whoever looks at it. */
export const colderWords = ({ colder }: Pick<StepEntry, 'colder'>): string | undefined =>
  colder &&
  (colder.isGiven
    ? `It comes from the fridge: ${colder.minutes} min are added to its time, a guess. Look for its sign.`
    : `It comes from the fridge: it may take some ${colder.minutes} min longer than planned. Look for its sign.`);

/** What comes out of the fridge, and what it was made in: without that nobody knows which of all that is in there. */
const takenWords = (what: string, { tasks }: TaskNetwork, after: TaskId): string =>
  `${what.charAt(0).toUpperCase()}${what.slice(1)}: from “${tasks.find((task) => task.id === after)?.title ?? ''}”`;

function howToWash(occasion: Occasion, { units, machineUntilMin }: PlannedWash): string {
  if (machineUntilMin !== undefined)
    return `The full programme, with detergent; what is in it is clean at ${clockTime(occasion.serveAt, machineUntilMin)}. Hands with soap, clean towel.`;
  return units.length === 0
    ? 'Soap and running water, 20 seconds, clean towel.'
    : 'Hot water and detergent, rinse, clean towel.';
}

/** Everything that happens, in time order, in the words a cook needs at the bench. */
export function runSheet(occasion: Occasion, plan: Plan, table: FitTable = fit(occasion)): readonly RunSheetEntry[] {
  const network = tasksOf(occasion, table, plan.batches);
  const batches = new Map(network.batches.map((batch) => [batch.id, batch]));
  const unitName = new Map<string, string>(occasion.kitchen.kit.map((unit) => [unit.id, unit.name]));
  const ovens = ovensOf(occasion.kitchen);
  const { heatOf } = ovenPhases(plan);
  const colder = colderBakes(network, plan);
  const entries: RunSheetEntry[] = [];
  for (const task of [...network.tasks, ...network.rests]) {
    const batch = batches.get(task.batch)!;
    const entry = stepEntry(occasion, plan, task, batch, batches, network.tasks, heatOf);
    if (!entry) continue;
    const planned = plan.tasks.find((each) => each.kind === 'step' && each.id === task.id);
    if (planned?.kind !== 'step') continue;
    entries.push({ ...entry, ...colderOf(task, planned, colder.get(task.id)) });
    const ends = endingLook(planned);
    for (const point of laterLooks(planned)) {
      const last = point === ends;
      entries.push({
        kind: 'look',
        id: entryOf(planned, point),
        startMin: point.startMin,
        endMin: point.endMin,
        cook: point.cook,
        title: task.rest ? takenWords(point.what, network, task.rest.after) : `${entry.title}: ${point.what}`,
        dishName: batch.recipe.name,
        until: last ? task.step.until : '',
        of: task.id,
        last,
      });
    }
  }
  for (const planned of plan.tasks) {
    if (planned.kind === 'oven')
      entries.push({
        kind: 'oven',
        id: planned.id,
        startMin: planned.startMin,
        endMin: planned.endMin,
        title: ovens.length > 1 ? `${ovens[planned.oven]?.name ?? 'Oven'} to` : 'Oven to',
        temperatureC: planned.temperatureC,
        dialC: planned.temperatureC - (ovens[planned.oven]?.offsetC ?? 0),
      });
    if (planned.kind !== 'wash') continue;
    const kit = planned.units.map((id) => unitName.get(id) ?? id);
    const items = ['hands', ...kit];
    const marks = [...new Set(planned.because.flatMap((why) => why.hazards))];
    const next = planned.because.flatMap((why) => {
      const task = network.tasks.find((each) => each.id === why.before);
      const at = plan.tasks.find((each) => each.id === why.before);
      return task && at
        ? [
            {
              item: why.unit === 'hands' ? 'hands' : (unitName.get(why.unit) ?? why.unit),
              title: task.title,
              dishName: batches.get(task.batch)!.recipe.name,
              atMin: at.startMin,
              eaters: batches.get(task.batch)!.eaters,
              hazards: why.hazards,
            },
          ]
        : [];
    });
    entries.push({
      kind: 'wash',
      id: planned.id,
      startMin: planned.startMin,
      endMin: planned.endMin,
      cook: planned.cook,
      title:
        planned.machineUntilMin === undefined
          ? `Wash ${listed(items.map((item) => item.toLowerCase()))}`
          : `Start the dishwasher with ${listed(kit.map((item) => item.toLowerCase()))}; wash hands`,
      ...(planned.machineUntilMin === undefined ? {} : { machineUntilMin: planned.machineUntilMin }),
      items,
      how: howToWash(occasion, planned),
      carries: marks.map(markWords),
      raw: marks.some((mark) => mark !== 'unread' && hazardOf(mark).kind === 'raw'),
      guests: occasion.guests
        .filter((guest) =>
          next.some(
            (one) =>
              one.eaters.includes(guest.id) &&
              one.hazards.some((mark) => mark !== 'unread' && noTraceHazards(guest).has(mark)),
          ),
        )
        .map((guest) => guest.id),
      next: next.map(({ item, title, dishName, atMin }) => ({ item, title, dishName, atMin })),
    });
  }
  const rank = { oven: 0, look: 1, wash: 2, step: 3 };
  return entries.sort((a, b) => a.startMin - b.startMin || rank[a.kind] - rank[b.kind] || (a.id < b.id ? -1 : 1));
}
