import { bearingOf, dietOf, foodOf, hazardOf, rules, type HazardId } from '../reference/index.ts';
import { readIngredient } from '../reading/index.ts';
import { knownOf } from '../needs/index.ts';
import type { Guest, Need } from '../model/index.ts';
import { dateWords, daysBetween } from '../exposure/index.ts';
import { avoidedBy, needName, needWords } from '../fit/index.ts';

/** Something about a guest that must be asked, not guessed. */
export interface Question {
  readonly kind: 'never-asked' | 'long-ago' | 'not-understood' | 'contradiction' | 'check-strictness';
  readonly words: string;
}

type Closed = Exclude<Need, { kind: 'open' }>;
const closed = (need: Need): need is Closed => need.kind !== 'open';

/** All there is to ask about a guest's needs, for an occasion on a day (YYYY-MM-DD). The order is that of importance. */
export function questionsAbout(
  guest: Pick<Guest, 'name' | 'needs' | 'confirmedOn' | 'note'>,
  date: string,
): readonly Question[] {
  const questions: Question[] = [];
  const ask = (kind: Question['kind'], words: string) => void questions.push({ kind, words });
  for (const need of guest.needs) if (need.kind === 'open') ask('not-understood', openWords(need.text));
  for (const words of contradictions(guest)) ask('contradiction', words);
  if (guest.needs.length > 0 && !guest.confirmedOn)
    ask('never-asked', 'What is noted has not been confirmed with them.');
  else if (guest.confirmedOn && guest.needs.length > 0 && daysBetween(guest.confirmedOn, date) > rules.needsKeepDays)
    ask('long-ago', `They were last asked on ${dateWords(guest.confirmedOn)}, more than a year before.`);
  for (const need of guest.needs) {
    // Confirmed with them, a mild strictness is theirs; unconfirmed, it is a guess about traces.
    if (
      !guest.confirmedOn &&
      need.kind === 'hazard' &&
      need.strictness !== 'no-trace' &&
      hazardOf(need.hazard).kind === 'allergen'
    ) {
      ask(
        'check-strictness',
        need.strictness === 'prefers-not'
          ? `${capital(hazardOf(need.hazard).name)} is noted as a wish: is it really none of an allergy?`
          : `${capital(needWords(need))}: do traces matter to them?`,
      );
    }
  }
  return questions;
}

/** What to ask of words that are no need yet: what there is to go through where Lupin knows of it, all where it does not. */
function openWords(text: string): string {
  const asks = knownOf(text).flatMap((known) => known.asks);
  return asks.length > 0
    ? `“${text}”: which of these must not be in the food, and how strictly? ${capital(asks.join('; '))}. And what else?`
    : `“${text}” is not understood: what exactly must not be in the food, and do traces matter?`;
}

function contradictions({ name, needs, note }: Pick<Guest, 'name' | 'needs' | 'note'>): readonly string[] {
  const found: string[] = [];
  const sound = needs.filter(closed);
  for (const need of sound) {
    for (const { food, words } of need.exceptions)
      if (need.strictness === 'no-trace')
        found.push(
          `${capital(needWords(need))} and “${words}” do not go together: may ${name} have ${foodOf(food)?.name ?? food}, and only that?`,
        );
    const mild = sound.find(
      (other) =>
        other !== need &&
        other.kind === need.kind &&
        aboutWords(other) === aboutWords(need) &&
        other.strictness !== need.strictness,
    );
    if (mild && need.strictness === 'no-trace')
      found.push(
        `${aboutWords(need)} is noted twice, as “${strictness(need)}” and as “${strictness(mild)}”: which is it?`,
      );
  }
  const diets = sound.filter((need): need is Extract<Closed, { kind: 'diet' }> => need.kind === 'diet');
  for (const [index, one] of diets.entries()) {
    for (const other of diets.slice(index + 1)) {
      const [a, b] = [dietOf(one.diet), dietOf(other.diet)];
      if (
        a.id !== b.id &&
        b.avoids.every((hazard) => a.avoids.includes(hazard)) !== a.avoids.every((hazard) => b.avoids.includes(hazard))
      )
        found.push(`Both ${a.name} and ${b.name} are noted: which of them is meant?`);
    }
  }
  // "Vegan", and in the note "eats honey": the note speaks of what the need forbids.
  for (const text of [note, ...sound.map((need) => need.note)].filter((each) =>
    /\b(?:eats?|fine|ok|okay|likes?|loves?|enjoys?|may have|can have|tolerates?)\b/i.test(each),
  )) {
    const reading = readIngredient(text);
    for (const need of sound) {
      const clash = reading.contained.find(
        ({ hazard }) =>
          avoidedBy(need).some((avoided) => matters(hazard, avoided)) &&
          !need.exceptions.some((one) => reading.foods.some((food) => food.food === one.food)),
      );
      if (clash)
        found.push(
          `You noted “${text.trim()}”, and ${needWords(need)} leaves no room for ${hazardOf(clash.hazard).name}: which is it?`,
        );
    }
  }
  return [...new Set(found)];
}

const matters = (hazard: HazardId, avoided: HazardId): boolean => bearingOf(hazard, avoided) === 'same';
const strictness = (need: Closed): string =>
  ({ 'no-trace': 'no trace', 'not-ingredient': 'not as an ingredient', 'prefers-not': 'prefers not' })[need.strictness];
const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

const aboutWords = (need: Closed): string => capital(needName(need));
