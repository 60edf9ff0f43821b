import * as v from 'valibot';
import { cookedIn, readIngredient } from '../reading/index.ts';
import { hazardOf, hazards, rules as reference } from '../reference/index.ts';
import {
  batchesOfComponent,
  CheckedRecipe,
  LineId,
  listed as inWords,
  madeWith,
  type IngredientLine,
  type Recipe,
  type Step,
  type StepId,
} from '../model/index.ts';
import { lineEvidence, namedInSteps, noLabels, servedBesideOf } from '../exposure/index.ts';
import { nameFaults } from '../fit/index.ts';
import { ancestry, flatten } from '../versions/index.ts';
import { readHeats, readTimes, toCelsius } from './timesAndHeats.ts';
import { readLine } from './line.ts';
import { badPractices } from './practices.ts';

export type RecipeFindingCode =
  | 'unused-ingredient'
  | 'unlisted-ingredient'
  | 'conflicting-times'
  | 'conflicting-heats'
  | 'no-oven-heat'
  | 'looked-at-too-soon'
  | 'no-yield'
  | 'component-amount'
  | 'component-missing'
  | 'component-loop'
  | 'boiled-then-baked'
  | 'poultry-core'
  | 'raw-core'
  | 'touched-raw'
  | 'fahrenheit'
  | 'raw-tasting'
  | 'raw-served'
  | 'false-name'
  | 'odd-line'
  | 'odd-amount'
  | 'practice'
  | 'pink-rest';

/** Something odd in a recipe. `danger`: it can hurt somebody; `odd`: it will go wrong; `hint`: worth a look. */
export interface RecipeFinding {
  readonly code: RecipeFindingCode;
  readonly weight: 'danger' | 'odd' | 'hint';
  readonly words: string;
  readonly line?: LineId | undefined;
  readonly step?: StepId | undefined;
  /** What would mend it: the words on the button, and the recipe afterwards. */
  readonly fix?: RecipeFix | undefined;
  /** Where it may be meant the other way: what would say so. */
  readonly otherwise?: RecipeFix | undefined;
}

/** The words on a button, and the recipe after it was pressed. */
export interface RecipeFix {
  readonly label: string;
  readonly recipe: Recipe;
}

export interface CheckContext {
  /** The recipe did not say how many it feeds. */
  readonly noYield?: boolean;
}

type Find = (id: string) => Recipe | undefined;
type Rule = (recipe: Recipe, find: Find, context: CheckContext) => readonly RecipeFinding[];

const weightOrder = { danger: 0, odd: 1, hint: 2 } as const;

/** Checks a recipe as a careful editor would; the gravest first. Fixes are whole recipes, so that one click applies and one key undoes. */
export function checkRecipe(
  recipe: Recipe,
  find: Find = () => undefined,
  context: CheckContext = {},
): readonly RecipeFinding[] {
  // A fix that makes no recipe (an oven at 480 °C, a line too many) is none; the finding stands without it.
  const sound = (finding: RecipeFinding): RecipeFinding =>
    finding.fix && !v.is(CheckedRecipe, finding.fix.recipe) ? { ...finding, fix: undefined } : finding;
  return rules
    .flatMap((rule) => rule(recipe, find, context))
    .map(sound)
    .sort((a, b) => weightOrder[a.weight] - weightOrder[b.weight]);
}

const withStep = (recipe: Recipe, id: StepId, part: Partial<Step>): Recipe => ({
  ...recipe,
  steps: recipe.steps.map((step) => (step.id === id ? { ...step, ...part } : step)),
});
const quoted = (words: string) => `“${words}”`;
const holdsHazard = (line: IngredientLine, hazard: string): boolean =>
  lineEvidence(line, noLabels).some(
    ({ about, level }) => about.kind === 'hazard' && about.hazard === hazard && level === 'contained',
  );

