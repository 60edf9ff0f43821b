import type { Absence, Cook } from '../model/index.ts';

/** When a cook is really in the kitchen: the time they have, without what they are away for. */
export function presenceOf(cook: Cook, absences: readonly Absence[]): Cook['windows'] {
  return absences
    .filter((each) => each.cook === cook.id)
    .reduce<Cook['windows']>(
      (windows, gone) =>
        windows.flatMap(({ fromMin, toMin }) => {
          if (gone.toMin <= fromMin || gone.fromMin >= toMin) return [{ fromMin, toMin }];
          return [
            { fromMin, toMin: gone.fromMin },
            { fromMin: gone.toMin, toMin },
          ].filter((each) => each.toMin > each.fromMin);
        }),
      cook.windows,
    );
}
