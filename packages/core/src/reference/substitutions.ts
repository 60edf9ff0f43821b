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
import { FoodId } from './foods.ts';
import { HazardId } from './hazards.ts';

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
  'egg-main': 'the eggs themselves',
  'egg-sauce': 'a sauce of hot pasta and egg',
  'egg-lift': 'rise and stand by the egg alone',
  'egg-batter': 'hold a batter together',
  'egg-dough': 'an egg dough',
  'custard-set': 'set in the oven',
  'flour-dusting': 'a dusting of flour',
  'flour-batter': 'batter',
  'flour-crumble': 'crumble',
  'nut-body': 'body of a sauce',
  'nut-main': 'nuts as the main part',
  chocolate: 'chocolate',
} as const;
export const Role = v.picklist(Object.keys(roleNames) as (keyof typeof roleNames)[], 'This role is not known.');
export type Role = v.InferOutput<typeof Role>;

/** Where an ingredient does its job: a gel of seeds binds a cake as well as a patty, a mashed banana only the cake. */
export const settingNames = {
  sweet: 'in sweet things',
  savoury: 'in savoury things',
  served: 'at the table',
  unheated: 'where nothing is heated',
  stew: 'in what simmers',
  baked: 'in what is baked',
  fried: 'in what is fried',
  grilled: 'on the grill',
  mince: 'for mince',
  joint: 'for a whole joint',
  pieces: 'for meat in pieces',
  patty: 'in patties',
  loaf: 'in a savoury loaf',
  filling: 'in fillings',
  cake: 'in cakes',
  shaped: 'in what is shaped or rolled',
  bread: 'in bread',
  batter: 'in batter',
  rubbed: 'where the fat is rubbed in',
  creamed: 'where fat and sugar are creamed',
  melted: 'where the fat is melted',
  kneaded: 'in a yeast dough',
  'cold-set': 'in what sets cold',
  sauce: 'in sauces and soups',
  custard: 'in a baked custard',
  pounded: 'where it is stirred or blended in',
  over: 'scattered over',
  cubes: 'in cubes or crumbled',
  spread: 'mixed or spread',
  noodle: 'with noodles',
  dressing: 'in dressings',
  milky: 'with milk or cream',
  'deep-fried': 'in what is deep-fried',
  flat: 'in flatbread and pizza',
  base: 'in a crumb base',
  boiled: 'in what is boiled',
  slices: 'as slices',
  fruity: 'in fruit cakes and muffins',
  biscuit: 'in biscuits',
  pie: 'in pies',
} as const;
export const Setting = v.picklist(
  Object.keys(settingNames) as (keyof typeof settingNames)[],
  'This setting is not known.',
);
export type Setting = v.InferOutput<typeof Setting>;

const SubstitutionRow = v.strictObject({
  id: v.string(),
  role: Role,
  /** The foods it can stand in for. */
  replaces: v.array(FoodId),
  /** What goes in instead; `ratio` is g per g of the food replaced. */
  with: v.array(v.strictObject({ food: FoodId, ratio: v.pipe(v.number(), v.minValue(0.001), v.maxValue(20)) })),
  /** It does the job in any of these settings only; absent: wherever the job is done. */
  only: v.optional(v.pipe(v.array(Setting), v.minLength(1))),
  /** It does not do it in any of these. */
  never: v.optional(v.array(Setting), []),
  /** Most of what is sold of it holds these: it is no way out for who avoids them. */
  notFor: v.optional(v.array(HazardId), []),
  /** What the cook does differently. */
  technique: v.string(),
  /** Minutes more (or less) for the steps that use it. */
  addMin: v.optional(v.pipe(v.number(), v.integer()), 0),
  /** Kit it needs besides what the step uses; kinds as the kitchen knows them. */
  kit: v.optional(v.array(v.string()), []),
  /** It is not offered any more; what was made with it stays as it is. */
  retired: v.optional(v.literal(true)),
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
for (const each of substitutions.filter(({ retired }) => !retired))
  for (const food of each.replaces) byFood.set(food, [...(byFood.get(food) ?? []), each]);

/** All that is offered in place of a food, whatever its job. */
export const substitutionsFor = (food: FoodId): readonly Substitution[] => byFood.get(food) ?? [];

/** Whether a swap made for one job does another: plain "structure" is any kind of flour's. */
export const sameJob = (swap: Role, wanted: Role): boolean =>
  swap === wanted ||
  (wanted === 'structure-flour' && swap.startsWith('flour-')) ||
  (swap === 'structure-flour' && wanted.startsWith('flour-'));
