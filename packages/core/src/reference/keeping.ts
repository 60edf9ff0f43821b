import * as v from 'valibot';
import rows from '../../../../data/reference/keeping.json' with { type: 'json' };

const KeepingRow = v.strictObject({
  id: v.string(),
  /** What it is like to keep, in a clause. */
  means: v.string(),
  /** Whether it spoils once it is out of packet or skin; once it is soaked or blended with something wet; once it is heated. */
  cut: v.boolean(),
  soaked: v.boolean(),
  cooked: v.boolean(),
  source: v.string(),
});

const table = v.parse(v.array(KeepingRow), rows);

/** How a food keeps out of the cold: a row of data/reference/keeping.json. */
export const Keeping = v.pipe(
  v.picklist(
    table.map((row) => row.id),
    'This way of keeping is not known.',
  ),
  v.brand('Keeping'),
);
export type Keeping = v.InferOutput<typeof Keeping>;

/** In which form a food spoils within hours in a room. */
export type Spoiling = Omit<v.InferOutput<typeof KeepingRow>, 'id'>;

const byId = new Map<string, Spoiling>(table.map(({ id, ...row }) => [id, row]));

export const spoilingOf = (keeping: Keeping): Spoiling => byId.get(keeping)!;

/** How what nobody knows is taken to keep. */
export const unknownKeeping: Keeping = v.parse(Keeping, 'perishable');

/** What makes a dough rise, by food. */
export const leavens: ReadonlySet<string> = new Set(['dried-yeast', 'fresh-yeast', 'sourdough-starter']);

/** Rice, whose spores outlive the boiling. @source UK Food Standards Agency on cooked rice */
export const rices: ReadonlySet<string> = new Set([
  'rice',
  'brown-rice',
  'risotto-rice',
  'sushi-rice',
  'pudding-rice',
  'wild-rice',
]);

/** Foods of this aisle make wet what is dry. */
export const wetAisle = 'drinks';

/** A bake with any of these in it is no dry one, however little: hazards that a food of flesh or fish has. @source USDA FSIS: pies and pastries with meat or fish are kept in the refrigerator */
export const fleshOrigins: ReadonlySet<string> = new Set(['poultry', 'meat', 'pork', 'fish', 'crustacean', 'mollusc']);
