import {
  cutUpWords,
  hazardOf,
  isEndedBy,
  rules,
  type Food,
  type FoodId,
  type HazardId,
  type PossibleHazard,
} from '../reference/index.ts';
import { cookedIn, readIngredient, type IngredientReading, type ReadForm } from '../reading/index.ts';
import {
  isMeantAt,
  type IngredientLine,
  type LabelClaim,
  type LabelRecord,
  type LineId,
  type Recipe,
  type Step,
} from '../model/index.ts';
import { ancestry, heats } from '../versions/index.ts';
import { foodsCalledIn } from './called.ts';
import { dateWords, type Knowledge } from './knowledge.ts';

/**
 * `contained`: it is in there. `carried`: it comes over from what shared the oil or water. `possible`: it may be an ingredient until
 * the label is read. `trace`: a precaution names it, or shared lines may leave it.
 */
export type Level = 'contained' | 'carried' | 'possible' | 'trace';

/**
 * What is known or feared. `unread`: a food made of several, whose label nobody has read. `unlisted`: its label was read, though not for every
 * single food or family. `unknown`: words no catalogue entry stands for. `kitchen`: made in a kitchen nobody here knows.
 */
export type Subject =
  /** `lifts`: groups that are only possible although this member is contained (gluten taken out of wheat starch). */
  | { readonly kind: 'hazard'; readonly hazard: HazardId; readonly lifts?: readonly HazardId[] }
  | {
      readonly kind: 'food';
      readonly food: FoodId;
      readonly parts: ReadonlySet<FoodId>;
      readonly families: ReadonlySet<string>;
      /** Foods that the words name besides: "pineapple juice" where the catalogue knows fruit juice only. They may be in it. */
      readonly named: ReadonlySet<FoodId>;
      readonly grain: boolean;
      readonly claims: readonly LabelClaim[];
    }
  | { readonly kind: 'unread' }
  /** `lookedFor`: the hazards the label was read for; absent where all of it was read. */
  | {
      readonly kind: 'unlisted';
      readonly absent: ReadonlySet<string>;
      readonly found: ReadonlySet<string>;
      readonly lookedFor?: ReadonlySet<string> | undefined;
    }
  | { readonly kind: 'unknown' }
  | { readonly kind: 'kitchen' };

/** How good the ground is: label read on a day, one-ingredient food, usual composition, somebody's word, none. */
export type Grade = 'label' | 'single' | 'usual' | 'word' | 'unknown';

/** `warmed`: it has been on the heat. `through`: it has become hot right through, by its core or by an oven long enough. */
export type Heated = 'warmed' | 'through';

export interface Evidence {
  readonly about: Subject;
  readonly level: Level;
  readonly grade: Grade;
  /** The ingredient line; absent where it is about the dish as a whole. */
  readonly line?: LineId | undefined;
  readonly food?: FoodId | undefined;
  /** The line's own words. */
  readonly words: string;
  /** One sentence: why this is believed. */
  readonly because: string;
  /** Only for those who may have no trace: a label that was read for an earlier occasion. */
  readonly strictOnly?: true;
  /** A step or what is served beside names it, and no line has it. */
  readonly isSaid?: true;
  /** What became of it on its way to the plate, as far as the steps say: it has been warmed, or has become hot right through. */
  readonly heated?: Heated;
}

type Base = Pick<Evidence, 'line' | 'food' | 'words'>;

const grains = new Set<string>(['wheat', 'barley', 'rye', 'oats', 'gluten']);
const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
const ofHazard = (
  base: Base,
  hazard: HazardId,
  level: Level,
  grade: Grade,
  because: string,
  lifts: readonly HazardId[] = [],
): Evidence => ({
  ...base,
  about: { kind: 'hazard', hazard, ...(lifts.length > 0 && { lifts }) },
  level,
  grade,
  because,
});

