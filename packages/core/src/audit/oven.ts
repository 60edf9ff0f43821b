import { rules } from '../reference/index.ts';
import { clock, forbiddenTo, markName, named, type Facts, type StepFacts } from './facts.ts';
import type { Finding } from './finding.ts';
import type { Replay } from './residues.ts';

/** The oven: temperature at each load, time to reach it, racks, grill, and what drips from above. */
export function auditOven(facts: Facts, replay: Replay): Finding[] {
  const { occasion, ovens } = facts;
  const findings: Finding[] = [];
  const loads = facts.steps.filter((each) => each.step.oven);
  for (const each of loads) {
    const { task, step } = each;
    const use = step.oven!;
    const now = ovens.find((oven) => oven.endMin <= task.startMin && oven.untilMin >= task.endMin);
    if (!now) findings.push({ code: 'oven-temperature', message: `For ${named(occasion, each)} the oven is not on, or not yet hot.`, tasks: [task.id], guests: [] });
    else if (Math.abs(now.temperatureC - use.temperatureC) > use.toleranceC || now.temperatureC > occasion.kitchen.oven.mostC) {
      findings.push({ code: 'oven-temperature', message: `${named(occasion, each)} wants ${use.temperatureC} °C; the oven is at ${now.temperatureC} °C.`, tasks: [task.id], guests: [] });
    }
    if (task.racks.length < Math.min(use.racks, occasion.kitchen.oven.racks) || task.racks.some((rack) => rack >= occasion.kitchen.oven.racks)) {
      findings.push({ code: 'oven-room', message: `${named(occasion, each)} has no rack in the oven.`, tasks: [task.id], guests: [] });
    }
  }
  loads.forEach((one, i) => loads.slice(i + 1).forEach((two) => findings.push(...together(facts, one, two, replay))));
  findings.push(...heating(facts));
  return findings;
}

function heating({ occasion, ovens }: Facts): Finding[] {
  const sorted = [...ovens].sort((a, b) => a.endMin - b.endMin);
  return sorted.flatMap((oven, index): Finding[] => {
    const before = sorted[index - 1];
    // Left alone long enough it is cold again; otherwise it starts from where it was.
    const cold = !before || oven.startMin - before.untilMin > 90;
    const from = cold ? rules.roomC : before.temperatureC;
    const needed = oven.temperatureC >= from ? (oven.temperatureC - from) / rules.ovenHeatsCPerMin : (from - oven.temperatureC) / rules.ovenCoolsCPerMin;
    const has = oven.endMin - Math.max(oven.startMin, before && !cold ? before.untilMin : -Infinity);
    return has + 1 <= needed ? [{ code: 'oven-temperature', message: `At ${clock(occasion, oven.startMin)} the oven has ${has} min to get from ${from} to ${oven.temperatureC} °C; it takes ${Math.ceil(needed)}.`, tasks: [oven.id], guests: [] }] : [];
  });
}

function together({ occasion }: Facts, one: StepFacts, two: StepFacts, replay: Replay): Finding[] {
  if (one.task.startMin >= two.task.endMin || two.task.startMin >= one.task.endMin) return [];
  const tasks = [one.task.id, two.task.id];
  const findings: Finding[] = [];
  if (one.task.racks.some((rack) => two.task.racks.includes(rack))) findings.push({ code: 'oven-room', message: `${named(occasion, one)} and ${named(occasion, two)} are on one rack.`, tasks, guests: [] });
  if (one.step.oven!.grill || two.step.oven!.grill) findings.push({ code: 'oven-room', message: `${named(occasion, one)} and ${named(occasion, two)} share the oven while the grill is on.`, tasks, guests: [] });
  const [above, below] = Math.min(...one.task.racks) < Math.min(...two.task.racks) ? [one, two] : [two, one];
  if (!above.step.oven!.covered) {
    const drips = replay.foodOf(above.task.id).filter((token) => !below.batch.lineage.has(token.origin));
    for (const guest of below.batch.eaters) {
      const bad = drips.filter((token) => forbiddenTo(guest).has(token.mark));
      if (bad.length > 0) findings.push({ code: 'oven-drip', message: `${named(occasion, above)} stands uncovered above ${named(occasion, below)}: ${bad.map((token) => markName(token.mark)).join(', ')} could drip on ${guest.name}'s plate.`, tasks, guests: [guest.id] });
    }
  }
  return findings;
}
