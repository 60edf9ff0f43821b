import * as v from 'valibot';
import { hazardOf } from '../reference/index.ts';
import {
  batchesOfComponent,
  CheckedRecipe,
  LineId,
  listed as inWords,
  madeWith,
  type IngredientLine,
  type Recipe,
} from '../model/index.ts';
import { lineEvidence, namedInSteps, noLabels, servedBesideOf } from '../exposure/index.ts';
import { nameFaults } from '../fit/index.ts';
import { flatten } from '../versions/index.ts';
import { outOfCold } from './doings.ts';
import { readHeats, readTimes, toCelsius } from './timesAndHeats.ts';
import { readLine } from './line.ts';
import {
  quoted,
  withStep,
  type CheckContext,
  type Find,
  type RecipeFinding,
  type RecipeFix,
  type Rule,
} from './finding.ts';
import { rawRules } from './rawChecks.ts';

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
    const name =
      food ??
      words
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-|-$/g, '');
    const id = v.parse(LineId, `${name.slice(0, 50) || 'line'}-added`);
    const line: IngredientLine = {
      id,
      text: words,
      ...(food && { food }),
      amount: { kind: 'words', words: 'as needed' },
      part: 'body',
      canOmit: false,
    };
    return {
      code: 'unlisted-ingredient',
      weight:
        isNamedOnList || (food !== undefined && seasonings.has(food)) ? 'hint' : unseen.length > 0 ? 'danger' : 'odd',
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
    // How long before it was to be out of the cold is no time of the work.
    if (said.length === 0 || (step.hands === 'on' && outOfCold.test(step.text))) return [];
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
    // "A hot oven" is no figure to hold it to.
    const plain = heats.filter((each) => each.celsius <= 275 && each.scale !== 'called').map((each) => each.celsius);
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
    // "Or bake at 200 °C": the other way.
    const said = step.text.replace(/(?<=^|[.;]\s)or\b[^.;]*/gi, ' ');
    const bakes = /\b(?:bake|roast|in(?:to)? the oven)\b/i.test(step.text) && !/\bno[- ]bake\b/i.test(step.text);
    if (
      !step.oven &&
      /\b(?:in(?:to)? the (?:hot |warm |preheated )?oven|bake (?:for|until|in|at)|roast (?:for|until|in|at))\b/i.test(
        said,
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
  ...rawRules,
  missingYield,
  ovenHeats,
  doorOpened,
  conflictingTimes,
  unusedIngredients,
  boiledThenBaked,
  oddLines,
];
