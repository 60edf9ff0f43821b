import { cleaningOf, hazardOf, rules } from '../reference/index.ts';
import { goesInDishwasher, type CookId, type PlannedStep, type TaskId } from '../model/index.ts';
import { isVessel } from '../scale/index.ts';
import { broughtInto, clock, cooksAway, heldAs, named, residueOf, upTo, type Facts, type StepFacts } from './facts.ts';
import type { Finding } from './finding.ts';

interface Span {
  readonly start: number;
  readonly end: number;
  readonly task: TaskId;
  readonly what: string;
  /** Spans of one owner do not clash with each other: food stays on its own tray. */
  readonly owner: string;
}

function clashesOf(spans: readonly Span[]): readonly (readonly [Span, Span])[] {
  const sorted = [...spans].sort((a, b) => a.start - b.start || a.end - b.end);
  const pairs: [Span, Span][] = [];
  sorted.forEach((one, i) => {
    for (let j = i + 1; j < sorted.length && sorted[j]!.start < one.end; j++)
      if (sorted[j]!.owner !== one.owner) pairs.push([one, sorted[j]!]);
  });
  return pairs;
}

/** Kit, cooks, burners, washes: is everything there, and nothing twice at once. */
export function auditResources(facts: Facts): Finding[] {
  return [
    ...auditKit(facts),
    ...auditCooks(facts),
    ...auditChores(facts),
    ...auditBurners(facts),
    ...auditCold(facts, 'fridge'),
    ...auditCold(facts, 'freezer'),
    ...auditWashes(facts),
    ...auditSink(facts),
    ...auditDishwasher(facts),
  ];
}

function auditKit(facts: Facts): Finding[] {
  const { occasion } = facts;
  const findings: Finding[] = [];
  const units = new Map(occasion.kitchen.kit.map((unit) => [unit.id, unit]));
  const held = new Map<string, { unit: string; steps: StepFacts[] }>();
  for (const each of facts.steps) {
    const { task, step } = each;
    for (const id of task.units)
      if (!units.has(id))
        findings.push({
          code: 'unknown-name',
          message: `${named(occasion, each)} uses “${id}”, which is not in the kitchen.`,
          tasks: [task.id],
          guests: [],
        });
    const kinds = task.units.map((id) => units.get(id)?.kind);
    step.kit.forEach((use, at) => {
      if (kinds[at] !== use.kind)
        findings.push({
          code: 'kit',
          message: `${named(occasion, each)} needs a ${use.kind} and has ${kinds[at] ?? 'none'}.`,
          tasks: [task.id],
          guests: [],
        });
      const unit = task.units[at];
      const { vessel } = each.batch;
      if (kinds[at] !== use.kind && vessel && vessel.count > 1 && isVessel(vessel, use))
        findings.push({
          code: 'vessel',
          message: `${named(occasion, each)} needs ${vessel.count} of its kind of ${use.kind} for its amount.`,
          tasks: [task.id],
          guests: [],
        });
      if (unit === undefined) return;
      if (
        vessel &&
        vessel.units.length > 0 &&
        isVessel(vessel, use) &&
        kinds[at] === use.kind &&
        !vessel.units.includes(unit)
      )
        findings.push({
          code: 'vessel',
          message: `${named(occasion, each)} is too much for ${units.get(unit)?.name ?? unit}${vessel.count > 1 ? `, even in ${vessel.count} of them` : ''}.`,
          tasks: [task.id],
          guests: [],
        });
      if (use.as === undefined) return;
      const key = heldAs(each.batch, use.kind, use.as);
      const before = held.get(key);
      if (before && before.unit !== unit)
        findings.push({
          code: 'kit',
          message: `${named(occasion, each)} has its food on ${units.get(unit)?.name ?? unit}, but it was on ${units.get(before.unit as never)?.name ?? before.unit}.`,
          tasks: [before.steps[0]!.task.id, task.id],
          guests: [],
        });
      held.set(key, { unit: before?.unit ?? unit, steps: [...(before?.steps ?? []), each] });
    });
  }
  return findings;
}

