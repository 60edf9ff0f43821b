import {
  checkRecipe,
  flatten,
  hazardOf,
  judge,
  knowledgeOf,
  lineEvidence,
  servedEvidence,
  type Evidence,
  type Guest,
  type Recipe,
  type Verdict,
} from '@lupin/core';

const noLabels = knowledgeOf({ labels: [], ownFoods: [], date: '2000-01-01' });
/** What keeps so long at the table's side can be made the day before. */
const dayAheadMin = 720;
/** A recipe as the library lists it. */
export interface Row {
  readonly recipe: Recipe;
  readonly holds: readonly string[];
  /** Foods whose label decides. */
  readonly labels: number;
  readonly byHand: number;
  readonly total: number;
  readonly dangers: number;
  readonly odd: number;
  readonly words: string;
  /** It can be made the day before. */
  readonly isAhead: boolean;
  /** What a plate of it brings, as written and with no label read. */
  readonly evidence: readonly Evidence[];
}

export function rowOf(recipe: Recipe, find: (id: string) => Recipe | undefined): Row {
  const flat = flatten(recipe, find);
  const holds = new Set(
    flat.lines
      .flatMap((line) => lineEvidence(line, noLabels))
      .flatMap(({ about, level }) =>
        about.kind === 'hazard' && level === 'contained' && hazardOf(about.hazard).kind === 'allergen'
          ? [about.hazard]
          : [],
      ),
  );
  // A group says what its members say.
  const names = [...holds]
    .filter((hazard) => ![...holds].some((other) => other !== hazard && hazardOf(other).groups.includes(hazard)))
    .map((hazard) => hazardOf(hazard).name);
  const findings = checkRecipe(recipe, find);
  return {
    recipe,
    holds: names,
    labels: flat.lines.filter((line) =>
      lineEvidence(line, noLabels).some(
        ({ level, about }) => level === 'possible' || about.kind === 'unread' || about.kind === 'unknown',
      ),
    ).length,
    byHand: flat.steps.filter((step) => step.hands === 'on').reduce((sum, step) => sum + step.durationMin.likely, 0),
    total: flat.steps.reduce((sum, step) => sum + step.durationMin.likely, 0),
    dangers: findings.filter((each) => each.weight === 'danger').length,
    odd: findings.filter((each) => each.weight === 'odd').length,
    isAhead: recipe.keeps.length > 0 || recipe.hold.mostMin >= dayAheadMin,
    evidence: servedEvidence(flat, noLabels),
    words: `${recipe.name} ${recipe.usualCourse} ${recipe.lines.map((line) => line.text).join(' ')}`.toLowerCase(),
  };
}

/** What is wanted of the library. */
export interface Wanted {
  readonly search: string;
  /** Who is to eat it as it is. */
  readonly guest: Guest | undefined;
  readonly mostByHandMin: number | undefined;
  readonly isAhead: boolean;
}

export interface Found extends Row {
  /** What it is to whom it is looked for; undefined where it is looked for nobody. */
  readonly verdict: Verdict | undefined;
}

/** The recipes that are what is wanted; what is a conflict for the guest is not among them, what hangs on a label is, and says so. */
export function wantedOf(rows: readonly Row[], { search, guest, mostByHandMin, isAhead }: Wanted): readonly Found[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return rows.flatMap((row): Found[] => {
    const hasWords = words.every((word) =>
      word.startsWith('-') && word.length > 1 ? !row.words.includes(word.slice(1)) : row.words.includes(word),
    );
    if (!hasWords || (isAhead && !row.isAhead) || row.byHand > (mostByHandMin ?? Infinity)) return [];
    const verdict = guest && judge(guest, row.evidence).verdict;
    return verdict === 'conflict' ? [] : [{ ...row, verdict }];
  });
}
