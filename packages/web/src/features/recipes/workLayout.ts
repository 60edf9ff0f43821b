import type { Recipe, Step } from '@lupin/core';

/** Where a step stands in the picture of the work: how many things come before it one after the other, and in which row. */
export interface WorkCell {
  readonly step: Step;
  /** From 1, as the steps are numbered beside the words. */
  readonly number: number;
  readonly column: number;
  readonly row: number;
  /** The cells it waits for. */
  readonly after: readonly number[];
}

const followed = (recipe: Recipe, index: number): readonly number[] => {
  const { after } = recipe.steps[index]!;
  if (!after) return index > 0 ? [index - 1] : [];
  return after.map((link) => recipe.steps.findIndex((step) => step.id === link.step)).filter((at) => at >= 0);
};

/**
 * The work of a recipe in its order: a step stands behind all that it waits for; what waits for nothing begins a row of its own, and a row goes on with
 * the step that follows its last one.
 */
export function workLayout(recipe: Recipe): readonly WorkCell[] {
  const cells: WorkCell[] = [];
  const lastInRow: number[] = [];
  recipe.steps.forEach((step, index) => {
    const after = followed(recipe, index);
    const column = after.length === 0 ? 0 : Math.max(...after.map((at) => cells[at]!.column)) + 1;
    const going = lastInRow.findIndex((at) => after.includes(at));
    const row = going >= 0 ? going : lastInRow.length;
    lastInRow[row] = index;
    cells.push({ step, number: index + 1, column, row, after });
  });
  return cells;
}

/** "after 2 and 3", "at any time": what a step waits for, in the numbers of the steps. */
export function waitsInWords({ after }: WorkCell): string {
  if (after.length === 0) return 'at any time';
  const numbers = after.map((at) => String(at + 1)).sort((a, b) => Number(a) - Number(b));
  return `after ${numbers.length > 1 ? `${numbers.slice(0, -1).join(', ')} and ` : ''}${numbers.at(-1)}`;
}
