import { rules } from '../reference/index.ts';
import { clock, eatersOf, forbiddenTo, markName, named, type Facts, type StepFacts } from './facts.ts';
import type { Finding } from './finding.ts';
import type { Replay } from './residues.ts';

/** The ovens: temperature at each load, time to reach it, racks, grill, and what drips from above. */
export function auditOven(facts: Facts, replay: Replay): Finding[] {
  const { occasion } = facts;
  const ovens = [occasion.kitchen.oven, ...occasion.kitchen.moreOvens];
  const findings: Finding[] = [];
  const loads = facts.steps.filter((each) => each.step.oven);
  for (const each of loads) {
    const { task, step } = each;
    const use = step.oven!;
    const oven = ovens[task.oven];
    const wrong = (code: Finding['code'], message: string) =>
      void findings.push({ code, message: `${named(occasion, each)} ${message}`, tasks: [task.id], guests: [] });
    if (!oven || oven.racks === 0) {
      wrong('unknown-name', 'is for an oven that the kitchen has not.');
      continue;
    }
    const now = facts.ovens.find(
      (turned) => turned.oven === task.oven && turned.endMin <= task.startMin && turned.untilMin >= task.endMin,
    );
    if (!now) wrong('oven-temperature', 'needs the oven, which is not on, or not yet hot.');
    else if (
      Math.abs(now.temperatureC - use.temperatureC) > use.toleranceC ||
      now.temperatureC > oven.mostC ||
      now.temperatureC < oven.leastC
    )
      wrong('oven-temperature', `wants ${use.temperatureC} °C; the oven is at ${now.temperatureC} °C.`);
    if (use.grill && !oven.grill) wrong('oven-temperature', `wants a grill; ${oven.name} has none.`);
    if (
      task.racks.length < use.racks ||
      task.racks.some((rack) => rack >= oven.racks) ||
      new Set(task.racks).size !== task.racks.length
    )
      wrong('oven-room', use.racks > 1 ? `has not the ${use.racks} racks it takes.` : 'has no rack in the oven.');
    findings.push(...bent(occasion, each, now?.temperatureC));
  }
  for (const each of facts.steps)
    if (!each.written.oven && each.task.bentC !== 0)
      findings.push({
        code: 'way',
        message: `${named(occasion, each)} is not baked, and cannot be baked hotter or cooler.`,
        tasks: [each.task.id],
        guests: [],
      });
  loads.forEach((one, i) =>
    loads.slice(i + 1).forEach((two) => {
      if (one.task.oven === two.task.oven) findings.push(...together(facts, one, two, replay));
    }),
  );
  ovens.forEach((_, number) => findings.push(...heating(facts, number)));
  return findings;
}

/** Whether a bake may be done at another temperature than written. */
function bent(occasion: Facts['occasion'], each: StepFacts, nowC: number | undefined): Finding[] {
  const { task, written } = each;
  if (task.bentC === 0) return [];
  const use = written.oven!;
  const said = (why: string): Finding[] => [
    {
      code: 'way',
      message: `${named(occasion, each)} is baked ${Math.abs(task.bentC)} °C ${task.bentC < 0 ? 'cooler' : 'hotter'} than written: ${why}.`,
      tasks: [task.id],
      guests: [],
    },
  ];
  // The heat it is really at counts too: a bend, and an oven that may be off, must not add up.
  const bentToC = use.temperatureC + task.bentC;
  const farthestC = Math.max(Math.abs(task.bentC), Math.abs((nowC ?? bentToC) - use.temperatureC));
  if (farthestC > rules.ovenBendsC) return said(`more than the ${rules.ovenBendsC} °C for which a time can be guessed`);
  if (use.grill) return said('under the grill there is no slack');
  if (use.toleranceC < 10) return said('its recipe is strict about the heat');
  const coolestC = Math.max(bentToC - use.toleranceC, use.temperatureC - rules.ovenBendsC);
  if (written.coreC !== undefined && coolestC < rules.meatRoastsAtC)
    return said(`what must be cooked through does not go under ${rules.meatRoastsAtC} °C`);
  return [];
}