const unusedIngredients: Rule = (recipe) => {
  const used = new Set<string>(recipe.steps.flatMap((step) => step.uses as string[]));
  // A recipe with one step for everything, or a line put on at the table, needs no mention.
  return recipe.lines
    .filter((line) => !used.has(line.id))
    .map((line): RecipeFinding => {
      const target = line.part === 'body' ? recipe.steps[0]! : recipe.steps[recipe.steps.length - 1]!;
      return {
        code: 'unused-ingredient',
        weight: line.part === 'body' ? 'odd' : 'hint',
        line: line.id,
        words: `No step says what becomes of ${quoted(line.text)}.`,
        fix: {
          label: `It goes in at “${target.title}”`,
          recipe: withStep(recipe, target.id, { uses: [...target.uses, line.id] }),
        },
      };
    });
};

/** What every kitchen has and many lists leave out. */
const seasonings = new Set<string>([
  'salt',
  'black-pepper',
  'olive-oil',
  'sunflower-oil',
  'vegetable-oil',
  'oil',
  'sugar',
]);

const unlistedIngredients: Rule = (recipe, find) => {
  const whole = flatten(recipe, find);
  return namedInSteps(recipe, whole.lines, noLabels).map((named): RecipeFinding => {
    const { food, words, step, unseen, isNamedOnList } = named;
    const names = unseen.map((hazard) => hazardOf(hazard).name);
    const id = v.parse(LineId, `${food.slice(0, 50)}-added`);
    const line: IngredientLine = {
      id,
      text: words,
      food,
      amount: { kind: 'words', words: 'as needed' },
      part: 'body',
      canOmit: false,
    };
    return {
      code: 'unlisted-ingredient',
      weight: isNamedOnList || seasonings.has(food) ? 'hint' : unseen.length > 0 ? 'danger' : 'odd',
      step: step.id,
      words: isNamedOnList
        ? `“${step.title}” says ${quoted(words)}: if that is not what the list has, ${inWords(names.slice(0, 4))} would go unseen.`
        : `“${step.title}” uses ${quoted(words)}, which is not on the list${names.length > 0 ? `: ${names.slice(0, 4).join(', ')} would go unseen` : ''}.`,
      ...(recipe.lines.some((each) => each.id === id)
        ? {}
        : {
            fix: {
              label: `Put ${words} on the list`,
              recipe: withStep({ ...recipe, lines: [...recipe.lines, line] }, step.id, {
                uses: [...step.uses, id],
              }),
            },
          }),
      otherwise: notMeant(recipe, words),
    };
  });
};

const notMeant = (recipe: Recipe, words: string): RecipeFix => ({
  label: 'It is not in this dish',
  recipe: { ...recipe, notMeant: [...(recipe.notMeant ?? []), words.slice(0, 80)].slice(-30) },
});

/** What stands beside the dish is eaten with it, and counts like everything in it. */
const servedBeside: Rule = (recipe) =>
  servedBesideOf(recipe, recipe.lines).map((words): RecipeFinding => {
    const last = recipe.steps[recipe.steps.length - 1]!;
    let id = 'beside';
    for (let count = 2; recipe.lines.some((line) => line.id === id); count++) id = `beside-${count}`;
    const line: IngredientLine = {
      id: v.parse(LineId, id),
      text: words,
      amount: { kind: 'words', words: 'to serve' },
      part: 'accompaniment',
      canOmit: true,
    };
    return {
      code: 'unlisted-ingredient',
      weight: 'odd',
      words: `It is served with ${quoted(words)}, which is not on the list.`,
      fix: {
        label: 'List it as served beside',
        recipe: withStep({ ...recipe, lines: [...recipe.lines, line] }, last.id, { uses: [...last.uses, line.id] }),
      },
      otherwise: notMeant(recipe, words),
    };
  });

