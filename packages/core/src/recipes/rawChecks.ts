import * as v from 'valibot';
import { cookedIn, readIngredient } from '../reading/index.ts';
import { HazardId, hazardOf, hazards, isEndedBy, rules as reference } from '../reference/index.ts';
import { isMarkEndedBy, isMeantAt, isOnHeat, type IngredientLine, type Recipe, type Step } from '../model/index.ts';
import { ancestry, flatten } from '../versions/index.ts';
import { holdsHazard, quoted, withStep, type Find, type RecipeFinding, type Rule } from './finding.ts';
import { asMeant, isCutUpIn, rawServedOf } from './meantRaw.ts';
import { badPractices } from './practices.ts';
import { mayBeLeft } from './wording.ts';

const rawHazards = hazards.filter((hazard) => hazard.kind === 'raw');
const preserved = /\b(?:smoked|cured)\b/i;
/** Whether a line says of its food that it is cooked before it comes into the kitchen; of a line without one its words have told already. */
const isSaidCooked = ({ food, text }: IngredientLine): boolean =>
  preserved.test(text) || [...cookedIn(text, readIngredient(text).foods)].some((each) => each.food === food);

/** What is asked of food that is heated, and not known to be hot enough inside. */
function tooCool(words: string, reachedC: number, safeC: number, isPoultry: boolean): string {
  if (reachedC > 0) return `${words}: the hottest step reaches ${reachedC} °C inside; ${safeC} °C is asked.`;
  return isPoultry
    ? `No step says that ${words} reaches ${safeC} °C in the thickest part.`
    : `No step says that ${words} is cooked through: ${safeC} °C inside.`;
}

/** What would say that what is raw in it is meant to be; nothing, where no kitchen should serve it so. */
function meantOtherwise(recipe: Recipe, find: Find, hazards: readonly HazardId[]): Pick<RecipeFinding, 'otherwise'> {
  const open = rawServedOf(recipe, find).open.filter(({ hazard }) => hazards.includes(hazard));
  if (open.length === 0 || open.some(({ steps }) => steps.length === 0)) return {};
  const served = [...new Set(open.map(({ hazard }) => hazardOf(hazard).meant!.served))];
  return { otherwise: { label: `It is meant to be ${served.join(', and ')}`, recipe: asMeant(recipe, open) } };
}

/** What is served raw on purpose is nobody's surprise: how it is made safer, and for whom it is nothing. */
const meantRaw: Rule = (recipe, find) =>
  rawServedOf(recipe, find).meant.map(({ hazard, lines }) => {
    const { served, care } = hazardOf(hazard).meant!;
    const texts = [...new Set(lines.map(({ text }) => quoted(text)))].join(', ');
    const [line] = lines;
    return {
      code: 'meant-raw',
      weight: 'hint',
      ...(recipe.lines.includes(line!) && { line: line!.id }),
      words: `${texts}: served ${served}, as it is meant. ${care} Nothing for small children, or for who is pregnant, old or ill: ask your guests.`,
    };
  });

/** Every raw-food risk must end somewhere: no plan holds in which something goes to the table raw. */
const rawEnds: Rule = (recipe, find) => {
  const flat = flatten(recipe, find);
  const before = ancestry(flat);
  /** The hottest that a line gets inside, in the step that uses it or one that follows from there. */
  const isOnWayOf = (line: IngredientLine, step: Pick<Step, 'id'>) => {
    const users = flat.steps.filter((each) => each.uses.includes(line.id));
    return users.length === 0 || users.some((user) => before.get(step.id)?.has(user.id));
  };
  const reachedBy = (line: IngredientLine) =>
    Math.max(0, ...flat.steps.filter((step) => isOnWayOf(line, step)).map((step) => step.coreC ?? 0));
  const open = rawHazards.flatMap((hazard) => {
    const isCutUp = hazard.id === 'raw-cut' && isCutUpIn(flat);
    const safe = isCutUp ? reference.pinkUnderC : (hazard.safeCoreC ?? 74);
    const isMeant = (each: IngredientLine) =>
      flat.steps.some((step) => isMeantAt(hazard.id, step) && isOnWayOf(each, step));
    const line = flat.lines.find(
      (each) =>
        holdsHazard(each, hazard.id) && !isSaidCooked(each) && reachedBy(each) < safe && (isCutUp || !isMeant(each)),
    );
    return line ? [{ hazard, line, safe }] : [];
  });
  const first = open.find((each) => each.hazard.id === 'raw-poultry') ?? open[0];
  // Only where that food itself goes, and not in what may be left undone: a pan of onions beside it cooks no chicken.
  const heats = (step: Step) =>
    first !== undefined &&
    (step.oven !== undefined || step.burner) &&
    isOnWayOf(first.line, step) &&
    ![step.title, step.text].some((words) => mayBeLeft.test(words));
  const hot = recipe.steps.findLast(heats);
  // What it is made with may be heated before it comes in.
  const isHeated = flat.steps.some(heats);
  // What is never heated at all is another finding; a part of other recipes is heated there.
  if (!first || (!hot && (first.hazard.id === 'raw-egg' || recipe.makes !== undefined))) return [];
  const reached = reachedBy(first.line);
  // What is raw beside it is not heated with it.
  const together = open.filter(({ line }) => !hot || isOnWayOf(line, hot));
  const safe = Math.max(...together.map((each) => each.safe));
  const poultry = first.hazard.id === 'raw-poultry';
  const words = together
    .map(({ line }) => quoted(line.text))
    .filter((each, index, all) => all.indexOf(each) === index)
    .join(', ');
  return [
    {
      code: poultry ? 'poultry-core' : 'raw-core',
      weight: poultry || !isHeated ? 'danger' : 'odd',
      ...(recipe.lines.includes(first.line) && { line: first.line.id }),
      ...(hot && { step: hot.id }),
      words: isHeated
        ? tooCool(words, reached, safe, poultry)
        : `${words} ${together.length === 1 ? 'is' : 'are'} never heated, and raw ${together.map((each) => each.hazard.name.replace(/^raw /, '')).join(', ')} can make people ill.`,
      ...(hot && {
        fix: { label: `“${hot.title}” ends at ${safe} °C inside`, recipe: withStep(recipe, hot.id, { coreC: safe }) },
      }),
      ...meantOtherwise(
        recipe,
        find,
        together.map(({ hazard }) => hazard.id),
      ),
    },
  ];
};

