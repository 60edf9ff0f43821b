import {
  coolWords,
  fleshOrigins,
  hazardOf,
  kitKindOf,
  leavens,
  rules,
  spoilingOf,
  unknownKeeping,
  wetAisle,
  type Keeping,
} from '../reference/index.ts';
import type { IngredientLine, ResidueMark, Step, StepId } from '../model/index.ts';
import { knowledgeOf, lineEvidence, type Knowledge } from '../exposure/index.ts';
import { massOf } from '../versions/index.ts';
import {
  broughtInto,
  clock,
  cooksAway,
  doing,
  isHot,
  leavesRaw,
  linksOf,
  named,
  type BatchFacts,
  type Facts,
  type RestFacts,
  type StepFacts,
} from './facts.ts';
import type { Finding, FindingCode } from './finding.ts';

/** One ingredient in what is being made, and what has been done with it. */
interface Item {
  readonly line: IngredientLine;
  readonly keepings: readonly Keeping[];
  readonly raw: readonly ResidueMark[];
  /** Flesh or fish, raw, cooked or bought cooked. */
  readonly isFlesh: boolean;
  readonly isHeated: boolean;
  readonly isBakedDry: boolean;
}

/** What is known of food at the end of a step. */
interface FoodThen {
  readonly items: readonly Item[];
  readonly wet: boolean;
  readonly spoils: boolean;
  readonly raw: readonly ResidueMark[];
  readonly isCooked: boolean;
  readonly rises: boolean;
  /** How long it has stood in the room since it was last heated, or came out of its packet. */
  readonly stoodMin: number;
  /** When it last came from the heat, and how long ago that may be when it is served; empty where it has cooled, or is not hot. */
  readonly heats: readonly { readonly endMin: number; readonly allowedMin: number }[];
}

/**
 * Follows food, not steps, on its own: what of it spoils by what it is made of, where it stands between two steps, and for how long. Nothing
 * that a recipe says of waits is believed.
 */
export function auditStanding(facts: Facts): Finding[] {
  const findings = new Map<string, Finding>();
  for (const batch of facts.batches.values()) {
    // What was lost is served to nobody, however long it stood.
    if (batch.planned.component || batch.planned.lost) continue;
    for (const finding of followFood(facts, batch)) findings.set(`${finding.code}/${finding.tasks.join()}`, finding);
  }
  return [...findings.values()];
}

