import { rules } from '../reference/index.ts';
import type { Occasion, Pin, TaskId } from '../model/index.ts';
import type { DaySummary } from './summary.ts';
import type { DayNet } from './net.ts';

/** After how many of the tasks that make days late spare time is tried. */
const mostTasks = 4;

/** Where spare time goes: after one task, or before everything that goes out at one time. */
export type SparePoint =
  { readonly kind: 'task'; readonly task: TaskId } | { readonly kind: 'serving'; readonly atMin: number };

/** Where spare time may help: before each serving, and after the steps that most often make a day late. */
export function sparePoints(net: DayNet, summary: DaySummary): readonly SparePoint[] {
  const steps = new Set(net.pieces.filter((piece) => piece.kind === 'step').map((piece) => piece.id));
  const late = summary.servings
    .filter((serving) => serving.onTime < 1)
    .map(({ atMin }): SparePoint => ({ kind: 'serving', atMin }));
  const tasks = summary.breaks
    .filter((each) => steps.has(each.task))
    .slice(0, mostTasks)
    .map(({ task }): SparePoint => ({ kind: 'task', task }));
  return [...late, ...tasks];
}

/** The occasion with more minutes to spare at a point, on top of what the cook already wishes. */
export function withSpare(occasion: Occasion, net: DayNet, point: SparePoint): Occasion {
  const tasks = new Set(
    point.kind === 'task'
      ? [point.task]
      : net.outcomes.filter((each) => each.atMin === point.atMin).map((each) => net.pieces[each.piece]!.id),
  );
  const { pins } = occasion.wishes;
  const changed = [...tasks].map((task): Pin => {
    const before = pins.find((pin) => pin.task === task);
    return { ...before, task, spareMin: (before?.spareMin ?? 0) + rules.spareTriedMin };
  });
  return {
    ...occasion,
    wishes: { ...occasion.wishes, pins: [...pins.filter((pin) => !tasks.has(pin.task)), ...changed] },
  };
}
