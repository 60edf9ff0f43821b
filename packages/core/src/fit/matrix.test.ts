import * as v from 'valibot';
import { id } from '../../test-support/id.ts';
import { diet, guest } from '../../test-support/judging.ts';
import type { Evidence, Level, Subject } from '../exposure/index.ts';
import { Guest, type Strictness } from '../model/index.ts';
import { judge, type Settles, type Verdict } from './verdict.ts';

/** The rules of a verdict as a table of their own: one ground, one need, what is said of it and what would settle it. */
const hazardNeed = (hazard: string, strictness: Strictness, more: object = {}) =>
  guest({ id: 'n', kind: 'hazard', hazard, strictness, ...more });
const foodNeed = (food: string, strictness: Strictness) => guest({ id: 'n', kind: 'food', food, strictness });
const familyNeed = (family: string, strictness: Strictness) => guest({ id: 'n', kind: 'family', family, strictness });

const ground = (about: Subject, more: Partial<Evidence> = {}): Evidence => ({
  about,
  level: 'contained',
  grade: 'usual',
  line: id('l'),
  food: id('butter'),
  words: '50 g butter',
  because: 'Butter is made of milk.',
  ...more,
});
const hazard = (name: string, level: Level, more: Partial<Evidence> = {}) =>
  ground({ kind: 'hazard', hazard: id(name) }, { level, ...more });
const food = (name: string, more: Partial<Extract<Subject, { kind: 'food' }>> = {}, level: Level = 'contained') =>
  ground(
    {
      kind: 'food',
      food: id(name),
      parts: new Set([id<'food'>(name)]),
      families: new Set(),
      named: new Set(),
      grain: false,
      claims: [],
      ...more,
    } as Subject,
    { level, food: id(name) },
  );
const said = (who: Guest, ...evidence: readonly Evidence[]) => judge(who, evidence);

describe('how sure a ground is, against how strict a need is', () => {
  const levels: readonly Level[] = ['contained', 'carried', 'possible', 'trace'];
  const table: readonly [string, string, Strictness, readonly Verdict[]][] = [
    ['an allergen', 'milk', 'no-trace', ['conflict', 'conflict', 'check', 'check']],
    ['an allergen', 'milk', 'not-ingredient', ['conflict', 'check', 'check', 'check']],
    ['an allergen', 'milk', 'prefers-not', ['clear', 'clear', 'clear', 'clear']],
    ['an intolerance', 'lactose', 'no-trace', ['conflict', 'conflict', 'check', 'check']],
    ['an intolerance', 'lactose', 'not-ingredient', ['conflict', 'clear', 'check', 'clear']],
  ];
  test.each(table)('%s: %s, %s', (_what, name, strictness, verdicts) => {
    expect(levels.map((level) => said(hazardNeed(name, strictness), hazard(name, level)).verdict)).toEqual(verdicts);
  });

  test.each([
    ['vegan', 'not-ingredient', ['conflict', 'clear', 'check', 'clear']],
    ['vegan', 'no-trace', ['conflict', 'conflict', 'check', 'check']],
    ['vegan', 'prefers-not', ['clear', 'clear', 'clear', 'clear']],
  ] as const)('a way of eating: %s, %s', (name, strictness, verdicts) => {
    expect(levels.map((level) => said(diet(name, strictness), hazard('egg', level)).verdict)).toEqual(verdicts);
  });

  test.each([
    ['a relative', 'walnut', 'pecan', ['check', 'check', 'check', 'check']],
    ['a group whose member nobody named', 'cashew', 'tree-nut', ['check', 'check', 'check', 'check']],
    ['a member of the group', 'tree-nut', 'walnut', ['conflict', 'conflict', 'check', 'check']],
    ['something else', 'milk', 'egg', ['clear', 'clear', 'clear', 'clear']],
  ] as const)('no trace of it, and it is %s: %s, %s', (_what, avoided, found, verdicts) => {
    expect(levels.map((level) => said(hazardNeed(avoided, 'no-trace'), hazard(found, level)).verdict)).toEqual(
      verdicts,
    );
  });

  test('to a way of eating neither a trace nor what is carried over of a relative matters; that it may hold some does', () => {
    const meat = (level: Level) => said(diet('no-pork', 'not-ingredient'), hazard('meat', level)).verdict;
    expect(levels.map(meat)).toEqual(['check', 'clear', 'check', 'clear']);
    expect(said(diet('no-pork', 'prefers-not'), hazard('meat', 'contained')).verdict).toBe('clear');
  });

  test('a group that is lifted is only judged by itself', () => {
    const starch = ground({ kind: 'hazard', hazard: id('wheat'), lifts: [id('gluten')] });
    expect(said(hazardNeed('gluten', 'no-trace'), starch).verdict).toBe('clear');
    expect(said(hazardNeed('wheat', 'no-trace'), starch).verdict).toBe('conflict');
  });

  test('what only the strict must hear of is nothing to others', () => {
    const old = hazard('milk', 'possible', { strictOnly: true });
    expect(said(hazardNeed('milk', 'no-trace'), old).verdict).toBe('check');
    expect(said(hazardNeed('milk', 'not-ingredient'), old).verdict).toBe('clear');
  });

  test('the most serious of several counts, and stands first', () => {
    const all = said(hazardNeed('milk', 'no-trace'), hazard('milk', 'trace'), hazard('milk', 'contained'));
    expect(all.verdict).toBe('conflict');
    expect(all.reasons.map((reason) => reason.verdict)).toEqual(['conflict', 'check']);
  });
});

