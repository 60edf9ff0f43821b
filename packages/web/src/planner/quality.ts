import type { Plan } from '@lupin/core';

/** What a cook would compare two plans by: washes, then the length of the day in minutes. */
export function qualityOf(plan: Plan): readonly [washes: number, dayMin: number] {
  const starts = plan.tasks.flatMap((task) => (task.kind !== 'oven' && task.cook && task.startMin >= -720 ? [task.startMin] : []));
  return [plan.tasks.filter((task) => task.kind === 'wash').length, starts.length > 0 ? -Math.min(...starts) : 0];
}

export function isBetter(one: Plan, other: Plan | undefined): boolean {
  if (!other || other.basis !== one.basis) return true;
  const [a, b] = [qualityOf(one), qualityOf(other)];
  return a[0] !== b[0] ? a[0] < b[0] : a[1] < b[1];
}
