import * as v from 'valibot';
import file from '../../../../data/reference/courses.json' with { type: 'json' };

const Course = v.picklist(['Starters', 'Mains', 'Sides', 'Desserts']);
export type UsualCourse = v.InferOutput<typeof Course>;

const File = v.strictObject({
  source: v.string(),
  dishes: v.array(v.strictObject({ course: Course, words: v.array(v.string()) })),
  /** Names of what may be sweet or not: what is in it decides. */
  either: v.array(v.strictObject({ words: v.array(v.string()), sweet: Course, savoury: Course })),
  /** Names of foods that make a dish sweet, that make it none, and that make a meal of it; as regular expressions. */
  sweet: v.string(),
  savoury: v.string(),
  base: v.string(),
});

/** What dishes are called, and when they are eaten. @source data/reference/courses.json */
export const courses = v.parse(File, file);