describe('foods and families', () => {
  const garlic = food('garlic-powder', { parts: new Set([id('garlic-powder'), id('garlic')]) as never });
  const chives = food('chives', { families: new Set(['allium']) });
  const juice = food('fruit-juice', { named: new Set([id('pineapple')]) as never });
  test.each<[string, Guest, Evidence, Verdict]>([
    ['what it is made of', foodNeed('garlic', 'not-ingredient'), garlic, 'conflict'],
    ['another food', foodNeed('onion', 'not-ingredient'), garlic, 'clear'],
    ['rather not', foodNeed('garlic', 'prefers-not'), garlic, 'clear'],
    ['its family', familyNeed('allium', 'not-ingredient'), chives, 'conflict'],
    ['another family', familyNeed('legume', 'not-ingredient'), chives, 'clear'],
    ['a family is no food', familyNeed('allium', 'not-ingredient'), garlic, 'clear'],
    ['a food is no family', foodNeed('garlic', 'not-ingredient'), chives, 'clear'],
    ['what its words name besides', foodNeed('pineapple', 'not-ingredient'), juice, 'check'],
    ['a family of that', familyNeed('tropical-fruit', 'not-ingredient'), juice, 'check'],
    ['what they do not name', foodNeed('mango', 'not-ingredient'), juice, 'clear'],
    ['what they name, rather not', foodNeed('pineapple', 'prefers-not'), juice, 'clear'],
  ])('%s', (_what, who, evidence, verdict) => {
    expect(said(who, evidence).verdict).toBe(verdict);
  });

  test('traces of a single food or family are not followed, whatever the evidence; as an ingredient they are', () => {
    expect(said(foodNeed('garlic', 'no-trace'))).toMatchObject({ verdict: 'check', reasons: [{ settles: 'guest' }] });
    expect(said(familyNeed('allium', 'no-trace'))).toMatchObject({ verdict: 'check' });
    expect(said(foodNeed('garlic', 'not-ingredient')).verdict).toBe('clear');
    expect(said(hazardNeed('milk', 'no-trace')).verdict).toBe('clear');
  });

  test('certified goods only: a grain without that claim is asked about, everything else is not', () => {
    const certified = hazardNeed('gluten', 'no-trace', { certifiedOnly: true });
    const oats = food('gf-oats', { grain: true });
    expect(said(certified, oats)).toMatchObject({ verdict: 'check', reasons: [{ settles: 'label' }] });
    expect(said(certified, oats).reasons[0]!.chain.at(-1)).toMatch(/^Certified gluten-free goods only/);
    expect(said(certified, food('gf-oats', { grain: true, claims: ['gluten-free'] })).verdict).toBe('clear');
    expect(said(certified, food('potato')).verdict).toBe('clear');
    expect(said(hazardNeed('gluten', 'no-trace'), oats).verdict).toBe('clear');
    expect(said(hazardNeed('gluten', 'prefers-not', { certifiedOnly: true }), oats).verdict).toBe('clear');
  });
});