function followFood(facts: Facts, batch: BatchFacts): Finding[] {
  const { occasion } = facts;
  const findings: Finding[] = [];
  const { recipe } = batch;
  const at = (minute: number) => clock(occasion, minute);
  const say = (code: FindingCode, message: string, ...tasks: readonly StepFacts[]) =>
    findings.push({ code, message, tasks: tasks.map((each) => each.task.id), guests: [] });
  const then = new Map<StepId, FoodThen>();
  const knowledge = knowledgeOf(occasion);
  for (const written of recipe.steps) {
    const here = doing(facts, batch, written.id);
    if (!here) continue;
    const brought = broughtInto(recipe, written);
    const own = recipe.lines.filter((line) => brought.includes(line.id));
    const before = linksOf(recipe, written).flatMap((link) => {
      const earlier = doing(facts, batch, link.step);
      const food = then.get(link.step);
      return earlier && food ? [{ link, earlier, food }] : [];
    });
    const stoodMin = Math.max(0, ...before.map(({ earlier, food }) => waited(earlier, food, here)));
    const food = foodAfter({ here, own, before, knowledge, stoodMin });
    then.set(written.id, food);
    during(here, food);
    if (here.step.cold === 'fridge' && food.spoils)
      keptCold(food, here, here.task.endMin - here.task.startMin, here.step.durationMin.most);
  }
  // Whether it is served hot is known when all of it has been followed.
  for (const step of recipe.steps) {
    const here = doing(facts, batch, step.id);
    const food = then.get(step.id);
    for (const rest of here && food ? facts.rests.filter((each) => each.after === here && isForIt(each)) : [])
      chilled(rest, food!, here!);
  }
  if (batch.served) served();
  return findings;

  /** Whether it is this food that is taken out again, and not what another dish takes of the same. */
  function isForIt({ takes }: RestFacts): boolean {
    const mine = new Set(recipe.steps.flatMap((step) => doing(facts, batch, step.id)?.task.id ?? []));
    return takes.some(({ before }) => before === 'table' || mine.has(before));
  }

  /** How long food has stood in the room when the next step begins with it. */
  function waited(earlier: StepFacts, food: FoodThen, here: StepFacts): number {
    if (!food.spoils) return 0;
    const wait = waitOf(facts, earlier, here.task.startMin, here.task.id);
    for (const span of food.raw.length > 0 ? wait.out : [])
      if (span.endMin - span.startMin > rules.rawWaitsMostMin)
        say(
          'raw-wait',
          `${rawWords(food)} of ${batch.dishName} stands in the room from ${at(span.startMin)} to ${at(span.endMin)}, between “${earlier.step.title}” and “${here.step.title}”; at most ${rules.rawWaitsMostMin} min are allowed.`,
          earlier,
          here,
        );
    const stoodMin = food.stoodMin + wait.outMin;
    if (stoodMin > rules.standsMostMin)
      say(
        'warm-wait',
        `${spoilingWords(food, batch)} has stood in the room for ${stoodMin} min by ${at(here.task.startMin)}, when “${here.step.title}” begins; at most ${rules.standsMostMin} are allowed.`,
        earlier,
        here,
      );
    return stoodMin;
  }

  /** What stands while a step goes on. */
  function during(here: StepFacts, food: FoodThen): void {
    const minutes = here.task.endMin - here.task.startMin;
    const byItself = here.step.hands === 'off' && !doesHeat(here.step) && here.step.cold === undefined && !food.rises;
    if (byItself && food.raw.length > 0 && minutes > rules.rawWaitsMostMin)
      say(
        'raw-wait',
        `${rawWords(food)} of ${batch.dishName} stands in the room for ${minutes} min by itself, in ${named(occasion, here)}.`,
        here,
      );
    if (food.spoils && food.stoodMin > rules.standsMostMin)
      say(
        'warm-wait',
        `${spoilingWords(food, batch)} has stood in the room for ${food.stoodMin} min by ${at(here.task.endMin)}, when “${here.step.title}” ends; at most ${rules.standsMostMin} are allowed.`,
        here,
      );
  }

  /** Food put into the fridge: not for too long, and if it was cooked and is served hot, heated again. */
  function chilled(rest: RestFacts, food: FoodThen, here: StepFacts): void {
    keptCold(food, here, rest.task.endMin - rest.task.startMin, 0);
    const half = food.items.find(({ isHeated, raw }) => isHeated && raw.some(isFleshMark));
    if (half)
      say(
        'part-cooked',
        `${half.line.text} (${batch.dishName}) is put away after “${here.step.title}”, heated and not cooked through: it goes on to its next heat at once.`,
        here,
      );
    if (!food.isCooked || !food.spoils || !isServedHot()) return;
    const later = new Set(recipe.steps.flatMap((step) => (doing(facts, batch, step.id) === here ? step.id : [])));
    const isHeatedAgain = recipe.steps.some((step) => {
      if (!linksOf(recipe, step).some((link) => later.has(link.step))) return false;
      later.add(step.id);
      const doer = doing(facts, batch, step.id);
      return doer && doesHeat(doer.step) && doer.task.endMin - doer.task.startMin >= rules.reheatsLeastMin;
    });
    if (!isHeatedAgain)
      say(
        'reheat',
        `${batch.dishName} is served hot; it is chilled after “${here.step.title}” and never heated through again.`,
        here,
      );
  }

  function keptCold(food: FoodThen, here: StepFacts, minutes: number, saidMin: number): void {
    const kept = recipe.keeps.find(({ where }) => where === 'fridge');
    const days =
      kept && food.raw.length === 0 ? Math.min(kept.days, rules.leftoverFridgeDays) : rules.coldWaitMostMin / 1440;
    const mostMin = Math.max(days * 1440, saidMin);
    if (minutes > mostMin + saidMin)
      say(
        'cold-wait',
        `${spoilingWords(food, batch)} waits in the fridge for ${minutes} min after “${here.step.title}”; at most ${mostMin} are allowed.`,
        here,
      );
  }

  function lastSteps() {
    return recipe.steps.filter(
      (step) => !recipe.steps.some((other) => linksOf(recipe, other).some((link) => link.step === step.id)),
    );
  }

  /** What keeps when it is done need not be hot. */
  function isServedHot(): boolean {
    const ends = lastSteps().flatMap((step) => then.get(step.id) ?? []);
    return !coolWords.test(recipe.hold.how) && ends.some(({ spoils, heats }) => spoils && heats.length > 0);
  }

  /** What happens until the table. */
  function served(): void {
    const course = occasion.courses.find((one) => one.id === batch.dish.course)!;
    const hot = isServedHot();
    for (const step of lastSteps()) {
      const here = doing(facts, batch, step.id);
      const food = then.get(step.id);
      if (!here || !food?.spoils || here.task.endMin > course.offsetMin) continue;
      const wait = waitOf(facts, here, course.offsetMin, 'table');
      const stood = food.stoodMin + wait.outMin;
      if (stood > rules.standsMostMin)
        say(
          'warm-wait',
          `${spoilingWords(food, batch)} has stood in the room for ${stood} min when ${course.name} go out at ${at(course.offsetMin)}; at most ${rules.standsMostMin} are allowed.`,
          here,
        );
      const hold = Math.max(recipe.hold.mostMin, rules.hotHoldLeastMin);
      if (!hot) continue;
      for (const heat of food.heats)
        if (course.offsetMin - heat.endMin > heat.allowedMin + hold)
          say(
            'hold',
            `${batch.dishName} comes from the heat at ${at(heat.endMin)} and is served hot at ${at(course.offsetMin)}, ${course.offsetMin - heat.endMin} min later; at most ${heat.allowedMin + hold} are allowed.`,
            here,
          );
    }
  }
}

