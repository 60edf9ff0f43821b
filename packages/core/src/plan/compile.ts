import { cleaningOf, hazardOf, hazards, membersOf, rules, type HazardId } from '../reference/index.ts';
import {
  goesInDishwasher,
  isMarkEndedBy,
  ovensOf,
  type Occasion,
  type Oven,
  type OvenUse,
  type Pin,
  type ResidueMark,
  type Step,
  type TaskId,
} from '../model/index.ts';
import { placeKinds, places, presenceOf } from '../ledger/index.ts';
import { leastSpare, mostSpare, spareFor, type Spare } from './spare.ts';
import type { Activity, OvenAsk, Problem, Way as ActivityWay } from '../schedule/index.ts';
import { isHeatedIn, type Shelter, type Task, type TaskNetwork, type Way } from '../tasks/index.ts';

/** Marks as the scheduler numbers them: every hazard, then "unread". */
export const marks: readonly ResidueMark[] = [...hazards.map((hazard) => hazard.id), 'unread'];
const numberOf = new Map(marks.map((mark, index) => [mark, index]));
export const markNumber = (mark: ResidueMark): number => numberOf.get(mark)!;

/** Kit kept free of a hazard is kept free of its group and its relatives too. */
function keptFree(hazard: HazardId): readonly HazardId[] {
  return [hazard, ...membersOf(hazard), ...hazardOf(hazard).groups, ...hazardOf(hazard).related];
}

/** The raw-food risks that a step ends. */
const endedBy = (step: Step) => hazards.filter(({ id }) => isMarkEndedBy(id, step)).map(({ id }) => markNumber(id));

/** The kitchen's words put into the scheduler's: tasks become activities, kit becomes units, hazards become marks. `spared`: the minutes to spare that a plan is to have for each. */
export function compile(occasion: Occasion, network: TaskNetwork, spared?: Spare): Problem {
  const batchNumber = new Map(network.batches.map((batch, index) => [batch.id, index]));
  const taskNumber = new Map(network.tasks.map((task, index) => [task.id, index]));
  const { kitchen, wishes } = occasion;
  const ovens = ovensOf(kitchen);
  const pins = new Map(wishes.pins.map((pin) => [pin.task, pin]));
  const activities = network.tasks.map((task): Activity => {
    const numberedAll = (list: Task['carries']) =>
      list.map(({ mark, origin }) => ({ mark: markNumber(mark), origin: batchNumber.get(origin)! }));
    const pin = pins.get(task.id);
    const ways = usableWays(occasion, task);
    const spare = (of: TaskId) => pins.get(of)?.spareMin ?? 0;
    const able = kitchen.cooks.flatMap((cook, index) =>
      task.chores.some((chore) => cook.leaves.includes(chore)) || (pin?.cook !== undefined && pin.cook !== cook.id)
        ? []
        : [index],
    );
    return {
      id: task.id,
      cooks: able.length === kitchen.cooks.length ? undefined : able,
      ways: ways.map((way): ActivityWay => ({
        durationMin: way.durationMin.planned + spareFor(spared, task, way),
        spareMin: spareFor(spared, task, way),
        handsOn: way.hands === 'on',
        looks: way.looks,
        uses: way.kit.map((use, at) => ({
          kind: use.kind,
          hold: use.hold,
          forMin: use.forMin,
          keptUntilMin: use.keptUntilMin,
          untilTaken: use.untilTaken,
          isHeated: isHeatedIn(way, use),
          // Of several of a kind the cook's wish is for one.
          only: onlyUnits(
            kitchen.kit,
            use,
            way.kit.findIndex((each) => each.kind === use.kind) === at ? pin : undefined,
          ),
        })),
        oven: way.oven && ovenAsk(way.oven, ovens, pin),
        takes: placeKinds.map((kind) => places[kind].asks(way)),
        bent: way.bentC !== 0,
      })),
      dust: numberedAll(task.dust),
      carries: numberedAll(task.carries),
      guards: task.guards.map((guard) => ({
        mark: markNumber(guard.mark),
        exempt: guard.exempt.map((id) => batchNumber.get(id)!),
      })),
      ends: endedBy(task.step),
      before: [
        ...task.after.map((link) => ({
          activity: taskNumber.get(link.task)!,
          leastMin: Math.min(
            (link.mostMin ?? Infinity) - mostSpare(spared, link.task),
            link.leastMin + Math.max(0, spare(link.task) - leastSpare(spared, link.task)),
          ),
          // It waits from when the work is likely over.
          mostMin: (link.mostMin ?? Infinity) - mostSpare(spared, link.task),
          spoils: link.spoils,
          shelter: shelterOf(link.shelter),
        })),
        ...(task.afterOthers ?? []).map((other) => ({
          activity: taskNumber.get(other)!,
          leastMin: 0,
          mostMin: Infinity,
          isOrder: true as const,
        })),
      ],
      dueMin: task.serve?.atMin,
      mostHoldMin: task.serve && task.serve.mostHoldMin - mostSpare(spared, task.id),
      spoils: task.serve?.spoils ?? false,
      shelter: shelterOf(task.serve?.shelter),
      stands: task.stands,
      freshens: task.freshens,
      warm: task.warm && {
        untilMin: task.warm.servedMin,
        mostMin: task.warm.mostMin - mostSpare(spared, task.id),
      },
      notBeforeMin: later(pin?.notBeforeMin, pin?.startsAtMin),
      endsByMin: earliest([
        pin?.endsByMin,
        pin?.startsAtMin === undefined
          ? undefined
          : pin.startsAtMin + task.ways[0].durationMin.planned + spareFor(spared, task, task.ways[0]),
        pin?.spareMin === undefined || !task.serve
          ? undefined
          : task.serve.atMin -
            Math.max(0, Math.min(pin.spareMin, task.serve.mostHoldMin) - leastSpare(spared, task.id)),
      ]),
    };
  });
  return {
    activities,
    units: kitchen.kit.map((unit) => ({
      kind: unit.kind,
      comesClean: cleaningOf(unit.material).comesClean,
      washMin: unit.washMin,
      machine: goesInDishwasher(unit),
      barred: [...new Set(unit.keptFreeOf.flatMap(keptFree).map(markNumber))],
    })),
    cooks: kitchen.cooks.map((cook) => ({
      windows: presenceOf(cook, wishes.absences),
      washesUp: !cook.leaves.includes('washing-up'),
    })),
    ovens: ovens.map((oven) => ({
      racks: oven.racks,
      roomC: rules.roomC,
      heatsCPerMin: oven.heatsCPerMin ?? rules.ovenHeatsCPerMin,
      coolsCPerMin: oven.coolsCPerMin ?? rules.ovenCoolsCPerMin,
      shutCoolsCPerMin: rules.ovenShutCoolsCPerMin,
      keptOnMin: rules.ovenKeptOnMin,
    })),
    pools: placeKinds.map((kind) => places[kind].in(kitchen) ?? Infinity),
    marks: marks.length,
    unknownMark: markNumber('unread'),
    heatEnds: hazards.filter((hazard) => hazard.kind === 'raw').map((hazard) => markNumber(hazard.id)),
    settleMin: rules.flourSettlesMin,
    handsMin: rules.handWashMin,
    machine: kitchen.dishwasher && {
      loadMin: rules.machineLoadMin,
      cycleMin: kitchen.dishwasher.cycleMin,
      places: kitchen.dishwasher.places,
    },
    standsMostMin: rules.standsMostMin,
    dayStartsMin: rules.dayStartsMin,
    // A bake bent out of need yields only to what the cook puts first.
    goals: [wishes.goals[0]!, 'bent', ...wishes.goals.slice(1), 'rests'],
  };
}

