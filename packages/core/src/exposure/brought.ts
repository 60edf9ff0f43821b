import { hazardOf, type HazardId } from '../reference/index.ts';
import { readIngredient } from '../reading/index.ts';
import type { Dish, MakerAnswer, Occasion } from '../model/index.ts';
import type { Evidence } from './evidence.ts';
import { lineEvidence } from './evidence.ts';
import { dateWords, knowledgeOf } from './knowledge.ts';

const remembered = new WeakMap<Dish, readonly Evidence[]>();

/** What is known and feared of a dish that others cooked, beyond what its lines say. Empty for a dish made here. */
export function makerEvidence(dish: Dish): readonly Evidence[] {
  if (!dish.brought) return none;
  let evidence = remembered.get(dish);
  if (!evidence) remembered.set(dish, (evidence = ofMaker(dish.brought)));
  return evidence;
}

const none: readonly Evidence[] = [];

function ofMaker({ how, by, sealed, label, answers }: NonNullable<Dish['brought']>): readonly Evidence[] {
  const words = how === 'bought' ? `bought from ${by}` : `brought by ${by}`;
  const found: Evidence[] = [];
  const hazard = (id: HazardId, level: Evidence['level'], grade: Evidence['grade'], because: string) => void found.push({ about: { kind: 'hazard', hazard: id }, level, grade, words, because });
  const labelled = sealed && label !== undefined;
  if (label) {
    for (const id of label.contains) hazard(id, 'contained', 'label', `Its label, read ${dateWords(label.readOn)}, lists ${hazardOf(id).name}.`);
    for (const id of label.mayContain) hazard(id, 'trace', 'label', `Its label, read ${dateWords(label.readOn)}, says it may contain ${hazardOf(id).name}.`);
  }
  if (labelled) return found;
  const answer = new Map(answers.map((each) => [each.question, each]));
  const everything = answer.get('everything');
  if (everything?.answer !== 'yes') {
    found.push({ about: { kind: 'unknown' }, level: 'possible', grade: 'unknown', words, because: everything ? `${by} could not name everything in it.` : `${by} has not been asked what is in it.` });
  }
  const packets = answer.get('packets');
  if (packets?.answer !== 'yes') found.push({ about: { kind: 'unread' }, level: 'possible', grade: 'unknown', words, because: `The labels of the packets that ${by} used are not known.` });
  found.push({ about: { kind: 'kitchen' }, level: 'trace', grade: answer.get('kit')?.answer === 'no' ? 'word' : 'unknown', words, because: kitchenWords(by, answer.get('kit')) });
  for (const question of ['kit', 'medium']) {
    const said = answer.get(question);
    if (said?.answer !== 'yes') continue;
    const reading = readIngredient(said.words);
    for (const each of reading.contained) hazard(each.hazard, question === 'kit' ? 'trace' : 'carried', 'word', `${by} said on ${dateWords(said.on)}: “${said.words}”.`);
  }
  return found;
}

function kitchenWords(by: string, said: MakerAnswer | undefined): string {
  if (!said) return `Nobody here knows the kitchen of ${by}, and what its boards and pans touched.`;
  if (said.answer === 'no') return `${by} said on ${dateWords(said.on)} that the kit touched nothing of the kind; nobody here saw it.`;
  return said.answer === 'yes' ? `${by} said on ${dateWords(said.on)} that the kit also touched other food.` : `${by} could not say what the kit had touched.`;
}

/** What comes over from dishes that share its oil or water. */
export function mediumEvidence(occasion: Occasion, dish: Dish): readonly Evidence[] {
  if (dish.shares.length === 0) return none;
  const knowledge = knowledgeOf(occasion);
  return dish.shares.flatMap(({ medium, with: others }) => others.flatMap((id) => {
    const other = occasion.dishes.find((each) => each.id === id);
    const recipe = occasion.recipes.find((each) => each.id === other?.recipe);
    if (!other || !recipe) return [];
    return recipe.lines.flatMap((line) => lineEvidence(line, knowledge).flatMap((each): Evidence[] => {
      const { about } = each;
      if (about.kind === 'food' || about.kind === 'unlisted' || about.kind === 'kitchen') return [];
      if (about.kind === 'hazard' && hazardOf(about.hazard).kind === 'raw') return [];
      const level = each.level === 'contained' && about.kind === 'hazard' ? 'carried' : 'trace';
      return [{ about, level, grade: each.grade, words: `shares its ${medium} with ${recipe.name}`, because: `${each.because} The ${medium} carries it over.` }];
    }));
  }));
}