const fleshHazards = ['raw-poultry', 'raw-meat', 'raw-cut', 'raw-fish'];
const touchedRaw: Rule = (recipe) => {
  const raw = new Set(
    recipe.lines.filter((line) => fleshHazards.some((hazard) => holdsHazard(line, hazard))).map(({ id }) => id),
  );
  if (raw.size === 0) return [];
  const above = ancestry(recipe);
  const users = recipe.steps.filter(({ uses }) => uses.some((use) => raw.has(use)));
  const isRawIn = ({ id }: Pick<Step, 'id'>) => users.length === 0 || users.some((user) => above.get(id)!.has(user.id));
  return recipe.steps.flatMap((step, index): readonly RecipeFinding[] => {
    const match =
      /\b(?:reserved?|remaining|leftover|left-over|rest of the|keep the|save the|spare|same)\s+(?:[\p{L}-]+\s+){0,2}?(marinade|brine|coating|dredg\w*|seasoned flour|flour|breadcrumbs|crumbs|egg ?wash|batter)\b/iu.exec(
        step.text,
      );
    if (
      !match ||
      /\b(?:discard|throw|bin|boil|before (?:adding|the) (?:chicken|meat|fish)|set aside before)\b/i.test(step.text)
    )
      return [];
    // What is said to have been set aside, and comes to nothing raw here, touched nothing raw.
    const wasSetAside = recipe.steps.some(
      (each) =>
        above.get(step.id)!.has(each.id) &&
        /\b(?:set|put)\b[^.;]{0,12}\baside\b|\b(?:reserv|keep back)/i.test(each.text),
    );
    if (users.length > 0 && wasSetAside && !isRawIn(step)) return [];
    // Where something raw was in it before: what is dipped from here on has not touched it yet.
    const coated = /\b(?:marinat|marinade|brine|dredge|coat|toss|dip)\w*\b/i;
    const marinated =
      coated.test(step.text.slice(0, match.index)) ||
      recipe.steps.slice(0, index).some((each) => coated.test(each.text) && isRawIn(each));
    if (!marinated) return [];
    return [
      {
        code: 'touched-raw',
        weight: 'danger',
        step: step.id,
        words: `“${step.title}” uses ${quoted(match[0])}: if it touched the raw meat or fish it must be boiled first or thrown away.`,
        fix: {
          label: 'Say so in the step',
          recipe: withStep(recipe, step.id, {
            text: `${step.text} Use only ${match[1]} that was set aside before it touched anything raw; throw the rest away.`.slice(
              0,
              2000,
            ),
          }),
        },
      },
    ];
  });
};

