import {
  foodOf,
  kitKindOf,
  pieceWeightG,
  substitutionOf,
  type Food,
  type FoodId,
  type Substitution,
} from '../reference/index.ts';
import {
  KitKind,
  LineId,
  type Amount,
  type IngredientLine,
  type Recipe,
  type Step,
  type StepId,
  type Swap,
} from '../model/index.ts';
import { readIngredient } from '../reading/index.ts';
import { followsOf, linesInto } from './steps.ts';
import { inVersionWords, type Replaced } from './swapWords.ts';
import * as v from 'valibot';

/** Mass in g of an amount of a food, or undefined where no density or piece weight is known. */
export function massOf(amount: Amount, food: Food | undefined): number | undefined {
  switch (amount.kind) {
    case 'mass':
      return amount.massG;
    case 'volume':
      return food?.densityGPerMl === undefined ? undefined : amount.volumeMl * food.densityGPerMl;
    case 'count': {
      const eachG = amount.eachG ?? (food && pieceWeightG(food, amount.piece));
      return eachG === undefined ? undefined : amount.count * eachG;
    }
    case 'batches':
    case 'words':
      return undefined;
    default:
      return amount satisfies never;
  }
}

type Change = Pick<Substitution, 'with' | 'technique' | 'addMin'> & { readonly kit?: readonly string[] };

/** What a swap does to a line, or undefined where it does not fit: the old food then stays, and its verdict with it. */
function changeOf(line: IngredientLine, swap: Exclude<Swap, { kind: 'omit' }>): Change | undefined {
  if (swap.kind === 'own') return swap;
  const substitution = substitutionOf(swap.substitution);
  return substitution && line.food && substitution.replaces.includes(line.food) ? substitution : undefined;
}

function replacementLines(line: IngredientLine, substitution: Change): readonly IngredientLine[] {
  const mass = massOf(line.amount, line.food ? foodOf(line.food) : undefined);
  return substitution.with.map((part, index) => {
    const food = foodOf(part.food);
    const chosen = isChoice(line, part.food);
    const amount: Amount =
      mass !== undefined
        ? { kind: 'mass', massG: Math.round(mass * part.ratio * 10) / 10 }
        : line.amount.kind === 'volume'
          ? { kind: 'volume', volumeMl: line.amount.volumeMl * part.ratio }
          : chosen
            ? line.amount
            : { kind: 'words', words: 'as much as of what it replaces' };
    return {
      id: v.parse(LineId, `${line.id.slice(0, 50)}-in-${index + 1}`),
      text: `${food?.name ?? part.food}, ${chosen ? 'chosen from' : 'instead of'} ${line.text}`.slice(0, 300),
      food: part.food,
      amount,
      role: line.role,
      part: line.part,
      canOmit: line.canOmit,
    };
  });
}

/** Whether a food is one of those that the line itself leaves to choose from: then the amount that it gives is meant of that too. */
const isChoice = ({ food, text }: IngredientLine, chosen: FoodId): boolean =>
  food === undefined && readIngredient(text).foods.some((each) => each.alternative && each.food === chosen);

/**
 * The recipe as a version makes it: lines swapped or left out, steps pointing at the new lines, with the
 * substitution's technique in their text and its minutes in their time.
 */
export function applySwaps(recipe: Recipe, swaps: readonly Swap[]): Recipe {
  if (swaps.length === 0) return recipe;
  let bySwaps = remembered.get(recipe);
  if (!bySwaps) remembered.set(recipe, (bySwaps = new WeakMap()));
  let changed = bySwaps.get(swaps);
  if (!changed) bySwaps.set(swaps, (changed = change(recipe, swaps)));
  return changed;
}

/** Recipes and swaps are never changed in place, and every guest asks for the same version. */
const remembered = new WeakMap<Recipe, WeakMap<readonly Swap[], Recipe>>();

