import {
  freshId,
  listed,
  ovensOf,
  rackName,
  type KitUnit,
  type Occasion,
  type Page,
  type Pin,
  type Resource,
  type ResourceKind,
  type RunSheetEntry,
  type StepEntry,
} from '@lupin/core';

/** What the lanes stand for. */
export type Grouping = 'cook' | 'dish' | 'kit';

export interface LaneRow {
  readonly key: string;
  readonly name: string;
  readonly sub?: string;
  readonly entries: readonly RunSheetEntry[];
  readonly label: (entry: RunSheetEntry) => string;
  /** What a step dropped here is fixed to. */
  readonly drop?: (entry: StepEntry) => Partial<Pin>;
  /** The racks of an oven stand together, its temperature under the last. */
  readonly oven?: number;
  readonly unit?: KitUnit;
}

const isStep = (entry: RunSheetEntry): entry is StepEntry => entry.kind === 'step';

/** On a cook's lane washes and looks are signs without words: there are many, and pressing one says all. */
const titleOnly = (entry: RunSheetEntry): string => (entry.kind === 'step' ? entry.title : '');

/** A dish's id where that is a shorter name for it ("gratin"); where it was only made from the name, the name. */
function dishWords({ dish, dishName }: StepEntry): string {
  const isMadeFromName = freshId(dishName, []).startsWith(dish.replace(/-\d+$/, ''));
  return isMadeFromName && dish.includes('-') ? dishName : dish.replaceAll('-', ' ');
}

/** Where several dishes meet, a bar says whose it is. */
export function ofDish(entry: RunSheetEntry): string {
  if (entry.kind !== 'step') return entry.kind === 'wash' ? '' : entry.title;
  const dish = entry.component ? entry.dishName.toLowerCase() : dishWords(entry);
  return dish
    .toLowerCase()
    .split(' ')
    .some((word) => entry.title.toLowerCase().includes(word))
    ? entry.title
    : `${entry.title} · ${dish}`;
}

/** A wash as the dishwasher sees it: from its start until what is in it can be used; undefined where it is done by hand. */
const inMachine = (entry: RunSheetEntry): RunSheetEntry | undefined =>
  entry.kind === 'wash' && entry.machineUntilMin !== undefined
    ? { ...entry, startMin: entry.endMin, endMin: entry.machineUntilMin }
    : undefined;

const loadOf = (entry: RunSheetEntry): string =>
  entry.kind === 'wash' ? listed(entry.items.slice(1).map((item) => item.toLowerCase())) : '';

/** On a piece's own lane: what is done with it, or that it is in the dishwasher. */
const ofKit = (entry: RunSheetEntry): string =>
  entry.kind === 'wash' && entry.machineUntilMin !== undefined ? 'in the dishwasher' : ofDish(entry);

/** The lanes, in order, and what lies on each. `pages`: the ledger of the plan that `entries` are of. */
export function laneRows(
  occasion: Occasion,
  pages: readonly Page[],
  entries: readonly RunSheetEntry[],
  grouping: Grouping,
): readonly LaneRow[] {
  switch (grouping) {
    case 'cook':
      return cookRows(occasion, pages, entries);
    case 'dish':
      return dishRows(occasion, entries);
    case 'kit':
      return kitRows(occasion, pages, entries);
    default:
      return grouping satisfies never;
  }
}

interface Drawn<K extends ResourceKind> {
  readonly occasion: Occasion;
  readonly resource: Extract<Resource, { kind: K }>;
  /** What uses it. */
  readonly users: readonly RunSheetEntry[];
  readonly capacity: number;
  readonly entries: readonly RunSheetEntry[];
  readonly isOn: (entry: StepEntry, resource: Resource) => boolean;
}

/** How each thing of the kitchen is drawn, from top to bottom; undefined: it has no lane beside the cooks. */
const laneOf: { readonly [K in ResourceKind]: (drawn: Drawn<K>) => LaneRow | undefined } = {
  hands: ({ occasion, resource, entries }) => ({
    key: `cook/${resource.cook}`,
    name: occasion.kitchen.cooks.find((cook) => cook.id === resource.cook)?.name ?? resource.cook,
    // Looks are on the lane too; what only was set going is on that of where it goes on.
    entries: entries.filter((entry) => entry.cook === resource.cook),
    label: titleOnly,
    drop: (entry) => (entry.hands === 'on' && entry.cook !== resource.cook ? { cook: resource.cook } : {}),
  }),
  rack: ({ occasion, resource: { oven: number, rack }, users, isOn }) => {
    const ovens = ovensOf(occasion.kitchen);
    const oven = ovens[number]!;
    return {
      key: `oven/${number}/${rack}`,
      name: rack === 0 ? oven.name : '',
      ...(oven.racks > 1 ? { sub: rackName(rack, oven.racks).replace(/^the | rack$| from the top$/g, '') } : {}),
      entries: users,
      label: ofDish,
      oven: number,
      drop: (entry) => {
        if (!entry.oven || isOn(entry, { kind: 'rack', oven: number, rack })) return {};
        return { rack, ...(ovens.length > 1 ? { oven: number } : {}) };
      },
    };
  },
  // Its heat is drawn under its racks.
  oven: () => undefined,
  burner: ({ users, capacity }) => ({
    key: 'hob',
    name: 'Hob',
    sub: `${capacity} burners`,
    entries: users,
    label: ofDish,
  }),
  dishwasher: ({ users }) =>
    whereUsed(
      'dishwasher',
      'Dishwasher',
      users.flatMap((entry) => inMachine(entry) ?? []),
      loadOf,
    ),
  fridge: ({ users }) => whereUsed('fridge', 'Fridge', users, ofDish),
  freezer: ({ users }) => whereUsed('freezer', 'Freezer', users, ofDish),
  // Washes stand on the lane of whoever washes, pieces on lanes of their own.
  sink: () => undefined,
  kit: () => undefined,
  air: () => undefined,
};