const rawTasting: Rule = (recipe) => {
  const raw = recipe.lines.filter(
    (line) =>
      holdsHazard(line, 'raw-flour') ||
      (line.food && rawTasters.has(line.food)) ||
      /\b(?:chickpea|gram|bean|lentil|pea|besan|lupin|soya?) flour\b/i.test(line.text),
  );
  if (raw.length === 0) return [];
  const firstHeat = recipe.steps.findIndex((step) => step.oven !== undefined || step.burner);
  const inBy = new Set(raw.map((line) => line.id));
  let inIt = false;
  return recipe.steps.flatMap((step, index): readonly RecipeFinding[] => {
    if (step.uses.some((use) => inBy.has(use))) inIt = true;
    const tasted = /\b(?:taste|check the seasoning|adjust (?:the )?seasoning)\b/i.exec(step.text);
    if (!inIt || (firstHeat >= 0 && index > firstHeat) || !tasted || /\bnot taste\b/i.test(step.text)) return [];
    // In one breath with the frying: what is said before it is done before it.
    const heated = /\b(?:fry|bak|boil|simmer|cook|roast|steam|toast|grill|melt)/i.exec(step.text);
    if (heated && heated.index < tasted.index) return [];
    return [
      {
        code: 'raw-tasting',
        weight: 'danger',
        step: step.id,
        words: `“${step.title}” tastes it while ${quoted(raw[0]!.text)} is still raw: season before the flour goes in, or taste a little piece that was cooked.`,
        fix: {
          label: 'Say so in the step',
          recipe: withStep(recipe, step.id, {
            text: `${step.text} Do not taste it raw: cook a spoonful first, or season before the flour goes in.`.slice(
              0,
              2000,
            ),
          }),
        },
      },
    ];
  });
};
const rawTasters = new Set<string>(['chickpea-flour', 'gram-flour', 'soya-flour', 'lupin-flour', 'bean-flour']);

const wholeCut = v.parse(HazardId, 'raw-cut');
const rawEgg = v.parse(HazardId, 'raw-egg');

/** What is done under well done rests: its heat evens out, and goes on working. */
const pinkRests: Rule = (recipe, find) => {
  const flat = flatten(recipe, find);
  const before = ancestry(flat);
  return recipe.steps.flatMap((step): readonly RecipeFinding[] => {
    const { coreC } = step;
    if (coreC === undefined || !isEndedBy(wholeCut, coreC) || coreC >= reference.pinkUnderC) return [];
    const line = flat.lines.find(
      (each) =>
        holdsHazard(each, 'raw-cut') &&
        flat.steps.some(({ id, uses }) => uses.includes(each.id) && before.get(step.id)?.has(id)),
    );
    const rests = (each: Step) =>
      /\brest/i.test(`${each.title} ${each.text}`) ||
      (each.id !== step.id && each.hands === 'off' && each.durationMin.least >= reference.pinkRestsMin);
    if (!line || flat.steps.some((each) => before.get(each.id)!.has(step.id) && rests(each))) return [];
    const add = `Rest it for at least ${reference.pinkRestsMin} minutes.`;
    return [
      {
        code: 'pink-rest',
        weight: 'odd',
        step: step.id,
        words: `${quoted(line.text)} is done at ${coreC} °C, and nothing says that it rests: ${reference.pinkRestsMin} minutes belong to that temperature.`,
        fix: {
          label: 'It rests',
          recipe: withStep(recipe, step.id, { text: `${step.text} ${add}`.trim().slice(0, 2000) }),
        },
      },
    ];
  });
};

const practice: Rule = (recipe, find) =>
  badPractices(flatten(recipe, find)).map(({ practice: { says }, line, step, mended }) => {
    const own = step && recipe.steps.find((each) => each.id === step.id);
    return {
      code: 'practice',
      weight: 'danger',
      words: `${line ? quoted(line.text) : `“${step!.title}”`} ${says}`,
      ...(line && recipe.lines.some((each) => each.id === line.id) && { line: line.id }),
      ...(own && { step: own.id }),
      ...(own && mended !== undefined
        ? { fix: { label: 'Say it right in the step', recipe: withStep(recipe, own.id, { text: mended }) } }
        : {}),
    };
  });

const rawServed: Rule = (recipe, find) => {
  const flat = flatten(recipe, find);
  const before = ancestry(flat);
  const isLeftRaw = ({ id }: IngredientLine) => {
    const enters = flat.steps.find(({ uses }) => uses.includes(id));
    const way = flat.steps.filter((step) => !enters || before.get(step.id)!.has(enters.id));
    return !way.some((step) => isOnHeat(step) || isMarkEndedBy(rawEgg, step) || isMeantAt(rawEgg, step));
  };
  const egg = flat.lines.find((line) => holdsHazard(line, rawEgg) && isLeftRaw(line));
  if (!egg) return [];
  return [
    {
      code: 'raw-served',
      weight: 'danger',
      ...(recipe.lines.includes(egg) && { line: egg.id }),
      words: `${quoted(egg.text)} is never heated: raw egg is not for small children, pregnant, old or ill guests; pasteurised egg is the usual way round.`,
      ...meantOtherwise(recipe, find, [rawEgg]),
    },
  ];
};

/** What is raw and stays so, what it touched, and what no kitchen should do: what can make ill. */
export const rawRules: readonly Rule[] = [rawEnds, touchedRaw, rawTasting, rawServed, meantRaw, practice, pinkRests];