function change(recipe: Recipe, swaps: readonly Swap[]): Recipe {
  const renamed = new Map<string, readonly IngredientLine[]>();
  const notes = new Map<string, { technique: string; addMin: number; kit: readonly string[] }>();
  for (const swap of swaps) {
    const line = recipe.lines.find((each) => each.id === swap.line);
    if (!line) continue;
    if (swap.kind === 'omit') {
      renamed.set(line.id, []);
      notes.set(line.id, { technique: `Leave out: ${line.text}.`, addMin: 0, kit: [] });
      continue;
    }
    const substitution = changeOf(line, swap);
    if (!substitution) continue;
    renamed.set(line.id, replacementLines(line, substitution));
    notes.set(line.id, { technique: substitution.technique, addMin: substitution.addMin, kit: substitution.kit ?? [] });
  }
  const lines = recipe.lines.flatMap((line) => renamed.get(line.id) ?? [line]);
  const replaced = [...renamed].map(([id, by]): Replaced => ({
    line: recipe.lines.find((line) => line.id === id)!,
    by,
  }));
  const steps = recipe.steps.map((asWritten): Step => {
    const step = inVersionWords(asWritten, replaced, lines);
    const changes = step.uses.flatMap((use) => notes.get(use) ?? []);
    if (changes.length === 0) return step;
    const addMin = changes.reduce((sum, change) => sum + change.addMin, 0);
    const { least, likely, most } = step.durationMin;
    return {
      ...step,
      uses: step.uses.flatMap((use) => (renamed.get(use) ?? [{ id: use }]).map((line) => line.id)),
      text: [step.text, ...new Set(changes.map((change) => change.technique).filter((words) => words !== ''))]
        .join(' ')
        .slice(0, 2000),
      kit: [
        ...step.kit,
        ...[...new Set(changes.flatMap((change) => change.kit))]
          .filter((kind) => !step.kit.some((use) => use.kind === kind))
          .map((kind) => ({ kind: v.parse(KitKind, kind) })),
      ],
      durationMin: {
        least: Math.max(0, least + addMin),
        likely: Math.max(1, likely + addMin),
        most: Math.max(1, most + addMin),
      },
    };
  });
  const idle = new Set(
    recipe.steps
      .filter((step, index) => isIdleWithout(recipe, step, index, (line) => renamed.get(line)?.length === 0))
      .map((step) => step.id),
  );
  return { ...recipe, lines, steps: idle.size === 0 ? steps : withoutSteps({ ...recipe, steps }, idle) };
}

/**
 * Whether nothing is left to do in a step when lines are left out: all that it was for is among them, something else goes on after it, and no
 * other food was on the heat in it, stood in it, or came into another piece by it.
 */
function isIdleWithout(recipe: Recipe, step: Step, index: number, isLeftOut: (line: LineId) => boolean): boolean {
  const isFollowed = recipe.steps.some((_, at) => followsOf(recipe, at).some((link) => link.step === step.id));
  if (!isFollowed || step.uses.length === 0 || !step.uses.every(isLeftOut)) return false;
  const before = followsOf(recipe, index).map((link) => recipe.steps.find((each) => each.id === link.step)!);
  if (before.length === 0) return linesInto(recipe, index).every(isLeftOut);
  const holding = step.kit.filter(({ kind }) => kitKindOf(kind).holds !== 'nothing');
  const wasThere = holding.every(
    (use) => use.as !== undefined && before.some(({ kit }) => kit.some((other) => other.as === use.as)),
  );
  // A version is parted from the others in the first step of its own.
  const isParted = step.splitPoint || before.some(({ splitPoint }) => splitPoint);
  return step.hands === 'on' && !step.oven && !step.burner && !isParted && before.length === 1 && wasThere;
}

/** The recipe's steps without some: what followed them follows what they followed. */
function withoutSteps(recipe: Recipe, gone: ReadonlySet<StepId>): Step[] {
  const links = (index: number): NonNullable<Step['after']> =>
    followsOf(recipe, index).flatMap((link) => {
      if (!gone.has(link.step)) return [link];
      return links(recipe.steps.findIndex((step) => step.id === link.step));
    });
  return recipe.steps.flatMap((step, index) => (gone.has(step.id) ? [] : [{ ...step, after: links(index) }]));
}
