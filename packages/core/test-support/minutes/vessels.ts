import { goesToTable, vessels } from './words.ts';
import { clockOf, isOneFood, said, type Day, type Work } from './work.ts';

const tableMin = 60;

/** A stretch in which something is done with a piece of kit. */
interface Use {
  readonly unit: string;
  readonly fromMin: number;
  readonly toMin: number;
  readonly by?: Work;
  readonly what: string;
}

/** No piece in two hands at once, and nothing put into what still holds other food. */
export function vesselFaults(day: Day): readonly string[] {
  const kinds = new Map(day.occasion.kitchen.kit.map(({ id, kind }) => [id as string, kind as string]));
  const isVessel = (unit: string) => vessels.has(kinds.get(unit)!);
  const uses: readonly Use[] = [
    ...day.work.flatMap((by) =>
      by.task.units.map((unit) => ({
        unit,
        fromMin: by.task.startMin,
        toMin: by.task.emptied?.includes(unit) ? by.task.startMin + 1 : by.task.endMin,
        by,
        what: said(day, by),
      })),
    ),
    ...day.plan.tasks.flatMap((task) =>
      task.kind === 'wash'
        ? task.units.map((unit) => ({
            unit,
            fromMin: task.startMin,
            toMin: task.machineUntilMin ?? task.endMin,
            what: `a wash at ${clockOf(day.occasion, task.startMin)}`,
          }))
        : [],
    ),
  ];
  const faults: string[] = [];
  uses.forEach((one, i) => {
    for (const two of uses.slice(i + 1)) {
      if (one.unit !== two.unit || one.fromMin >= two.toMin || two.fromMin >= one.toMin) continue;
      // Two steps at one pan of the same food: a pinch of this while that simmers.
      if (one.by && two.by && isNamedAlike(one.by, two.by, one.unit)) continue;
      faults.push(`${one.unit} is in two hands: ${one.what}; ${two.what}`);
    }
  });
  const liesIn = new Map<Work, readonly string[]>();
  const find = (work: Work): readonly string[] => {
    const known = liesIn.get(work);
    if (known) return known;
    // What is fried comes out of its pan, on to a plate that nobody counts.
    const isFried = work.step.burner && work.task.units.some((unit) => kinds.get(unit) === 'frying-pan');
    const own = isFried ? [] : work.task.units.filter(isVessel);
    const was = work.from.flatMap(find);
    const fresh = own.filter((unit) => !was.includes(unit));
    const isServed = work.takers.length === 0 && fresh.length > 0;
    const stays = isFried ? [] : was;
    const filled = isServed ? fresh : own;
    const places = own.length === 0 ? stays : filled;
    liesIn.set(work, places);
    return places;
  };
  for (const work of day.work) {
    if (work.eaters.length === 0) continue;
    const takenBy = work.takers.filter((taker) => taker.task.units.some((unit) => find(work).includes(unit)));
    const places =
      takenBy.length > 0
        ? find(work).filter((unit) => takenBy.some(({ task }) => task.units.includes(unit as never)))
        : find(work);
    if (places.length === 0) continue;
    const until = (unit: string) =>
      work.takers.length > 0
        ? Math.max(...work.takers.map(({ task }) => task.startMin))
        : work.servedMin + (goesToTable.has(kinds.get(unit)!) ? tableMin : 0);
    const intruders = places.map((unit) =>
      uses.find(
        (use) =>
          use.unit === unit &&
          use.fromMin < until(unit) &&
          use.toMin > work.task.endMin &&
          !(use.by && isOfIt(use.by, work, unit)),
      ),
    );
    // Where it lies in one of several, it is enough that one of them is left to it.
    if (intruders.every((use) => use !== undefined))
      faults.push(`${places.join(' and ')} still holds ${said(day, work)}: ${intruders[0]!.what}`);
  }
  return faults;
}

/** Whether a step is of the food that lies in a piece, or takes some of what lies there with it. */
const isOfIt = (by: Work, lying: Work, unit: string): boolean =>
  isOneFood(by, lying) || [by, ...by.from].some((each) => isNamedAlike(each, lying, unit));

/** Whether a recipe gives a piece one name in both steps: it is one vessel of one food then. */
function isNamedAlike(one: Work, two: Work, unit: string): boolean {
  const names = ({ step, task }: Work) => step.kit.flatMap(({ as }, at) => (as && task.units[at] === unit ? [as] : []));
  const isRelated = one.batch === two.batch || one.batch.base === two.batch.id || two.batch.base === one.batch.id;
  return isRelated && names(one).some((name) => names(two).includes(name));
}
