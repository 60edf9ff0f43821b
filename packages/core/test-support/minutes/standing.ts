import { isDryBake, isPerishable, isRawEgg, isRawFlesh, keepsCooked } from './words.ts';
import { isHeat } from './residues.ts';
import { along, said, type Day, type Work } from './work.ts';

const [rawMost, allMost] = [15, 120];

interface Food {
  readonly raw: boolean;
  readonly spoils: boolean;
  readonly stoodMin: number;
}

/** What stands too long in the room, raw or warm, and what is served hot long after its heat. */
export function standingFaults(day: Day): readonly string[] {
  const faults: string[] = [];
  const known = new Map<Work, Food>();
  const after = (work: Work): Food => {
    const before = known.get(work);
    if (before) return before;
    const food = now(work);
    known.set(work, food);
    return food;
  };
  function now(work: Work): Food {
    const { step, task, lines } = work;
    const heats = isHeat(work);
    const raw = work.from.some((each) => after(each).raw) || lines.some((text) => isRawFlesh(text) || isRawEgg(text));
    const spoils =
      !isKeptDry(work) &&
      (isCookedMoist(work) || work.from.some((each) => after(each).spoils) || lines.some(isPerishable));
    const isOut = !heats && step.cold === undefined && !task.inFridge;
    let stoodMin = 0;
    for (const each of work.from.filter((one) => after(one).spoils)) {
      const out = outMin(day, each, work.task.startMin, work.task.id);
      if (after(each).raw && out > rawMost) faults.push(`raw for ${out} min before ${said(day, work)}`);
      stoodMin = Math.max(stoodMin, after(each).stoodMin + out);
    }
    if (stoodMin > allMost) faults.push(`stands ${stoodMin} min before ${said(day, work)}`);
    if (isOut && raw && step.hands === 'off' && task.endMin - task.startMin > rawMost)
      faults.push(`raw in ${said(day, work)} for ${task.endMin - task.startMin} min`);
    return {
      raw: raw && !heats,
      spoils,
      stoodMin: heats ? 0 : stoodMin + (isOut && spoils ? task.endMin - task.startMin : 0),
    };
  }
  for (const work of day.work) {
    const food = after(work);
    if (work.takers.length > 0 || work.eaters.length === 0) continue;
    const stands = food.stoodMin + outMin(day, work, work.servedMin, 'table');
    if (food.spoils && stands > allMost) faults.push(`stands ${stands} min before it is served: ${said(day, work)}`);
    faults.push(...holdFaults(day, work));
  }
  return faults;
}

/** Bread and cake, from the oven on. */
const isKeptDry = (work: Work): boolean =>
  isDryBake(work.recipe.name) && [...along(work, 'from')].some((each) => isHeat(each) && each.step.oven);

const isCookedMoist = (work: Work): boolean => isHeat(work) && !allLines(work).every(keepsCooked);

const allLines = (work: Work): readonly string[] => [...along(work, 'from')].flatMap(({ lines }) => lines);

/** How long food is out of the fridge between a step and what it is taken for. */
function outMin({ rests }: Day, { task }: Work, toMin: number, to: string): number {
  const rest = rests.find((each) => each.rest!.after === task.id && each.rest!.before.some((id) => id === to));
  if (!rest) return Math.max(0, toMin - task.endMin);
  const take = rest.looks[rest.rest!.before.findIndex((id) => id === to) + 1]!;
  return rest.startMin - task.endMin + (toMin - take.startMin);
}

/** What comes straight from the heat, or with a few minutes' work after it, is on the table while it holds. */
function holdFaults(day: Day, last: Work): readonly string[] {
  const chain: Work[] = [last];
  while (!isHeat(chain[0]!) && chain[0]!.from.length === 1) chain.unshift(chain[0]!.from[0]!);
  const [heat, ...then] = chain;
  if (!isHeat(heat!) || then.some(({ step }) => step.hands === 'off' || step.cold)) return [];
  const workMin = then.reduce((sum, { task }) => sum + task.endMin - task.startMin, 0);
  const sinceMin = last.servedMin - heat!.task.endMin;
  // What its recipe says of a rest is not held against it.
  const restsMin = then.reduce(
    (sum, { step }) => sum + Math.max(0, ...(step.after ?? []).map(({ mostMin }) => mostMin ?? 0)),
    0,
  );
  const allowed = Math.max(last.recipe.hold.mostMin, 5) + workMin + restsMin;
  return sinceMin > allowed ? [`comes from the heat ${sinceMin} min ago (may ${allowed}): ${said(day, last)}`] : [];
}
