import { lookFor, lookSeconds } from './prefs.ts';

test('a brief look is as patient as the usual one until there is any plan', () => {
  const { seconds, firstSeconds } = lookFor('short');
  expect(seconds).toBeLessThan(lookSeconds.usual);
  expect(firstSeconds).toBe(lookSeconds.usual);
  // The others leave that to the planner, which has more patience the more there is to do.
  for (const look of ['usual', 'long'] as const) expect(lookFor(look)).toEqual({ seconds: lookSeconds[look] });
});
