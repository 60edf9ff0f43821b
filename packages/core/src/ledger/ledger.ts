import type { Occasion, Plan } from '../model/index.ts';
import type { TaskNetwork } from '../tasks/index.ts';
import type { Page, ResourceKind, Use, Wait } from './page.ts';
import { bookOf, type Book } from './book.ts';
import type { Apart, Law } from './law.ts';
import { freshAir } from './air.ts';
import { heat, racks } from './ovens.ts';
import type { OvenPhases } from './phases.ts';
import { placeKinds, places, type PlaceKind } from './places.ts';
import { dishwasher, hands, kit, sink } from './turns.ts';

const placeLaw = (kind: PlaceKind): Law => ({
  shared: 'at-once',
  pages: ({ occasion, steps }) => [
    {
      resource: { kind },
      capacity: places[kind].in(occasion.kitchen) ?? Infinity,
      uses: steps.flatMap(({ planned, way }): Use[] => {
        const taken = way ? places[kind].asks(way) : 0;
        return taken === 0 ? [] : [{ ...stretchOf(planned), places: taken }];
      }),
    },
  ],
});

const stretchOf = ({ id, startMin, endMin }: Plan['tasks'][number]) => ({
  task: id,
  startMin,
  endMin,
  freeMin: endMin,
});

/** The kitchen's laws, each told once: what played days, mends, lanes and the scheduler's problem reckon with. A row for each. */
export const laws: Readonly<Record<ResourceKind, Law>> = {
  hands,
  kit,
  rack: racks,
  oven: heat,
  sink,
  dishwasher,
  air: freshAir,
  ...(Object.fromEntries(placeKinds.map((kind) => [kind, placeLaw(kind)])) as Record<PlaceKind, Law>),
};

const kinds = Object.keys(laws) as ResourceKind[];

/** A plan's use of everything that the kitchen has. */
export interface Ledger {
  readonly pages: readonly Page[];
  /** What waits for what, besides what the recipes say. The order of all uses stays as it is planned, because the washes between them are right only for it. */
  readonly waits: readonly Wait[];
}

/** `heats`: which load bakes at which heat, where the day has moved them apart. */
export function ledgerOf(occasion: Occasion, network: TaskNetwork, plan: Plan, heats?: OvenPhases): Ledger {
  const book = bookOf(occasion, network, plan, heats);
  const entries = kinds.map((kind) => ({ kind, law: laws[kind], pages: laws[kind].pages(book) }));
  return {
    pages: entries.flatMap(({ pages }) => pages),
    waits: entries.flatMap(({ law, pages }) => pages.flatMap((page) => waitsOn(book, law, page))),
  };
}

function waitsOn(book: Book, law: Law, { resource, capacity, uses }: Page): readonly Wait[] {
  const working = uses.filter((use) => !use.keeps);
  const wait = (first: Use, second: Use, { leastMin, fromStart }: Apart): Wait => ({
    first: first.task,
    second: second.task,
    leastMin,
    because: resource.kind,
    ...(fromStart ? { fromStart } : {}),
    ...(resource.kind === 'kit' ? { unit: resource.unit } : {}),
  });
  /** What wants a thing next that is kept until another task begins. */
  const untilBegun = (all: readonly Use[]): readonly Wait[] =>
    all.flatMap((kept) => {
      const next = working.find((use) => use.startMin >= kept.endMin && use.task !== kept.endedBy);
      if (kept.endedBy === undefined || !next) return [];
      return [wait({ ...kept, task: kept.endedBy }, next, { leastMin: 0, fromStart: true })];
    });
  switch (law.shared) {
    case 'in-turn':
      return [
        ...untilBegun(uses),
        ...working.flatMap((use, at) => {
          const before = working
            .slice(0, at)
            .findLast((each) => !each.begins && (!use.begins || each.endMin <= use.startMin));
          if (!before) return [];
          return before.fromStart
            ? [wait(before, use, { leastMin: before.freeMin - before.startMin, fromStart: true })]
            : [wait(before, use, { leastMin: before.freeMin - before.endMin })];
        }),
      ];
    case 'at-once':
      return onePlaceAfterAnother(working, capacity).map(([first, second]) => wait(first, second, { leastMin: 0 }));
    case 'apart':
      return working.flatMap((first, at) =>
        working
          .slice(at + 1)
          .flatMap((second) => law.between(book, first, second).map((each) => wait(first, second, each))),
      );
    default:
      return law satisfies never;
  }
}

/** Which use takes the place of which: of all that are free, those that have been so longest. */
function onePlaceAfterAnother(uses: readonly Use[], capacity: number): readonly (readonly [Use, Use])[] {
  if (capacity === Infinity) return [];
  const pairs: (readonly [Use, Use])[] = [];
  const last = new Array<Use | undefined>(capacity).fill(undefined);
  for (const use of uses) {
    const free = [...last.keys()]
      .sort((a, b) => (last[a]?.endMin ?? -Infinity) - (last[b]?.endMin ?? -Infinity))
      .slice(0, use.places);
    for (const place of free) {
      const before = last[place];
      if (before && !pairs.some(([first, second]) => first === before && second === use)) pairs.push([before, use]);
      last[place] = use;
    }
  }
  return pairs;
}