const isFleshMark = (mark: ResidueMark): boolean => mark !== 'unread' && hazardOf(mark).washAlways;

const doesHeat = (step: Step): boolean =>
  (step.oven !== undefined || step.burner || step.kit.some(({ kind }) => kitKindOf(kind).heats)) &&
  step.durationMin.likely >= rules.heatsThroughMin;

/** The stretches of a wait that food spends in the room: all of it but what the plan has it in the fridge. */
function waitOf(facts: Facts, earlier: StepFacts, untilMin: number, before: string) {
  const fromMin = earlier.task.endMin;
  const rest = facts.rests.find((each) => each.after === earlier && each.takes.some((take) => take.before === before));
  const take = rest?.takes.find((each) => each.before === before);
  const out =
    rest && take
      ? [
          { startMin: fromMin, endMin: rest.task.looks[0]!.startMin },
          { startMin: take.look.endMin, endMin: untilMin },
        ]
      : [{ startMin: fromMin, endMin: untilMin }];
  return { out, outMin: out.reduce((sum, span) => sum + Math.max(0, span.endMin - span.startMin), 0) };
}

interface Coming {
  readonly here: StepFacts;
  readonly own: readonly IngredientLine[];
  readonly before: readonly {
    readonly link: { readonly leastMin: number; readonly mostMin?: number | undefined };
    readonly earlier: StepFacts;
    readonly food: FoodThen;
  }[];
  readonly knowledge: Knowledge;
  /** How long what comes into it has stood at most. */
  readonly stoodMin: number;
}

function foodAfter({ here, own, before, knowledge, stoodMin }: Coming): FoodThen {
  const { step, task } = here;
  const minutes = task.endMin - task.startMin;
  const heat = doesHeat(step);
  const { items, wet } = mixed({ own, before, knowledge }, step);
  const raw = [...new Set(items.flatMap((item) => item.raw))];
  const isFlesh = raw.some(isFleshMark);
  const rises =
    !isFlesh && items.some(({ line, isHeated }) => !isHeated && foodsOf(line, knowledge).some((id) => leavens.has(id)));
  const spoils =
    raw.length > 0 ||
    items.some((item) => !item.isBakedDry && item.keepings.some((keeping) => doesSpoil(keeping, item.isHeated, wet)));
  const stands = spoils && !heat && step.cold === undefined && !(rises && step.hands === 'off');
  return {
    items,
    wet,
    spoils,
    raw,
    rises,
    isCooked: items.some((item) => item.isHeated),
    stoodMin: heat || (rises && step.hands === 'off') ? 0 : stoodMin + (stands ? minutes : 0),
    heats: heatsOf(),
  };

  function heatsOf(): FoodThen['heats'] {
    if (heat) return spoils ? [{ endMin: task.endMin, allowedMin: 0 }] : [];
    const hasCooled =
      step.cold !== undefined ||
      (step.hands === 'off' && (minutes >= rules.coolsOffMin || coolWords.test(`${step.title} ${step.text}`)));
    if (hasCooled) return [];
    return before.flatMap(({ food, link }) =>
      food.heats.map(({ endMin, allowedMin }) => ({
        endMin,
        allowedMin: allowedMin + (link.mostMin ?? link.leastMin) + minutes,
      })),
    );
  }
}

