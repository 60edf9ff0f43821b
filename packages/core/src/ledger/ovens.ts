import { ovensOf } from '../model/index.ts';
import type { Page, Use } from './page.ts';
import type { Book, BookedStep } from './book.ts';
import type { Apart, Law } from './law.ts';
import { hits } from './residue.ts';

/** One load at a time on a rack. */
export const racks: Law = {
  shared: 'in-turn',
  pages: ({ occasion, steps }) =>
    ovensOf(occasion.kitchen).flatMap((oven, number) =>
      Array.from({ length: oven.racks }, (_, rack): Page => ({
        resource: { kind: 'rack', oven: number, rack },
        capacity: 1,
        uses: steps.filter(({ planned }) => planned.oven === number && planned.racks.includes(rack)).map(loadUse),
      })),
    ),
};

const loadUse = ({ planned }: BookedStep): Use => ({
  task: planned.id,
  startMin: planned.startMin,
  endMin: planned.endMin,
  freeMin: planned.endMin,
  places: 1,
});

const isAfter = (first: BookedStep, second: BookedStep) => second.planned.startMin >= first.planned.endMin;

/**
 * An oven has one heat: a load waits until it has been reached, and the next heat until all that bakes at the one before is out. Under the
 * grill nothing else is in it, what must not be disturbed keeps its door shut, and nothing uncovered stands above what is free from it.
 */
export const heat: Law = {
  shared: 'apart',
  pages: ({ occasion, steps, phases }) =>
    ovensOf(occasion.kitchen).map((_, number) => ({
      resource: { kind: 'oven', oven: number },
      capacity: Infinity,
      uses: [
        ...steps.filter(({ planned }) => planned.oven === number && planned.racks.length > 0).map(loadUse),
        ...phases
          .filter((phase) => phase.oven === number)
          .map((phase): Use => ({
            task: phase.id,
            startMin: phase.startMin,
            endMin: phase.endMin,
            freeMin: phase.endMin,
            places: 1,
          })),
      ].sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin),
    })),
  between: (book, first, second) => {
    const [one, two] = [book.stepOf(first.task), book.stepOf(second.task)];
    return one && two ? betweenLoads(one, two) : betweenHeats(book, first, second);
  },
};

function betweenHeats(book: Book, first: Use, second: Use): readonly Apart[] {
  const { phaseOf } = book.heats;
  const [load, next] = [book.stepOf(first.task), book.phaseOf(second.task)];
  if (load && next) {
    const mine = phaseOf.get(load.planned.id);
    const before = book.phases.filter((phase) => phase.oven === next.oven && phase.startMin < next.startMin).at(-1);
    return mine !== undefined && mine === before?.id ? [{ leastMin: 0 }] : [];
  }
  const [phase, later] = [book.phaseOf(first.task), book.stepOf(second.task)];
  return phase && later && phaseOf.get(later.planned.id) === phase.id ? [{ leastMin: 0 }] : [];
}

function betweenLoads(one: BookedStep, two: BookedStep): readonly Apart[] {
  const [first, second] = [one.way?.oven, two.way?.oven];
  if (!first || !second) return [];
  const found: Apart[] = [];
  // Of what is in beside it only going in and coming out wait; a look in between is taken to be left out.
  const shutMin = first.shutMin;
  if (shutMin !== undefined && two.planned.startMin >= one.planned.startMin + shutMin)
    found.push({ leastMin: shutMin, fromStart: true });
  const inTurn = first.grill || second.grill || second.shutMin !== undefined || drip(one, two) || drip(two, one);
  if (inTurn && isAfter(one, two)) found.push({ leastMin: 0 });
  return found;
}

/** A load in an oven: when it is opened for it, and how long after its start it must not be opened for another. */
export interface OvenStay {
  readonly startMin: number;
  readonly endMin: number;
  readonly opensMin: readonly number[];
  readonly shutMin: number | undefined;
}

/** By how many minutes the later of two loads must at least be put off, so that neither opens the oven while it must stay shut for the other. */
export function opensTooSoonMin(earlier: OvenStay, later: OvenStay): number {
  const shutUntil = ({ startMin, endMin, shutMin }: OvenStay) => Math.min(endMin, startMin + (shutMin ?? 0));
  const disturbing = (stay: OvenStay, opens: readonly number[]) =>
    opens.filter((moment) => moment > stay.startMin && moment < shutUntil(stay));
  return Math.max(
    0,
    ...disturbing(earlier, later.opensMin).map((moment) => shutUntil(earlier) - moment),
    ...disturbing(later, earlier.opensMin).map((moment) => moment - later.startMin),
  );
}

/** Whether one load would drip on another on a rack below it that must be free of what it holds. */
function drip(above: BookedStep, below: BookedStep): boolean {
  if (above.way?.oven?.covered || Math.min(...above.planned.racks) >= Math.min(...below.planned.racks)) return false;
  return hits(above.task?.carries ?? [], below.task?.guards ?? []);
}
