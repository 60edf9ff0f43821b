import { hazardOf, type HazardId } from '../reference/index.ts';
import { readIngredient } from '../reading/index.ts';
import type { Dish, MakerAnswer, Occasion } from '../model/index.ts';
import { recipeOf, versionRecipe } from '../versions/index.ts';
import { lineEvidence, type Evidence } from './evidence.ts';
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
  const hazard = (id: HazardId, level: Evidence['level'], grade: Evidence['grade'], because: string) =>
    void found.push({ about: { kind: 'hazard', hazard: id }, level, grade, words, because });
  const labelled = sealed && label !== undefined;
  if (label) {
    for (const id of label.contains)
      hazard(id, 'contained', 'label', `Its label, read ${dateWords(label.readOn)}, lists ${hazardOf(id).name}.`);
    for (const id of label.mayContain)
      hazard(
        id,
        'trace',
        'label',
        `Its label, read ${dateWords(label.readOn)}, says it may contain ${hazardOf(id).name}.`,
      );
  }
  if (labelled) {
    // Milk on a label brings its sugar unless the packet says otherwise, and no label was read here for a single food.
    if (
      label.contains.includes('milk' as HazardId) &&
      !label.contains.includes('lactose' as HazardId) &&
      !label.claims.includes('lactose-free')
    )
      hazard('lactose' as HazardId, 'possible', 'label', 'Its label lists milk, and was not read for lactose.');
    if (label.contains.includes('oats' as HazardId) && !label.claims.includes('gluten-free'))
      hazard('gluten' as HazardId, 'possible', 'label', 'Its label lists oats, and does not say gluten-free.');
    found.push({
      about: { kind: 'unlisted', absent: new Set(), found: new Set() },
      level: 'possible',
      grade: 'label',
      words,
      because: 'Its label was read for hazards, not for single foods.',
    });
    return found;
  }
  const answer = new Map(answers.map((each) => [each.question, each]));
  const everything = answer.get('everything');
  if (everything?.answer !== 'yes') {
    found.push({
      about: { kind: 'unknown' },
      level: 'possible',
      grade: 'unknown',
      words,
      because: everything ? `${by} could not name everything in it.` : `${by} has not been asked what is in it.`,
    });
  }
  const packets = answer.get('packets');
  if (packets?.answer !== 'yes')
    found.push({
      about: { kind: 'unread' },
      level: 'possible',
      grade: 'unknown',
      words,
      because: `The labels of the packets that ${by} used are not known.`,
    });
  found.push({
    about: { kind: 'kitchen' },
    level: 'trace',
    grade: answer.get('kit')?.answer === 'no' ? 'word' : 'unknown',
    words,
    because: kitchenWords(by, answer.get('kit')),
  });
  for (const question of ['kit', 'medium']) {
    const said = answer.get(question);
    if (said?.answer !== 'yes') continue;
    const reading = readIngredient(said.words);
    const because = `${by} said on ${dateWords(said.on)}: “${said.words || 'yes'}”.`;
    for (const each of reading.contained)
      hazard(each.hazard, question === 'kit' ? 'trace' : 'carried', 'word', because);
    for (const each of reading.possible) hazard(each.hazard, 'trace', 'word', because);
    // Used oil, and nobody says of what: it may be of anything.
    if (question === 'medium' && reading.foods.length + reading.contained.length + reading.possible.length === 0)
      found.push({ about: { kind: 'unknown' }, level: 'trace', grade: 'unknown', words, because });
  }
  return found;
}

function kitchenWords(by: string, said: MakerAnswer | undefined): string {
  if (!said) return `Nobody here knows the kitchen of ${by}, and what its boards and pans touched.`;
  if (said.answer === 'no')
    return `${by} said on ${dateWords(said.on)} that the kit touched nothing of the kind; nobody here saw it.`;
  return said.answer === 'yes'
    ? `${by} said on ${dateWords(said.on)} that the kit also touched other food.`
    : `${by} could not say what the kit had touched.`;
}

/** All dishes that meet in a medium, at any remove: what one leaves in it all the others pick up, whoever noted it. */
function partners(occasion: Occasion, dish: Dish, medium: string): readonly Dish[] {
  const linked = (one: Dish, other: Dish) =>
    one.shares.some((shared) => shared.medium === medium && shared.with.includes(other.id)) ||
    other.shares.some((shared) => shared.medium === medium && shared.with.includes(one.id));
  const met = new Set<Dish>([dish]);
  for (const one of met) for (const other of occasion.dishes) if (linked(one, other)) met.add(other);
  met.delete(dish);
  return [...met];
}

/** What comes over from dishes that share its oil, water or grill, in every version they are made in. */
export function mediumEvidence(occasion: Occasion, dish: Dish): readonly Evidence[] {
  if (occasion.dishes.every((each) => each.shares.length === 0)) return none;
  const knowledge = knowledgeOf(occasion);
  const media = new Set(occasion.dishes.flatMap((each) => each.shares.map((shared) => shared.medium)));
  return [...media].flatMap((medium) =>
    partners(occasion, dish, medium).flatMap((other) => {
      const name = recipeOf(occasion, other).name;
      const lines = other.versions.flatMap((version) =>
        versionRecipe(occasion, other, version).lines.flatMap((line) => lineEvidence(line, knowledge)),
      );
      return [...lines, ...makerEvidence(other)].flatMap((each): Evidence[] => {
        const { about } = each;
        if (about.kind === 'food' || about.kind === 'unlisted') return [];
        if (about.kind === 'hazard' && hazardOf(about.hazard).kind === 'raw') return [];
        const level = each.level === 'contained' && about.kind === 'hazard' ? 'carried' : 'trace';
        return [
          {
            about,
            level,
            grade: each.grade,
            words: `shares its ${medium} with ${name}`,
            because: `${each.because} The ${medium} carries it over.`,
          },
        ];
      });
    }),
  );
}
