import { foodOf, hazardOf, type FoodId, type HazardId } from '../reference/index.ts';
import type { IngredientLine, LabelRecord, LineId, Recipe } from '../model/index.ts';
import { ancestry } from '../versions/index.ts';

/** `contained`: it is in there. `possible`: it may be an ingredient until the label is read. `trace`: a precaution names it. */
export type Level = 'contained' | 'possible' | 'trace';

/**
 * What an ingredient line is known or feared to bring, and what that rests on.
 * `unread`: a food made of several, whose label nobody has read. `unknown`: words no catalogue entry stands for.
 */
export type Subject = { readonly kind: 'hazard'; readonly hazard: HazardId } | { readonly kind: 'food'; readonly food: FoodId } | { readonly kind: 'unread' } | { readonly kind: 'unknown' };

/** How good the ground is: label read on a day, one-ingredient food, usual composition, none. */
export type Grade = 'label' | 'single' | 'usual' | 'unknown';

export interface Evidence {
  readonly about: Subject;
  readonly level: Level;
  readonly grade: Grade;
  readonly line: LineId;
  readonly food?: FoodId | undefined;
  /** The line's own words. */
  readonly words: string;
  /** One sentence: why this is believed. */
  readonly because: string;
}

const remembered = new WeakMap<readonly LabelRecord[], WeakMap<IngredientLine, readonly Evidence[]>>();

/**
 * All that one ingredient line brings. Where two labels are of one food, the later-read counts.
 * Remembered by line and labels (both are never changed in place), because every guest and batch asks again.
 */
export function lineEvidence(line: IngredientLine, labels: readonly LabelRecord[]): readonly Evidence[] {
  let byLine = remembered.get(labels);
  if (!byLine) remembered.set(labels, (byLine = new WeakMap()));
  let evidence = byLine.get(line);
  if (!evidence) byLine.set(line, (evidence = readLine(line, labels)));
  return evidence;
}

function readLine(line: IngredientLine, labels: readonly LabelRecord[]): readonly Evidence[] {
  const base = { line: line.id, food: line.food, words: line.text };
  const food = line.food ? foodOf(line.food) : undefined;
  if (!food) {
    return [{ ...base, about: { kind: 'unknown' }, level: 'possible', grade: 'unknown', because: `Nobody has said what “${line.text}” is made of.` }];
  }
  const grade: Grade = food.kind === 'single' ? 'single' : 'usual';
  const found: Evidence[] = [{ ...base, about: { kind: 'food', food: food.id }, level: 'contained', grade, because: `It is ${food.name}.` }];
  for (const hazard of food.contains) {
    found.push({ ...base, about: { kind: 'hazard', hazard }, level: 'contained', grade, because: `${capital(food.name)}: holds ${hazardOf(hazard).name}.` });
  }
  const label = labels.filter((each) => each.food === food.id).sort((a, b) => (a.readOn < b.readOn ? 1 : -1))[0];
  if (label) {
    const read = `label of ${label.product}, read ${label.readOn}`;
    for (const hazard of label.contains) {
      if (!food.contains.includes(hazard)) found.push({ ...base, about: { kind: 'hazard', hazard }, level: 'contained', grade: 'label', because: `The ${read} lists ${hazardOf(hazard).name}.` });
    }
    for (const hazard of label.mayContain) {
      found.push({ ...base, about: { kind: 'hazard', hazard }, level: 'trace', grade: 'label', because: `The ${read} says it may contain ${hazardOf(hazard).name}.` });
    }
    for (const other of label.foodsFound) {
      found.push({ ...base, about: { kind: 'food', food: other }, level: 'contained', grade: 'label', because: `The ${read} lists ${foodOf(other)?.name ?? other}.` });
    }
  } else {
    for (const { hazard, why } of food.possible) {
      found.push({ ...base, about: { kind: 'hazard', hazard }, level: 'possible', grade: 'usual', because: `${capital(why)}. The label decides.` });
    }
    if (food.kind === 'composite') {
      found.push({ ...base, about: { kind: 'unread' }, level: 'possible', grade: 'unknown', because: `${capital(food.name)}: made of several things, and its label has not been read.` });
    }
  }
  return found;
}

/** What a served plate of this recipe brings: the evidence of its lines, without raw-food risks that a step cooks away. */
export function servedEvidence(recipe: Recipe, labels: readonly LabelRecord[]): readonly Evidence[] {
  const before = ancestry(recipe);
  return recipe.lines.flatMap((line) =>
    lineEvidence(line, labels).filter((evidence) => {
      if (evidence.about.kind !== 'hazard') return true;
      const { kind, safeCoreC } = hazardOf(evidence.about.hazard);
      if (kind !== 'raw' || safeCoreC === undefined) return true;
      const enters = recipe.steps.find((step) => step.uses.includes(line.id));
      return !enters || !recipe.steps.some((step) => step.coreC !== undefined && step.coreC >= safeCoreC && before.get(step.id)!.has(enters.id));
    }),
  );
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
