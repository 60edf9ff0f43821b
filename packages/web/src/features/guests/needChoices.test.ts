import * as v from 'valibot';
import { Need } from '@lupin/core';
import { choiceName, choiceOf, needChoices, needFrom, presets, strictnessOfChoice } from './needChoices.ts';

test.each([
  ['hazard:peanut', 'peanut', 'no-trace'],
  ['hazard:lactose', 'lactose', 'not-ingredient'],
  ['diet:vegan', 'vegan', 'not-ingredient'],
  ['family:cheese', 'cheese', 'not-ingredient'],
  ['food:garlic', 'garlic', 'not-ingredient'],
  // Of several things: it is not in the list, and has a name all the same.
  ['food:soy-sauce', 'soy sauce', 'not-ingredient'],
])('%s is called “%s”, and meant as “%s” where it is only picked', (value, name, strictness) => {
  expect([choiceName(value), strictnessOfChoice(value)]).toEqual([name, strictness]);
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
