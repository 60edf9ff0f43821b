import {
  dietOf,
  familyOf,
  foodOf,
  hazardOf,
  membersOf,
  neverIn,
  regimenOf,
  type HazardId,
} from '../reference/index.ts';
import type { Guest, Need, Strictness } from '../model/index.ts';

/** The hazards a need avoids, before groups are opened. A food or an open question names none. */
export function avoidedBy(need: Need): readonly HazardId[] {
  switch (need.kind) {
    case 'hazard':
      return [need.hazard];
    case 'diet':
      return dietOf(need.diet).avoids;
    case 'regimen':
      return neverIn(need.regimen);
    case 'family':
    case 'food':
    case 'open':
      return [];
    default:
      return need satisfies never;
  }
}

/** A need in a cook's words: "no onions and garlic as an ingredient, except chives". */
export function needWords(need: Need): string {
  if (need.kind === 'open') return plainWords(need);
  const but = need.exceptions.map((each) => foodOf(each.food)?.name ?? each.food);
  const certified = need.kind === 'hazard' && need.certifiedOnly ? ', certified goods only' : '';
  return `${plainWords(need)}${certified}${but.length > 0 ? `, except ${but.join(' and ')}` : ''}`;
}

/** What a need is about, by its name. */
export function needName(need: Exclude<Need, { kind: 'open' }>): string {
  switch (need.kind) {
    case 'hazard':
      return hazardOf(need.hazard).name;
    case 'diet':
      return dietOf(need.diet).name;
    case 'regimen':
      return regimenOf(need.regimen).name;
    case 'family':
      return familyOf(need.family).name;
    case 'food':
      return foodOf(need.food)?.name ?? need.food;
    default:
      return need satisfies never;
  }
}

function plainWords(need: Need): string {
  switch (need.kind) {
    case 'open':
      return `not yet understood: “${need.text}”`;
    case 'diet':
    case 'regimen':
      return wayWords(need.strictness, needName(need));
    case 'hazard':
      if (hazardOf(need.hazard).kind === 'intolerance' && need.strictness === 'not-ingredient')
        return `no ${needName(need)}`;
      return amongWords(need.strictness, needName(need));
    case 'family':
    case 'food':
      return amongWords(need.strictness, needName(need));
    default:
      return need satisfies never;
  }
}

const wayWords = (strictness: Strictness, name: string): string =>
  strictness === 'not-ingredient' ? name : `${name}, ${strictnessWords(strictness)}`;

const amongWords = (strictness: Strictness, name: string): string =>
  strictness === 'no-trace'
    ? `no trace of ${name}`
    : strictness === 'not-ingredient'
      ? `no ${name} as an ingredient`
      : `prefers no ${name}`;

const strictnessWords = (strictness: Strictness): string =>
  strictness === 'no-trace' ? 'no trace' : strictness === 'not-ingredient' ? 'not as an ingredient' : 'a preference';

/**
 * The allergens that must not cross to a guest's plate even as a trace: what they avoid with "no trace", groups opened,
 * an unnamed group ("nuts") and close relatives counted in.
 * Kit, hands and oil are kept clear of these for them.
 */
export function noTraceHazards(guest: Guest): ReadonlySet<HazardId> {
  const all = new Set<HazardId>();
  for (const need of guest.needs) {
    if (need.kind === 'open' || need.strictness !== 'no-trace') continue;
    for (const hazard of avoidedBy(need)) {
      all.add(hazard);
      for (const member of membersOf(hazard)) all.add(member);
      for (const group of hazardOf(hazard).groups) all.add(group);
      for (const relative of hazardOf(hazard).related) all.add(relative);
    }
  }
  return all;
}
