import { cleaningOf, hazardOf, hazards, membersOf, rules, type HazardId } from '../reference/index.ts';
import type { Occasion, ResidueMark } from '../model/index.ts';
import { usualGoals, type Activity, type Problem } from '../schedule/index.ts';
import type { TaskNetwork } from '../tasks/index.ts';

/** Marks as the scheduler numbers them: every hazard, then "unread". */
export const marks: readonly ResidueMark[] = [...hazards.map((hazard) => hazard.id), 'unread'];
const numberOf = new Map(marks.map((mark, index) => [mark, index]));
const numbered = (mark: ResidueMark) => numberOf.get(mark)!;

/** Kit kept free of a hazard is kept free of its group and its relatives too. */
function keptFree(hazard: HazardId): readonly HazardId[] {
  return [hazard, ...membersOf(hazard), ...hazardOf(hazard).groups, ...hazardOf(hazard).related];
}

/** The raw-food risks that end at a core temperature, in °C. */
const endedBy = (coreC: number) => hazards.filter((hazard) => hazard.safeCoreC !== undefined && hazard.safeCoreC <= coreC).map((hazard) => numbered(hazard.id));

/** The kitchen's words put into the scheduler's: tasks become activities, kit becomes units, hazards become marks. */
export function compile(occasion: Occasion, network: TaskNetwork): Problem {
  const batchNumber = new Map(network.batches.map((batch, index) => [batch.id, index]));
  const taskNumber = new Map(network.tasks.map((task, index) => [task.id, index]));
  const { kitchen } = occasion;
  const activities = network.tasks.map((task): Activity => {
    const carries = task.carries.map(({ mark, origin }) => ({ mark: numbered(mark), origin: batchNumber.get(origin)! }));
    return {
      id: task.id,
      modes: [{
        durationMin: task.durationMin.planned,
        handsOn: task.step.hands === 'on',
        attention: task.attention,
        uses: task.kit.map((use) => ({ kind: use.kind, hold: use.as === undefined ? undefined : `${task.batch}/${use.kind}/${use.as}` })),
        chamber: task.oven && {
          in: [0],
          wishC: task.oven.temperatureC,
          lowC: task.oven.temperatureC - task.oven.toleranceC,
          highC: Math.min(kitchen.oven.mostC, task.oven.temperatureC + task.oven.toleranceC),
          shelves: Math.min(task.oven.racks, kitchen.oven.racks),
          covered: task.oven.covered,
          alone: task.oven.grill,
        },
        flame: task.step.burner,
      }],
      dust: task.step.looseFlour ? carries.filter(({ mark }) => marks[mark] !== 'unread') : [],
      carries,
      guards: task.guards.map((guard) => ({ mark: numbered(guard.mark), exempt: guard.exempt.map((id) => batchNumber.get(id)!) })),
      ends: task.step.coreC === undefined ? [] : endedBy(task.step.coreC),
      before: task.after.map((link) => ({ activity: taskNumber.get(link.task)!, leastMin: link.leastMin, mostMin: link.mostMin ?? Infinity })),
      dueMin: task.serve?.atMin,
      mostHoldMin: task.serve?.mostHoldMin,
    };
  });
  return {
    activities,
    units: kitchen.kit.map((unit) => ({
      kind: unit.kind,
      comesClean: cleaningOf(unit.material).comesClean,
      washMin: unit.washMin,
      barred: [...new Set(unit.keptFreeOf.flatMap(keptFree).map(numbered))],
    })),
    workers: kitchen.cooks.map((cook) => ({ windows: cook.windows, washesUp: true })),
    chambers: [{ shelves: kitchen.oven.racks, roomC: rules.roomC, heatsCPerMin: rules.ovenHeatsCPerMin, coolsCPerMin: rules.ovenCoolsCPerMin }],
    flames: kitchen.burners,
    marks: marks.length,
    unknownMark: numbered('unread'),
    heatEnds: hazards.filter((hazard) => hazard.kind === 'raw').map((hazard) => numbered(hazard.id)),
    settleMin: rules.flourSettlesMin,
    handsMin: rules.handWashMin,
    dayStartsMin: rules.dayStartsMin,
    goals: usualGoals,
  };
}