/** What is put away stands in the fridge. */
const shelterOf = (shelter: Shelter | undefined): Activity['shelter'] =>
  shelter && {
    standsMin: shelter.standsMin,
    isThere: shelter.isThere,
    pool: fridgePool,
    handlingMin: rules.coldHandlingMin,
  };

/** Which of the scheduler's pools is the fridge. */
export const fridgePool = placeKinds.indexOf('fridge');

/** The pieces that will do for a use: those large enough, and of them the one the cook wants. */
function onlyUnits(
  kit: Occasion['kitchen']['kit'],
  use: Way['kit'][number],
  pin: Pin | undefined,
): readonly number[] | undefined {
  const wanted =
    pin?.unit !== undefined && kit.some((unit) => unit.id === pin.unit && unit.kind === use.kind)
      ? pin.unit
      : undefined;
  if (wanted === undefined && use.only === undefined) return undefined;
  const named = use.only ?? kit.map((unit) => unit.id);
  return named.flatMap((id) => {
    const index = kit.findIndex((unit) => unit.id === id);
    return wanted === undefined || id === wanted ? [index] : [];
  });
}

/** The ways of a task that this kitchen and the cook's wishes allow; all of them where none is, so that it can be said why. */
export function usableWays(occasion: Occasion, task: Task): readonly Way[] {
  const pin = occasion.wishes.pins.find((each) => each.task === task.id);
  // What is fixed to a minute is done the usual way, so that its end is known.
  if (pin?.startsAtMin !== undefined) return task.ways.slice(0, 1);
  const usable = task.ways.filter(
    (way) => !way.oven || ovenAsk(way.oven, ovensOf(occasion.kitchen), pin).in.length > 0,
  );
  return usable.length > 0 ? usable : task.ways;
}

/** Where a load can stand: in an oven that reaches its temperature, has a grill if it wants one, and is the one the cook wants. */
function ovenAsk(use: OvenUse, ovens: readonly Oven[], pin: Pin | undefined): OvenAsk {
  const lowC = use.temperatureC - use.toleranceC;
  const suited = ovens.flatMap((oven, index) =>
    oven.racks >= use.racks &&
    oven.mostC >= lowC &&
    oven.leastC <= use.temperatureC + use.toleranceC &&
    (!use.grill || oven.grill) &&
    (pin?.oven === undefined || pin.oven === index) &&
    (pin?.rack === undefined || pin.rack < oven.racks)
      ? [index]
      : [],
  );
  return {
    in: suited,
    wishC: use.temperatureC,
    lowC,
    highC: Math.min(use.temperatureC + use.toleranceC, ...suited.map((index) => ovens[index]!.mostC)),
    racks: use.racks,
    rack: pin?.rack,
    covered: use.covered,
    alone: use.grill,
    shutMin: use.shutMin,
  };
}

const later = (a: number | undefined, b: number | undefined): number | undefined =>
  a === undefined ? b : b === undefined ? a : Math.max(a, b);
const earliest = (moments: readonly (number | undefined)[]): number | undefined =>
  moments.reduce((a, b) => (a === undefined ? b : b === undefined ? a : Math.min(a, b)));
