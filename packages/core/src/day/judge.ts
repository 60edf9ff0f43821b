import { audit, type Finding, type FindingCode } from '../audit/index.ts';
import { type DishId, type GuestId, type Occasion, type Plan, type TaskId, movedTo } from '../model/index.ts';
import type { Standpoint } from '../state/index.ts';

/** A plate that something has reached, or will, which must not. */
export interface LostPlate {
  readonly guest: GuestId;
  readonly dish: DishId;
  /** The step in which it reaches the plate's food. */
  readonly task: TaskId;
  readonly why: string;
}

export interface DayJudgement {
  /** Plates that what has happened has made unclear: nobody can take it back. */
  readonly lost: readonly LostPlate[];
  /** Plates that would be lost if the plan went on as it stands. */
  readonly ahead: readonly LostPlate[];
  /** What else the audit says of what has been: left too long, too short. */
  readonly said: readonly Finding[];
  /** What it objects to in what is to come, plates apart. */
  readonly objections: readonly Finding[];
}

const ofPlates: ReadonlySet<FindingCode> = new Set([
  'crossing',
  'unclean-past',
  'flour',
  'oven-drip',
  'raw-crossing',
  'raw-served',
]);

/** Whether a finding is about what has been and cannot be planned otherwise; food that waits since before now has waited already. */
function isPast({ code, tasks, guests }: Finding, { done, running, assumed }: Standpoint): boolean {
  const isPlate = ofPlates.has(code) && guests.length > 0;
  // What is only taken to be in hand may not have been begun: no plate is lost on an assumption.
  const over = (task: TaskId) => done.has(task) || (running.has(task) && !(isPlate && assumed?.has(task)));
  return tasks.length > 0 && (tasks.every(over) || (waiting.has(code) && done.has(tasks[0]!)));
}

/** What food is said to do between two tasks. */
const waiting: ReadonlySet<FindingCode> = new Set(['waits-too-long', 'raw-wait', 'warm-wait']);

/** Holds a day in the middle of it against its occasion: what the audit finds, parted into what has been and what is to come. */
export function judgeDay(occasion: Occasion, standpoint: Standpoint): DayJudgement {
  const { findings } = audit(occasion, standpoint.plan);
  const past = findings.filter((finding) => isPast(finding, standpoint));
  const coming = findings.filter((finding) => !past.includes(finding));
  const isPlate = (finding: Finding) => ofPlates.has(finding.code) && finding.guests.length > 0;
  return {
    lost: platesOf(occasion, standpoint.plan, past.filter(isPlate)),
    ahead: platesOf(occasion, standpoint.plan, coming.filter(isPlate)),
    said: past.filter((finding) => !isPlate(finding)),
    objections: coming.filter((finding) => !isPlate(finding)),
  };
}

/**
 * The plates that would be lost if a step were begun now: what lies on its kit and hands, what hangs in the air. Everything that has not been
 * begun is left out, so that only what has been counts against it.
 */
export function lostByBeginning(occasion: Occasion, standpoint: Standpoint, task: TaskId): readonly LostPlate[] {
  const { plan, done, running, assumed, nowMin } = standpoint;
  const step = assumed?.get(task) ?? plan.tasks.find((each) => each.id === task);
  if (step?.kind !== 'step' || done.has(task) || (running.has(task) && !assumed?.has(task))) return [];
  const has = (id: TaskId) => done.has(id) || (running.has(id) && !assumed?.has(id));
  const now = movedTo(step, nowMin, nowMin + step.endMin - step.startMin);
  // An oven that is on stays on, whatever is in it.
  const tasks = [
    ...plan.tasks.filter(
      (each) => each.id !== task && (has(each.id) || (each.kind === 'oven' && each.startMin <= nowMin)),
    ),
    now,
  ];
  const { findings } = audit(occasion, { ...plan, tasks });
  return platesOf(
    occasion,
    { ...plan, tasks },
    findings.filter(
      (finding) => ofPlates.has(finding.code) && finding.guests.length > 0 && finding.tasks.at(-1) === task,
    ),
  );
}

/** Each plate once, with the first reason: of a component cooked once, every dish it goes into that the guest eats. */
function platesOf(occasion: Occasion, plan: Plan, findings: readonly Finding[]): readonly LostPlate[] {
  const plates = new Map<string, LostPlate>();
  // What was on kit or hands explains more than what could drip.
  const first = (finding: Finding) => Number(!finding.code.endsWith('crossing'));
  for (const finding of [...findings].sort((a, b) => first(a) - first(b))) {
    const task = plan.tasks.find((each) => each.id === finding.tasks.at(-1));
    const batch = task?.kind === 'step' ? plan.batches.find((each) => each.id === task.batch) : undefined;
    if (!task || !batch) continue;
    for (const dish of new Set(batch.component ? batch.component.into.map((each) => each.dish) : [batch.dish])) {
      for (const guest of finding.guests) {
        if (occasion.dishes.find((each) => each.id === dish)?.notFor.includes(guest)) continue;
        const key = `${guest}/${dish}`;
        if (!plates.has(key)) plates.set(key, { guest, dish, task: task.id, why: finding.message });
      }
    }
  }
  return [...plates.values()];
}

/** The occasion with these plates taken from their guests, who then get nothing of the dish. */
export function withoutPlates(occasion: Occasion, plates: readonly LostPlate[]): Occasion {
  if (plates.length === 0) return occasion;
  return {
    ...occasion,
    dishes: occasion.dishes.map((dish) => {
      const gone = plates.filter((plate) => plate.dish === dish.id).map((plate) => plate.guest);
      return gone.length === 0 ? dish : { ...dish, notFor: [...new Set([...dish.notFor, ...gone])] };
    }),
  };
}