function auditCooks(facts: Facts): Finding[] {
  const { occasion } = facts;
  const findings: Finding[] = [];
  const cooks = new Map(occasion.kitchen.cooks.map((cook) => [cook.id, cook]));
  const spans = new Map<CookId, Span[]>();
  const note = (cook: CookId, start: number, end: number, task: TaskId, what: string) => {
    const known = cooks.get(cook);
    if (!known) {
      findings.push({
        code: 'unknown-name',
        message: `${what} is for “${cook}”, who is no cook here.`,
        tasks: [task],
        guests: [],
      });
      return;
    }
    const out = occasion.wishes.absences.some((each) => each.cook === cook && each.fromMin < end && each.toMin > start);
    if (out || !known.windows.some((shift) => shift.fromMin <= start && end <= shift.toMin)) {
      findings.push({
        code: 'cook-away',
        message: `${known.name} is not in the kitchen for ${what}.`,
        tasks: [task],
        guests: [],
      });
    }
    spans.set(cook, [...(spans.get(cook) ?? []), { start, end, task, what, owner: `${task}@${start}` }]);
  };
  const looked = ({ id, looks }: PlannedStep, whatFor: string) => {
    for (const { cook, startMin, endMin, what } of looks)
      note(cook, startMin, endMin, id, `“${what}” at ${clock(occasion, startMin)}, ${whatFor}`);
  };
  for (const each of facts.steps) {
    const { task, step } = each;
    const what = named(occasion, each);
    if (task.cook) note(task.cook, task.startMin, task.endMin, task.id, what);
    else if (step.hands === 'on')
      findings.push({ code: 'cook-missing', message: `Nobody does ${what}.`, tasks: [task.id], guests: [] });
    looked(task, `for ${what}`);
  }
  for (const { task, after } of facts.rests) looked(task, `after ${named(occasion, after)}`);
  for (const wash of facts.washes)
    note(wash.cook, wash.startMin, wash.endMin, wash.id, `a wash at ${clock(occasion, wash.startMin)}`);
  for (const [cook, list] of spans) {
    for (const [one, two] of clashesOf(list))
      findings.push({
        code: 'cook-twice',
        message: `${cooks.get(cook)!.name} would be busy with ${one.what} and ${two.what} at once.`,
        tasks: [one.task, two.task],
        guests: [],
      });
  }
  return findings;
}

/** What a task asks of whoever does it, and what each cook leaves to others. */
function auditChores({ occasion, steps, washes }: Facts): Finding[] {
  const cooks = new Map(occasion.kitchen.cooks.map((cook) => [cook.id, cook]));
  const findings: Finding[] = [];
  for (const each of steps) {
    const { task, written, step, batch } = each;
    const raw = rawMeatAt(batch.recipe, written, occasion);
    for (const id of new Set([...(task.cook ? [task.cook] : []), ...task.looks.map((point) => point.cook)])) {
      const leaves = cooks.get(id)?.leaves ?? [];
      const wrong =
        leaves.includes('knives') && step.kit.some((use) => use.kind === 'knife')
          ? 'knives'
          : leaves.includes('heat') && (step.oven !== undefined || step.burner)
            ? 'the oven and the hob'
            : leaves.includes('raw') && raw
              ? 'raw meat and fish'
              : undefined;
      if (wrong)
        findings.push({
          code: 'chore',
          message: `${cooks.get(id)!.name} leaves ${wrong} to others, and would do ${named(occasion, each)}.`,
          tasks: [task.id],
          guests: [],
        });
    }
  }
  for (const wash of washes)
    if (wash.units.length > 0 && cooks.get(wash.cook)?.leaves.includes('washing-up'))
      findings.push({
        code: 'chore',
        message: `${cooks.get(wash.cook)!.name} leaves washing up to others, and would do it at ${clock(occasion, wash.startMin)}.`,
        tasks: [wash.id],
        guests: [],
      });
  return findings;
}

/** Whether raw meat or fish is in the food by this step and not cooked before it. */
function rawMeatAt(recipe: StepFacts['batch']['recipe'], at: StepFacts['step'], occasion: Facts['occasion']): boolean {
  const before = upTo(recipe, at);
  const meat = before
    .flatMap((step) => broughtInto(recipe, step).flatMap((line) => residueOf(recipe, line, occasion)))
    .filter((mark) => mark !== 'unread' && hazardOf(mark).washAlways);
  const done = before.filter((step) => step.id !== at.id || step.hands === 'off');
  return meat.some((mark) => !done.some((step) => cooksAway(mark, step)));
}

function auditSink({ occasion, washes }: Facts): Finding[] {
  return clashesOf(
    washes.map((wash) => ({ start: wash.startMin, end: wash.endMin, task: wash.id, what: '', owner: wash.id })),
  ).map(([one, two]) => ({
    code: 'sink',
    message: `Two washes are at the sink at ${clock(occasion, two.start)}.`,
    tasks: [one.task, two.task],
    guests: [],
  }));
}