interface Remembered {
  readonly food: Food | undefined;
  readonly label: LabelRecord | undefined;
  readonly old: boolean;
  readonly evidence: readonly Evidence[];
}

const remembered = new WeakMap<IngredientLine, Remembered>();

/**
 * All that one ingredient line brings. Where two labels are of one food, the later-read counts.
 * Remembered by line as long as its food and label are the same objects (none is ever changed in place), because every guest and batch asks again.
 */
export function lineEvidence(line: IngredientLine, knowledge: Knowledge): readonly Evidence[] {
  if (!line.food) return wordEvidence(line, knowledge);
  const food = knowledge.food(line.food);
  const label = knowledge.label(line.food);
  const old = label !== undefined && knowledge.isOld(label);
  const known = remembered.get(line);
  if (known && known.food === food && known.label === label && known.old === old) return known.evidence;
  const base = { line: line.id, food: line.food, words: line.text };
  const evidence = food ? foodEvidence(base, food, label, old, knowledge) : [unknownWords(base)];
  remembered.set(line, { food, label, old, evidence });
  return evidence;
}

const unknownWords = (base: Base): Evidence => ({
  ...base,
  about: { kind: 'unknown' },
  level: 'possible',
  grade: 'unknown',
  because: `Nobody has said what “${base.words}” is made of.`,
});

const namedBeside = (words: string, food: FoodId, knowledge: Knowledge): ReadonlySet<FoodId> =>
  new Set(
    [...foodsCalledIn(words)].flatMap((id) => [...knowledge.parts(id)]).filter((id) => !knowledge.parts(food).has(id)),
  );

/** Meat in one piece that is cut up, or of which nobody knows how it is cut, is as minced meat. */
const asCutUp = (hazard: HazardId): HazardId => (hazard === 'raw-cut' ? ('raw-meat' as HazardId) : hazard);

const heldBy = ({ contains }: Food, words: string): readonly HazardId[] =>
  cutUpWords.test(words) ? contains.map(asCutUp) : contains;

/** Of meat whose animal is named it is known that it is no pork. */
const liftedByAnimal = (hazard: HazardId, foods: readonly Food[]): readonly HazardId[] => {
  const meats = foods.filter(({ contains }) => contains.includes('meat' as HazardId));
  const isNamed = hazard === 'meat' && meats.length > 0 && meats.every(({ isOfNamedAnimal }) => isOfNamedAnimal);
  return isNamed ? ['pork' as HazardId] : [];
};

const mayBeGrain = ({ families, contains, possible, kind }: Food): boolean =>
  families.includes('grain' as never) ||
  [...contains, ...possible.map((each) => each.hazard)].some((hazard) => grains.has(hazard)) ||
  kind === 'composite';

