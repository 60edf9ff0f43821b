import * as v from 'valibot';
import {
  batchesOfComponent,
  LineId,
  madeWith,
  StepId,
  type IngredientLine,
  type Recipe,
  type Step,
} from '../model/index.ts';
import { rules } from '../reference/index.ts';
import { inBatchStep } from './batchWords.ts';
import { scaleAmount } from './scaleAmount.ts';
import { followsOf } from './steps.ts';

interface Flat {
  readonly parts: readonly Recipe[];
  readonly flat: Recipe;
}

/** Recipes are never changed in place; a flat one holds as long as the recipes it was made of are the same objects. */
const remembered = new WeakMap<Recipe, Flat>();

/**
 * The recipe with everything it is made with written out: a component's lines in their amounts, its steps before the step that uses it.
 * Ids of what comes from a component begin with the id of the line that asked for it ("custard--milk"). A recipe without components is itself.
 */
export function flatten(recipe: Recipe, find: (id: string) => Recipe | undefined): Recipe {
  if (!recipe.lines.some((line) => line.component)) return recipe;
  const { parts, loop } = madeWith(recipe, find);
  if (loop) return recipe;
  const known = remembered.get(recipe);
  if (known && known.parts.length === parts.length && known.parts.every((part, i) => part === parts[i]))
    return known.flat;
  const flat = writeOut(recipe, find);
  remembered.set(recipe, { parts, flat });
  return flat;
}

/** Joins two ids into one of at most so many characters; what is too long is shortened in a way that keeps different ids different. */
export function joinedId(first: string, second: string, most = 64): string {
  const whole = `${first}--${second}`;
  if (whole.length <= most) return whole;
  let hash = 0x811c9dc5;
  for (let i = 0; i < whole.length; i++) hash = Math.imul(hash ^ whole.charCodeAt(i), 0x01000193);
  return `${whole.slice(0, most - 9)}-${(hash >>> 0).toString(36)}`;
}

/** How long a component may stand between its end and its use, in minutes. */
export const partKeepsMin = ({ hold, keeps }: Recipe): number =>
  Math.max(hold.mostMin, ...keeps.map((each) => Math.min(4320, each.days * 1440)));

function writeOut(recipe: Recipe, find: (id: string) => Recipe | undefined): Recipe {
  const lines: IngredientLine[] = [];
  const before: Step[] = [];
  // Its words are these words now, and what is not meant by them.
  const notMeant = [...(recipe.notMeant ?? [])];
  /** For each component line, its last steps: those that its user waits for. */
  const ends = new Map<string, NonNullable<Step['after']>>();
  for (const line of recipe.lines) {
    const raw = line.component && find(line.component);
    if (!raw) {
      lines.push(line);
      continue;
    }
    const part = flatten(raw, find);
    notMeant.push(...(part.notMeant ?? []));
    // An amount nobody can work out is taken for one batch; the recipe check says so.
    const factor = batchesOfComponent(line, raw) ?? 1;
    const lineId = (id: string) => v.parse(LineId, joinedId(line.id, id));
    const stepId = (id: string) => v.parse(StepId, joinedId(line.id, id));
    const shares = part.lines.map((each) => ({ line: each, amount: scaleAmount(each.amount, factor) }));
    lines.push(
      ...shares.map(({ line: each, amount }): IngredientLine => ({
        ...each,
        id: lineId(each.id),
        amount,
        heading: each.heading ?? raw.name.slice(0, 80),
        part: line.part === 'body' ? each.part : line.part,
        canOmit: each.canOmit || line.canOmit,
      })),
    );
    const followed = new Set<string>();
    part.steps.forEach((asWritten, index) => {
      const step = inBatchStep(asWritten, factor, shares);
      const follows = followsOf(part, index);
      for (const link of follows) followed.add(link.step);
      const growth = step.grows ? factor ** rules.handsOnExponent : 1;
      const grown = (minutes: number) => Math.min(4320, Math.max(1, Math.round(minutes * growth)));
      before.push({
        ...step,
        id: stepId(step.id),
        uses: step.uses.map(lineId),
        after: follows.map((link) => ({ ...link, step: stepId(link.step) })),
        durationMin: {
          least: Math.min(grown(step.durationMin.least), grown(step.durationMin.likely)),
          likely: grown(step.durationMin.likely),
          most: grown(step.durationMin.most),
        },
        kit: step.kit.map((use) => (use.as ? { ...use, as: joinedId(line.id, use.as, 40) } : use)),
        alternatives: step.alternatives.map((each) => ({ ...each, id: stepId(each.id) })),
      });
    });
    const keepsMin = partKeepsMin(raw);
    ends.set(
      line.id,
      part.steps
        .filter((step) => !followed.has(step.id))
        .map((step) => ({ step: stepId(step.id), leastMin: 0, mostMin: keepsMin })),
    );
  }
  const last = recipe.steps.length - 1;
  const asked = new Set(recipe.steps.flatMap((step) => step.uses as string[]));
  const own = recipe.steps.map((step, index): Step => {
    const waits = step.uses.flatMap((use) => ends.get(use) ?? []);
    // A component that no step names is needed by the end.
    const forgotten = index === last ? [...ends].filter(([id]) => !asked.has(id)).flatMap(([, links]) => links) : [];
    return {
      ...step,
      uses: step.uses.filter((use) => !ends.has(use)),
      after: [...followsOf(recipe, index), ...waits, ...forgotten],
    };
  });
  return { ...recipe, ...(notMeant.length > 0 && { notMeant }), lines, steps: [...before, ...own] };
}
