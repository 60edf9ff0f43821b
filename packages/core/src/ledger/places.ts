import type { Kitchen } from '../model/index.ts';
import type { Way } from '../tasks/index.ts';

/** What a kitchen has so many places of, all alike: work takes some of them for as long as it goes on. */
export const placeKinds = ['burner', 'fridge', 'freezer'] as const;
export type PlaceKind = (typeof placeKinds)[number];

interface Places {
  /** How many a kitchen has; undefined: nobody has said, and it is not reckoned with. */
  readonly in: (kitchen: Kitchen) => number | undefined;
  /** How many a way of doing something takes. */
  readonly asks: (way: Way) => number;
}

const cold = (where: 'fridge' | 'freezer') => (way: Way) => (way.cold?.where === where ? way.cold.places : 0);

/** A row for each: scheduler, played days, mends, reasons and lanes all read it here. The audit counts for itself. */
export const places: Readonly<Record<PlaceKind, Places>> = {
  burner: { in: (kitchen) => kitchen.burners, asks: (way) => way.burners },
  fridge: { in: (kitchen) => kitchen.fridgePlaces, asks: cold('fridge') },
  freezer: { in: (kitchen) => kitchen.freezerPlaces, asks: cold('freezer') },
};
