import { asPlanned, events } from '../../test-support/day.ts';
import { demo } from '../../test-support/demo.ts';
import { oneSieve } from '../../test-support/dishwasher.ts';
import { id } from '../../test-support/id.ts';
import { planned } from '../../test-support/planned.ts';
import { tight } from '../../test-support/tight.ts';
import { audit } from '../audit/index.ts';
import {
  handsOf,
  type Occasion,
  type Plan,
  type PlannedOven,
  type PlannedStep,
  type PlannedWash,
} from '../model/index.ts';
import { fit } from '../fit/index.ts';
import { rules } from '../reference/index.ts';
import { tasksOf, type TaskNetwork } from '../tasks/index.ts';
import { heatAt, heatCurve, kitchenAt, minutesTo, progressOf } from './index.ts';

const at = (occasion: Occasion, plan: Plan, nowMin: number, network?: TaskNetwork) =>
  kitchenAt(occasion, plan, progressOf(events(...asPlanned(plan, nowMin))), nowMin, network);
const stepsOf = (plan: Plan) => plan.tasks.filter((task): task is PlannedStep => task.kind === 'step');

describe('how hot an oven is', () => {
  const oven = tight().kitchen.oven;
  const phase = (startMin: number, endMin: number, untilMin: number, temperatureC: number): PlannedOven => ({
    kind: 'oven',
    id: id(`oven${startMin}`),
    oven: 0,
    startMin,
    endMin,
    untilMin,
    temperatureC,
  });
  const one = phase(0, 20, 60, 230);

  test('cold before, on the way, there, and then nobody knows just how far it has fallen', () => {
    expect(heatAt(oven, [one], 0)).toEqual({ leastC: 20, mostC: 20 });
    expect(heatAt(oven, [one], 10)).toEqual({ leastC: 130, mostC: 130 });
    expect(heatAt(oven, [one], 20)).toEqual({ leastC: 230, mostC: 230 });
    expect(heatAt(oven, [one], 60)).toEqual({ leastC: 230, mostC: 230 });
    expect(heatAt(oven, [one], 61)).toEqual({ leastC: 225, mostC: 228.5 });
    expect(heatAt(oven, [one], 70)).toEqual({ leastC: 180, mostC: 215 });
    expect(heatAt(oven, [one], 60 + 600)).toEqual({ leastC: 20, mostC: 20 });
  });

  test('the next heat has time for the coolest and the hottest that it may be', () => {
    expect(minutesTo(oven, { leastC: 180, mostC: 215 }, 230)).toBe(5);
    expect(minutesTo(oven, { leastC: 180, mostC: 215 }, 160)).toBe(11);
    expect(minutesTo(oven, { leastC: 200, mostC: 200 }, 200)).toBe(0);
  });

  test('drawn as a line it bends where it is turned, and falls after', () => {
    const line = heatCurve(oven, [one, phase(200, 220, 260, 160)], -10, 300);
    expect(line[0]).toEqual({ atMin: -10, celsius: 20 });
    for (const [atMin, celsius] of [
      [20, 230],
      [60, 230],
      [102, 20],
      [220, 160],
      [260, 160],
    ])
      expect(line).toContainEqual({ atMin, celsius });
    expect(line.at(-1)!.celsius).toBeLessThan(100);
  });
});

