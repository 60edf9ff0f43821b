import { dietOf, hazardOf, membersOf, type HazardId } from '../reference/index.ts';
import { readIngredient } from '../reading/index.ts';
import type { Evidence } from '../exposure/index.ts';
import type { LabelRecord } from '../model/index.ts';

/** A name that promises what the food does not keep. `broken`: it holds it. `unproven`: it may, as far as is known. */
export interface NameFault {
  readonly claim: string;
  readonly state: 'broken' | 'unproven';
  readonly words: string;
}

const group = (id: string): readonly string[] => [id, ...membersOf(id as HazardId)];
const promises: Readonly<Record<string, readonly string[]>> = {
  vegan: dietOf('vegan').avoids,
  vegetarian: dietOf('vegetarian').avoids,
  'gluten-free': group('gluten'),
  'wheat-free': ['wheat'],
  'dairy-free': ['milk'],
  'milk-free': ['milk'],
  'lactose-free': ['lactose'],
  'egg-free': ['egg'],
  'nut-free': group('tree-nut'),
  'peanut-free': ['peanut'],
  'soy-free': ['soy'],
  'soya-free': ['soy'],
  'sesame-free': ['sesame'],
  'fish-free': ['fish'],
  'alcohol-free': ['alcohol'],
  'meat-free': ['meat', 'poultry', 'pork'],
};

/** Where the name of a product says what its label does not keep. */
export const productFaults = ({ product, contains }: Pick<LabelRecord, 'product' | 'contains'>): readonly NameFault[] =>
  nameFaults(
    product,
    contains.map((hazard): Evidence => ({
      about: { kind: 'hazard', hazard },
      level: 'contained',
      grade: 'label',
      words: product,
      because: '',
    })),
  );

/** Where the name of a recipe or product says vegan, gluten-free and the like, and what is known of it says otherwise. */
export function nameFaults(name: string, evidence: readonly Evidence[]): readonly NameFault[] {
  // "And halloumi ones for the vegetarians" promises nothing of the others; "cake for the vegans" does.
  const said = name.replace(
    /\b(?:ones?|some|a few|half) for (?:the|my|our|your|any) (?:vegetarians?|vegans?)\b/gi,
    ' ',
  );
  const claims = new Set(readIngredient(said).claims.map((each) => each.claim));
  return [...claims].flatMap((claim): NameFault[] => {
    const promised = promises[claim];
    if (!promised) return [];
    const against = evidence.filter(
      ({ about }) =>
        about.kind === 'hazard' &&
        promised.includes(about.hazard) &&
        !(about.lifts ?? []).some((lifted) => promised.includes(lifted)),
    );
    const held = against.find((each) => each.level === 'contained');
    const feared =
      held ??
      against.find((each) => each.level === 'possible') ??
      evidence.find(({ about }) => about.kind === 'unknown');
    if (!feared) return [];
    const what = feared.about.kind === 'hazard' ? hazardOf(feared.about.hazard).name : 'something unknown';
    return [
      {
        claim,
        state: held ? 'broken' : 'unproven',
        words: held
          ? `It is called ${claim}, and holds ${what}: “${feared.words}”.`
          : `It is called ${claim}, and may hold ${what}: “${feared.words}”.`,
      },
    ];
  });
}