const conflictingTimes: Rule = (recipe) =>
  recipe.steps.flatMap((step): readonly RecipeFinding[] => {
    const said = readTimes(step.text).filter((time) => time.use === 'step');
    if (said.length === 0) return [];
    const least = Math.min(...said.map((time) => time.least));
    const sum = said.reduce((total, time) => total + Math.max(time.most, time.likely), 0);
    const { likely } = step.durationMin;
    // A long step may name a short moment in it; work that goes by itself is as long as its text says.
    if (likely >= least * 0.6 - 1 && (step.hands === 'on' || likely <= sum * 1.6 + 5)) return [];
    const meant = Math.max(1, Math.round(said.reduce((total, time) => total + time.likely, 0)));
    return [
      {
        code: 'conflicting-times',
        weight: 'odd',
        step: step.id,
        words: `“${step.title}” is planned at ${likely} minutes, and its text says ${said.map((time) => time.words).join(' and ')}.`,
        fix: {
          label: `Plan ${meant} minutes`,
          recipe: withStep(recipe, step.id, {
            durationMin: { least: Math.max(1, Math.round(meant * 0.9)), likely: meant, most: Math.round(meant * 1.25) },
          }),
        },
      },
    ];
  });

const heatsOf: Rule = (recipe) => {
  const found: RecipeFinding[] = [];
  for (const step of recipe.steps) {
    const heats = readHeats(step.text).filter((each) => !each.core);
    for (const heat of heats) {
      const spoken = [...heat.words.matchAll(/(\d{2,3})\s?(?:°|º|˚|degrees?)?\s?([CF])\b/gi)].map((match) => ({
        figure: Number(match[1]),
        scale: match[2]!.toUpperCase(),
      }));
      const tooHot =
        spoken.find((each) => each.scale === 'C' && each.figure > 275) ??
        (heat.scale === 'C' && heat.celsius > 275 ? { figure: heat.celsius, scale: 'C' } : undefined);
      if (tooHot) {
        const meant = toCelsius(tooHot.figure);
        found.push({
          code: 'fahrenheit',
          weight: 'danger',
          step: step.id,
          words: `“${step.title}” says ${tooHot.figure} °C, which no domestic oven reaches; ${tooHot.figure} °F is ${meant} °C.`,
          fix: {
            label: `Take it for °F: ${meant} °C`,
            recipe: withStep(recipe, step.id, {
              text: step.text.replace(
                heat.words,
                heat.words.replace(new RegExp(`${tooHot.figure}\\s?(?:°|º|˚|degrees?)?\\s?C`, 'i'), `${meant} °C`),
              ),
              ...(step.oven && { oven: { ...step.oven, temperatureC: meant } }),
            }),
          },
        });
        continue;
      }
      const [c, f] = [spoken.find((each) => each.scale === 'C'), spoken.find((each) => each.scale === 'F')];
      if (c && f && Math.abs(toCelsius(f.figure) - c.figure) > 13 && Math.abs(toCelsius(f.figure) - c.figure - 20) > 13)
        found.push({
          code: 'conflicting-heats',
          weight: 'odd',
          step: step.id,
          words: `“${step.title}” says ${quoted(heat.words)}, but ${f.figure} °F is ${toCelsius(f.figure)} °C.`,
        });
    }
    const plain = heats.filter((each) => each.celsius <= 275).map((each) => each.celsius);
    if (step.oven && plain.length > 0 && !plain.some((each) => Math.abs(each - step.oven!.temperatureC) <= 12))
      found.push({
        code: 'conflicting-heats',
        weight: 'odd',
        step: step.id,
        words: `“${step.title}” is planned at ${step.oven.temperatureC} °C, and its text says ${heats.map((each) => each.words).join(' and ')}.`,
        fix: {
          label: `Plan ${plain[plain.length - 1]!} °C`,
          recipe: withStep(recipe, step.id, { oven: { ...step.oven, temperatureC: plain[plain.length - 1]! } }),
        },
      });
  }
  return found;
};