describe('what is on kit and hands', () => {
  test.each(['sunday-lunch', 'lantern-supper'] as const)(
    '%s: as the audit follows it, at every hour of the day',
    (name) => {
      const occasion = demo(name);
      const plan = planned(occasion);
      const { surfaces } = audit(occasion, plan);
      const network = tasksOf(occasion, fit(occasion), plan.batches);
      let compared = 0;
      for (let nowMin = Math.min(...plan.tasks.map((task) => task.startMin)) + 30; nowMin < 0; nowMin += 20) {
        const now = at(occasion, plan, nowMin, network);
        // What is in hand at this minute is on its kit, or washed off it, for one reading from its first and for the other to its last.
        if (now.plan.tasks.some((task) => now.running.has(task.id) && task.kind !== 'oven' && task.cook !== undefined))
          continue;
        for (const [surface, states] of surfaces) {
          // What is in the dishwasher does not come out before it is clean.
          if (now.dishwasher?.units.some((unit) => unit === surface)) continue;
          // Whether what begins at this very minute has begun is not asked here.
          if (states.some((state) => state.fromMin === nowMin)) continue;
          const marks = states.filter((state) => state.fromMin <= nowMin).at(-1)?.marks ?? [];
          const mine = new Set(now.surfaces.get(surface as never)?.residues.map(({ mark }) => mark));
          const missed = marks.filter((mark) => mark !== 'unread' && !mine.has(mark));
          expect([surface, nowMin, missed]).toEqual([surface, nowMin, []]);
          compared += marks.length;
        }
      }
      expect(compared).toBeGreaterThan(10);
    },
  );

  test('wood has a past that nobody knows, unless it is kept free; a wash takes everything off steel', () => {
    const one = oneSieve(undefined);
    const board = one.kitchen.kit.find((unit) => unit.kind === 'board')!;
    const kept = {
      ...board,
      id: id<never>('board-kept'),
      material: 'wood' as const,
      keptFreeOf: [id<never>('gluten')],
    };
    const wooden: Occasion = {
      ...one,
      kitchen: {
        ...one.kitchen,
        kit: [...one.kitchen.kit, { ...board, id: id<never>('board-old'), material: 'wood' }, kept],
      },
    };
    const plan = planned(wooden);
    const before = at(wooden, plan, -650);
    expect(before.surfaces.get(id('board-old'))?.residues).toEqual([{ mark: 'unread', origin: 'unknown-past' }]);
    expect(before.surfaces.get(id('board-kept'))?.residues ?? []).toEqual([]);
    const wash = plan.tasks.find((task): task is PlannedWash => task.kind === 'wash')!;
    const on = (nowMin: number) =>
      at(wooden, plan, nowMin)
        .surfaces.get(wash.units[0]!)
        ?.residues.map(({ mark }) => mark) ?? [];
    expect(on(wash.startMin - 1)).toContain('wheat');
    expect(on(wash.endMin)).toEqual([]);
    expect(at(wooden, plan, wash.endMin).surfaces.get(handsOf(wash.cook))?.residues ?? []).toEqual([]);
  });
});

describe('what goes on', () => {
  const occasion = tight();
  const plan = planned(occasion);
  const stepOf = (name: string) => stepsOf(plan).find((step) => step.id === name)!;

  test('food is where its step has it, and on the counter afterwards', () => {
    const [boil, chill, bake] = ['soup.plain.boil', 'soup.plain.chill', 'loaf.plain.bake'].map(stepOf);
    const placeOf = (batch: string, nowMin: number) => at(occasion, plan, nowMin).foods.get(id(batch))?.place;
    expect(placeOf('soup.plain', boil!.startMin + 5)).toBe('heat');
    expect(placeOf('soup.plain', chill!.startMin + 5)).toBe('fridge');
    expect(placeOf('soup.plain', chill!.endMin + 1)).toBe('counter');
    expect(placeOf('loaf.plain', bake!.startMin + 5)).toBe('oven');
    expect(placeOf('loaf.plain', plan.tasks[0]!.startMin - 1)).toBeUndefined();
  });

  test('an oven is on while something is in it, at the heat it was turned to; its door is shut for as long as must be', () => {
    const bake = stepOf('loaf.plain.bake');
    const now = at(occasion, plan, bake.startMin + 5);
    expect(now.ovens[0]).toMatchObject({ setC: 220, leastC: 220, mostC: 220 });
    expect(now.ovens[0]!.loads.map((load) => load.id)).toEqual([bake.id]);
    expect(now.shutDoors).toEqual([{ oven: 0, untilMin: bake.startMin + 15, task: bake.id }]);
    expect(at(occasion, plan, bake.startMin + 15).shutDoors).toEqual([]);
  });

  test('flour hangs in the air until it has settled', () => {
    const knead = stepOf('loaf.plain.knead');
    const [cloud] = at(occasion, plan, knead.endMin + 1).air;
    expect(cloud).toMatchObject({ task: knead.id, untilMin: knead.endMin + rules.flourSettlesMin });
    expect(cloud!.dust.map(({ mark }) => mark)).toContain('wheat');
    expect(at(occasion, plan, knead.endMin + rules.flourSettlesMin).air).toEqual([]);
  });

  test('what is in the dishwasher is in it until it has run', () => {
    const one = oneSieve({ cycleMin: 60, places: 4 });
    const washed = planned(one);
    const load = washed.tasks.find(
      (task): task is PlannedWash => task.kind === 'wash' && task.machineUntilMin !== undefined,
    )!;
    expect(at(one, washed, load.endMin + 5).dishwasher).toEqual({ units: load.units, untilMin: load.machineUntilMin });
    expect(at(one, washed, load.machineUntilMin!).dishwasher).toBeUndefined();
  });
});