function heating({ occasion, ovens }: Facts, number: number): Finding[] {
  const kitchen = [occasion.kitchen.oven, ...occasion.kitchen.moreOvens][number]!;
  const sorted = ovens.filter((oven) => oven.oven === number).sort((a, b) => a.endMin - b.endMin);
  return sorted.flatMap((oven, index): Finding[] => {
    const before = sorted[index - 1];
    const [heats, cools] = [
      kitchen.heatsCPerMin ?? rules.ovenHeatsCPerMin,
      kitchen.coolsCPerMin ?? rules.ovenCoolsCPerMin,
    ];
    // Off, it falls: with the door ajar as fast as it can, with the door shut as slowly. The next heat must have time for either.
    const offMin = before ? Math.max(0, oven.startMin - before.untilMin) : 0;
    const after = (perMin: number) => Math.max(rules.roomC, (before?.temperatureC ?? rules.roomC) - perMin * offMin);
    const [coolest, hottest] = [after(cools), after(Math.min(cools, rules.ovenShutCoolsCPerMin))];
    const needed = Math.max(0, (oven.temperatureC - coolest) / heats, (hottest - oven.temperatureC) / cools);
    const from = oven.temperatureC >= coolest ? coolest : hottest;
    const has = oven.endMin - Math.max(oven.startMin, before?.untilMin ?? -Infinity);
    const found: Finding[] = [];
    if (before && oven.startMin < before.untilMin)
      found.push({
        code: 'oven-temperature',
        message: `At ${clock(occasion, oven.startMin)} the oven would be at ${before.temperatureC} and ${oven.temperatureC} °C at once.`,
        tasks: [before.id, oven.id],
        guests: [],
      });
    else if (has + 1 <= needed)
      found.push({
        code: 'oven-temperature',
        message: `At ${clock(occasion, oven.startMin)} the oven has ${has} min to get from ${Math.round(from)} to ${oven.temperatureC} °C; it takes ${Math.ceil(needed)}.`,
        tasks: [oven.id],
        guests: [],
      });
    return found;
  });
}

/** Whether the oven is opened for one load while another is in it that would fall: at any moment after that has gone in, to the end of its shut minutes. */
function doors({ occasion }: Facts, shut: StepFacts, other: StepFacts): Finding[] {
  const minutes = shut.step.oven!.shutMin;
  if (minutes === undefined) return [];
  const until = Math.min(shut.task.startMin + minutes, shut.task.endMin);
  const moments = [other.task.startMin, other.task.endMin, ...other.task.looks.map((look) => look.startMin)];
  const opened = moments.find((moment) => moment > shut.task.startMin && moment < until);
  if (opened === undefined) return [];
  return [
    {
      code: 'oven-door',
      message: `${named(occasion, shut)} needs the oven shut until ${clock(occasion, until)}; at ${clock(occasion, opened)} it is opened for ${named(occasion, other)}.`,
      tasks: [shut.task.id, other.task.id],
      guests: [],
    },
  ];
}

function together(facts: Facts, one: StepFacts, two: StepFacts, replay: Replay): Finding[] {
  const { occasion } = facts;
  const tasks = [one.task.id, two.task.id];
  const findings: Finding[] = [...doors(facts, one, two), ...doors(facts, two, one)];
  if (one.task.startMin >= two.task.endMin || two.task.startMin >= one.task.endMin) return findings;
  if (one.task.racks.some((rack) => two.task.racks.includes(rack)))
    findings.push({
      code: 'oven-room',
      message: `${named(occasion, one)} and ${named(occasion, two)} are on one rack.`,
      tasks,
      guests: [],
    });
  if (one.step.oven!.grill || two.step.oven!.grill)
    findings.push({
      code: 'oven-room',
      message: `${named(occasion, one)} and ${named(occasion, two)} share the oven while the grill is on.`,
      tasks,
      guests: [],
    });
  const [above, below] = Math.min(...one.task.racks) < Math.min(...two.task.racks) ? [one, two] : [two, one];
  if (!above.step.oven!.covered) {
    const drips = replay.foodOf(above.task.id).filter((token) => !below.batch.lineage.has(token.origin));
    for (const guest of eatersOf(facts, below)) {
      const bad = drips.filter((token) => forbiddenTo(guest).has(token.mark));
      if (bad.length > 0)
        findings.push({
          code: 'oven-drip',
          message: `${named(occasion, above)} stands uncovered above ${named(occasion, below)}: ${bad.map((token) => markName(token.mark)).join(', ')} could drip on ${guest.name}'s plate.`,
          tasks,
          guests: [guest.id],
        });
    }
  }
  return findings;
}
