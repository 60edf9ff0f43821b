import { lineEvidence, noLabels } from '../exposure/index.ts';
import { hazardOf, kitKindOf } from '../reference/index.ts';
import {
  KitKind,
  taskOf,
  type IngredientLine,
  type KitUse,
  type OvenUse,
  type Recipe,
  type Step,
  type StepId,
  type TaskId,
  type UnitId,
} from '../model/index.ts';
import { isVessel } from '../scale/index.ts';
import { ancestry, followersOf, followsOf } from '../versions/index.ts';
import { aloneBatch, type Batch } from './batches.ts';

/**
 * A piece of kit a task needs; with `hold`, one that keeps food in it: all tasks with the same `hold` use the very same piece, from the first to
 * the last; with `only`, one of these, because others are too small.
 */
export type TaskKit = KitUse & {
  readonly hold?: string | undefined;
  readonly only?: readonly UnitId[] | undefined;
  /** It is needed for so many minutes from the task's start and no longer: what was in it is then in another. */
  readonly forMin?: number | undefined;
  /** Food is in it, after the task, until the last of those has begun who take from it with clean hands and tools: other versions, other dishes. */
  readonly untilTaken?: true | undefined;
  /** Food is in it, after the task, until this moment, in minutes after the first serving. */
  readonly keptUntilMin?: number | undefined;
};

/** A piece in which a task's food lies when the task is over. */
type Piece = Required<Pick<TaskKit, 'hold'>> & Pick<TaskKit, 'kind' | 'only'>;

/** What a step is done in. */
export interface InPieces {
  /** The kit that its recipe names, in the recipe's order: whatever holds food has a `hold`. */
  readonly own: readonly TaskKit[];
  /** Pieces that the recipe does not name: in which its food is already, and out of which it comes. */
  readonly more: readonly TaskKit[];
  readonly lies: readonly Piece[];
}

/** Setting something going, what it is made from is tipped out of what it was in. */
export const tippedOutMin = 1;

const holdsFood = ({ kind }: KitUse): boolean => kitKindOf(kind).holds !== 'nothing';

/** Whether it holds the batch's own food, and not that of what it is made with. */
const isOfItsOwn = (batch: Batch, use: KitUse): boolean =>
  holdsFood(use) && (use.as === undefined || !batch.heldIn.has(use.as));
const isForFood = ({ kind }: KitUse): boolean => kitKindOf(kind).holds === 'food';
const inPassing = ({ kind }: KitUse): boolean => kitKindOf(kind).holds === 'in-passing';

/** The piece that a recipe names, whichever batch it is of. */
export function heldBy(batch: Batch, use: KitUse): TaskKit {
  const only =
    batch.vessel && batch.vessel.units.length > 0 && isVessel(batch.vessel, use) ? batch.vessel.units : undefined;
  if (use.as === undefined) return only ? { ...use, only } : use;
  const { batch: holder, as } = batch.heldIn.get(use.as) ?? {
    batch: batch.inherits?.names.has(use.as) ? batch.inherits.base : batch.id,
    as: use.as,
  };
  return { ...use, ...(only ? { only } : {}), hold: `${holder}/${use.kind}/${as}` };
}

/**
 * For every step of every batch the pieces it is done in, in a kitchen that has those kinds of kit. A piece holds food from the step that fills it to the step that empties it, whether a
 * recipe names it or not: steps that go on with the same food are in the same piece, unless they name another; what is taken from there
 * is taken out of that piece. No version is ever done in what still holds what others are taken from: one stays in it when they have theirs, each
 * of the others has pieces of its own.
 */
export function piecesOf(
  batches: readonly Batch[],
  has: ReadonlySet<KitKind>,
): (batch: Batch, step: StepId) => InPieces {
  const known = new Map<TaskId, InPieces>();
  const byId = new Map(batches.map((batch) => [batch.id, batch]));
  const shared = takenElsewhere(batches);
  const find = (batch: Batch, id: StepId): InPieces => {
    const key = taskOf(batch.id, id);
    const before = known.get(key);
    if (before) return before;
    const index = batch.recipe.steps.findIndex((step) => step.id === id);
    const sources = followsOf(batch.recipe, index).map((link): Source => {
      const done = batch.doneIn.get(link.step)!;
      const by = byId.get(done.batch)!;
      const isShared = followersOf(by.recipe, done.step).length > 1;
      return {
        isOwn: isOwnFood(batch, by.id) && !(isShared && movesOut(batch, batch.recipe.steps[index]!, link.step)),
        isShared,
        ...find(by, done.step),
      };
    });
    const found = inPieces(batch, batch.recipe.steps[index]!, sources, has, shared.has(key));
    known.set(key, found);
    return found;
  };
  return find;
}

