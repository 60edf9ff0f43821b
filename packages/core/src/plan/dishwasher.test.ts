import { asPlanned, events } from '../../test-support/day.ts';
import { oneSieve } from '../../test-support/dishwasher.ts';
import { audit } from '../audit/index.ts';
import { runSheet } from '../cookday/index.ts';
import { lostByBeginning, mends } from '../day/index.ts';
import { happened, progressOf, washItems } from '../state/index.ts';
import { fit } from '../fit/index.ts';
import type { Happening, Occasion, Plan, PlannedWash } from '../model/index.ts';
import { makePlan } from './make.ts';
import { id } from '../../test-support/id.ts';

const planOf = (one: Occasion): Plan => {
  const made = makePlan(one, { seconds: 0.1 });
  if (made.kind === 'none') throw new Error(`${made.reason.what} ${made.reason.why}`);
  expect(audit(one, made.plan).findings).toEqual([]);
  return made.plan;
};
const washes = (plan: Plan): PlannedWash[] =>
  plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash' && task.units.length > 0);
const startOf = (plan: Plan, id: string): number => plan.tasks.find((task) => task.id === `${id}.plain.mix`)!.startMin;
const machine = { cycleMin: 90, places: 4 };

test('what has the time goes into the dishwasher, and takes a cook as long as loading it; without one, or in a hurry, it is washed by hand', () => {
  const plan = planOf(oneSieve(machine));
  const [load] = washes(plan);
  expect(load!.machineUntilMin).toBe(load!.endMin + machine.cycleMin);
  expect(load!.endMin - load!.startMin).toBe(3);
  expect(startOf(plan, 'salad')).toBeGreaterThanOrEqual(load!.machineUntilMin!);
  for (const one of [oneSieve(undefined), oneSieve(machine, { firstByMin: -40, thenFromMin: -30 })]) {
    const [wash] = washes(planOf(one));
    expect(wash).toMatchObject({ units: ['sieve-1'] });
    expect(wash!.machineUntilMin).toBeUndefined();
    expect(wash!.endMin - wash!.startMin).toBe(9);
  }
});

test('what a dishwasher does harm to is washed by hand, unless the cook says of a piece that it goes in', () => {
  const knives = oneSieve(machine, { kit: ['knife'] });
  expect(washes(planOf(knives))[0]!.machineUntilMin).toBeUndefined();
  const hardy = {
    ...knives,
    kitchen: {
      ...knives.kitchen,
      kit: knives.kitchen.kit.map((unit) => (unit.id === 'knife-1' ? { ...unit, dishwasher: true } : unit)),
    },
  };
  expect(washes(planOf(hardy))[0]!.machineUntilMin).toBeDefined();
  // Wood never comes clean, whatever the cook says of it.
  const wooden = {
    ...oneSieve(machine),
    kitchen: {
      ...knives.kitchen,
      kit: knives.kitchen.kit.map((unit) => ({ ...unit, material: 'wood' as const, dishwasher: true })),
    },
  };
  expect(makePlan(wooden, { seconds: 0.1 }).kind).toBe('none');
});

test('two loads take turns, and no load holds more than there are places for', () => {
  const loads = washes(planOf(oneSieve(machine, { again: true, firstByMin: -300 })))
    .filter((wash) => wash.machineUntilMin !== undefined)
    .sort((a, b) => a.startMin - b.startMin);
  expect(loads.length).toBeGreaterThan(0);
  loads.slice(1).forEach((load, at) => {
    expect(load.startMin).toBeGreaterThanOrEqual(loads[at]!.machineUntilMin!);
  });
  const narrow = washes(planOf(oneSieve({ cycleMin: 90, places: 1 }, { kit: ['sieve', 'grater'] })));
  expect(narrow.every((wash) => wash.machineUntilMin === undefined || wash.units.length === 1)).toBe(true);
});

test('the run sheet says what goes in and until when it runs', () => {
  const one = oneSieve(machine);
  const plan = planOf(one);
  const entry = runSheet(one, plan, fit(one)).find((each) => each.kind === 'wash');
  expect(entry).toMatchObject({
    title: 'Start the dishwasher with sieve-1; wash hands',
    machineUntilMin: washes(plan)[0]!.machineUntilMin,
    how: expect.stringContaining('full programme') as string,
  });
});

describe('on the day', () => {
  const one = oneSieve(machine);
  const plan = planOf(one);
  const [load] = washes(plan);
  const standing = (nowMin: number, skipped?: 'machine' | 'cloth') => {
    const skip: Happening | undefined = skipped && { kind: 'skip', wash: load!.id, items: [skipped], reason: 'broken' };
    const ticks = asPlanned(plan, nowMin).filter(([, what]) => what.kind !== 'clean' || what.item !== skipped);
    return {
      ...happened(plan, progressOf(events(...ticks, ...(skip ? [[load!.endMin, skip] as const] : []))), nowMin),
      nowMin,
    };
  };

  test('a wash at the dishwasher asks for what is loaded, its start, and clean hands', () => {
    expect(washItems(load!)).toEqual(['sieve-1', 'machine', 'cloth', 'hands']);
  });

  test('loaded later, it runs as long, and what is in it comes out later', () => {
    const late = asPlanned(plan, load!.endMin + 60).map(([at, what]): readonly [number, Happening] =>
      what.kind === 'clean' ? [load!.endMin + 40, what] : [at, what],
    );
    const day = happened(plan, progressOf(events(...late)), load!.endMin + 60);
    expect(day.plan.tasks.find((task) => task.id === load!.id)).toMatchObject({
      machineUntilMin: load!.endMin + 40 + machine.cycleMin,
    });
  });

  test('a new order does not use what is in it before it has run, and a mend is good by the audit', () => {
    const now = load!.endMin + 20;
    const hasty: Occasion = { ...one, wishes: { ...one.wishes, pins: [] } };
    const found = mends(hasty, { ...standing(now), plan: { ...standing(now).plan } });
    expect(found.length).toBeGreaterThan(0);
    for (const mend of found) {
      expect(startOf(mend.plan, 'salad')).toBeGreaterThanOrEqual(load!.machineUntilMin!);
      expect(audit(mend.occasion, mend.plan).findings.filter((each) => each.code !== 'stale')).toEqual([]);
    }
  });

  test('a dishwasher that was not started has cleaned nothing: it would reach Ben, and is washed by hand', () => {
    const now = load!.endMin + 5;
    const day = standing(now, 'machine');
    expect(day.plan.tasks.find((task) => task.id === load!.id)).toMatchObject({ units: [], hands: true });
    expect(day.plan.tasks.find((task) => task.id === load!.id)).not.toHaveProperty('machineUntilMin');
    expect(day.skipped).toEqual([{ wash: load!.id, units: ['sieve-1'] }]);
    expect(lostByBeginning(one, day, id('salad.plain.mix')).map((plate) => plate.guest)).toContain('ben');
    const [mend] = mends(one, day);
    const again = washes(mend!.plan).find((wash) => wash.id !== load!.id)!;
    expect(again).toMatchObject({ units: ['sieve-1'] });
    expect(mend!.lost).toEqual([]);
  });

  test('without a clean towel the kit is clean and the hands are not', () => {
    expect(standing(load!.endMin + 5, 'cloth').plan.tasks.find((task) => task.id === load!.id)).toMatchObject({
      units: ['sieve-1'],
      hands: false,
      machineUntilMin: load!.machineUntilMin,
    });
  });
});