describe('what nobody has read or understood', () => {
  const unread = ground({ kind: 'unread' });
  const unlisted = (more: object = {}) =>
    ground({ kind: 'unlisted', absent: new Set(['onion']), found: new Set(['garlic']), ...more } as Subject);
  const unknown = ground({ kind: 'unknown' });
  const kitchen = ground({ kind: 'kitchen' }, { line: undefined, food: undefined });
  test.each<[string, Guest, Evidence, Verdict]>([
    ['an unread label, no trace', hazardNeed('milk', 'no-trace'), unread, 'check'],
    ['an unread label, not as an ingredient', hazardNeed('milk', 'not-ingredient'), unread, 'clear'],
    ['an unread label, a single food', foodNeed('garlic', 'not-ingredient'), unread, 'check'],
    ['an unread label, a family', familyNeed('allium', 'not-ingredient'), unread, 'check'],
    ['an unread label, rather not', foodNeed('garlic', 'prefers-not'), unread, 'clear'],
    ['read, and found', foodNeed('garlic', 'not-ingredient'), unlisted(), 'conflict'],
    ['read, and not in it', foodNeed('onion', 'not-ingredient'), unlisted(), 'clear'],
    ['read, but not for that', foodNeed('celery', 'not-ingredient'), unlisted(), 'check'],
    ['read, but not for that family', familyNeed('allium', 'not-ingredient'), unlisted(), 'check'],
    ['read, rather not', foodNeed('garlic', 'prefers-not'), unlisted(), 'clear'],
    ['read as a whole, no trace of an allergen', hazardNeed('milk', 'no-trace'), unlisted(), 'clear'],
    [
      'read, but not for that allergen',
      hazardNeed('milk', 'no-trace'),
      unlisted({ lookedFor: new Set(['egg']) }),
      'check',
    ],
    ['read for it', hazardNeed('milk', 'no-trace'), unlisted({ lookedFor: new Set(['milk']) }), 'clear'],
    ['read for its group', hazardNeed('walnut', 'no-trace'), unlisted({ lookedFor: new Set(['tree-nut']) }), 'clear'],
    [
      'read for one member of the group',
      hazardNeed('tree-nut', 'no-trace'),
      unlisted({ lookedFor: new Set(['walnut']) }),
      'check',
    ],
    [
      'not read for it, and it is no ingredient they avoid',
      hazardNeed('milk', 'not-ingredient'),
      unlisted({ lookedFor: new Set(['egg']) }),
      'clear',
    ],
    ['words nobody knows', hazardNeed('milk', 'not-ingredient'), unknown, 'check'],
    ['words nobody knows, rather not', hazardNeed('milk', 'prefers-not'), unknown, 'clear'],
    ['a kitchen nobody knows, no trace', hazardNeed('milk', 'no-trace'), kitchen, 'check'],
    ['a kitchen nobody knows, not as an ingredient', hazardNeed('milk', 'not-ingredient'), kitchen, 'clear'],
  ])('%s', (_what, who, evidence, verdict) => {
    expect(said(who, evidence).verdict).toBe(verdict);
  });

  test('a label read for every member of a group was read for the group', () => {
    const grains = ['wheat', 'barley', 'rye', 'spelt', 'oats', 'khorasan', 'triticale'];
    const evidence = unlisted({ lookedFor: new Set(grains) });
    const all = said(hazardNeed('gluten', 'no-trace'), evidence).verdict;
    const some = said(hazardNeed('gluten', 'no-trace'), unlisted({ lookedFor: new Set(['wheat', 'rye']) })).verdict;
    expect([all, some]).toEqual(['clear', 'check']);
  });
});

describe('what would settle it', () => {
  const strict = hazardNeed('milk', 'no-trace');
  test.each<[string, Guest, Evidence, Settles]>([
    ['a kitchen nobody knows: nothing', strict, ground({ kind: 'kitchen' }, { line: undefined }), 'nothing'],
    ['carried over into the whole dish: nothing', strict, hazard('milk', 'carried', { line: undefined }), 'nothing'],
    ['something about the whole dish: its maker', strict, hazard('milk', 'possible', { line: undefined }), 'maker'],
    ['unknown words: the line', strict, ground({ kind: 'unknown' }), 'line'],
    ['a line of no known food: the line', strict, hazard('milk', 'possible', { food: undefined }), 'line'],
    ['a label that says so: another product', strict, hazard('milk', 'possible', { grade: 'label' }), 'product'],
    ['usual make: the label', strict, hazard('milk', 'possible'), 'label'],
    ['carried by one line: nothing', strict, hazard('milk', 'carried'), 'nothing'],
    ['unread: the label', strict, ground({ kind: 'unread' }, { level: 'possible' }), 'label'],
    ['a relative on purpose: the guest', hazardNeed('walnut', 'no-trace'), hazard('pecan', 'contained'), 'guest'],
    [
      'a label not read for a food: the label',
      foodNeed('celery', 'not-ingredient'),
      ground({ kind: 'unlisted', absent: new Set(), found: new Set() }),
      'label',
    ],
  ])('%s', (_what, who, evidence, settles) => {
    expect(said(who, evidence).reasons[0]).toMatchObject({ settles });
  });
});

