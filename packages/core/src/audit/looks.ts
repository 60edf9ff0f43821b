import { rules } from '../reference/index.ts';
import { endLook, startLook, type Look, type PlannedStep, type Step } from '../model/index.ts';
import { clock, named, type Facts, type RestFacts, type StepFacts } from './facts.ts';
import type { Finding } from './finding.ts';

type PlannedLook = PlannedStep['looks'][number];

/** Whether somebody sets going what goes by itself, comes to it as its recipe says and when it says, and takes off or out what is hot. */
export function auditLooks(facts: Facts): Finding[] {
  const found = facts.steps.flatMap((each): Finding[] => {
    const said = each.step.hands === 'on' ? notWanted(each) : looksOf(each);
    return said.map(({ code, what }) => ({
      code,
      message: `${named(facts.occasion, each)}: ${what(facts.occasion)}.`,
      tasks: [each.task.id],
      guests: [],
    }));
  });
  return [...found, ...facts.rests.flatMap((rest) => handlingOf(facts, rest))];
}

/** Somebody puts it into the fridge when it is there from, and takes it out for each that needs it, by the end at the last; each takes a minute. */
function handlingOf({ occasion }: Facts, { task, after, takes }: RestFacts): readonly Finding[] {
  const [put] = task.looks;
  const last = takes.at(-1)!.look;
  const said = (code: 'look' | 'look-time', what: string): Finding => ({
    code,
    message: `What is made in ${named(occasion, after)} and stands in the fridge: ${what}.`,
    tasks: [task.id],
    guests: [],
  });
  const found: Finding[] = [];
  if (!put || put.look !== startLook || last.look !== endLook)
    found.push(said('look', 'nobody puts it there, or takes out the last of it'));
  for (const { what, startMin, endMin } of task.looks)
    if (endMin - startMin < rules.coldHandlingMin) found.push(said('look-time', `“${what}” has no time`));
  if (put && put.startMin !== task.startMin)
    found.push(
      said(
        'look-time',
        `it is put there at ${clock(occasion, put.startMin)} and is there from ${clock(occasion, task.startMin)}`,
      ),
    );
  if (last.endMin !== task.endMin)
    found.push(
      said(
        'look-time',
        `it is taken out by ${clock(occasion, last.endMin)} and is there until ${clock(occasion, task.endMin)}`,
      ),
    );
  if (put && (put.startMin < after.task.endMin || takes.some(({ look }) => look.startMin < put.endMin)))
    found.push(said('look-time', 'it is put there before it is made, or taken out before it is put there'));
  return found;
}

interface Said {
  readonly code: 'look' | 'look-time';
  readonly what: (occasion: Facts['occasion']) => string;
}

/** Hands are on it all the time: it needs no looks, and those it has would hide that somebody else does it. */
const notWanted = ({ task }: StepFacts): readonly Said[] =>
  task.looks.length === 0
    ? []
    : [{ code: 'look', what: () => 'somebody comes to look where hands are on it all the time' }];

/** Each look that must be there, once; where it must be, the moments between which it must lie. */
interface Wanted {
  readonly id: PlannedLook['look'];
  readonly what: string;
  readonly takesMin: number;
  readonly earliestMin: number;
  readonly latestEndMin: number;
}

function looksOf(each: StepFacts): readonly Said[] {
  const { task } = each;
  const wanted = wantedOf(each);
  const found: Said[] = [];
  for (const want of wanted) {
    const planned = task.looks.filter(({ look }) => look === want.id);
    if (planned.length === 0) found.push({ code: 'look', what: () => `nobody is there to ${want.what}` });
    if (planned.length > 1)
      found.push({ code: 'look', what: () => `“${want.what}” is planned ${planned.length} times` });
    for (const look of planned) found.push(...timesOf(want, look));
  }
  for (const { look, what } of task.looks)
    if (!wanted.some(({ id }) => id === look))
      found.push({ code: 'look', what: () => `“${what}” is no look of this step` });
  return found;
}

function timesOf(want: Wanted, { startMin, endMin }: PlannedLook): readonly Said[] {
  if (endMin - startMin < want.takesMin)
    return [
      { code: 'look-time', what: () => `“${want.what}” has ${endMin - startMin} min and takes ${want.takesMin}` },
    ];
  if (startMin >= want.earliestMin && endMin <= want.latestEndMin) return [];
  return [
    {
      code: 'look-time',
      what: (occasion) =>
        `“${want.what}” is planned for ${clock(occasion, startMin)}; it is due between ${clock(occasion, want.earliestMin)} and ${clock(occasion, want.latestEndMin)}`,
    },
  ];
}

function wantedOf({ task, step }: StepFacts): readonly Wanted[] {
  const isHot = step.oven !== undefined || step.burner;
  const start: Wanted = {
    id: startLook,
    what: step.oven ? 'put it into the oven' : isHot ? 'put it on to the heat' : 'set it going',
    takesMin: 1,
    earliestMin: task.startMin,
    latestEndMin: task.startMin + 1,
  };
  const end: Wanted = {
    id: endLook,
    what: step.oven ? 'take it out of the oven' : 'take it off the heat',
    takesMin: 1,
    earliestMin: task.endMin - 1,
    latestEndMin: task.endMin,
  };
  const own = step.looks.map((look): Wanted => ownLook(look, task, step));
  return [start, ...own, ...(isHot ? [end] : [])];
}

/** What its recipe says, within a few minutes either way; where it is done sooner than that, before its end. */
function ownLook(look: Look, { startMin, endMin }: PlannedStep, { durationMin }: Step): Wanted {
  const { id, takesMin, what } = look;
  const atMin = look.fromEnd ? Math.max(1, endMin - startMin - (durationMin.likely - look.atMin)) : look.atMin;
  const room = Math.max(1, endMin - startMin - takesMin);
  return {
    id,
    what,
    takesMin: Math.min(takesMin, Math.max(1, endMin - startMin)),
    earliestMin: startMin + Math.max(0, Math.min(atMin, room) - rules.lookWithinMin),
    latestEndMin: Math.min(endMin, startMin + atMin + takesMin + rules.lookWithinMin),
  };
}
