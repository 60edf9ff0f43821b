import { cuts, foodOf, hazardOf, rules, stepWords, type FoodId, verbs, type VerbClass } from '../reference/index.ts';
import type { IngredientLine, KitKind, Occasion, Recipe, Step } from '../model/index.ts';
import { knowledgeOf, lineEvidence } from '../exposure/index.ts';
import { verbForms, wholeWord } from '../recipes/index.ts';
import { followsOf, massOf } from '../versions/index.ts';

/** A step that only prepares fruit, vegetables or herbs, with nothing before it and one step after it: it could be done for other dishes at once. */
export interface Piece {
  readonly recipe: Recipe;
  readonly step: Step;
  /** What it prepares; in the order of their foods. */
  readonly lines: readonly (IngredientLine & { readonly food: FoodId })[];
  /** Mass of each line in g, at the recipe's yield; undefined where no weight is known. */
  readonly massesG: readonly number[] | undefined;
  /** The step that takes what was prepared. */
  readonly taker: Step;
  /** How long that may wait, in minutes. */
  readonly waitsMin: number;
  /** Kit it needs, without what the food is only put into. */
  readonly kit: readonly KitKind[];
  /** What is done, in the words of the catalogue: "sliced". */
  readonly done: readonly string[];
  /** Pieces with the same key are equal work. */
  readonly key: string;
}

const work = cuts.work.map((each) => ({ ...each, pattern: wholeWord(verbForms(each.verb)) }));
const manner = cuts.manner.map((each) => ({ name: each.name, pattern: wholeWord(each.words.join('|')) }));
const cutting = new Set(cuts.work.map((each) => each.verb));
const cuttingKit: ReadonlySet<KitKind> = new Set<KitKind>(['board', 'knife', 'grater', 'sieve']);
const notOnFood = new Set<VerbClass>(['kit', 'oven', 'end']);
/** Whatever else a step may tell to do: then it is more than preparing. */
const otherWork = wholeWord(
  [
    ...verbs.filter(({ does }) => !notOnFood.has(does) && does !== 'cut').map(({ verb }) => verb),
    ...stepWords.kit.flatMap((each) => each.verbs),
    'salt',
    'season',
    'add',
    'pour',
    'put',
    'spread',
    'fill',
  ]
    .filter((verb) => !cutting.has(verb))
    .map(verbForms)
    .join('|'),
);
const sizes = /(\d+(?:[.,]\d+)?|[½¼¾])\s?-?\s?(mm|cm|inch|in)\b/giu;

/** How something is cut, in the catalogue's words and by its measures; the same words mean the same work. */
function cutOf(
  step: Step,
  lines: readonly IngredientLine[],
): { readonly done: readonly string[]; readonly words: readonly string[] } | undefined {
  const told = `${step.title}. ${step.text}`;
  if (otherWork.test(told)) return undefined;
  const text = `${told} ${lines.map((line) => line.text).join(' ')}`;
  const done = work.filter((each) => each.pattern.test(text)).map((each) => each.done);
  if (done.length === 0) return undefined;
  const how = manner.filter((each) => each.pattern.test(text)).map((each) => each.name);
  return {
    done,
    words: [...done, ...how, ...[...text.matchAll(sizes)].map((size) => `${size[1]!}${size[2]!.toLowerCase()}`).sort()],
  };
}

const isPlain = (step: Step): boolean =>
  step.hands === 'on' &&
  !step.oven &&
  !step.burner &&
  !step.cold &&
  step.coreC === undefined &&
  step.meantRaw === undefined &&
  !step.looseFlour &&
  !step.splitPoint &&
  step.looks.length === 0 &&
  step.alternatives.length === 0 &&
  step.leaves.length === 0 &&
  step.until === '';

const hasEnd = ({ amount }: IngredientLine): boolean =>
  (amount.kind === 'mass' && amount.toMassG === undefined) ||
  (amount.kind === 'volume' && amount.toVolumeMl === undefined) ||
  (amount.kind === 'count' && amount.toCount === undefined);