describe('what was agreed, and wishes', () => {
  const agreed = (hazardName: string, strictness: Strictness, more: object = {}) =>
    hazardNeed(hazardName, strictness, { exceptions: [{ food: 'butter', words: 'butter is fine', ...more }] });

  test('as an ingredient: a note with the guest’s own words and their day, and clear', () => {
    const judged = said(agreed('milk', 'not-ingredient', { agreedOn: '2026-11-02' }), hazard('milk', 'contained'));
    expect(judged).toMatchObject({ verdict: 'clear', reasons: [], notes: [{ verdict: 'clear', settles: 'nothing' }] });
    expect(judged.notes[0]!.chain.at(-1)).toBe('Gwen said on 2 Nov 2026: “butter is fine”.');
  });

  test('with no trace it is asked again; a relative is the guest’s to allow', () => {
    const judged = said(agreed('milk', 'no-trace'), hazard('milk', 'contained'));
    expect(judged).toMatchObject({ verdict: 'check', reasons: [{ settles: 'guest' }], notes: [] });
    expect(judged.reasons[0]!.chain).toEqual([
      'Gwen: no trace of milk, except butter, not yet confirmed with them',
      '“50 g butter”',
      'Butter is made of milk.',
      'Gwen said: “butter is fine”.',
      'No trace, and yet this: ask again before it is served.',
    ]);
    expect(said(agreed('walnut', 'no-trace'), hazard('pecan', 'contained')).verdict).toBe('clear');
    expect(said(agreed('cashew', 'no-trace'), hazard('tree-nut', 'contained')).verdict).toBe('check');
  });

  test('it reaches the food it names, and no other', () => {
    const cheese = hazard('milk', 'contained', { food: id('cheddar') });
    expect(said(agreed('milk', 'not-ingredient'), cheese).verdict).toBe('conflict');
    const plain = food('butter', { parts: new Set([id('butter'), id('milk')]) as never });
    const milkless = guest({
      id: 'n',
      kind: 'food',
      food: 'milk',
      strictness: 'not-ingredient',
      exceptions: [{ food: 'butter', words: 'fine' }],
    });
    expect(said(milkless, { ...plain, food: undefined }).verdict).toBe('clear');
  });

  test('a wish that is not met is a note; one that may not be met is nothing', () => {
    const wish = hazardNeed('milk', 'prefers-not');
    expect(said(wish, hazard('milk', 'contained')).notes).toMatchObject([{ verdict: 'clear', settles: 'nothing' }]);
    expect(said(wish, hazard('milk', 'possible')).notes).toEqual([]);
    expect(said(wish, hazard('egg', 'contained')).notes).toEqual([]);
    expect(said(foodNeed('garlic', 'prefers-not'), food('garlic')).notes).toHaveLength(1);
    expect(said(foodNeed('garlic', 'prefers-not'), food('onion')).notes).toEqual([]);
    expect(said(hazardNeed('milk', 'not-ingredient'), hazard('egg', 'contained')).notes).toEqual([]);
  });

  test('a need nobody has understood is a question, and the others are judged all the same', () => {
    const who = guest(
      { id: 'o', kind: 'open', text: 'no white things' },
      { id: 'n', kind: 'hazard', hazard: 'milk', strictness: 'no-trace' },
    );
    expect(said(who)).toMatchObject({ verdict: 'check', reasons: [{ settles: 'guest' }] });
    expect(said(who, hazard('milk', 'contained')).verdict).toBe('conflict');
  });

  test('a confirmed need says when', () => {
    const sure = v.parse(Guest, {
      id: 'g',
      name: 'Gwen',
      confirmedOn: '2026-11-02',
      needs: [{ id: 'n', kind: 'hazard', hazard: 'milk', strictness: 'no-trace' }],
    });
    expect(said(sure, hazard('milk', 'contained')).reasons[0]!.chain[0]).toBe(
      'Gwen: no trace of milk, confirmed 2 Nov 2026',
    );
  });

  test('the same guest and evidence are judged once', () => {
    const who = hazardNeed('milk', 'no-trace');
    const evidence = [hazard('milk', 'contained')];
    expect(judge(who, evidence)).toBe(judge(who, evidence));
    expect(judge(who, [...evidence])).not.toBe(judge(who, evidence));
    expect(judge(hazardNeed('milk', 'no-trace'), evidence)).not.toBe(judge(who, evidence));
  });
});