/** A look while the door should stay shut is asked for by the same recipe: one of the two is a slip. */
const doorOpened: Rule = (recipe) =>
  recipe.steps.flatMap((step): readonly RecipeFinding[] => {
    const shutMin = step.oven?.shutMin;
    const early =
      shutMin === undefined ? undefined : step.looks.find((point) => point.atMin > 0 && point.atMin < shutMin);
    if (!early || shutMin === undefined) return [];
    return [
      {
        code: 'looked-at-too-soon',
        weight: 'odd',
        step: step.id,
        words: `“${step.title}” keeps the oven door shut for ${shutMin} minutes, and opens it after ${early.atMin}: ${early.what}.`,
        fix: {
          label: `Shut for ${early.atMin} minutes`,
          recipe: withStep(recipe, step.id, { oven: { ...step.oven!, shutMin: early.atMin } }),
        },
      },
    ];
  });

const ovenHeats: Rule = (recipe) => {
  const anyHeat = recipe.steps.some((step) => readHeats(step.text).some((each) => !each.core));
  return recipe.steps.flatMap((step): readonly RecipeFinding[] => {
    const bakes = /\b(?:bake|roast|in(?:to)? the oven)\b/i.test(step.text) && !/\bno[- ]bake\b/i.test(step.text);
    if (
      !step.oven &&
      /\b(?:in(?:to)? the (?:hot |warm |preheated )?oven|bake (?:for|until|in|at)|roast (?:for|until|in|at))\b/i.test(
        step.text,
      )
    )
      return [
        {
          code: 'no-oven-heat',
          weight: 'odd',
          step: step.id,
          words: `“${step.title}” goes into the oven, and no heat is planned for it.`,
          fix: {
            label: 'Plan 180 °C',
            recipe: withStep(recipe, step.id, {
              oven: { temperatureC: 180, toleranceC: 10, racks: 1, covered: false, grill: false },
            }),
          },
        },
      ];
    // Only what came from elsewhere: a recipe written here has its heat in its own field.
    if (
      step.oven &&
      !step.oven.grill &&
      recipe.original &&
      recipe.original.format !== 'lupin' &&
      bakes &&
      !anyHeat &&
      recipe.steps.find((each) => each.oven) === step
    )
      return [
        {
          code: 'no-oven-heat',
          weight: 'odd',
          step: step.id,
          words: `The recipe gives no oven temperature; ${step.oven.temperatureC} °C is a guess.`,
        },
      ];
    return [];
  });
};

const missingYield: Rule = (_recipe, _find, { noYield }) =>
  noYield
    ? [
        {
          code: 'no-yield',
          weight: 'odd',
          words: 'The recipe does not say how many it feeds; amounts per guest rest on a guess.',
        },
      ]
    : [];

const components: Rule = (recipe, find) => {
  const { loop } = madeWith(recipe, find);
  const found: RecipeFinding[] = loop
    ? [{ code: 'component-loop', weight: 'danger', words: `It cannot be made with itself: ${loop.join(' → ')}.` }]
    : [];
  for (const line of recipe.lines) {
    if (!line.component) continue;
    const part = find(line.component);
    if (!part)
      found.push({
        code: 'component-missing',
        weight: 'danger',
        line: line.id,
        words: `${quoted(line.text)} is made by a recipe that is not in the library: what is in it is not known.`,
      });
    else if (batchesOfComponent(line, part) === undefined)
      found.push({
        code: 'component-amount',
        weight: 'odd',
        line: line.id,
        words: `How much of “${part.name}” goes in is not said; one batch is taken.`,
        fix: {
          label: 'One batch',
          recipe: {
            ...recipe,
            lines: recipe.lines.map((each) =>
              each === line ? { ...each, amount: { kind: 'batches', batches: 1 } } : each,
            ),
          },
        },
      });
  }
  return found;
};

