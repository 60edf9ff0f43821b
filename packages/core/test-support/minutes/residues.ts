import type { Guest } from '../../src/model/index.ts';
import { along, said, type Day, type Work } from './work.ts';
import { isRawEgg, isRawFlesh, marksIn, staysDirty } from './words.ts';

const flourHangsMin = 30;

/** Something on kit, on hands or in food: what, and whose. */
interface Smear {
  readonly mark: string;
  readonly batch: string;
}
const key = ({ mark, batch }: Smear) => `${mark}/${batch}`;
const together = (...lists: readonly (readonly Smear[])[]): readonly Smear[] => [
  ...new Map(lists.flat().map((smear) => [key(smear), smear])).values(),
];

const avoids = (guest: Guest): readonly string[] =>
  guest.needs.flatMap((need) =>
    need.kind === 'hazard' && need.strictness === 'no-trace' ? [need.hazard as string] : [],
  );

export const isHeat = ({ step }: Work): boolean =>
  (step.oven !== undefined || step.burner) && step.durationMin.likely >= 3;

const isRaw = (mark: string): boolean => mark.startsWith('raw');

/** Follows what is on everything from the first minute to the last: to no guest what they must not have a trace of, nothing raw to what no heat follows. */
export function residueFaults(day: Day): readonly string[] {
  const { occasion, plan, work } = day;
  const faults: string[] = [];
  const on = new Map<string, readonly Smear[]>();
  const everything = occasion.guests.flatMap(avoids).map((mark) => ({ mark, batch: 'the past' }));
  for (const unit of occasion.kitchen.kit)
    if (staysDirty.has(unit.material) && unit.keptFreeOf.length === 0) on.set(unit.id, everything);
  const inFood = new Map<Work, readonly Smear[]>();
  const events = [
    ...plan.tasks.flatMap((task) => {
      if (task.kind !== 'wash') return [];
      const clean = (unit: string) => {
        const { material } = occasion.kitchen.kit.find(({ id }) => id === unit)!;
        if (!staysDirty.has(material)) on.set(unit, []);
      };
      return [
        { at: task.endMin, first: true, run: () => void (task.hands && on.set(task.cook, [])) },
        { at: task.machineUntilMin ?? task.endMin, first: true, run: () => task.units.forEach(clean) },
      ];
    }),
    ...work.map((each) => ({ at: each.task.startMin, first: false, run: () => does(each) })),
  ].sort((a, b) => a.at - b.at || Number(b.first) - Number(a.first));

  function does(each: Work): void {
    const { batch, task, step, lines, from } = each;
    const lineage = new Set([...along(each, 'from')].map((one) => one.batch.id as string)).add(batch.id);
    const touched = [...task.units, ...(task.cook ? [task.cook] : [])] as string[];
    const own = lines.flatMap((text) => [
      ...marksIn(text),
      ...(isRawFlesh(text) ? ['raw'] : []),
      ...(isRawEgg(text) ? ['raw egg'] : []),
    ]);
    const met = together(...touched.map((surface) => on.get(surface) ?? []));
    const foreign = met.filter((smear) => !lineage.has(smear.batch));
    for (const guest of each.eaters) {
      const bad = foreign.filter(({ mark }) => avoids(guest).includes(mark));
      if (bad.length > 0) faults.push(`${bad.map(key).join(', ')} reaches ${guest.name} by ${said(day, each)}`);
    }
    if (foreign.some(({ mark }) => mark === 'raw')) faults.push(`raw of another dish in ${said(day, each)}`);
    const hot = isHeat(each);
    const willBeHot = hot || [...along(each, 'takers')].some(isHeat);
    if (met.some(({ mark }) => isRaw(mark)) && !willBeHot) faults.push(`raw on what is used for ${said(day, each)}`);
    const all = together(
      own.map((mark) => ({ mark, batch: batch.id })),
      met,
      ...from.map((one) => inFood.get(one) ?? []),
    );
    const left = hot ? all.filter(({ mark }) => !isRaw(mark)) : all;
    inFood.set(each, left);
    for (const surface of touched) {
      const kind = occasion.kitchen.kit.find(({ id }) => id === surface)?.kind ?? '';
      const isInTheHeat = hot && /pot|pan|tin|tray|dish|skillet/.test(kind);
      on.set(surface, step.hands === 'off' || isInTheHeat ? left : all);
    }
    if (each.takers.length === 0 && each.eaters.length > 0 && left.some(({ mark }) => isRaw(mark)))
      faults.push(`${said(day, each)} goes out raw`);
  }
  for (const event of events) event.run();
  return [...faults, ...dripFaults(day, inFood), ...flourFaults(day, inFood)];
}

const overlap = (one: Work, two: Work, more = 0) =>
  one.task.startMin < two.task.endMin && two.task.startMin < one.task.endMin + more;

const hurts = (food: readonly Smear[], below: Work): readonly Guest[] => {
  const lineage = new Set([...along(below, 'from')].map((one) => one.batch.id as string));
  const others = food.filter(({ batch }) => !lineage.has(batch));
  return below.eaters.filter((guest) => others.some(({ mark }) => avoids(guest).includes(mark)));
};

const dripFaults = (day: Day, inFood: ReadonlyMap<Work, readonly Smear[]>): readonly string[] =>
  day.work.flatMap((above) =>
    day.work
      .filter(
        (below) =>
          above.step.oven &&
          below.step.oven &&
          !above.step.oven.covered &&
          above.task.oven === below.task.oven &&
          overlap(above, below) &&
          Math.min(...above.task.racks) < Math.max(...below.task.racks) &&
          hurts(inFood.get(above)!, below).length > 0,
      )
      .map((below) => `${said(day, above)} stands open above ${said(day, below)}`),
  );

const flourFaults = (day: Day, inFood: ReadonlyMap<Work, readonly Smear[]>): readonly string[] =>
  day.work
    .filter(({ step }) => step.looseFlour)
    .flatMap((cloud) =>
      day.work
        .filter(
          (open) =>
            open.step.hands === 'on' &&
            overlap(cloud, open, flourHangsMin) &&
            hurts(
              inFood.get(cloud)!.filter(({ batch }) => batch === cloud.batch.id),
              open,
            ).length > 0,
        )
        .map((open) => `flour of ${said(day, cloud)} is in the air over ${said(day, open)}`),
    );