/** A step of a recipe as a piece of work that could be gathered; undefined where it is more than that, or bound to its place. */
function pieceOf(occasion: Occasion, recipe: Recipe, index: number): Piece | undefined {
  const step = recipe.steps[index]!;
  if (!isPlain(step) || step.uses.length === 0 || followsOf(recipe, index).length > 0) return undefined;
  const lines = step.uses
    .flatMap((id) => recipe.lines.filter((line) => line.id === id))
    .flatMap((line) =>
      line.food === undefined || line.component || line.part !== 'body' || !hasEnd(line)
        ? []
        : [{ ...line, food: line.food }],
    );
  if (lines.length < step.uses.length || new Set(lines.map((line) => line.food)).size < lines.length) return undefined;
  // A line that another step uses as well cannot be taken away from it.
  if (recipe.steps.some((other) => other !== step && other.uses.some((use) => step.uses.includes(use))))
    return undefined;
  const knowledge = knowledgeOf(occasion);
  // Raw meat or fish is never cut ahead with anything.
  if (
    lines.some(
      (line) =>
        !foodOf(line.food) ||
        lineEvidence(line, knowledge).some(
          ({ about }) => about.kind === 'unknown' || (about.kind === 'hazard' && hazardOf(about.hazard).kind === 'raw'),
        ),
    )
  )
    return undefined;
  const cut = cutOf(step, lines);
  if (!cut) return undefined;
  const takers = recipe.steps.flatMap((each, at) =>
    followsOf(recipe, at).flatMap((link) => (link.step === step.id ? [{ each, link }] : [])),
  );
  const [taker] = takers;
  if (takers.length !== 1 || !taker || taker.link.leastMin > 0 || taker.each.hands !== 'on' || taker.each.oven)
    return undefined;
  const kit = step.kit
    .filter((use) => cuttingKit.has(use.kind))
    .map((use) => use.kind)
    .sort();
  // What the food is put into must be there for the step that takes it; other kit would be another kind of work.
  if (
    kit.length === 0 ||
    step.kit.some(
      (use) =>
        !cuttingKit.has(use.kind) &&
        !(use.as !== undefined && taker.each.kit.some((each) => each.kind === use.kind && each.as === use.as)) &&
        !(use.kind === 'bowl' && use.as === undefined),
    )
  )
    return undefined;
  lines.sort((a, b) => (a.food < b.food ? -1 : 1));
  const masses = lines.map((line) => massOf(line.amount, foodOf(line.food)));
  return {
    recipe,
    step,
    lines,
    taker: taker.each,
    kit,
    done: cut.done,
    massesG: masses.every((mass) => mass !== undefined && mass > 0) ? (masses as number[]) : undefined,
    waitsMin: Math.min(taker.link.mostMin ?? Infinity, rules.cutAheadMostMin),
    key: [lines.map((line) => line.food).join('+'), cut.words.join('+'), kit.join('+')].join('/'),
  };
}

/** All such pieces of the dishes that are made here. What versions swap, and recipes that others are made with, stay as they are. */
export function piecesOf(occasion: Occasion): readonly Piece[] {
  const inside = new Set(occasion.recipes.flatMap((recipe) => recipe.lines.flatMap((line) => line.component ?? [])));
  return occasion.recipes.flatMap((recipe) => {
    const dishes = occasion.dishes.filter((dish) => dish.recipe === recipe.id);
    if (dishes.length === 0 || inside.has(recipe.id) || dishes.some((dish) => dish.brought)) return [];
    const swapped = new Set(
      dishes.flatMap((dish) => dish.versions.flatMap((version) => version.swaps.map((swap) => swap.line))),
    );
    return recipe.steps.flatMap((_, index) => {
      const piece = pieceOf(occasion, recipe, index);
      return piece && piece.lines.every((line) => !swapped.has(line.id)) ? [piece] : [];
    });
  });
}