const boiledThenBaked: Rule = (recipe) =>
  recipe.steps.flatMap((step, index): readonly RecipeFinding[] => {
    if (
      step.oven ||
      !/\b(?:boil|cook|simmer)\w*\b/i.test(step.text) ||
      !/\b(?:pasta|lasagne|macaroni|penne|rigatoni|noodles?|gnocchi|rice|potato(?:es)?)\b/i.test(step.text)
    )
      return [];
    if (
      /\b(?:undercook|par-?(?:boil|cook)|a (?:minute|few minutes) less|minutes? (?:less|short)|al dente|not quite (?:done|cooked)|half[- ]cook)\b/i.test(
        step.text,
      )
    )
      return [];
    const later = recipe.steps
      .slice(index + 1)
      .find((each) => each.oven && !each.oven.grill && each.durationMin.likely >= 10);
    if (!later) return [];
    const { least, likely, most } = step.durationMin;
    const shorter = Math.max(1, likely - 2);
    return [
      {
        code: 'boiled-then-baked',
        weight: 'hint',
        step: step.id,
        words: `What “${step.title}” boils is baked again in “${later.title}”: the oven finishes it, so boil it less.`,
        fix: {
          label: `Boil ${shorter} minutes`,
          recipe: withStep(recipe, step.id, {
            durationMin: {
              least: Math.max(1, Math.min(least, shorter)),
              likely: shorter,
              most: Math.max(shorter, most - 2),
            },
            text: `${step.text} Undercook it a little: the oven finishes it.`,
          }),
        },
      },
    ];
  });

const rawHazards = hazards.filter((hazard) => hazard.kind === 'raw');
const preserved = /\b(?:smoked|cured)\b/i;
/** Whether a line says of its food that it is cooked before it comes into the kitchen; of a line without one its words have told already. */
const isSaidCooked = ({ food, text }: IngredientLine): boolean =>
  preserved.test(text) || [...cookedIn(text, readIngredient(text).foods)].some((each) => each.food === food);

/** Said first of a step, or in brackets: it is done or not, as one likes. */
const mayBeLeft =
  /^\W*(?:optional(?:ly)?|if (?:you )?(?:like|wish|prefer|want)|if (?:liked|wished|preferred))\b|\(optional\)/i;

/** What a step does to meat that is in one piece until then. */
const cutUpInStep =
  /\b(?:stuff (?:the|it)|roll (?:it |the meat |the lamb |the beef )?(?:up|around)|mince the|grind the|through (?:a|the) mincer)\b/i;

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
    const isCutUp = hazard.id === 'raw-cut' && flat.steps.some(({ text }) => cutUpInStep.test(text));
    const safe = isCutUp ? reference.pinkUnderC : (hazard.safeCoreC ?? 74);
    const line = flat.lines.find(
      (each) => holdsHazard(each, hazard.id) && !isSaidCooked(each) && reachedBy(each) < safe,
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
  const safe = Math.max(...open.filter(({ line }) => !hot || isOnWayOf(line, hot)).map((each) => each.safe));
  const poultry = first.hazard.id === 'raw-poultry';
  const words = open
    .map(({ line }) => quoted(line.text))
    .filter((each, index, all) => all.indexOf(each) === index)
    .join(', ');
  return [
    {
      code: poultry ? 'poultry-core' : 'raw-core',
      weight: poultry || !isHeated ? 'danger' : 'odd',
      ...(recipe.lines.includes(first.line) && { line: first.line.id }),
      ...(hot && { step: hot.id }),
      words: !isHeated
        ? `${words} ${open.length === 1 ? 'is' : 'are'} never heated, and raw ${open.map((each) => each.hazard.name.replace(/^raw /, '')).join(', ')} can make people ill.`
        : reached > 0
          ? `${words}: the hottest step reaches ${reached} °C inside; ${safe} °C is asked.`
          : poultry
            ? `No step says that ${words} reaches ${safe} °C in the thickest part.`
            : `No step says that ${words} is cooked through: ${safe} °C inside.`,
      ...(hot && {
        fix: { label: `“${hot.title}” ends at ${safe} °C inside`, recipe: withStep(recipe, hot.id, { coreC: safe }) },
      }),
    },
  ];
};