/** Whether food of another batch is this one's to go on with where it is: its own, or that of the base whose pieces it stays in. */
const isOwnFood = (batch: Batch, other: Batch['id']): boolean => other === batch.id || other === batch.inherits?.base;

/**
 * Whether a share is put into a piece of the step's own and meets something raw there: of what others take from too, it is taken out first, with
 * clean tools, or the rest would be raw with it.
 */
function movesOut(batch: Batch, step: Step, from: StepId): boolean {
  const { steps, lines } = batch.recipe;
  const above = ancestry(batch.recipe);
  const upTo = (id: StepId) => steps.filter((each) => each.id === id || above.get(id)?.has(each.id));
  const before = upTo(from);
  const own = step.kit.filter((use) => use.as !== undefined && isForFood(use) && isOfItsOwn(batch, use));
  const names = new Set(before.flatMap(({ kit }) => kit.flatMap(({ as }) => as ?? [])));
  if (own.length === 0 || own.some(({ as }) => names.has(as!))) return false;
  const isRaw = ({ uses }: Step) => lines.some((line) => uses.includes(line.id) && isRawLine(line));
  return upTo(step.id).some((each) => !before.includes(each) && isRaw(each)) && !before.some(isRaw);
}

const isRawLine = (line: IngredientLine): boolean =>
  lineEvidence(line, noLabels).some(({ about }) => about.kind === 'hazard' && hazardOf(about.hazard).kind === 'raw');

/** The tasks of which others take that are done for another batch, or in pieces of their own. */
function takenElsewhere(batches: readonly Batch[]): ReadonlySet<TaskId> {
  const byId = new Map(batches.map((batch) => [batch.id, batch]));
  return new Set(
    batches.flatMap((batch) =>
      batch.recipe.steps.flatMap((step, index) =>
        followsOf(batch.recipe, index).flatMap((link) => {
          const [taker, from] = [batch.doneIn.get(step.id)!, batch.doneIn.get(link.step)!];
          // Whoever names the piece has it in use while they take.
          const names = step.kit.some(({ as }) => as !== undefined && batch.heldIn.get(as)?.batch === from.batch);
          const by = byId.get(from.batch)!;
          const isMoved = followersOf(by.recipe, from.step).length > 1 && movesOut(batch, step, link.step);
          const isApart = isMoved || !isOwnFood(byId.get(taker.batch)!, from.batch);
          return isApart && !names ? [taskOf(from.batch, from.step)] : [];
        }),
      ),
    ),
  );
}

/** What comes into a step from another. */
interface Source extends Pick<InPieces, 'lies'> {
  readonly isOwn: boolean;
  /** Others take from it too. */
  readonly isShared: boolean;
}

function inPieces(
  batch: Batch,
  step: Step,
  sources: readonly Source[],
  has: ReadonlySet<KitKind>,
  isShared: boolean,
): InPieces {
  const named = ownKit(batch, step, sources);
  const goesOn = named.some((use) => isOfItsOwn(batch, use)) ? [] : goesOnIn(batch, step, sources, has);
  const from = sources.filter(({ isOwn }) => isOwn).flatMap((source) => source.lies);
  const lies = liesIn(batch, step, named, goesOn, from);
  const isTippedOut = ({ hold }: TaskKit) =>
    step.hands === 'off' && from.some((piece) => piece.hold === hold) && !lies.some((piece) => piece.hold === hold);
  const kept = (use: TaskKit): TaskKit => {
    if (isTippedOut(use)) return { ...use, forMin: tippedOutMin };
    return isShared && lies.some(({ hold }) => hold === use.hold) ? { ...use, untilTaken: true } : use;
  };
  const own = named.map(kept);
  const taken = new Set([...own, ...goesOn].flatMap(({ hold }) => hold ?? []));
  const emptied = from
    .filter(({ hold }, at) => !taken.has(hold) && from.findIndex((each) => each.hold === hold) === at)
    .map(kept);
  return { own, more: [...goesOn.map(kept), ...emptied], lies };
}

/** Whether a step can be done in a piece of that kind. */
const fits = ({ oven, burner }: Step, { kind }: Pick<Piece, 'kind'>): boolean =>
  (!oven || kitKindOf(kind).oven) && (!burner || kitKindOf(kind).hob);

/** The kit that a step names; what holds food and has no name is the piece of its kind in which that food is already, or else one of its own. */
function ownKit(batch: Batch, step: Step, sources: readonly Source[]): readonly TaskKit[] {
  const there = sources.filter(({ isOwn, isShared }) => isOwn && !isShared).flatMap(({ lies }) => lies);
  return step.kit.map((use, at): TaskKit => {
    const named = heldBy(batch, use);
    if (named.hold !== undefined || !holdsFood(use)) return named;
    const index = there.findIndex((piece) => piece.kind === use.kind);
    const [piece] = index < 0 ? [] : there.splice(index, 1);
    return { ...named, hold: piece?.hold ?? `${batch.id}/${use.kind}/${step.id}~${at}` };
  });
}

