import type { CourseId, GuestId, Occasion } from '../model/index.ts';
import type { FitTable } from './table.ts';

/** A guest who would sit before too little of a course. */
export interface CoverGap {
  readonly guest: GuestId;
  readonly course: CourseId;
  readonly enough: number;
  readonly clear: number;
  /** How many dishes would be clear once the open checks turned out well. */
  readonly hoped: number;
  /** `open`: enough if the checks turn out well. `short`: not enough even then. */
  readonly state: 'open' | 'short';
}

/** Whoever has not enough clear dishes in a course, the hopeless first. Empty where nobody is left with a plate of leaves. */
export function coverGaps(occasion: Occasion, table: FitTable): readonly CoverGap[] {
  const gaps = table.plates.flatMap((plate) =>
    plate.courses.flatMap((course): CoverGap[] => {
      if (course.clear >= course.enough) return [];
      const hoped = course.clear + course.hopeful;
      return [
        {
          guest: plate.guest,
          course: course.course,
          enough: course.enough,
          clear: course.clear,
          hoped,
          state: hoped >= course.enough ? 'open' : 'short',
        },
      ];
    }),
  );
  const order = new Map(occasion.courses.map((course, index) => [course.id, index]));
  return gaps.sort(
    (a, b) =>
      Number(a.state === 'open') - Number(b.state === 'open') ||
      order.get(a.course)! - order.get(b.course)! ||
      a.hoped - b.hoped,
  );
}
