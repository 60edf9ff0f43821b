import * as v from 'valibot';
import { Need } from '@lupin/core';
import { choiceOf, needChoices, needFrom, presets, understood } from './needChoices.ts';

test.each([
  ['gluten', 'hazard:gluten'],
  [' Vegan ', 'diet:vegan'],
  ['EGG', 'hazard:egg'],
  ['garlic', 'food:garlic'],
  ['tree nut', 'hazard:tree-nut'],
  ['mustard', 'hazard:mustard'],
  ['nuts', 'hazard:tree-nut'],
  ['eggplant', 'food:aubergine'],
  ['dairy', 'hazard:milk'],
  ['nightshades', 'family:nightshade'],
  ['peanuts', 'hazard:peanut'],
  ['Walnuts', 'hazard:walnut'],
  ['groundnuts', 'hazard:peanut'],
  ['eggs', 'hazard:egg'],
  ['blue cheese', 'food:blue-cheese'],
  ['milk', 'hazard:milk'],
  ['oats', 'hazard:oats'],
])('“%s” is understood', (text, value) => {
  expect(understood(text)).toBe(value);
});

test.each(['', 'anything blue', '<script>', 'no'])('“%s” is not, and so becomes a question', (text) => {
  expect(understood(text)).toBeUndefined();
});

test('every choice and every preset makes a need that the model takes, and that names its choice again', () => {
  const values = [
    ...needChoices.flatMap((group) => group.options.map((option) => option.value)),
    ...presets.flatMap((preset) => preset.needs.map(([value]) => value)),
  ];
  for (const value of values) expect(choiceOf(v.parse(Need, needFrom(value, 'no-trace', 'n')))).toBe(value);
  for (const preset of presets)
    for (const [value, strictness, more] of preset.needs)
      expect(v.safeParse(Need, needFrom(value, strictness, 'n', more)).success).toBe(true);
});
