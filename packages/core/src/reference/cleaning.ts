import * as v from 'valibot';
import rows from '../../../../data/reference/cleaning.json' with { type: 'json' };
import handOnlyRows from '../../../../data/reference/hand-wash-only.json' with { type: 'json' };

export const materials = [
  'steel',
  'glass',
  'ceramic',
  'plastic',
  'silicone',
  'enamel',
  'skin',
  'stone',
  'nonstick',
  'wood',
  'cast-iron',
  'mesh',
] as const;
export const Material = v.picklist(materials, 'This material is not known.');
export type Material = v.InferOutput<typeof Material>;

const CleaningRow = v.strictObject({
  material: Material,
  /** Whether a wash with hot water and detergent takes food protein off it. */
  comesClean: v.boolean(),
  /** Whether a full programme of a dishwasher with detergent does it no harm, as a rule: what its maker says comes first. @source kitchen practice */
  dishwasher: v.boolean(),
  how: v.string(),
  source: v.string(),
});

export type Cleaning = v.InferOutput<typeof CleaningRow>;
const table = new Map(v.parse(v.array(CleaningRow), rows).map((row) => [row.material, row]));

export function cleaningOf(material: Material): Cleaning {
  const row = table.get(material);
  if (!row) throw new Error(`No cleaning for "${material}" in data/reference/cleaning.json`);
  return row;
}

const HandOnlyRow = v.strictObject({ kind: v.string(), why: v.string(), source: v.string() });
const handOnly = new Map(v.parse(v.array(HandOnlyRow), handOnlyRows).map((row) => [row.kind, row]));

/** Why kit of this kind is washed by hand, whatever it is made of; undefined where nothing speaks against a dishwasher. */
export const handWashOnly = (kind: string): string | undefined => handOnly.get(kind)?.why;
