import { withLookIds } from '@lupin/core';
import { everySoOften, looksWithin, mostMoments } from './moments.ts';

const look = (atMin: number, more: { what?: string; fromEnd?: true } = {}) => ({
  atMin,
  takesMin: 1,
  what: 'stir',
  ...more,
});

test('what is counted from the end moves with it, and nothing falls out of the step', () => {
  const looks = withLookIds([look(10), look(50, { what: 'foil off', fromEnd: true })]);
  expect(looksWithin(looks, 60, 90).map(({ atMin }) => atMin)).toEqual([10, 80]);
  expect(looksWithin(looks, 60, 20).map(({ atMin }) => atMin)).toEqual([10, 10]);
  expect(looksWithin(looks, 60, 5).map(({ atMin }) => atMin)).toEqual([4, 1]);
  expect(looksWithin(withLookIds([look(1)]), 2, 1).map(({ atMin }) => atMin)).toEqual([1]);
});

test('every so often is between start and end, beside what there is, and not without end', () => {
  expect(everySoOften([], 10, 40, 'baste').map(({ atMin, what }) => [atMin, what])).toEqual([
    [10, 'baste'],
    [20, 'baste'],
    [30, 'baste'],
  ]);
  const beside = everySoOften(withLookIds([look(20, { what: 'turn' })]), 10, 35, 'baste');
  expect(beside.map(({ atMin, what }) => [atMin, what])).toEqual([
    [10, 'baste'],
    [20, 'turn'],
    [30, 'baste'],
  ]);
  expect(new Set(beside.map(({ id }) => id)).size).toBe(3);
  expect(everySoOften([], 50, 40, 'baste')).toEqual([]);
  expect(everySoOften([], 1, 300, 'baste')).toHaveLength(mostMoments);
});