const touchedRaw: Rule = (recipe) => {
  if (
    !recipe.lines.some((line) =>
      ['raw-poultry', 'raw-meat', 'raw-cut', 'raw-fish'].some((hazard) => holdsHazard(line, hazard)),
    )
  )
    return [];
  return recipe.steps.flatMap((step): readonly RecipeFinding[] => {
    const match =
      /\b(?:reserved?|remaining|leftover|left-over|rest of the|keep the|save the|spare|same)\s+(?:[\p{L}-]+\s+){0,2}?(marinade|brine|coating|dredg\w*|seasoned flour|flour|breadcrumbs|crumbs|egg ?wash|batter)\b/iu.exec(
        step.text,
      );
    if (
      !match ||
      /\b(?:discard|throw|bin|boil|before (?:adding|the) (?:chicken|meat|fish)|set aside before)\b/i.test(step.text)
    )
      return [];
    const marinated = recipe.steps.some((each) =>
      /\b(?:marinat|marinade|brine|dredge|coat|toss|dip)\w*\b/i.test(each.text),
    );
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

/** What is done under well done rests: its heat evens out, and goes on working. */
const pinkRests: Rule = (recipe, find) => {
  const flat = flatten(recipe, find);
  const before = ancestry(flat);
  return recipe.steps.flatMap((step): readonly RecipeFinding[] => {
    const { coreC } = step;
    if (coreC === undefined || coreC < 63 || coreC >= reference.pinkUnderC) return [];
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
  const { lines, steps } = flatten(recipe, find);
  const egg = lines.find((line) => holdsHazard(line, 'raw-egg'));
  if (!egg || steps.some((step) => step.oven !== undefined || step.burner || (step.coreC ?? 0) >= 71)) return [];
  return [
    {
      code: 'raw-served',
      weight: 'danger',
      ...(recipe.lines.includes(egg) && { line: egg.id }),
      words: `${quoted(egg.text)} is never heated: raw egg is not for small children, pregnant, old or ill guests; pasteurised egg is the usual way round.`,
    },
  ];
};

const falseName: Rule = (recipe, find) => {
  const evidence = flatten(recipe, find).lines.flatMap((line) => lineEvidence(line, noLabels));
  return nameFaults(recipe.name, evidence).map((fault): RecipeFinding => ({
    code: 'false-name',
    weight: fault.state === 'broken' ? 'danger' : 'hint',
    words: fault.words,
  }));
};

const oddLines: Rule = (recipe) =>
  recipe.lines.flatMap((line): readonly RecipeFinding[] => {
    if (line.component) return [];
    const { ingredient, doubts } = readLine(line.text);
    const found: RecipeFinding[] = [];
    if (!line.food && ingredient.unknown.length > 0)
      found.push({
        code: 'odd-line',
        weight: 'odd',
        line: line.id,
        words: `${quoted(line.text)}: ${ingredient.unknown.map((each) => quoted(each.words)).join(', ')} is not known, so nobody who avoids anything is clear of it.`,
      });
    for (const doubt of doubts)
      if (/agree/.test(doubt))
        found.push({ code: 'odd-amount', weight: 'odd', line: line.id, words: `${quoted(line.text)}: ${doubt}` });
    return found;
  });

const rules: readonly Rule[] = [
  falseName,
  heatsOf,
  components,
  unlistedIngredients,
  servedBeside,
  rawEnds,
  touchedRaw,
  rawTasting,
  rawServed,
  practice,
  pinkRests,
  missingYield,
  ovenHeats,
  doorOpened,
  conflictingTimes,
  unusedIngredients,
  boiledThenBaked,
  oddLines,
];
