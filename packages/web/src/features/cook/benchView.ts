import {
  doorShutFor,
  fit,
  happened,
  judgeDay,
  kitchenOf,
  lostByBeginning,
  mayBeginEarly,
  netOf,
  progressOf,
  runSheet,
  standingOf,
  tasksOf,
  timersOf,
  waitingNow,
  type DayEvent,
  type DeviceReading,
  type LostPlate,
  type Occasion,
  type Plan,
  type PlannedStep,
  type PlannedWash,
  type RunSheetEntry,
  type Slipped,
  type StepEntry,
} from '@lupin/core';
import { comingUp, doer, doneOf } from './entries.ts';
import type { NamedTimer } from './TimerBar.tsx';

/** What begins within so many minutes is looked at as if it began now. */
const soonMin = 2;

/** What does not change while a plan stands. */
export interface Sheet {
  readonly occasion: Occasion;
  readonly plan: Plan;
  readonly table: ReturnType<typeof fit>;
  readonly network: ReturnType<typeof tasksOf>;
  /** What waits for what on the day. */
  readonly net: ReturnType<typeof netOf>;
  readonly entries: readonly RunSheetEntry[];
  readonly steps: ReadonlyMap<string, StepEntry>;
}

export function sheetOf(occasion: Occasion, plan: Plan): Sheet {
  const table = fit(occasion);
  const entries = runSheet(occasion, plan, table);
  const network = tasksOf(occasion, table, plan.batches);
  return {
    occasion,
    plan,
    table,
    network,
    net: netOf(occasion, network, plan),
    entries,
    steps: new Map(entries.flatMap((entry) => (entry.kind === 'step' ? [[entry.id, entry] as const] : []))),
  };
}

/** How the day stands at a minute, whoever looks at it: by what was noted. */
export interface DayNow {
  readonly sheet: Sheet;
  readonly minute: number;
  readonly progress: ReturnType<typeof progressOf>;
  readonly done: ReadonlySet<string>;
  readonly timers: readonly NamedTimer[];
  readonly slipped: Slipped;
  readonly kitchen: ReturnType<typeof kitchenOf>;
  readonly judged: ReturnType<typeof judgeDay>;
  readonly standing: ReturnType<typeof standingOf>;
  /** What stands in the room between two steps. */
  readonly waiting: ReturnType<typeof waitingNow>;
  /** Washes of which something was left out. */
  readonly skipped: ReadonlySet<string>;
}

export function dayAt(sheet: Sheet, events: readonly DayEvent[], minute: number): DayNow {
  const { occasion, plan, table, network, entries, steps } = sheet;
  const progress = progressOf(events);
  const standpoint = happened(plan, progress, minute);
  return {
    sheet,
    minute,
    progress,
    done: doneOf(entries, plan, progress),
    timers: timersOf(plan, (id) => steps.get(id)?.leastMin, progress, minute).map((timer) => named(timer, steps)),
    slipped: { occasion, standpoint },
    kitchen: kitchenOf(occasion, network, standpoint),
    judged: judgeDay(occasion, standpoint),
    standing: standingOf(occasion, plan, progress, minute, table),
    waiting: waitingNow(network, standpoint, progress),
    skipped: new Set([...progress.washes].flatMap(([id, wash]) => (wash.skipped.length > 0 ? [id] : []))),
  };
}

/** A timer in the words of its step: the dish, and where it is. */
function named(timer: ReturnType<typeof timersOf>[number], steps: Sheet['steps']): NamedTimer {
  const step = timer.step === undefined ? undefined : steps.get(timer.step);
  if (!step) return { ...timer, title: timer.name, name: '', where: '' };
  return {
    ...timer,
    title: step.dishName,
    name: timer.name === '' ? step.title : timer.name,
    where: step.oven ? [step.oven.name, step.oven.rack].filter(Boolean).join(', ') : (step.kit[0]?.toLowerCase() ?? ''),
  };
}

