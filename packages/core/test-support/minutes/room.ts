import type { PlannedOven } from '../../src/model/index.ts';
import { clockOf, said, type Day, type Work } from './work.ts';

/** House figures as docs/safety.md tells them. */
const [heatsC, coolsC, shutCoolsC, roomC, bendsC, lookWithin, washLeast] = [11, 5, 1.5, 20, 20, 5, 1];

/** Hands, looks, racks, burners and heats, minute by minute. */
export const roomFaults = (day: Day): readonly string[] => [
  ...handFaults(day),
  ...lookFaults(day),
  ...orderFaults(day),
  ...burnerFaults(day),
  ...rackFaults(day),
  ...heatFaults(day),
];

interface Busy {
  readonly cook: string;
  readonly fromMin: number;
  readonly toMin: number;
  readonly what: string;
}

function busyOf({ plan, work, rests }: Day): readonly Busy[] {
  return [
    ...[...work.map(({ task }) => task), ...rests].flatMap(({ id, cook, startMin, endMin, looks }): Busy[] => [
      ...(cook ? [{ cook, fromMin: startMin, toMin: endMin, what: id }] : []),
      ...looks.map((look) => ({
        cook: look.cook,
        fromMin: look.startMin,
        toMin: look.endMin,
        what: `${id} ${look.what}`,
      })),
    ]),
    ...plan.tasks.flatMap((task): Busy[] =>
      task.kind === 'wash' ? [{ cook: task.cook, fromMin: task.startMin, toMin: task.endMin, what: task.id }] : [],
    ),
  ];
}

function handFaults(day: Day): readonly string[] {
  const faults: string[] = [];
  for (const cook of day.occasion.kitchen.cooks) {
    const minutes = new Map<number, string>();
    for (const busy of busyOf(day).filter((each) => each.cook === cook.id))
      for (let min = busy.fromMin; min < busy.toMin; min++) {
        const other = minutes.get(min);
        if (other) faults.push(`${cook.name} does “${other}” and “${busy.what}” at ${clockOf(day.occasion, min)}`);
        minutes.set(min, busy.what);
        if (!cook.windows.some(({ fromMin, toMin }) => fromMin <= min && min < toMin))
          faults.push(`${cook.name} is not there for “${busy.what}” at ${clockOf(day.occasion, min)}`);
      }
  }
  for (const each of day.work)
    if (each.step.hands === 'on' && !each.task.cook) faults.push(`nobody does ${said(day, each)}`);
  for (const task of day.plan.tasks)
    if (task.kind === 'wash' && task.endMin - task.startMin < washLeast) faults.push(`${task.id} takes no time`);
  return [...new Set(faults)];
}

function lookFaults(day: Day): readonly string[] {
  return day.work.flatMap((each) => {
    const { step, task } = each;
    if (step.hands === 'on') return [];
    const at = (min: number, within: number) => task.looks.some((look) => Math.abs(look.startMin - min) <= within);
    const lasts = task.endMin - task.startMin;
    return [
      ...(at(task.startMin, 1) ? [] : [`nobody begins ${said(day, each)}`]),
      ...((step.oven ?? step.burner) && !task.looks.some(({ endMin }) => Math.abs(endMin - task.endMin) <= 1)
        ? [`nobody ends ${said(day, each)}`]
        : []),
      ...step.looks
        .filter(
          ({ atMin, takesMin }) => !at(task.startMin + Math.min(atMin, Math.max(1, lasts - takesMin)), lookWithin),
        )
        .map(({ what }) => `nobody comes to “${what}” in ${said(day, each)}`),
    ];
  });
}

const orderFaults = (day: Day): readonly string[] =>
  day.work.flatMap((each) => [
    ...each.from
      .filter(({ task }) => task.endMin > each.task.startMin)
      .map((before) => `${said(day, each)} begins before ${said(day, before)} is done`),
    ...(each.task.endMin > each.servedMin && each.eaters.length > 0 ? [`${said(day, each)} is late`] : []),
    ...(each.task.endMin - each.task.startMin < Math.floor(each.step.durationMin.least / 3)
      ? [`${said(day, each)} has no time`]
      : []),
  ]);

const duringMin = (work: readonly Work[]): readonly number[] => [...new Set(work.map(({ task }) => task.startMin))];
const isOn = (min: number) => (each: Work) => each.task.startMin <= min && min < each.task.endMin;

function burnerFaults(day: Day): readonly string[] {
  const onHob = day.work.filter(({ step }) => step.burner);
  return duringMin(onHob)
    .filter((min) => onHob.filter(isOn(min)).length > day.occasion.kitchen.burners)
    .map((min) => `more on the hob than it has burners at ${clockOf(day.occasion, min)}`);
}

function rackFaults(day: Day): readonly string[] {
  const loads = day.work.filter(({ step }) => step.oven);
  const ovens = [day.occasion.kitchen.oven, ...day.occasion.kitchen.moreOvens];
  return duringMin(loads).flatMap((min) =>
    ovens.flatMap((oven, number) => {
      const now = loads.filter(isOn(min)).filter(({ task }) => task.oven === number);
      const racks = now.flatMap(({ task }) => task.racks);
      const what = now.map((each) => said(day, each)).join(' and ');
      return [
        ...(new Set(racks).size < racks.length ? [`one rack for ${what}`] : []),
        ...(racks.some((rack) => rack >= oven.racks) || now.some(({ task }) => task.racks.length === 0)
          ? [`no such rack for ${what}`]
          : []),
        ...(now.length > 1 && now.some(({ step }) => step.oven!.grill) ? [`the grill is shared by ${what}`] : []),
      ];
    }),
  );
}

/** The oven's air each minute, at least and at most, and whether each load's heat is there for every minute it is in. */
function heatFaults(day: Day): readonly string[] {
  const { kitchen } = day.occasion;
  return [kitchen.oven, ...kitchen.moreOvens].flatMap((oven, number) => {
    const turned = day.plan.tasks.filter((task): task is PlannedOven => task.kind === 'oven' && task.oven === number);
    const loads = day.work.filter(({ step, task }) => step.oven && task.oven === number);
    if (loads.length === 0) return [];
    const faults: string[] = [];
    let [low, high] = [roomC, roomC];
    const first = Math.min(...turned.map(({ startMin }) => startMin), ...loads.map(({ task }) => task.startMin));
    const last = Math.max(...loads.map(({ task }) => task.endMin));
    for (let min = first; min < last; min++) {
      for (const each of loads.filter(isOn(min))) {
        const wants = each.step.oven!.temperatureC + each.task.bentC;
        if (Math.abs(each.task.bentC) > bendsC) faults.push(`${said(day, each)} is bent by ${each.task.bentC} °C`);
        const within = each.step.oven!.toleranceC + 2;
        if (low < wants - within || high > wants + within)
          faults.push(`${said(day, each)} wants ${wants} °C and has ${Math.round(low)} to ${Math.round(high)} °C`);
      }
      const now = turned.find(({ startMin, untilMin }) => startMin <= min && min < untilMin);
      const to = now?.temperatureC;
      const [up, down] = [oven.heatsCPerMin ?? heatsC, oven.coolsCPerMin ?? coolsC];
      const toward = (air: number, falls: number): number => {
        if (to === undefined) return Math.max(roomC, air - falls);
        return air < to ? Math.min(to, air + up) : Math.max(to, air - down);
      };
      [low, high] = [toward(low, down), toward(high, shutCoolsC)];
    }
    return [...new Set(faults)];
  });
}
