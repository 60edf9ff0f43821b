import * as v from 'valibot';
import file from '../../../../data/reference/jobs.json' with { type: 'json' };
import { FamilyId } from './families.ts';
import { FoodId, foodOf } from './foods.ts';
import { Role, Setting } from './substitutions.ts';

const Heat = v.picklist(['oven', 'grill', 'hob', 'cold']);
const Group = v.string();
const Groups = v.pipe(v.array(Group), v.minLength(1));
const Words = v.pipe(v.string(), v.minLength(1));

/** What may be asked of how a line is used; all that is said must hold. */
const asked = {
  /** Words of the line, of the dish's name and the line's heading, of the sentences that speak of it, of its steps, of all steps after those. */
  line: v.optional(Words),
  dish: v.optional(Words),
  said: v.optional(Words),
  own: v.optional(Words),
  then: v.optional(Words),
  /** Words that the sentences that speak of it must not hold. */
  unsaid: v.optional(Words),
  /** Words that neither its steps nor later ones hold. */
  nowhere: v.optional(Words),
  /** What `own` asks may stand there too. */
  or: v.optional(v.picklist(['then', 'line'])),
  /** Groups in what it goes into: all of them, any of them, none of them; `joins`: any comes in later; `near`: any, then or later. */
  with: v.optional(Groups),
  any: v.optional(Groups),
  without: v.optional(Groups),
  joins: v.optional(Groups),
  near: v.optional(Groups),
  /** Grams of the line to grams of a group in the same mixture. */
  share: v.optional(
    v.strictObject({ of: Group, least: v.optional(v.number(), 0), most: v.optional(v.number(), 1000) }),
  ),
  /** Grams of the line to grams of all it goes into, itself among them. */
  weight: v.optional(v.strictObject({ least: v.optional(v.number(), 0), most: v.optional(v.number(), 1) })),
  /** A group that is hardly there, or not at all. */
  thin: v.optional(Group),
  /** Its own steps stand on any of these; they or later ones do; no later one does; neither they nor later ones do. */
  heat: v.optional(v.array(Heat)),
  later: v.optional(v.array(Heat)),
  notLater: v.optional(v.array(Heat)),
  plain: v.optional(v.array(Heat)),
};

const JobRuleRow = v.strictObject({ role: Role, ...asked });
const SettingRuleRow = v.strictObject({
  setting: Setting,
  /** So much of the dish is sugar and the like, in grams to grams. */
  sweetness: v.optional(v.number()),
  notSetting: v.optional(Setting),
  /** It is never heated from here on. */
  cold: v.optional(v.literal(true)),
  ...asked,
});

const rows = v.parse(
  v.strictObject({
    source: v.string(),
    groups: v.record(
      Group,
      v.strictObject({
        foods: v.optional(v.array(FoodId), []),
        families: v.optional(v.array(FamilyId), []),
        called: Words,
      }),
    ),
    rules: v.record(Group, v.array(JobRuleRow)),
    settings: v.array(SettingRuleRow),
  }),
  file,
);

type Asked = Omit<v.InferOutput<typeof JobRuleRow>, 'role'>;
type Patterns = 'line' | 'dish' | 'said' | 'own' | 'then' | 'unsaid' | 'nowhere';
/** What a rule asks, with its words as patterns. */
export type Asking = Omit<Asked, Patterns> & { readonly [key in Patterns]?: RegExp | undefined };
export type JobRule = Asking & { readonly role: Role };
export type SettingRule = Asking & Omit<v.InferOutput<typeof SettingRuleRow>, keyof Asked>;

const patternOf = (words: string | undefined, called: string): RegExp | undefined =>
  words === undefined ? undefined : new RegExp(words.replaceAll('~', called), 'i');

const inPatterns = <T extends Asked>(rule: T, called: string) => ({
  ...rule,
  line: patternOf(rule.line, called),
  dish: patternOf(rule.dish, called),
  said: patternOf(rule.said, called),
  own: patternOf(rule.own, called),
  then: patternOf(rule.then, called),
  unsaid: patternOf(rule.unsaid, called),
  nowhere: patternOf(rule.nowhere, called),
});

const calledBy = new Map(
  Object.entries(rows.groups).map(([group, { called }]) => [group, new RegExp(String.raw`\b(?:${called})\b`, 'i')]),
);
/** Whether a text speaks of a group. */
export const speaksOf = (group: string, text: string): boolean => calledBy.get(group)!.test(text);

const groupsByFood = new Map<string, ReadonlySet<string>>();
/** The groups of the job rules that a food is of. */
export function jobGroupsOf(id: FoodId): ReadonlySet<string> {
  let groups = groupsByFood.get(id);
  if (!groups) {
    const families = foodOf(id)?.families ?? [];
    groups = new Set(
      Object.entries(rows.groups).flatMap(([name, group]) =>
        group.foods.includes(id) || group.families.some((family) => families.includes(family)) ? [name] : [],
      ),
    );
    groupsByFood.set(id, groups);
  }
  return groups;
}

/** How the foods of one group are spoken of, and by which rules their job and its setting are found. @source kitchen practice; data/reference/jobs.json */
export interface JobRules {
  readonly group: string;
  readonly called: RegExp;
  readonly rules: readonly JobRule[];
  readonly settings: readonly SettingRule[];
}

const settingsFor = (called: string): readonly SettingRule[] => rows.settings.map((rule) => inPatterns(rule, called));

const byGroup = new Map(
  Object.entries(rows.rules).map(([group, rules]): [string, JobRules] => {
    const { called } = rows.groups[group]!;
    return [
      group,
      {
        group,
        called: new RegExp(String.raw`\b(?:${called})\b`, 'i'),
        rules: rules.map((rule) => inPatterns(rule, called)),
        settings: settingsFor(called),
      },
    ];
  }),
);

/** The rules for a food, or undefined where none are told for its group. */
export const jobRulesOf = (id: FoodId): JobRules | undefined =>
  [...byGroup.values()].find(({ group }) => jobGroupsOf(id).has(group));

/** The rules for the setting of a food whose job needs no rules: it is spoken of by its own name. */
export function settingRulesFor(called: string): Pick<JobRules, 'called' | 'settings'> {
  return { called: new RegExp(String.raw`\b(?:${called})`, 'i'), settings: settingsFor(called) };
}
