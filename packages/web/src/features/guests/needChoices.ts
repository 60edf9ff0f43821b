import {
  diets,
  families,
  foodOf,
  foods,
  hazardOf,
  hazards,
  regimens,
  type Food,
  type Need,
  type Strictness,
} from '@lupin/core';

export interface NeedChoice {
  readonly value: string;
  readonly label: string;
}

const allergens = hazards.filter((hazard) => hazard.kind === 'allergen' || hazard.kind === 'intolerance');

/** Everything a need can be about, to pick from or to type the name of. */
export const needChoices: readonly { readonly label: string; readonly options: readonly NeedChoice[] }[] = [
  { label: 'Diets', options: diets.map((diet) => ({ value: `diet:${diet.id}`, label: diet.name })) },
  { label: 'Ways of eating', options: regimens.map(({ id, name }) => ({ value: `regimen:${id}`, label: name })) },
  {
    label: 'Allergens and intolerances',
    options: allergens.map((hazard) => ({ value: `hazard:${hazard.id}`, label: hazard.name })),
  },
  {
    label: 'A family of foods',
    options: families.map((family) => ({ value: `family:${family.id}`, label: family.name })),
  },
  {
    label: 'A single food',
    options: foods
      .filter((food) => food.kind !== 'composite' && allergenItIs(food) === undefined)
      .map((food) => ({ value: `food:${food.id}`, label: food.name })),
  },
];

/** The allergen that a food simply is (peanuts, eggs, walnuts): whoever names it means the allergen, and traces count. */
function allergenItIs(food: Food): string | undefined {
  const held = food.contains.filter((hazard) => hazardOf(hazard).kind === 'allergen');
  const [only] = held;
  if (held.length !== 1 || !only || food.kind === 'composite') return undefined;
  return [food.name, ...food.aka].some(
    (name) => name.toLowerCase().replace(/s$/, '') === hazardOf(only).name.toLowerCase().replace(/s$/, ''),
  )
    ? only
    : undefined;
}

const labels = new Map(
  needChoices.flatMap((group) => group.options.map(({ value, label }) => [value, label] as const)),
);

/** What a need is about, in a cook's words. */
export function choiceName(value: string): string {
  return labels.get(value) ?? (value.startsWith('food:') ? foodOf(value.slice(5))?.name : undefined) ?? value;
}

/** How strictly a choice is meant that is only picked: an allergen, in every trace of it. */
export const strictnessOfChoice = (value: string): Strictness =>
  (value.startsWith('hazard:') && value !== 'hazard:lactose') ||
  regimens.some(({ id, strict }) => strict && value === `regimen:${id}`)
    ? 'no-trace'
    : 'not-ingredient';

export function needFrom(value: string, strictness: Strictness, id: string, more: object = {}): unknown {
  const [kind, name] = [value.slice(0, value.indexOf(':')), value.slice(value.indexOf(':') + 1)];
  return { id, kind, [kind]: name, strictness, ...more };
}

export function choiceOf(need: Need): string {
  switch (need.kind) {
    case 'hazard':
      return `hazard:${need.hazard}`;
    case 'diet':
      return `diet:${need.diet}`;
    case 'regimen':
      return `regimen:${need.regimen}`;
    case 'family':
      return `family:${need.family}`;
    case 'food':
      return `food:${need.food}`;
    case 'open':
      return '';
    default:
      return need satisfies never;
  }
}

export interface Preset {
  readonly name: string;
  readonly needs: readonly (readonly [string, Strictness, object?])[];
}

/** One tap for the usual ones; each stays editable. */
export const presets: readonly Preset[] = [
  { name: 'Coeliac', needs: [['hazard:gluten', 'no-trace']] },
  { name: 'Gluten, certified only', needs: [['hazard:gluten', 'no-trace', { certifiedOnly: true }]] },
  { name: 'Wheat allergy', needs: [['hazard:wheat', 'no-trace']] },
  { name: 'Milk allergy', needs: [['hazard:milk', 'no-trace']] },
  { name: 'Lactose only', needs: [['hazard:lactose', 'not-ingredient']] },
  { name: 'Egg allergy', needs: [['hazard:egg', 'no-trace']] },
  {
    name: 'Nut allergy',
    needs: [
      ['hazard:tree-nut', 'no-trace'],
      ['hazard:peanut', 'no-trace'],
    ],
  },
  { name: 'Peanut allergy', needs: [['hazard:peanut', 'no-trace']] },
  {
    name: 'Fish and shellfish',
    needs: [
      ['hazard:fish', 'no-trace'],
      ['hazard:crustacean', 'no-trace'],
      ['hazard:mollusc', 'no-trace'],
    ],
  },
  { name: 'Soy allergy', needs: [['hazard:soy', 'no-trace']] },
  { name: 'Sesame allergy', needs: [['hazard:sesame', 'no-trace']] },
  { name: 'Vegan', needs: [['diet:vegan', 'not-ingredient']] },
  { name: 'Vegetarian', needs: [['diet:vegetarian', 'not-ingredient']] },
  { name: 'Halal', needs: [['regimen:halal', 'not-ingredient']] },
  { name: 'Kosher', needs: [['regimen:kosher', 'not-ingredient']] },
  { name: 'Pregnant', needs: [['regimen:pregnancy', 'not-ingredient']] },
  { name: 'Under five', needs: [['regimen:under-five', 'not-ingredient']] },
  {
    name: 'No pork, no alcohol',
    needs: [
      ['diet:no-pork', 'not-ingredient'],
      ['diet:no-alcohol', 'not-ingredient'],
    ],
  },
];

export const strictnessChoices: readonly { readonly value: Strictness; readonly label: string }[] = [
  { value: 'no-trace', label: 'no trace' },
  { value: 'not-ingredient', label: 'not as ingredient' },
  { value: 'prefers-not', label: 'prefers not' },
];

/** Of a way of eating nothing is "an ingredient": it is kept, kept down to the trace, or wished. */
export const wayStrictness: typeof strictnessChoices = [
  { value: 'no-trace', label: 'kept, no trace' },
  { value: 'not-ingredient', label: 'kept' },
  { value: 'prefers-not', label: 'a wish' },
];