/** What is washed by the dishwasher: that there is one, that it takes these pieces, and that each load has it to itself for the whole programme. */
function auditDishwasher({ occasion, washes }: Facts): Finding[] {
  const { dishwasher, kit } = occasion.kitchen;
  const loads = washes.flatMap((wash) =>
    wash.machineUntilMin === undefined ? [] : [{ wash, untilMin: wash.machineUntilMin }],
  );
  const found = loads.flatMap(({ wash, untilMin }): Finding[] => {
    const objection = (message: string): Finding => ({ code: 'dishwasher', message, tasks: [wash.id], guests: [] });
    const at = clock(occasion, wash.startMin);
    if (!dishwasher) return [objection(`The wash at ${at} is for a dishwasher, and this kitchen has none.`)];
    const unfit = kit.filter((unit) => wash.units.includes(unit.id) && !goesInDishwasher(unit));
    return [
      ...(untilMin - wash.endMin < dishwasher.cycleMin
        ? [
            objection(
              `The dishwasher loaded at ${at} runs ${untilMin - wash.endMin} min; its programme takes ${dishwasher.cycleMin}.`,
            ),
          ]
        : []),
      ...(wash.units.length > dishwasher.places
        ? [objection(`${wash.units.length} pieces are loaded at ${at} and ${dishwasher.places} have room.`)]
        : []),
      ...unfit.map((unit) => objection(`${unit.name} does not go into the dishwasher, and is loaded at ${at}.`)),
    ];
  });
  const turns = clashesOf(
    loads.map(({ wash, untilMin }) => ({
      start: wash.startMin,
      end: Math.max(wash.endMin, untilMin),
      task: wash.id,
      what: '',
      owner: wash.id,
    })),
  );
  return [
    ...found,
    ...turns.map(([one, two]): Finding => ({
      code: 'dishwasher',
      message: `The dishwasher still runs when it is loaded again at ${clock(occasion, two.start)}.`,
      tasks: [one.task, two.task],
      guests: [],
    })),
  ];
}

function auditBurners(facts: Facts): Finding[] {
  const { occasion } = facts;
  const hot = facts.steps.filter((each) => each.step.burner);
  for (const each of hot) {
    const at = each.task.startMin;
    const together = hot.filter((other) => other.task.startMin <= at && other.task.endMin > at);
    const pots = together.reduce(
      (sum, { step, batch }) =>
        sum + Math.max(1, step.kit.filter((use) => batch.vessel !== undefined && isVessel(batch.vessel, use)).length),
      0,
    );
    if (pots > occasion.kitchen.burners) {
      return [
        {
          code: 'burners',
          message: `At ${clock(occasion, at)}, ${pots} pots are on ${occasion.kitchen.burners} burners.`,
          tasks: together.map((other) => other.task.id),
          guests: [],
        },
      ];
    }
  }
  return [];
}

/** What chills at one time, each piece it stands in a place. */
function auditCold(facts: Facts, where: 'fridge' | 'freezer'): Finding[] {
  const { occasion } = facts;
  const places = where === 'fridge' ? occasion.kitchen.fridgePlaces : occasion.kitchen.freezerPlaces;
  if (places === undefined) return [];
  const cold = [
    ...facts.steps.flatMap(({ task, step }) =>
      step.cold === where ? [{ task, places: Math.max(1, step.kit.filter((use) => use.as !== undefined).length) }] : [],
    ),
    ...(where === 'fridge' ? facts.rests.map(({ task }) => ({ task, places: 1 })) : []),
  ];
  for (const each of cold) {
    const at = each.task.startMin;
    const together = cold.filter((other) => other.task.startMin <= at && other.task.endMin > at);
    const taken = together.reduce((sum, { places }) => sum + places, 0);
    if (taken > places)
      return [
        {
          code: 'cold-room',
          message: `At ${clock(occasion, at)}, ${taken} dishes stand in the ${where}, which has room for ${places}.`,
          tasks: together.map((other) => other.task.id),
          guests: [],
        },
      ];
  }
  return [];
}

function auditWashes(facts: Facts): Finding[] {
  const { occasion } = facts;
  const units = new Map(occasion.kitchen.kit.map((unit) => [unit.id, unit]));
  return facts.washes.flatMap((wash): Finding[] => {
    const known = wash.units.flatMap((id) => units.get(id) ?? []);
    const needed =
      wash.machineUntilMin === undefined
        ? known.reduce<number>((sum, unit) => sum + unit.washMin, rules.handWashMin)
        : rules.handWashMin + rules.machineLoadMin;
    const at = clock(occasion, wash.startMin);
    const found: Finding[] = wash.units
      .filter((id) => !units.has(id))
      .map((id) => ({
        code: 'unknown-name',
        message: `The wash at ${at} names “${id}”, which is not in the kitchen.`,
        tasks: [wash.id],
        guests: [],
      }));
    if (wash.endMin - wash.startMin < needed)
      found.push({
        code: 'wash-too-short',
        message: `The wash at ${at} has ${wash.endMin - wash.startMin} min; ${['hands', ...known.map((unit) => unit.name)].join(', ')} take ${needed}.`,
        tasks: [wash.id],
        guests: [],
      });
    for (const unit of known)
      if (!cleaningOf(unit.material).comesClean)
        found.push({
          code: 'wash-in-vain',
          message: `${unit.name} is washed at ${at}, but ${unit.material} never comes clean of a trace.`,
          tasks: [wash.id],
          guests: [],
        });
    return found;
  });
}
