import { kitKindOf } from '../reference/index.ts';
import {
  freshId,
  KitKind,
  kitWords,
  piecesOfKit,
  type KitUse,
  type Recipe,
  type Step,
  type StepId,
} from '../model/index.ts';
import { piecesAlone } from '../tasks/index.ts';
import { asks, made, type Reshaped } from './reshaped.ts';

/** Where a step goes on, besides by hand or standing there. */
export type Place =
  | { readonly kind: 'oven'; readonly oven: NonNullable<Step['oven']> }
  | { readonly kind: 'hob' }
  | { readonly kind: 'cold'; readonly where: NonNullable<Step['cold']> }
  | { readonly kind: 'room' };

const withStep = (recipe: Recipe, id: StepId, change: (step: Step) => Step): Recipe => ({
  ...recipe,
  steps: recipe.steps.map((step) => (step.id === id ? change(step) : step)),
});

function put(step: Step, place: Place): Step {
  const { oven: _oven, cold: _cold, ...rest } = step;
  switch (place.kind) {
    case 'oven':
      return { ...rest, burner: false, oven: place.oven };
    case 'hob':
      return { ...rest, burner: true };
    case 'cold':
      return { ...rest, burner: false, cold: place.where };
    case 'room':
      return { ...rest, burner: false };
  }
}

/** The first asked are those that the most dishes go into. */
const hotPieces: Readonly<Record<'oven' | 'hob', readonly KitKind[]>> = {
  oven: ['baking-tray', 'roasting-tin', 'gratin-dish', 'cake-tin', 'large-pot'],
  hob: ['saucepan', 'frying-pan', 'large-pot', 'skillet'],
};
const hotPlaceWords = { oven: 'into the oven', hob: 'on the hob' } as const;

/** A step goes on in another place. Asks for what it then stands in, where that is nothing that can be heated there. */
export function placed(recipe: Recipe, id: StepId, place: Place): Reshaped {
  const next = withStep(recipe, id, (step) => put(step, place));
  if (place.kind !== 'oven' && place.kind !== 'hob') return made(next);
  const { own, more } = piecesAlone(next)(id);
  const holding = [...own, ...more].filter(({ kind }) => kitKindOf(kind).holds !== 'nothing');
  if (holding.some(({ kind }) => kitKindOf(kind)[place.kind])) return made(next);
  const step = recipe.steps.find((each) => each.id === id)!;
  const what = holding[0] ? `A ${kitWords(holding[0].kind)} does not go ${hotPlaceWords[place.kind]}.` : '';
  return asks(
    `${what} In what does “${step.title}” go ${hotPlaceWords[place.kind]}?`.trim(),
    ...hotPieces[place.kind].map((kind) => ({
      words: piecesOfKit(kind, 1),
      recipe: withStep(next, id, (each) => ({
        ...each,
        kit: [...each.kit.filter((use) => kitKindOf(use.kind).holds !== 'food'), { kind }],
      })),
    })),
  );
}

/** A step is done in a piece of its own of that kind, which no other step has food in, unless it names it too. */
export function inFreshPiece(recipe: Recipe, id: StepId, kind: KitKind): Recipe {
  const as = freshName(recipe, kind);
  return withStep(recipe, id, (step) => ({ ...step, kit: renamed(step.kit, kind, as) }));
}

/** A step is done in the very piece of that kind in which another's food is. Unchanged where that one has none. */
export function inPieceOf(recipe: Recipe, id: StepId, kind: KitKind, other: StepId): Recipe {
  const inPieces = piecesAlone(recipe);
  const { own, more, lies } = inPieces(other);
  const piece = [...lies, ...own, ...more].find((each) => each.kind === kind && each.hold !== undefined);
  if (!piece) return recipe;
  const isIt = (step: Step, at: number) => inPieces(step.id).own[at]?.hold === piece.hold;
  const uses = recipe.steps.flatMap((step) => step.kit.filter((_, at) => isIt(step, at)));
  const as = uses.find((use) => use.as !== undefined)?.as ?? freshName(recipe, kind);
  return {
    ...recipe,
    steps: recipe.steps.map((step) => {
      const kit = step.kit.map((use, at): KitUse => (isIt(step, at) ? { ...use, as } : use));
      return { ...step, kit: step.id === id ? renamed(kit, kind, as) : kit };
    }),
  };
}

/** A step's first piece of a kind has that name; one is taken where it has none. */
function renamed(kit: readonly KitUse[], kind: KitKind, as: string): KitUse[] {
  const at = kit.findIndex((use) => use.kind === kind);
  return at < 0 ? [...kit, { kind, as }] : kit.map((use, index) => (index === at ? { ...use, as } : use));
}

const freshName = (recipe: Recipe, kind: KitKind): string =>
  freshId(
    kind,
    recipe.steps.flatMap((step) => step.kit.flatMap((use) => use.as ?? [])),
    40,
  );