/** What one device shows of the day: whose list, and what was picked from it. */
export interface BenchView {
  readonly mine: readonly RunSheetEntry[];
  readonly now: RunSheetEntry | undefined;
  readonly next: RunSheetEntry | undefined;
  /** The wash that is to be done now. */
  readonly wash: PlannedWash | undefined;
  /** What goes into the oven now. */
  readonly load: PlannedStep | undefined;
  readonly lastDone: RunSheetEntry | undefined;
  /** When it is to be done as the day now goes: of a look, when its timer is due. */
  readonly dueMin: number;
  /** It is not due yet, and may be begun all the same. */
  readonly isEarly: boolean;
  /** Since when it should have been done, or, what goes by itself, set going; in minutes. */
  readonly lateMin: number;
  /** The core temperature that ends it. */
  readonly core: { readonly entry: string; readonly limitC: number } | undefined;
  readonly probeC: number | undefined;
  /** The oven that must not be opened for it yet. */
  readonly door: ReturnType<typeof doorShutFor>;
  /** The plates that it would cost if it were begun now. */
  readonly costs: readonly LostPlate[];
}

export function benchView(
  day: DayNow,
  who: string,
  picked: string | undefined,
  devices: readonly DeviceReading[],
): BenchView {
  const { sheet, minute, progress, done, timers, slipped, kitchen } = day;
  const { plan, entries, steps } = sheet;
  const mine = entries.filter((entry) => who === 'all' || !doer(entry) || doer(entry) === who);
  const coming = comingUp(mine, done, timers);
  const now = entries.find((entry) => entry.id === picked && !done.has(entry.id)) ?? coming[0];
  const planned = plan.tasks.find((task) => task.id === now?.id);
  const dueMin = Math.round(timers.find((timer) => timer.id === now?.id)?.dueMin ?? now?.startMin ?? 0);
  const isDue = now !== undefined && dueMin <= minute + soonMin;
  const core = coreOf(now, steps);
  const probe = devices.find((each) => each.kind === 'probe' && core !== undefined && each.task === core.entry);
  return {
    mine,
    now,
    next: coming.find((entry) => entry.id !== now?.id),
    wash: planned?.kind === 'wash' ? planned : undefined,
    load: planned?.kind === 'step' && planned.racks.length > 0 ? planned : undefined,
    lastDone: lastOf(mine, progress),
    dueMin,
    isEarly: isEarly(day, now),
    lateMin: lateMin(now, minute),
    core,
    probeC: probe?.kind === 'probe' ? (probe.coreC ?? undefined) : undefined,
    door: isDue ? doorShutFor(now, plan, kitchen) : undefined,
    costs: isDue && now.kind === 'step' ? lostByBeginning(slipped.occasion, slipped.standpoint, now.id) : [],
  };
}

/** Whether it is not due yet, and may be begun all the same: no oven would be opened too soon, and no plate lost by it. */
const isEarly = (
  { sheet, minute, kitchen, slipped: { occasion, standpoint } }: DayNow,
  now: RunSheetEntry | undefined,
): boolean =>
  now !== undefined &&
  now.kind !== 'look' &&
  minute < now.startMin &&
  mayBeginEarly(sheet.net, standpoint, now.id) &&
  doorShutFor(now, sheet.plan, kitchen) === undefined &&
  lostByBeginning(occasion, standpoint, now.id).length === 0;

const lastOf = (mine: readonly RunSheetEntry[], { ticked }: DayNow['progress']): RunSheetEntry | undefined =>
  mine.filter((entry) => ticked.has(entry.id)).sort((a, b) => ticked.get(b.id)!.atMin - ticked.get(a.id)!.atMin)[0];

function lateMin(now: RunSheetEntry | undefined, minute: number): number {
  if (!now || now.kind === 'look') return 0;
  return minute - (now.kind === 'step' && now.hands === 'off' ? now.startMin : now.endMin);
}

/** Of a step done by hand, or of what a last look takes out. */
function coreOf(entry: RunSheetEntry | undefined, steps: Sheet['steps']): BenchView['core'] {
  const step = entry?.kind === 'look' && entry.last ? steps.get(entry.of) : entry;
  if (step?.kind !== 'step' || step.coreC === undefined) return undefined;
  return step === entry && step.hands === 'off' ? undefined : { entry: step.id, limitC: step.coreC };
}