function foodEvidence(
  base: Base,
  food: Food,
  label: LabelRecord | undefined,
  old: boolean,
  knowledge: Knowledge,
): readonly Evidence[] {
  const own = knowledge.isOwn(food.id);
  const grade: Grade = own ? 'word' : food.kind === 'single' ? 'single' : 'usual';
  const grain = mayBeGrain(food);
  const claims = label && !old && !label.carriedOver ? label.claims : [];
  const found: Evidence[] = [
    {
      ...base,
      about: {
        kind: 'food',
        food: food.id,
        parts: knowledge.parts(food.id),
        families: knowledge.families(food.id),
        named: namedBeside(base.words, food.id, knowledge),
        grain,
        claims,
      },
      level: 'contained',
      grade,
      because: own ? `You say that it is ${food.name}.` : `It is ${food.name}.`,
    },
  ];
  const lifted = food.possible.filter((each) => each.lifts).map((each) => each.hazard);
  const certified = claims.includes('gluten-free');
  for (const hazard of heldBy(food, base.words)) {
    const lifts = [
      ...hazardOf(hazard).groups.filter((group) => lifted.includes(group)),
      ...liftedByAnimal(hazard, [food]),
    ];
    found.push(
      ofHazard(
        base,
        hazard,
        'contained',
        grade,
        `${capital(food.name)}: holds ${hazardOf(hazard).name}${own ? ', as you noted' : ''}.`,
        lifts,
      ),
    );
  }
  if (label) found.push(...labelEvidence(base, food, label, certified));
  if (!label || old || label.carriedOver) {
    const again = !label
      ? []
      : [
          old
            ? `The label of ${label.product} was read on ${dateWords(label.readOn)}, too long ago: read it again.`
            : `The label of ${label.product} was read for an earlier occasion: read it again for whoever may have no trace.`,
        ];
    const strictOnly = label && !old ? { strictOnly: true as const } : {};
    for (const { hazard, why, trace } of food.possible) {
      found.push({
        ...ofHazard(
          base,
          hazard,
          trace ? 'trace' : 'possible',
          grade === 'word' ? 'word' : 'usual',
          [`${capital(why)}. The label decides.`, ...again].join(' '),
        ),
        ...strictOnly,
      });
    }
    if (food.kind === 'composite') {
      found.push({
        ...base,
        about: { kind: 'unread' },
        level: 'possible',
        grade: 'unknown',
        because: again[0] ?? `${capital(food.name)}: made of several things, and its label has not been read.`,
        ...strictOnly,
      });
    }
  }
  return found;
}

function labelEvidence(base: Base, food: Food, label: LabelRecord, certified: boolean): readonly Evidence[] {
  const read = `label of ${label.product}, read ${dateWords(label.readOn)}`;
  const found: Evidence[] = [];
  for (const hazard of label.contains) {
    // A grain on a label that calls itself gluten-free had its gluten taken out.
    const lifts = certified ? hazardOf(hazard).groups : [];
    if (!food.contains.includes(hazard))
      found.push(ofHazard(base, hazard, 'contained', 'label', `The ${read} lists ${hazardOf(hazard).name}.`, lifts));
  }
  for (const hazard of label.mayContain)
    found.push(ofHazard(base, hazard, 'trace', 'label', `The ${read} says it may contain ${hazardOf(hazard).name}.`));
  // What the label was not read for stays as doubtful as before.
  const settled = ({ hazard, settledBy }: PossibleHazard) =>
    settledBy
      ? certified
      : label.lookedFor === undefined ||
        label.lookedFor.includes(hazard) ||
        label.contains.includes(hazard) ||
        label.mayContain.includes(hazard) ||
        (certified && hazard === 'gluten');
  const skipped = food.possible.filter((doubt) => !settled(doubt));
  for (const { hazard, why, trace, settledBy } of skipped)
    found.push(
      ofHazard(
        base,
        hazard,
        trace ? 'trace' : 'possible',
        'usual',
        settledBy
          ? `${capital(why)}; the ${read}, does not say ${settledBy}.`
          : `${capital(why)}; the ${read}, was not read for it.`,
      ),
    );
  if (label.contains.includes('oats' as HazardId) && !certified)
    found.push(
      ofHazard(base, 'gluten' as HazardId, 'possible', 'label', `The ${read} lists oats and does not say gluten-free.`),
    );
  if (
    label.contains.includes('milk' as HazardId) &&
    !food.contains.includes('milk' as HazardId) &&
    !label.contains.includes('lactose' as HazardId) &&
    !label.claims.includes('lactose-free') &&
    label.lookedFor?.includes('lactose' as HazardId) !== true
  )
    found.push(
      ofHazard(
        base,
        'lactose' as HazardId,
        'possible',
        'label',
        `The ${read} lists milk, and was not read for lactose.`,
      ),
    );
  if (food.kind === 'composite')
    found.push({
      ...base,
      about: {
        kind: 'unlisted',
        absent: new Set<string>([...label.foodsAbsent, ...label.familiesAbsent]),
        found: new Set<string>([...label.foodsFound, ...label.familiesFound]),
        lookedFor:
          label.lookedFor &&
          new Set<string>([...label.lookedFor, ...label.contains, ...label.mayContain, ...food.contains]),
      },
      level: 'possible',
      grade: 'label',
      because: `The ${read}, was not read for it.`,
    });
  return found;
}

