import { rules } from '../reference/index.ts';
import type { Use } from './page.ts';
import type { BookedStep } from './book.ts';
import type { Apart, Law } from './law.ts';
import { hits } from './residue.ts';

const isDusty = ({ task }: BookedStep): boolean => (task?.dust.length ?? 0) > 0;
const isOpen = ({ planned, task }: BookedStep): boolean => planned.cook !== undefined && (task?.guards.length ?? 0) > 0;

/** After loose flour nothing is open that must stay free of it until it has settled, and no flour while such a thing is open. */
export const freshAir: Law = {
  shared: 'apart',
  pages: ({ steps }) => [
    {
      resource: { kind: 'air' },
      capacity: Infinity,
      uses: steps
        .filter((step) => isDusty(step) || isOpen(step))
        .map(({ planned }): Use => ({
          task: planned.id,
          startMin: planned.startMin,
          endMin: planned.endMin,
          freeMin: planned.endMin,
          places: 1,
        })),
    },
  ],
  between: (book, first, second) => {
    const [one, two] = [book.stepOf(first.task)!, book.stepOf(second.task)!];
    const found: Apart[] = [];
    if (second.startMin < first.endMin) return found;
    // Also where the day has come closer than that: what is to come has to wait for it.
    if (isOpen(two) && hits(one.task?.dust ?? [], two.task?.guards ?? []))
      found.push({ leastMin: rules.flourSettlesMin });
    if (isOpen(one) && hits(two.task?.dust ?? [], one.task?.guards ?? [])) found.push({ leastMin: 0 });
    return found;
  },
};
