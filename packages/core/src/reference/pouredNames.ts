import * as v from 'valibot';
import file from '../../../../data/reference/poured-names.json' with { type: 'json' };

const rows = v.parse(
  v.strictObject({
    source: v.string(),
    /** Words of an amount that is poured. */
    measures: v.array(v.string()),
    /** Words that say which kind of the sauce. */
    kinds: v.array(v.string()),
    /** What may stand between the measure and the name. */
    between: v.array(v.string()),
    /** Words after which the name is whole: any other goes on with it ("soy milk"). */
    goesOn: v.array(v.string()),
    names: v.array(v.strictObject({ words: v.array(v.string()), means: v.string() })),
  }),
  file,
);

/** Short names that mean something else where they are measured by the spoon. @source kitchen usage; data/reference/poured-names.json */
export const pouredNames = {
  measures: new Set(rows.measures),
  kinds: new Set(rows.kinds),
  between: new Set(rows.between),
  goesOn: new Set(rows.goesOn),
  meaningOf: new Map(rows.names.flatMap(({ words, means }) => words.map((word): [string, string] => [word, means]))),
};
