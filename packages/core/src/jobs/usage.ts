import { foodOf, jobGroupsOf } from '../reference/index.ts';
import type { IngredientLine, LineId, Recipe, Step, StepId } from '../model/index.ts';
import { ancestry, followersOf, followsOf, massOf } from '../versions/index.ts';

export type Heat = 'oven' | 'grill' | 'hob' | 'cold';

/** How a line is used in its recipe: in which words, with what, on what heat. */
export interface Usage {
  readonly line: IngredientLine;
  /** The dish's name, and the heading the line stands under. */
  readonly dish: string;
  /** The texts of the steps that use it; of all steps, where none says that it does. */
  readonly own: string;
  /** The texts of all that comes after. */
  readonly then: string;
  /** What has come together when its steps are done, without it. */
  readonly company: readonly IngredientLine[];
  /** Of that, what is in the same mixture: it came in with it, just before or just after. */
  readonly mixture: readonly IngredientLine[];
  /** What comes in later, with all that it was made of. */
  readonly joins: readonly IngredientLine[];
  readonly ownHeat: ReadonlySet<Heat>;
  readonly laterHeat: ReadonlySet<Heat>;
  /** Grams of sugar and the like to grams of all that the dish is made of; 0 where nothing can be weighed. */
  readonly sweetness: number;
}

export const gramsOf = ({ amount, food }: IngredientLine): number | undefined =>
  massOf(amount, food === undefined ? undefined : foodOf(food));

export const isOf = (group: string, { food }: Pick<IngredientLine, 'food'>): boolean =>
  food !== undefined && jobGroupsOf(food).has(group);

/** "45 min 180 °C": no verb, and yet the oven. */
const ovenWords = /\b(?:1[3-9]|2[0-9])0 ?°? ?(?:C|fan)\b|\bbak(?:e|ed|ing)\b|\bgas mark\b/i;

const heatOf = (step: Step): readonly Heat[] => [
  ...(!step.oven && ovenWords.test(step.text) ? ['oven' as const] : []),
  ...(step.oven ? [step.oven.grill ? ('grill' as const) : ('oven' as const)] : []),
  ...(step.burner ? ['hob' as const] : []),
  ...(step.cold ? ['cold' as const] : []),
];

/** A step's title often holds its verb: “Crumb the bites”. */
const textOf = ({ title, text }: Step): string => (text.startsWith(title) ? text : `${title}. ${text}`);
const inWords = (steps: readonly Step[]): string => steps.map(textOf).join(' ');

function sweetnessOf({ lines }: Recipe): number {
  const weighed = lines.map((line) => ({ line, g: gramsOf(line) ?? 0 }));
  const sum = (part: typeof weighed) => part.reduce((total, { g }) => total + g, 0);
  const all = sum(weighed);
  return all === 0 ? 0 : sum(weighed.filter(({ line }) => isOf('sugar', line) || isOf('chocolate-in', line))) / all;
}

/** How a line is used; `called`: the words it is spoken of by, also in steps that take more of it later. */
export function usageOf(recipe: Recipe, line: IngredientLine, called: RegExp): Usage {
  const others = recipe.lines.filter(({ id, text }) => id !== line.id && called.test(text));
  const first = recipe.steps.findIndex(({ uses }) => uses.includes(line.id));
  const naming = recipe.steps.filter(
    ({ uses, text }, at) =>
      uses.includes(line.id) ||
      (first >= 0 && at > first && called.test(text) && !others.some(({ id }) => uses.includes(id))),
  );
  const own = naming.length > 0 ? naming : recipe.steps;
  const before = ancestry(recipe);
  const ids = new Set(own.map(({ id }) => id));
  const isBefore = ({ id }: Step) => own.some((step) => before.get(step.id)!.has(id));
  const later = recipe.steps.filter(({ id }) => !ids.has(id) && own.some((step) => before.get(id)!.has(step.id)));
  const withLater = new Set(later.flatMap(({ id }) => [...before.get(id)!]));
  const near = new Set<StepId>(
    own.flatMap((step) => [
      step.id,
      ...followsOf(recipe, recipe.steps.indexOf(step)).map((link) => link.step),
      ...followersOf(recipe, step.id).map(({ id }) => id),
    ]),
  );
  const linesOf = (steps: readonly Step[]): readonly IngredientLine[] => {
    const used = new Set<LineId>(steps.flatMap(({ uses }) => uses));
    return recipe.lines.filter(({ id }) => id !== line.id && used.has(id));
  };
  const isNamed = naming.length > 0;
  return {
    line,
    dish: `${recipe.name}. ${line.heading ?? ''}`,
    own: shareOf(
      inWords(own),
      called,
      recipe.lines.filter(({ id, text }) => {
        const isHere = id === line.id || own.some(({ uses }) => uses.includes(id));
        return isHere && called.test(text);
      }),
      line,
    ),
    then: inWords(later),
    company: isNamed ? linesOf(recipe.steps.filter(isBefore)) : recipe.lines.filter(({ id }) => id !== line.id),
    mixture: isNamed
      ? linesOf(recipe.steps.filter(({ id }) => near.has(id)))
      : recipe.lines.filter(({ id }) => id !== line.id),
    joins: linesOf(recipe.steps.filter((step) => withLater.has(step.id) && !ids.has(step.id) && !isBefore(step))),
    ownHeat: new Set(own.flatMap(heatOf)),
    laterHeat: new Set(later.flatMap(heatOf)),
    sweetness: sweetnessOf(recipe),
  };
}

/**
 * Where several lines are called the same in one step ("1 egg", "2 eggs, beaten"), the first sentence that speaks of them is the first line's, and so
 * on; the last line has the rest. All of it where there are fewer sentences than lines.
 */
function shareOf(text: string, called: RegExp, alike: readonly IngredientLine[], line: IngredientLine): string {
  const at = alike.findIndex(({ id }) => id === line.id);
  const speaking = sentencesOf(text).filter((sentence) => called.test(sentence));
  if (at < 0 || alike.length < 2 || speaking.length < alike.length) return text;
  return speaking.slice(at, at === alike.length - 1 ? undefined : at + 1).join(' ');
}

const sentencesOf = (text: string): readonly string[] => text.split(/(?<=[.!?;])\s+|\n+/);

/** The sentences that speak of a food, or all of them where none names it. */
export function saidOf(text: string, called: RegExp): string {
  const speaking = sentencesOf(text).filter((sentence) => called.test(sentence));
  return speaking.length > 0 ? speaking.join(' ') : text;
}
