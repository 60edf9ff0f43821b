import { cleaningOf, hazards } from '../reference/index.ts';
import {
  handsOf,
  isMarkEndedBy,
  type BatchId,
  type KitUnit,
  type Occasion,
  type Plan,
  type PlannedStep,
  type PlannedWash,
  type ResidueMark,
  type SurfaceId,
  type TaskId,
} from '../model/index.ts';
import { isHeatedIn, tasksById, wayOf, type Task, type TaskNetwork } from '../tasks/index.ts';
import type { Standpoint } from './standpoint.ts';

/** Where a residue comes from: a batch, or a past that nobody knows. */
export type Origin = BatchId | 'unknown-past';

/** A hazard that lies on a surface or has got into food, and where it came in. */
export interface Residue {
  readonly mark: ResidueMark;
  readonly origin: Origin;
}

/** What lies on a surface, since when, and what brought it there. */
export interface SurfaceNow {
  readonly residues: readonly Residue[];
  readonly sinceMin: number;
  readonly by: TaskId | undefined;
}

/** What has been, played forwards: what is on every surface now, and in what food has gone. */
export interface Residues {
  readonly surfaces: ReadonlyMap<SurfaceId, SurfaceNow>;
  /** What is in the food that came, or comes, out of each step that has been begun. */
  readonly inFood: ReadonlyMap<TaskId, readonly Residue[]>;
}

const keyOf = ({ mark, origin }: Residue): string => `${mark}/${origin}`;

function union(...lists: readonly (readonly Residue[])[]): Residue[] {
  return [...new Map(lists.flat().map((residue) => [keyOf(residue), residue])).values()];
}

/** Wood and the like count as holding whatever they met before, unless they are kept free for somebody. */
const hasUnknownPast = ({ material, keptFreeOf }: KitUnit): boolean =>
  !cleaningOf(material).comesClean && keptFreeOf.length === 0;
const unknownPast: readonly Residue[] = [{ mark: 'unread', origin: 'unknown-past' }];

/** What has been done and what goes on, in the order in which it leaves its traces. */
function inOrder({ plan, done, running }: Standpoint): readonly (PlannedStep | PlannedWash)[] {
  const at = (task: PlannedStep | PlannedWash) => (task.kind === 'wash' ? task.endMin : task.startMin);
  return plan.tasks
    .filter(
      (task): task is PlannedStep | PlannedWash => task.kind !== 'oven' && (done.has(task.id) || running.has(task.id)),
    )
    .sort((a, b) => at(a) - at(b) || (a.kind === 'wash' ? -1 : 1));
}

export function residuesOf(occasion: Occasion, network: TaskNetwork, standpoint: Standpoint): Residues {
  const { kit } = occasion.kitchen;
  const surfaces = new Map<SurfaceId, SurfaceNow>();
  const inFood = new Map<TaskId, readonly Residue[]>();
  const suspect = new Set<SurfaceId>(kit.filter(hasUnknownPast).map(({ id }) => id));
  for (const unit of suspect) surfaces.set(unit, { residues: unknownPast, sinceMin: -Infinity, by: undefined });
  const tasks = tasksById(network);
  const comesClean = new Map(kit.map((unit) => [unit.id, cleaningOf(unit.material).comesClean]));
  for (const each of inOrder(standpoint)) {
    if (each.kind === 'wash') {
      const clean = { residues: [], sinceMin: each.endMin, by: each.id };
      if (each.hands) surfaces.set(handsOf(each.cook), clean);
      for (const unit of each.units) if (comesClean.get(unit)) surfaces.set(unit, clean);
      continue;
    }
    const task = tasks.get(each.id);
    const touched: SurfaceId[] = [...each.units, ...(each.cook ? [handsOf(each.cook)] : [])];
    const all = union(
      // What is lost, or no longer on the menu, is not in the network; what it held still is on what it touched.
      task?.carries ?? heldBy(standpoint.plan, network, each),
      ...(task?.after ?? []).map((link) => inFood.get(link.task) ?? []),
      ...touched.map((surface) => surfaces.get(surface)?.residues ?? []),
    );
    const cooked = all.filter(({ mark }) => !(task && isMarkEndedBy(mark, task.step)));
    inFood.set(each.id, cooked);
    const way = task && wayOf(task, each);
    touched.forEach((surface, at) => {
      const use = at < each.units.length ? way?.kit[at] : undefined;
      // Where somebody handles what is still raw, that stays on what they use, but for what it is heated in.
      const left = each.cook === undefined || (way && use && isHeatedIn(way, use)) ? cooked : all;
      surfaces.set(surface, {
        residues: suspect.has(surface) ? union(left, unknownPast) : left,
        sinceMin: each.startMin,
        by: each.id,
      });
    });
  }
  return { surfaces, inFood };
}

/** What a batch's food has met on its way to a step, besides what it is made of. */
export function pickedUp(network: TaskNetwork, { inFood }: Residues, task: Task): readonly Residue[] {
  const own = new Set<Origin>(network.batches.find((batch) => batch.id === task.batch)!.lineage);
  return union(...task.after.map((link) => inFood.get(link.task) ?? [])).filter(({ origin }) => !own.has(origin));
}

/**
 * A step that the network no longer knows. What was lost held what the same step holds that is done again; else it is taken to have held
 * whatever its dish holds, in any version, or anything where that is not known either.
 */
function heldBy(plan: Plan, network: TaskNetwork, step: PlannedStep): readonly Residue[] {
  const batch = plan.batches.find((each) => each.id === step.batch);
  const ofDish = new Set(network.batches.flatMap((each) => (each.dish === batch?.dish ? [each.id] : [])));
  const like = network.tasks.filter((task) => ofDish.has(task.batch));
  const same = batch?.lost ? like.filter((task) => task.step.id === step.step) : [];
  const known: readonly ResidueMark[] =
    like.length > 0
      ? (same.length > 0 ? same : like).flatMap((task) => task.carries.map(({ mark }) => mark))
      : [...hazards.map((hazard) => hazard.id), 'unread'];
  return known.map((mark) => ({ mark, origin: step.batch }));
}
