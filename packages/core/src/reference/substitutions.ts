import * as v from 'valibot';
import cheese from '../../../../data/reference/substitutions/cheese.json' with { type: 'json' };
import crumbsAndCrunch from '../../../../data/reference/substitutions/crumbs-and-crunch.json' with { type: 'json' };
import eggs from '../../../../data/reference/substitutions/eggs.json' with { type: 'json' };
import fatsAndSpreads from '../../../../data/reference/substitutions/fats-and-spreads.json' with { type: 'json' };
import flourAndGrain from '../../../../data/reference/substitutions/flour-and-grain.json' with { type: 'json' };
import mainPart from '../../../../data/reference/substitutions/main-part.json' with { type: 'json' };
import milkAndCream from '../../../../data/reference/substitutions/milk-and-cream.json' with { type: 'json' };
import savour from '../../../../data/reference/substitutions/savour.json' with { type: 'json' };
import sweet from '../../../../data/reference/substitutions/sweet.json' with { type: 'json' };
import thickeningAndSetting from '../../../../data/reference/substitutions/thickening-and-setting.json' with { type: 'json' };
import cueFile from '../../../../data/reference/role-cues.json' with { type: 'json' };
import { FoodId } from './foods.ts';

/** What an ingredient does in a dish: a swap must do the same job. */
export const roleNames = {
  binder: 'bind',
  'egg-wash': 'glaze and brown',
  foam: 'hold air',
  emulsifier: 'keep oil and water together',
  thickener: 'thicken',
  'coating-glue': 'hold the crumb on',
  'coating-crumb': 'a crisp coat or top',
  'structure-flour': 'structure',
  'flour-cake': 'the crumb of a cake',
  'flour-pastry': 'short pastry',
  'flour-bread': 'bread',
  'flour-pasta': 'pasta and grain',
  'fat-solid': 'shortening and flavour',
  'fat-spread': 'fat to spread',
  'fat-liquid': 'cooking fat',
  'liquid-dairy': 'milky liquid',
  'cream-body': 'body and creaminess',
  'whipped-cream': 'whipped cream',
  'melting-cheese': 'melt',
  'hard-cheese': 'salt and savour on top',
  'soft-cheese': 'fresh tang',
  crunch: 'crunch',
  umami: 'savour',
  stock: 'stock',
  aromatic: 'aroma from the root up',
  alcohol: 'wine and spirits',
  sweetener: 'sweetness',
  gelling: 'set',
  spread: 'to spread',
  protein: 'the main part',
  accompaniment: 'served with it',
} as const;
export const Role = v.picklist(Object.keys(roleNames) as (keyof typeof roleNames)[], 'This role is not known.');
export type Role = v.InferOutput<typeof Role>;

const SubstitutionRow = v.strictObject({
  id: v.string(),
  role: Role,
  /** The foods it can stand in for. */
  replaces: v.array(FoodId),
  /** What goes in instead; `ratio` is g per g of the food replaced. */
  with: v.array(v.strictObject({ food: FoodId, ratio: v.pipe(v.number(), v.minValue(0.001), v.maxValue(20)) })),
  /** What the cook does differently. */
  technique: v.string(),
  /** Minutes more (or less) for the steps that use it. */
  addMin: v.optional(v.pipe(v.number(), v.integer()), 0),
  /** Kit it needs besides what the step uses; kinds as the kitchen knows them. */
  kit: v.optional(v.array(v.string()), []),
  /** How close it comes in taste and texture, 1 (another dish) to 5 (nobody notices). */
  closeness: v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(5)),
  source: v.string(),
});

export type Substitution = v.InferOutput<typeof SubstitutionRow>;
export const substitutions: readonly Substitution[] = v.parse(v.array(SubstitutionRow), [
  ...eggs,
  ...crumbsAndCrunch,
  ...thickeningAndSetting,
  ...flourAndGrain,
  ...fatsAndSpreads,
  ...milkAndCream,
  ...cheese,
  ...savour,
  ...sweet,
  ...mainPart,
]);
const byId = new Map(substitutions.map((each) => [each.id, each]));

export function substitutionOf(id: string): Substitution | undefined {
  return byId.get(id);
}

const byFood = new Map<string, Substitution[]>();
for (const each of substitutions)
  for (const food of each.replaces) byFood.set(food, [...(byFood.get(food) ?? []), each]);

/** All that can stand in for a food, whatever its job. */
export const substitutionsFor = (food: FoodId): readonly Substitution[] => byFood.get(food) ?? [];

const cueRows = v.parse(
  v.strictObject({
    source: v.string(),
    cues: v.array(v.strictObject({ role: Role, words: v.string() })),
    otherwise: v.array(Role),
  }),
  cueFile,
);
const cues = cueRows.cues.map(({ role, words }) => ({ role, pattern: new RegExp(String.raw`\b(?:${words})`, 'i') }));

/**
 * What a food most likely does in a dish, from the words it is used with (its line, its steps, the dish's name). Undefined where no job is known for it.
 * A proposal: a role the cook has set goes before it.
 */
export function likelyRole(food: FoodId, words: string): Role | undefined {
  const possible = new Set(substitutionsFor(food).map((each) => each.role));
  const [only] = possible;
  // Meat in pieces has stand-ins; a joint or a whole bird has none.
  if (only === 'protein' && possible.size === 1)
    return cues.find(({ role }) => role === 'protein')!.pattern.test(words) ? 'protein' : undefined;
  if (possible.size <= 1) return only;
  return (
    cues.find(({ role, pattern }) => possible.has(role) && pattern.test(words))?.role ??
    cueRows.otherwise.find((role) => possible.has(role)) ??
    only
  );
}

/** Whether a swap made for one job does another: plain "structure" is any kind of flour's. */
export const sameJob = (swap: Role, wanted: Role): boolean =>
  swap === wanted ||
  (wanted === 'structure-flour' && swap.startsWith('flour-')) ||
  (swap === 'structure-flour' && wanted.startsWith('flour-'));
