import * as v from 'valibot';
import file from '../../../../data/reference/line-purposes.json' with { type: 'json' };

/** What a line says it is for, and the work that takes it though it does not name it. @source in the file */
export const linePurposes = v
  .parse(
    v.strictObject({
      source: v.string(),
      purposes: v.array(v.strictObject({ line: v.string(), step: v.string() })),
    }),
    file,
  )
  .purposes.map(({ line, step }) => ({ line: new RegExp(line, 'i'), step: new RegExp(step, 'i') }));
