import * as v from 'valibot';
import {
  blankStep,
  LineId,
  readLine,
  readSteps,
  Recipe,
  StepId,
  writtenIn,
  type IngredientLine,
  type Step,
} from '@lupin/core';
import { freshId } from '../../shared/words.ts';

/** A line read anew from its words; what the cook has set besides (role, component) stays. */
export function reread(line: IngredientLine, text: string, recipe: Recipe): IngredientLine {
  const reading = readLine(text, writtenIn(recipe.original?.text ?? recipe.lines.map((each) => each.text).join('\n')));
  const { food: _food, ...rest } = line;
  const component = line.component;
  return {
    ...rest,
    text: reading.text || text,
    amount: component && reading.amount.kind === 'words' ? line.amount : reading.amount,
    part: reading.part === 'body' ? line.part : reading.part,
    canOmit: line.canOmit || reading.canOmit,
    ...(reading.food && !component && { food: reading.food }),
  };
}

/** A line from words just typed. */
export const newLine = (recipe: Recipe, text: string, heading?: string): IngredientLine =>
  reread(
    {
      id: v.parse(
        LineId,
        freshId(
          text.slice(0, 40),
          recipe.lines.map((line) => line.id),
        ),
      ),
      text,
      amount: { kind: 'words', words: '' },
      part: 'body',
      canOmit: false,
      ...(heading && { heading }),
    },
    text,
    recipe,
  );

export const newStep = (recipe: Recipe): Step => ({
  ...blankStep,
  id: v.parse(
    StepId,
    freshId(
      'step',
      recipe.steps.map((step) => step.id),
    ),
  ),
  title: 'New step',
  durationMin: { least: 3, likely: 5, most: 8 },
});

/** Without a line, wherever it is named. */
export const withoutLine = (recipe: Recipe, id: string): Recipe => ({
  ...recipe,
  lines: recipe.lines.filter((line) => line.id !== id),
  steps: recipe.steps.map((step) => ({ ...step, uses: step.uses.filter((use) => use !== id) })),
});

/** Moves one element; indices may be out of range and are then ignored. */
export function moved<T>(all: readonly T[], from: number, to: number): T[] {
  if (from < 0 || to < 0 || from >= all.length || to >= all.length || from === to) return [...all];
  const rest = [...all];
  const [one] = rest.splice(from, 1);
  rest.splice(to, 0, one!);
  return rest;
}

/** Steps in another order; a step that would follow a later one follows the one before it instead. */
export function moveStep(recipe: Recipe, from: number, to: number): Recipe {
  const steps = moved(recipe.steps, from, to);
  const earlier = new Set<string>();
  return {
    ...recipe,
    steps: steps.map((step) => {
      const fits = step.after === undefined || step.after.every((link) => earlier.has(link.step));
      earlier.add(step.id);
      if (fits) return step;
      const { after: _after, ...rest } = step;
      return rest;
    }),
  };
}

/** The step read anew from its words: time, heat, kit, moments and what it uses. Its place and its split point stay. */
export function rereadStep(recipe: Recipe, step: Step): Step {
  const known = recipe.lines.map((line) => ({ id: line.id, reading: readLine(line.text), heading: line.heading }));
  const elsewhere = new Set(recipe.steps.filter((each) => each.id !== step.id).flatMap((each) => each.uses));
  const { steps } = readSteps([step.text], known);
  const first = steps[0]?.step;
  if (!first) return step;
  const all = steps.map((each) => each.step);
  const sum = (pick: (one: Step) => number) =>
    Math.min(
      4320,
      all.reduce((total, one) => total + pick(one), 0),
    );
  const main = all.find((one) => one.hands === 'off') ?? first;
  const { oven: _oven, coreC: _core, learned: _learned, ...rest } = step;
  return {
    ...rest,
    uses: [...new Set([...step.uses, ...all.flatMap((one) => one.uses).filter((use) => !elsewhere.has(use))])],
    durationMin: {
      least: sum((one) => one.durationMin.least),
      likely: sum((one) => one.durationMin.likely),
      most: sum((one) => one.durationMin.most),
    },
    hands: main.hands,
    looks: main.looks.filter((each) => each.atMin < sum((one) => one.durationMin.likely)),
    kit: all
      .flatMap((one) => one.kit)
      .filter(
        (use, index, list) => list.findIndex((other) => other.kind === use.kind && other.as === use.as) === index,
      ),
    burner: all.some((one) => one.burner),
    looseFlour: all.some((one) => one.looseFlour),
    until: main.until,
    alternatives: all.flatMap((one) => one.alternatives),
    ...(main.oven && { oven: main.oven }),
    ...(all.find((one) => one.coreC)?.coreC !== undefined && { coreC: all.find((one) => one.coreC)!.coreC }),
  };
}

/** A recipe to begin with: a name and its first ingredient. */
export function blankRecipe(id: string, name: string, first: string): Recipe {
  const empty = v.parse(Recipe, {
    id,
    name,
    portions: 4,
    lines: [{ id: 'line', text: first, amount: { kind: 'words', words: '' } }],
    steps: [
      {
        id: 'step',
        title: 'First step',
        text: '',
        uses: ['line'],
        durationMin: { least: 5, likely: 10, most: 15 },
        hands: 'on',
      },
    ],
    hold: { mostMin: 30, how: 'not said yet; taken as half an hour' },
  });
  return { ...empty, lines: [reread(empty.lines[0]!, first, empty)] };
}
