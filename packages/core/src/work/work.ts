import { rules, kitKindOf } from '../reference/index.ts';
import type { KitKind, Recipe, Step, StepId } from '../model/index.ts';
import type { Knowledge } from '../exposure/index.ts';
import { waitsOf, type WaitLaw } from '../keeping/index.ts';
import { piecesAlone, type TaskKit } from '../tasks/index.ts';
import { followsOf } from '../versions/index.ts';

/** A piece of kit with food in it: the same `id` in two steps is the very same piece, from the one to the other. */
export interface WorkPiece {
  readonly id: string;
  readonly kind: KitKind;
}

/** Food on its way from one step to the next. Minutes. */
export interface WorkWait {
  readonly from: StepId;
  readonly to: StepId;
  /** What the recipe asks: at least, and at most where it says so. */
  readonly leastMin: number;
  readonly saidMostMin: number | undefined;
  /** So long it may stand in the room, by what it is, whatever the recipe says; undefined: nothing forbids it to. */
  readonly roomMin: number | undefined;
  /** So long in the fridge; undefined: it must not stand there, or need not. */
  readonly fridgeMin: number | undefined;
  /** It stands in the fridge already, and stays there until it is wanted. */
  readonly isCold: boolean;
  /** It stays in the piece that it is in. */
  readonly stays: boolean;
}

/** A step of a recipe as it hangs together with the others. */
export interface WorkStep {
  readonly step: Step;
  /** From 1, as the steps are numbered beside the words. */
  readonly number: number;
  /** What it waits for, in the order in which its recipe says it. */
  readonly waits: readonly WorkWait[];
  /** The pieces that hold food while it goes on. */
  readonly pieces: readonly WorkPiece[];
  /** Those its food is left in. */
  readonly lies: readonly WorkPiece[];
}

const pieceOf = ({ hold, kind }: TaskKit): readonly WorkPiece[] => (hold === undefined ? [] : [{ id: hold, kind }]);

/**
 * The work of one recipe, made once and by itself: what waits for what and for how long it may, and in which pieces its food lies. The rules are
 * those by which a day is planned, so what is seen here is what the plan will do.
 */
export function workOf(recipe: Recipe, knowledge: Knowledge): readonly WorkStep[] {
  const inPieces = piecesAlone(recipe);
  const minutes = new Map(recipe.steps.map((step) => [step.id, step.durationMin.likely]));
  const waits = waitsOf(recipe, knowledge, (id) => minutes.get(id)!);
  return recipe.steps.map((step, index) => {
    const { own, more, lies } = inPieces(step.id);
    return {
      step,
      number: index + 1,
      waits: followsOf(recipe, index).map((link): WorkWait => {
        const there = inPieces(link.step).lies;
        return {
          from: link.step,
          to: step.id,
          leastMin: link.leastMin,
          saidMostMin: link.mostMin,
          ...allowed(waits.between(link.step, step.id)),
          stays: there.some(({ hold }) => lies.some((piece) => piece.hold === hold)),
        };
      }),
      pieces: [...own, ...more].filter(({ kind }) => kitKindOf(kind).holds !== 'nothing').flatMap(pieceOf),
      lies: lies.flatMap(pieceOf),
    };
  });
}

/** What the law of keeping allows, whatever the recipe says. */
function allowed({ spoils, standsMin, cold }: WaitLaw): Pick<WorkWait, 'roomMin' | 'fridgeMin' | 'isCold'> {
  return {
    roomMin: spoils ? Math.min(standsMin, rules.standsMostMin) : undefined,
    fridgeMin: cold?.mostMin,
    isCold: cold?.isThere === true,
  };
}
