import {
  listed,
  ovensOf,
  rackName,
  type KitUnit,
  type Occasion,
  type Pin,
  type Plan,
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

/** Where several dishes meet, a bar says whose it is. */
export function ofDish(entry: RunSheetEntry): string {
  if (entry.kind !== 'step') return entry.kind === 'wash' ? '' : entry.title;
  const dish = entry.component ? entry.dishName.toLowerCase() : entry.dish.replaceAll('-', ' ');
  return dish.split(' ').some((word) => entry.title.toLowerCase().includes(word))
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

/** The lanes, in order, and what lies on each. */
export function laneRows(
  occasion: Occasion,
  plan: Plan,
  entries: readonly RunSheetEntry[],
  grouping: Grouping,
): readonly LaneRow[] {
  switch (grouping) {
    case 'cook':
      return cookRows(occasion, plan, entries);
    case 'dish':
      return dishRows(occasion, entries);
    case 'kit':
      return kitRows(occasion, plan, entries);
    default:
      return grouping satisfies never;
  }
}

function cookRows(occasion: Occasion, plan: Plan, entries: readonly RunSheetEntry[]): readonly LaneRow[] {
  const steps = entries.filter(isStep);
  const place = new Map(
    plan.tasks.flatMap((task) =>
      task.kind === 'step' ? [[task.id, { oven: task.oven, racks: task.racks }] as const] : [],
    ),
  );
  const ovens = ovensOf(occasion.kitchen);
  const loads = entries.flatMap((entry) => inMachine(entry) ?? []);
  return [
    ...occasion.kitchen.cooks.map((cook): LaneRow => ({
      key: `cook/${cook.id}`,
      name: cook.name,
      entries: entries.filter((entry) => entry.cook === cook.id),
      label: titleOnly,
      drop: (entry) => (entry.hands === 'on' && entry.cook !== cook.id ? { cook: cook.id } : {}),
    })),
    ...ovens.flatMap((oven, number) =>
      Array.from({ length: oven.racks }, (_, rack): LaneRow => ({
        key: `oven/${number}/${rack}`,
        name: rack === 0 ? oven.name : '',
        ...(oven.racks > 1 ? { sub: rackName(rack, oven.racks).replace(/^the | rack$| from the top$/g, '') } : {}),
        entries: steps.filter(
          (step) => step.oven && place.get(step.id)?.oven === number && place.get(step.id)?.racks.includes(rack),
        ),
        label: ofDish,
        oven: number,
        drop: (entry) => {
          const now = place.get(entry.id);
          if (!entry.oven || (now?.oven === number && now.racks.includes(rack))) return {};
          return { rack, ...(ovens.length > 1 ? { oven: number } : {}) };
        },
      })),
    ),
    {
      key: 'hob',
      name: 'Hob',
      sub: `${occasion.kitchen.burners} burners`,
      entries: steps.filter((step) => !step.oven && step.burner),
      label: ofDish,
    },
    ...(loads.length > 0 ? [{ key: 'dishwasher', name: 'Dishwasher', entries: loads, label: loadOf }] : []),
    {
      key: 'alone',
      name: 'By itself',
      entries: steps.filter((step) => step.hands === 'off' && !step.oven && !step.burner),
      label: ofDish,
    },
  ];
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
function kitRows(occasion: Occasion, plan: Plan, entries: readonly RunSheetEntry[]): readonly LaneRow[] {
  const users = new Map<string, Set<string>>();
  for (const task of plan.tasks)
    if (task.kind !== 'oven')
      for (const unit of task.units) users.set(unit, (users.get(unit) ?? new Set()).add(task.id));
  return occasion.kitchen.kit.flatMap((unit): LaneRow[] => {
    const mine = users.get(unit.id);
    if (!mine) return [];
    const kept = unit.keptFreeOf.length > 0 ? { sub: 'kept free' } : {};
    return [
      {
        key: `kit/${unit.id}`,
        name: unit.name,
        ...kept,
        entries: entries.flatMap((entry) => (mine.has(entry.id) ? (inMachine(entry) ?? entry) : [])),
        label: ofKit,
        unit,
        drop: () => ({ unit: unit.id }),
      },
    ];
  });
}
