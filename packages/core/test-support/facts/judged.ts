import { guest, line, occasion, recipe, step } from '../small.ts';
import { judge, knowledgeOf, lineEvidence } from '../../src/index.ts';
import { readIngredient, wholeFood } from '../../src/reading/index.ts';

/** How a name and a need go together: it is always in it, it may be, it never is. */
type Truth = 'always' | 'maybe' | 'never';
export type Outcome = 'right' | 'wrongly clear' | 'wrongly conflict' | 'needless check' | 'only a check';

const flesh = ['meat', 'poultry', 'pork', 'fish', 'crustacean', 'mollusc', 'gelatine', 'other-animal'];
/** Each need with what of a row's words it is about. */
const needs: readonly { readonly need: Record<string, unknown>; readonly of: readonly string[] }[] = [
  ...[
    'gluten',
    'milk',
    'egg',
    'tree-nut',
    'peanut',
    'soy',
    'fish',
    'crustacean',
    'mollusc',
    'sesame',
    'mustard',
    'celery',
  ].map((hazard) => ({ need: { kind: 'hazard', hazard }, of: [hazard] })),
  { need: { kind: 'diet', diet: 'vegan' }, of: [...flesh, 'milk', 'egg', 'honey'] },
  { need: { kind: 'diet', diet: 'vegetarian' }, of: flesh },
  { need: { kind: 'diet', diet: 'no-pork' }, of: ['pork', 'gelatine'] },
  { need: { kind: 'diet', diet: 'no-alcohol' }, of: ['alcohol'] },
];

function outcomeOf(truth: Truth, verdict: string): Outcome {
  if (verdict === 'clear') return truth === 'never' ? 'right' : 'wrongly clear';
  if (verdict === 'conflict') return truth === 'always' ? 'right' : 'wrongly conflict';
  if (truth === 'always') return 'only a check';
  return truth === 'maybe' ? 'right' : 'needless check';
}

export interface Pair {
  readonly name: string;
  readonly need: string;
  readonly truth: Truth;
  readonly outcome: Outcome;
}

/** Every name of a list against every need, each "as an ingredient": what Lupin says of it, held against what is so. */
export function pairsOf(list: string): readonly Pair[] {
  return list
    .split('\n')
    .filter((row) => row.includes(' :') && !row.startsWith('#'))
    .flatMap((row) => {
      const [name, said] = row.split(' :') as [string, string];
      const [always, maybe] = said.split('/').map((words) => words.trim().split(/\s+/));
      const text = `100 g ${name}`;
      const one = occasion({
        guests: needs.map(({ need }, at) => guest(`g${at}`, { id: 'n', strictness: 'not-ingredient', ...need })),
        recipes: [recipe('r', [line('l', wholeFood(readIngredient(text)), { text })], [step('s', { uses: ['l'] })])],
      });
      const evidence = lineEvidence(one.recipes[0]!.lines[0]!, knowledgeOf(one));
      return needs.map(({ need, of }, at): Pair => {
        const isMaybe = of.some((each) => maybe!.includes(each)) ? 'maybe' : 'never';
        // Pork may be meant by gelatine, and is not always.
        const isAlways =
          of.some((each) => each !== 'gelatine' && always!.includes(each)) ||
          (of.includes('meat') && always!.includes('gelatine'));
        const mayBe = of.includes('gelatine') && always!.includes('gelatine') ? 'maybe' : isMaybe;
        const truth: Truth = isAlways ? 'always' : mayBe;
        const verdict = judge(one.guests[at]!, evidence).verdict;
        return { name, need: String(need['hazard'] ?? need['diet']), truth, outcome: outcomeOf(truth, verdict) };
      });
    });
}