/** Everything in it, and what the step does to it. */
function mixed(
  { own, before, knowledge }: Pick<Coming, 'own' | 'before' | 'knowledge'>,
  step: Step,
): Pick<FoodThen, 'items' | 'wet'> {
  const heat = doesHeat(step);
  const all = new Map<string, Item>();
  for (const line of own) if (!all.has(line.id)) all.set(line.id, newItem(line, knowledge));
  for (const { food } of before)
    for (const item of food.items) all.set(item.line.id, worse(all.get(item.line.id), item));
  const wet =
    before.some(({ food }) => food.wet) ||
    step.kit.some(({ kind }) => kind === 'blender' || kind === 'food-processor') ||
    [...all.values()].some(({ line }) => isDrink(line, knowledge));
  const cooked = [...all.values()].map((item): Item => {
    const raw = item.raw.filter((mark) => !cooksAway(mark, step) && !(isHot(step) && leavesRaw(mark, step)));
    return heat ? { ...item, raw, isHeated: true } : { ...item, raw };
  });
  const inPan = step.kit.some(({ kind }) => kind === 'frying-pan' || kind === 'skillet');
  const bakesDry = heat && (step.oven !== undefined || inPan) && isDryBake(cooked, knowledge);
  return { items: bakesDry ? cooked.map((item): Item => ({ ...item, isBakedDry: true })) : cooked, wet };
}

const foodsOf = (line: IngredientLine, knowledge: Knowledge): readonly string[] =>
  lineEvidence(line, knowledge).flatMap(({ about }) => (about.kind === 'food' ? [about.food] : []));

const isDrink = (line: IngredientLine, knowledge: Knowledge): boolean =>
  foodsOf(line, knowledge).some((id) => knowledge.food(id as never)?.aisle === wetAisle);

function newItem(line: IngredientLine, knowledge: Knowledge): Item {
  const evidence = lineEvidence(line, knowledge);
  const foods = evidence.flatMap(({ about }) => (about.kind === 'food' ? (knowledge.food(about.food) ?? []) : []));
  const isUnknown = foods.length === 0 || evidence.some(({ about }) => about.kind === 'unknown');
  const raw = evidence.flatMap(({ about }): ResidueMark[] =>
    about.kind === 'hazard' && hazardOf(about.hazard).kind === 'raw' && about.hazard !== ('raw-flour' as ResidueMark)
      ? [about.hazard]
      : [],
  );
  return {
    line,
    keepings: [...foods.map((food) => food.keeping), ...(isUnknown ? [unknownKeeping] : [])],
    raw,
    // What is cooked through is not raw any more, and flesh still.
    isFlesh:
      raw.some(isFleshMark) ||
      foods.some(
        ({ keeping, contains }) => spoilingOf(keeping).cooked && contains.some((each) => fleshOrigins.has(each)),
      ),
    isHeated: false,
    isBakedDry: false,
  };
}

/** Of the same ingredient on two ways, the one with which more is amiss. */
const worse = (one: Item | undefined, other: Item): Item =>
  one
    ? {
        ...one,
        raw: [...new Set([...one.raw, ...other.raw])],
        isHeated: one.isHeated || other.isHeated,
        isBakedDry: one.isBakedDry && other.isBakedDry,
      }
    : other;

function doesSpoil(keeping: Keeping, isHeated: boolean, wet: boolean): boolean {
  const { cut, soaked, cooked } = spoilingOf(keeping);
  if (isHeated) return cooked;
  return cut || (wet && soaked);
}

/** Bread, cake, biscuit: of what is in it, little spoils when it is cooked, and no flesh. */
function isDryBake(items: readonly Item[], knowledge: Knowledge): boolean {
  let [whole, moist] = [0, 0];
  for (const { line, keepings, isFlesh } of items) {
    if (isDrink(line, knowledge)) continue;
    const isMoist = keepings.some((keeping) => spoilingOf(keeping).cooked && keeping !== 'starch');
    if (isFlesh) return false;
    const [food] = foodsOf(line, knowledge);
    const massG = massOf(line.amount, food === undefined ? undefined : knowledge.food(food as never));
    const weighs = massG ?? (isMoist ? rules.unweighedG : 0);
    whole += weighs;
    if (isMoist) moist += weighs;
  }
  return moist <= whole * rules.dryBakeSpoilsMost;
}

const rawWords = ({ raw }: FoodThen): string => {
  const names = raw.map((mark) => (mark === 'unread' ? 'something unread' : hazardOf(mark).name)).join(' and ');
  return names.charAt(0).toUpperCase() + names.slice(1);
};

/** What it is that spoils, in a word or two. */
function spoilingWords({ items, wet }: FoodThen, { dishName }: BatchFacts): string {
  const some = items.filter((item) => item.keepings.some((keeping) => doesSpoil(keeping, item.isHeated, wet)));
  const names = some.slice(0, 2).map(({ line }) => line.text.replace(/\s*,.*$/, ''));
  return names.length > 0 ? `What has ${names.join(' and ')} in it (${dishName})` : dishName;
}
