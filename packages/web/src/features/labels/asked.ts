import {
  avoidedBy,
  familyOf,
  foodOf,
  hazardOf,
  labelAsks,
  knowledgeOf,
  lookFor,
  membersOf,
  unnamedIn,
  type FamilyId,
  type Food,
  type FoodId,
  type HazardId,
  type Knowledge,
  type LabelClaim,
  type LabelRecord,
  type Need,
  type Occasion,
} from '@lupin/core';
import type { Answer } from './labelAnswers.ts';

/** One question to a label: a hazard (h:), a single food (f:) or a family of foods (y:). */
export interface Asked {
  readonly key: string;
  readonly name: string;
  readonly words: string;
  /** Regions whose labels need not name it. */
  readonly unnamed: readonly string[];
  /** It can also stand in the precaution. */
  readonly may: boolean;
  readonly guests: readonly string[];
}

/** Oats bring gluten unless they are certified, so whoever avoids gluten asks for them. */
const oats = 'oats' as HazardId;

interface NeedAsks {
  readonly hazards: readonly HazardId[];
  readonly foods: readonly FoodId[];
  readonly families: readonly FamilyId[];
  readonly claims: readonly LabelClaim[];
}

/** What one need asks of the label of a food. */
function asksOf(need: Exclude<Need, { kind: 'open' }>, entry: Food | undefined, knowledge: Knowledge): NeedAsks {
  const nothing = { hazards: [], foods: [], families: [], claims: [] };
  switch (need.kind) {
    case 'food':
      return { ...nothing, foods: need.food === entry?.id ? [] : [need.food] };
    case 'family':
      return { ...nothing, families: [need.family] };
    case 'regimen':
      return { ...nothing, ...labelAsks(need, entry, knowledge) };
    case 'hazard':
    case 'diet': {
      const isGluten = need.kind === 'hazard' && (need.certifiedOnly || need.hazard === 'gluten');
      const hazards = avoidedBy(need).flatMap((each) => (each === 'gluten' ? [...membersOf(each), oats] : [each]));
      return { ...nothing, hazards, claims: isGluten ? ['gluten-free'] : [] };
    }
    default:
      return need satisfies never;
  }
}

/** What a label is read for: all that anybody at this table avoids, and that the food does not hold anyhow. */
export function askedOf(
  occasion: Occasion,
  food: string,
): { readonly questions: readonly Asked[]; readonly claims: readonly LabelClaim[] } {
  const knowledge = knowledgeOf(occasion);
  const entry = knowledge.food(food as FoodId);
  const natural = new Set<string>(entry?.contains);
  const claims = new Set<LabelClaim>();
  const found = new Map<string, { name: string; words: string; may: boolean; guests: string[] }>();
  const put = (key: string, name: string, words: string, may: boolean, guest: string) => {
    const asked = found.get(key) ?? { name, words, may, guests: [] };
    if (!asked.guests.includes(guest)) asked.guests.push(guest);
    found.set(key, asked);
  };
  for (const guest of occasion.guests) {
    for (const need of guest.needs) {
      if (need.kind === 'open' || need.strictness === 'prefers-not') continue;
      const asks = asksOf(need, entry, knowledge);
      for (const claim of asks.claims) claims.add(claim);
      for (const each of asks.foods) put(`f:${each}`, foodOf(each)?.name ?? each, '', false, guest.name);
      for (const family of asks.families)
        put(`y:${family}`, familyOf(family).name, familyOf(family).note, false, guest.name);
      for (const hazard of asks.hazards)
        if (!natural.has(hazard) && hazardOf(hazard).kind !== 'raw')
          put(`h:${hazard}`, hazardOf(hazard).name, lookFor(hazard), true, guest.name);
    }
  }
  const kinds = ['h', 'f', 'y'];
  const unnamed = (key: string) =>
    key.startsWith('h:') ? unnamedIn(key.slice(2) as HazardId).map((region) => region.name) : [];
  const questions = [...found]
    .map(([key, entry]): Asked => ({ key, ...entry, unnamed: unnamed(key) }))
    .sort((a, b) => kinds.indexOf(a.key[0]!) - kinds.indexOf(b.key[0]!));
  return { questions, claims: [...claims] };
}

export type Answers = Readonly<Record<string, Answer>>;

/** The answers as a label record holds them; hazards asked for are noted, so that a later guest's need is not taken as read. */
export function recordOf(questions: readonly Asked[], answers: Answers) {
  const of = (answer: Answer, kind: string) =>
    questions.filter(({ key }) => key.startsWith(kind) && answers[key] === answer).map(({ key }) => key.slice(2));
  const gluten: readonly string[] = questions.some(({ key }) => key === 'h:wheat') ? ['gluten'] : [];
  return {
    contains: of('yes', 'h'),
    mayContain: of('may', 'h'),
    foodsFound: of('yes', 'f'),
    foodsAbsent: of('no', 'f'),
    familiesFound: of('yes', 'y'),
    familiesAbsent: of('no', 'y'),
    lookedFor: [...questions.filter(({ key }) => key.startsWith('h')).map(({ key }) => key.slice(2)), ...gluten],
  };
}

/** What an earlier reading answers of these questions; open where it was not read for them. */
export function answersOf(
  questions: readonly Asked[],
  label: Pick<
    LabelRecord,
    'contains' | 'mayContain' | 'foodsFound' | 'foodsAbsent' | 'familiesFound' | 'familiesAbsent' | 'lookedFor'
  >,
): Answers {
  const answer = (key: string): Answer => {
    const id = key.slice(2);
    if (key.startsWith('f'))
      return label.foodsFound.includes(id as FoodId)
        ? 'yes'
        : label.foodsAbsent.includes(id as FoodId)
          ? 'no'
          : undefined;
    if (key.startsWith('y'))
      return label.familiesFound.includes(id as FamilyId)
        ? 'yes'
        : label.familiesAbsent.includes(id as FamilyId)
          ? 'no'
          : undefined;
    if (label.contains.includes(id as HazardId)) return 'yes';
    if (label.mayContain.includes(id as HazardId)) return 'may';
    return label.lookedFor?.includes(id as HazardId) ? 'no' : undefined;
  };
  return Object.fromEntries(questions.map(({ key }) => [key, answer(key)]));
}