const rememberedWords = new WeakMap<
  IngredientLine,
  {
    readonly reading: IngredientReading;
    readonly foods: readonly (Food | undefined)[];
    readonly evidence: readonly Evidence[];
  }
>();

/** A line without a catalogue food, judged by its words as a careful reader would. Foods it names are only possibly meant: no label is tied to it. */
function wordEvidence(line: IngredientLine, knowledge: Knowledge): readonly Evidence[] {
  const known = rememberedWords.get(line);
  const reading = known?.reading ?? readIngredient(line.text);
  const foods = reading.foods.map((each) => knowledge.food(each.food));
  if (known && foods.every((food, index) => food === known.foods[index])) return known.evidence;
  const base = { line: line.id, food: undefined, words: line.text };
  const found: Evidence[] = [];
  for (const hazard of reading.contained)
    found.push(
      ofHazard(
        base,
        hazard.hazard,
        'contained',
        'usual',
        hazard.because,
        liftedByAnimal(
          hazard.hazard,
          foods.flatMap((food) => food ?? []),
        ),
      ),
    );
  for (const hazard of reading.possible)
    found.push(ofHazard(base, hazard.hazard, 'possible', 'usual', `${hazard.because} The label decides.`));
  const cooked = cookedIn(line.text, reading.foods);
  for (const [index, named] of reading.foods.entries()) {
    const { food: id, words, alternative } = named;
    const food = foods[index];
    if (!food) continue;
    const grain = food.families.includes('grain' as never) || food.kind === 'composite';
    found.push({
      ...base,
      about: {
        kind: 'food',
        food: id,
        parts: knowledge.parts(id),
        families: knowledge.families(id),
        named: namedBeside(words, id, knowledge),
        grain,
        claims: [],
      },
      level: 'contained',
      grade: 'usual',
      because: `“${words}” is ${food.name}.`,
    });
    // Whatever the cut, and whatever is said of it besides: an animal that is named is raw until it is said to be cooked.
    if (!cooked.has(named))
      for (const hazard of food.contains.filter((each) => hazardOf(each).kind === 'raw').map(asCutUp))
        found.push(
          ofHazard(
            base,
            hazard,
            alternative ? 'possible' : 'contained',
            'usual',
            `“${words}” holds ${hazardOf(hazard).name}.`,
          ),
        );
    for (const { hazard, why, trace } of food.possible)
      if (trace) found.push(ofHazard(base, hazard, 'trace', 'usual', `${capital(why)}. The label decides.`));
    if (food.kind === 'composite')
      found.push({
        ...base,
        about: { kind: 'unread' },
        level: 'possible',
        grade: 'unknown',
        because: `“${words}” is made of several things, and its label has not been read.`,
      });
  }
  for (const form of reading.forms) found.push(...formEvidence(base, form));
  for (const { words } of reading.unknown)
    found.push({
      ...base,
      about: { kind: 'unknown' },
      level: 'possible',
      grade: 'unknown',
      because: `Nobody has said what “${words}” is.`,
    });
  // Words that name nothing at all ("as needed") say nothing of what is in it.
  if (found.length === 0) found.push(unknownWords(base));
  rememberedWords.set(line, { reading, foods, evidence: found });
  return found;
}

function formEvidence(base: Base, { words, contains, possible, why }: ReadForm): readonly Evidence[] {
  const because = `“${words}”: ${why}`;
  return [
    ...contains.map((hazard) => ofHazard(base, hazard, 'contained', 'usual', `${because}.`)),
    ...possible.map(({ hazard, trace }) =>
      ofHazard(base, hazard, trace ? 'trace' : 'possible', 'usual', `${because}. The label decides.`),
    ),
    {
      ...base,
      about: { kind: 'unread' },
      level: 'possible',
      grade: 'unknown',
      because: `${because}, and its label has not been read.`,
    },
  ];
}

