import { withAmounts, measure, numberOf, numberSource } from '../quantities/index.ts';
import { foodOf } from '../reference/index.ts';
import { singular, tokenise } from '../reading/index.ts';
import type { Amount, IngredientLine, Step } from '../model/index.ts';
import { scaleAmount } from './scaleAmount.ts';

/** A line of a recipe, and how much of it there is here. */
export interface Grown {
  readonly line: IngredientLine;
  readonly amount: Amount;
}

/** What may stand between a number and what is counted. */
const adjectives =
  'large|medium|small|whole|ripe|beaten|peeled|chopped|sliced|remaining|other|reserved|extra|fresh|red|green|yellow|white|brown|spring|dried|boiled|hard-boiled';
const pieces = 'cloves?|sprigs?|slices?|sticks?|stalks?|leaves|rashers?|fillets?|heads?|bulbs?';
const counted = new RegExp(
  String.raw`(?<![\p{L}\p{N}.,/⁄×-])(?<number>(?!an?\s|half|quarter|one\s+at)${numberSource})(?<between>\s+(?:(?:${pieces})\s+)?(?:of\s+(?:the\s+)?)?(?:(?:${adjectives})\s+){0,2})(?<word>[\p{L}]{3,})(?![\p{L}])`,
  'giu',
);
const oneByOne = /^[^.,;:()]{0,20}\b(?:at a time|each|per|apiece)\b/iu;

/** How much of an ingredient there is for each that its recipe has; undefined where either is only words. */
function grownOf({ line, amount }: Grown): number | undefined {
  const [from, to] = [figureOf(line.amount), figureOf(amount)];
  return from && to !== undefined && line.amount.kind === amount.kind ? to / from : undefined;
}

function figureOf(amount: Amount): number | undefined {
  switch (amount.kind) {
    case 'mass':
      return amount.massG;
    case 'volume':
      return amount.volumeMl;
    case 'count':
      return amount.count;
    case 'batches':
      return amount.batches;
    case 'words':
      return undefined;
    default:
      return amount satisfies never;
  }
}

/** The words by which a text may call a line, each as one of it. */
const callsOf = ({ line }: Grown): ReadonlySet<string> => {
  const names = [line.text.replace(/,.*/, ''), line.food ? foodOf(line.food)?.name : undefined];
  return new Set(names.flatMap((name) => (name ? [singular(tokenise(name).at(-1)?.word ?? '')] : [])));
};

/**
 * The words of a step with the amounts of a batch in them. `factor`: how many times its recipe the batch is; `lines`: what goes into the step, as
 * much as there is of it here: what does not grow in a straight line ("2 tsp baking powder") is told so in the words too. Sizes, and what is so
 * much each, stay.
 */
export function inBatchWords(text: string, factor: number, lines: readonly Grown[]): string {
  const grown = lines.map((line) => ({ line, calls: callsOf(line), times: grownOf(line) ?? factor }));
  if (grown.every(({ times }) => Math.abs(times - 1) < 0.005) && Math.abs(factor - 1) < 0.005) return text;
  const lineIn = (words: string) => {
    const said = tokenise(words).map((token) => singular(token.word));
    return grown.find(({ calls }) => said.some((word) => calls.has(word)));
  };
  const weighed = withAmounts(text, ({ amount, end }) => {
    const behind = /^[^.,;:()\d]{0,30}/u.exec(text.slice(end))![0];
    return scaleAmount(amount, lineIn(behind)?.times ?? factor);
  });
  return weighed.replace(counted, (whole: string, ...rest: unknown[]) => {
    const { number, between, word } = rest.at(-1) as Record<string, string>;
    const at = rest.at(-3) as number;
    const meant = grown.find(({ line, calls }) => line.line.amount.kind === 'count' && calls.has(singular(word!)));
    if (!meant || oneByOne.test(weighed.slice(at + whole.length))) return whole;
    const times = { kind: 'count' as const, count: numberOf(number!) * meant.times, piece: '' };
    return `${measure(times, 'metric').text}${between}${word}`;
  });
}

/** A step of a recipe in the words of a batch of it. */
export function inBatchStep(step: Step, factor: number, lines: readonly Grown[]): Step {
  const here = lines.filter(({ line }) => step.uses.includes(line.id));
  const inWords = (text: string) => inBatchWords(text, factor, here);
  return {
    ...step,
    title: inWords(step.title).slice(0, 80),
    text: inWords(step.text).slice(0, 2000),
    looks: step.looks.map((look) => ({ ...look, what: inWords(look.what) })),
    alternatives: step.alternatives.map((other) => ({ ...other, text: inWords(other.text) })),
  };
}
