import * as v from 'valibot';
import rows from '../../../../data/reference/hazards.json' with { type: 'json' };

/**
 * A hazard is anything a person may need to avoid: an allergen, an intolerance (lactose), an origin
 * that a diet excludes (meat, honey), or a raw-food risk (raw poultry).
 */
export const HazardKind = v.picklist(['allergen', 'intolerance', 'origin', 'raw']);

const HazardRow = v.strictObject({
  id: v.string(),
  name: v.string(),
  kind: HazardKind,
  /** The groups this hazard belongs to: walnut is in tree-nut, wheat is in gluten. */
  groups: v.optional(v.array(v.string()), []),
  /** Close relatives: whoever avoids this one gets *check* for those, never *clear*. */
  related: v.optional(v.array(v.string()), []),
  /** Core temperature in °C that removes a raw-food risk; only for kind "raw". */
  safeCoreC: v.optional(v.number()),
  /** Washed off before any other food, even one that will be cooked. */
  washAlways: v.optional(v.boolean(), false),
  /** How it may be served on purpose to whoever may eat it; absent where no kitchen should. Only for kind "raw". */
  meant: v.optional(
    v.strictObject({
      /** "pink or rare" "meat". */
      what: v.string(),
      served: v.string(),
      /** What makes the outside hot ends it there: nothing of it is on the food any more, though its middle is as it was. */
      sears: v.boolean(),
      /** It may be meant of food that is never on the heat. */
      unheated: v.boolean(),
      care: v.string(),
      source: v.string(),
    }),
  ),
  source: v.string(),
});

const table = v.parse(v.array(HazardRow), rows);
export const hazardIds: readonly string[] = table.map((row) => row.id);

/** The id of a hazard in the table; any other word is refused. */
export const HazardId = v.pipe(v.picklist(hazardIds, 'This hazard is not known.'), v.brand('HazardId'));
export type HazardId = v.InferOutput<typeof HazardId>;
export type HazardKind = v.InferOutput<typeof HazardKind>;

export interface Hazard {
  readonly id: HazardId;
  readonly name: string;
  readonly kind: HazardKind;
  readonly groups: readonly HazardId[];
  readonly related: readonly HazardId[];
  readonly safeCoreC?: number;
  readonly washAlways: boolean;
  readonly meant?: v.InferOutput<typeof HazardRow>['meant'];
  readonly source: string;
}

/** A raw-food risk with which a dish may be served on purpose; any other is refused. */
export const MeantRaw = v.pipe(
  v.picklist(
    table.filter(({ meant }) => meant !== undefined).map((row) => row.id),
    'No kitchen should serve that raw.',
  ),
  v.brand('HazardId'),
);

const asIds = (ids: readonly string[]) => ids.map((id) => v.parse(HazardId, id));

export const hazards: readonly Hazard[] = table.map((row) => ({
  ...row,
  id: v.parse(HazardId, row.id),
  groups: asIds(row.groups),
  related: asIds(row.related),
}));

const byId = new Map(hazards.map((hazard) => [hazard.id, hazard]));

export function hazardOf(id: HazardId): Hazard {
  const hazard = byId.get(id);
  if (!hazard) throw new Error(`No hazard "${id}" in data/reference/hazards.json`);
  return hazard;
}

/** "raw or soft egg": what may be served so on purpose; empty for what no kitchen should serve. */
export function meantWords(hazard: HazardId): string {
  const { meant } = hazardOf(hazard);
  return meant ? `${meant.served} ${meant.what}` : '';
}

/** Whether a raw-food risk is over once its food has been so hot at its core, in °C. Other hazards are never over. */
export function isEndedBy(hazard: HazardId, coreC: number | undefined): boolean {
  const { safeCoreC } = hazardOf(hazard);
  return safeCoreC !== undefined && coreC !== undefined && coreC >= safeCoreC;
}

/** The members of a group, without the group itself; empty for a hazard that is no group. */
export function membersOf(group: HazardId): readonly HazardId[] {
  return hazards.filter((hazard) => hazard.groups.includes(group)).map((hazard) => hazard.id);
}

/**
 * How a hazard that is found bears on one that is avoided.
 * `same`: it is the one, or a member of the avoided group. `maybe`: a group was found (an unnamed nut) and
 * a member is avoided. `related`: a close relative was found. `none`: it does not matter.
 */
export type Bearing = 'same' | 'maybe' | 'related' | 'none';

export function bearingOf(found: HazardId, avoided: HazardId): Bearing {
  return bearings.get(found)!.get(avoided)!;
}

function weighBearing(found: HazardId, avoided: HazardId): Bearing {
  if (found === avoided) return 'same';
  const one = hazardOf(found);
  if (one.groups.includes(avoided)) return 'same';
  const other = hazardOf(avoided);
  if (other.groups.includes(found)) return 'maybe';
  if (other.related.includes(found) || one.related.includes(avoided)) return 'related';
  return 'none';
}

// Asked for every guest and line, and the table never changes.
const bearings = new Map(
  hazards.map((found) => [
    found.id,
    new Map(hazards.map((avoided) => [avoided.id, weighBearing(found.id, avoided.id)])),
  ]),
);