/** Whether nothing of a raw food is left for whoever may have none: meat that is served pink is safe for most, and a question for them. */
const isDoneBy = (hazard: HazardId, coreC: number | undefined): boolean =>
  isEndedBy(hazard, coreC) && (hazard !== 'raw-cut' || coreC! >= rules.pinkUnderC);

const isThrough = ({ coreC, oven, durationMin }: Step): boolean =>
  (coreC ?? 0) >= rules.reheatC ||
  (oven !== undefined &&
    oven.temperatureC >= rules.bakesThrough.ovenC &&
    durationMin.likely >= rules.bakesThrough.minutes);

/** Words by which some of what came in earlier is put on at the end, as it is; and by which anything is put on. */
const leftOver = /\b(?:rest of|the rest|remaining|reserved|kept back|other half|extra)\b/i;
const putOn = /\b(?:garnish|scatter|sprinkle|strew|crumble|top)\b/i;

/** How a line's food is called in the words of a step. */
function namesOf(line: IngredientLine, knowledge: Knowledge): readonly string[] {
  const food = line.food && knowledge.food(line.food);
  return food ? [food.name, ...(food.plural ? [food.plural] : [])].map((name) => name.toLowerCase()) : [];
}

/** Whether a step puts some of a line on as it is: it names it, or speaks of a rest and names nothing else of the recipe. */
function putsOn({ text }: Step, line: IngredientLine, { lines }: Recipe, knowledge: Knowledge): boolean {
  const words = text.toLowerCase();
  const isNamed = (each: IngredientLine) => namesOf(each, knowledge).some((name) => words.includes(name));
  if (isNamed(line)) return leftOver.test(words) || putOn.test(words);
  return leftOver.test(words) && !lines.some(isNamed);
}

/** What the steps that a line goes through do to it; nothing, where some of it may be put on cold at the end. */
function heatedIn(
  after: readonly Step[],
  line: IngredientLine,
  recipe: Recipe,
  knowledge: Knowledge,
): Heated | undefined {
  const last = after.findLastIndex(heats);
  if (last < 0) return undefined;
  if (after.slice(last + 1).some((step) => putsOn(step, line, recipe, knowledge))) return undefined;
  return after.some(isThrough) ? 'through' : 'warmed';
}

interface Served {
  readonly parts: readonly (readonly Evidence[])[];
  readonly evidence: readonly Evidence[];
}

const served = new WeakMap<Recipe, Served>();

/** What a served plate of this recipe brings: the evidence of its lines, without raw-food risks that a step cooks away. The same array as long as nothing of it changed. */
export function servedEvidence(recipe: Recipe, knowledge: Knowledge): readonly Evidence[] {
  const parts = recipe.lines.map((line) => lineEvidence(line, knowledge));
  const known = served.get(recipe);
  if (known && known.parts.length === parts.length && parts.every((part, index) => part === known.parts[index]))
    return known.evidence;
  const before = ancestry(recipe);
  const evidence = recipe.lines.flatMap((line, index) => {
    const enters = recipe.steps.find((step) => step.uses.includes(line.id));
    if (!enters) return parts[index]!;
    const after = recipe.steps.filter((step) => before.get(step.id)!.has(enters.id));
    const heated = heatedIn(after, line, recipe, knowledge);
    return parts[index]!.flatMap((each) => {
      const { about } = each;
      if (about.kind === 'hazard' && after.some((step) => isDoneBy(about.hazard, step.coreC))) return [];
      // What is meant to stay raw is not made any safer by its heat.
      const isMeant = about.kind === 'hazard' && after.some((step) => isMeantAt(about.hazard, step));
      return [heated && !isMeant ? { ...each, heated } : each];
    });
  });
  served.set(recipe, { parts, evidence });
  return evidence;
}