const whereUsed = (key: string, name: string, entries: LaneRow['entries'], label: LaneRow['label']) =>
  entries.length > 0 ? { key, name, entries, label } : undefined;

const laneOrder = Object.keys(laneOf) as readonly ResourceKind[];

function cookRows(occasion: Occasion, pages: readonly Page[], entries: readonly RunSheetEntry[]): readonly LaneRow[] {
  const isOn = (entry: StepEntry, wanted: Resource) =>
    pages.some(({ resource, uses }) => isSame(resource, wanted) && uses.some((use) => use.task === entry.id));
  const draw = <K extends ResourceKind>({ resource, uses, capacity }: Page): LaneRow | undefined =>
    laneOf[resource.kind as K]({
      occasion,
      resource: resource as Extract<Resource, { kind: K }>,
      users: entriesOf(uses, entries),
      capacity,
      entries,
      isOn,
    });
  const rows = laneOrder.flatMap((kind) =>
    pages.filter(({ resource }) => resource.kind === kind).flatMap((page) => draw(page) ?? []),
  );
  const drawn = new Set(rows.filter((row) => !row.key.startsWith('cook/')).flatMap((row) => row.entries));
  const alone = entries.filter((entry) => isStep(entry) && entry.hands === 'off' && !drawn.has(entry));
  return [...rows, { key: 'alone', name: 'By itself', entries: alone, label: ofDish }];
}

const isSame = (one: Resource, other: Resource): boolean =>
  Object.entries(one).every(([key, value]) => other[key as keyof Resource] === value);

/** Entries of the tasks that use something; looks have no task of their own. */
function entriesOf(uses: Page['uses'], entries: readonly RunSheetEntry[]): readonly RunSheetEntry[] {
  const tasks = new Set<string>(uses.map((use) => use.task));
  return entries.filter((entry) => tasks.has(entry.id));
}

/** A lane for each dish, and for each version that is made apart; washes belong to none. */
function dishRows(occasion: Occasion, entries: readonly RunSheetEntry[]): readonly LaneRow[] {
  const lanes = new Map<string, { name: string; sub: string; atMin: number; entries: RunSheetEntry[] }>();
  const laneOf = new Map<string, string>();
  for (const entry of entries) {
    if (entry.kind !== 'step') continue;
    const key = `${entry.dish}/${entry.versionName}`;
    laneOf.set(entry.id, key);
    const dish = occasion.dishes.find((each) => each.id === entry.dish);
    const course = occasion.courses.find((each) => each.id === dish?.course);
    const lane = lanes.get(key) ?? {
      name: entry.dishName,
      sub: entry.versionName,
      atMin: course?.offsetMin ?? 0,
      entries: [],
    };
    lane.entries.push(entry);
    lanes.set(key, lane);
  }
  for (const entry of entries) if (entry.kind === 'look') lanes.get(laneOf.get(entry.of) ?? '')?.entries.push(entry);
  return [...lanes]
    .sort(([, a], [, b]) => a.atMin - b.atMin || (a.name < b.name ? -1 : a.name > b.name ? 1 : 0))
    .map(([key, lane]): LaneRow => ({
      key: `dish/${key}`,
      name: lane.name,
      sub: lane.sub,
      entries: lane.entries,
      label: titleOnly,
    }));
}

/** A lane for each piece of kit that is used, with what is on it; washes are the washes. */
function kitRows(occasion: Occasion, pages: readonly Page[], entries: readonly RunSheetEntry[]): readonly LaneRow[] {
  return pages.flatMap(({ resource, uses }): LaneRow[] => {
    const unit = resource.kind === 'kit' && occasion.kitchen.kit.find((each) => each.id === resource.unit);
    if (!unit || uses.length === 0) return [];
    const kept = unit.keptFreeOf.length > 0 ? { sub: 'kept free' } : {};
    return [
      {
        key: `kit/${unit.id}`,
        name: unit.name,
        ...kept,
        entries: entriesOf(uses, entries).map((entry) => inMachine(entry) ?? entry),
        label: ofKit,
        unit,
        drop: () => ({ unit: unit.id }),
      },
    ];
  });
}