/** Where a step is done that names nothing to hold its food: where that is already, if it can be done there. */
function goesOnIn(
  batch: Batch,
  step: Step,
  sources: readonly Source[],
  has: ReadonlySet<KitKind>,
): readonly (TaskKit & Piece)[] {
  const last =
    sources.findLast((source) => source.isOwn && source.lies.some((piece) => fits(step, piece))) ??
    sources.findLast((source) => source.lies.length > 0);
  if (!last) return [];
  if (last.isOwn) return last.lies.filter((piece) => fits(step, piece));
  // Its share is taken out first, into something of its own.
  const isLast = followersOf(batch.recipe, step.id).length === 0;
  const wanted: readonly KitKind[] =
    step.oven || step.burner
      ? last.lies.filter((piece) => fits(step, piece)).map(({ kind }) => kind)
      : [isLast ? 'serving-dish' : 'bowl', ...last.lies.map(({ kind }) => kind)];
  const kind = wanted.find((each) => has.has(each));
  return kind === undefined ? [] : [{ kind, hold: `${batch.id}/${kind}/${step.id}~share` }];
}

/** Of the pieces that a step is done in, those that its food is left in: the ones that are gone on with, or the last that is named. */
function liesIn(
  batch: Batch,
  step: Step,
  own: readonly TaskKit[],
  goesOn: readonly (TaskKit & Piece)[],
  from: readonly Piece[],
): readonly Piece[] {
  const holding = own.flatMap((use): (TaskKit & Piece)[] =>
    use.hold === undefined || !isOfItsOwn(batch, use) ? [] : [{ ...use, hold: use.hold }],
  );
  if (holding.length === 0) return goesOn.map(pieceOf);
  const followers = followersOf(batch.recipe, step.id);
  const filled = holding.filter(({ hold }) => !from.some((piece) => piece.hold === hold));
  // What is finished may be in several: the roast on its dish, the sauce in its pan.
  if (followers.length === 0 && filled.length > 0) return filled.map(pieceOf);
  const next = followers.flatMap((each) => each.kit);
  const gone = (uses: readonly (TaskKit & Piece)[]) =>
    uses.filter((use) =>
      next.some((other) => other.kind === use.kind && (other.as === undefined || other.as === use.as)),
    );
  const goneOnWith = gone(filled).length > 0 ? gone(filled) : gone(holding);
  if (goneOnWith.length > 0) return goneOnWith.map(pieceOf);
  // What is fried is taken out when it is done, on to whatever it goes next.
  const into = filled.length > 0 ? filled : holding;
  if (followers.every(({ kit }) => kit.some(holdsFood)) && into.every(inPassing)) return [];
  const last = into.findLast((use) => isForFood(use) && fits(step, use)) ?? into.findLast(isForFood) ?? into.at(-1)!;
  const { vessel } = batch;
  return (vessel && isVessel(vessel, last) ? holding.filter((use) => isVessel(vessel, use)) : [last]).map(pieceOf);
}

const pieceOf = ({ kind, hold, only }: Piece): Piece => ({ kind, hold, ...(only ? { only } : {}) });

/** Whether food that a way of doing a step heats is heated in that piece: the pot that is stirred, and not the spoon or the bowl beside it. */
export const isHeatedIn = (
  { oven, burners }: { readonly oven?: OvenUse | undefined; readonly burners: number },
  { kind }: Pick<TaskKit, 'kind'>,
): boolean => (oven !== undefined && kitKindOf(kind).oven) || (burners > 0 && kitKindOf(kind).hob);

/** The pieces of a finished dish: what it lies in stays its own until it is served, and what goes to the table until that is cleared. */
export const keptToTable = (
  kit: readonly TaskKit[],
  lies: readonly Piece[],
  servedMin: number,
  tableMin: number,
): readonly TaskKit[] =>
  kit.map((use) =>
    lies.some(({ hold }) => hold === use.hold)
      ? { ...use, keptUntilMin: servedMin + (kitKindOf(use.kind).table ? tableMin : 0) }
      : use,
  );

/** One recipe made once, by itself and as it is written: the pieces of its steps, whatever kitchen it comes into. */
export function piecesAlone(recipe: Recipe): (step: StepId) => InPieces {
  const batch = aloneBatch(recipe);
  const find = piecesOf([batch], new Set(KitKind.options));
  return (step) => find(batch, step);
}
