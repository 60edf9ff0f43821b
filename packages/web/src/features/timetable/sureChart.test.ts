import type { DishChance, BatchId } from '@lupin/core';
import { inHundred, sureChart, sureness } from './sureChart.ts';

test.each([
  [1, '100 in 100'],
  [0.9991, 'over 99 in 100'],
  [0.577, '58 in 100'],
  [0.004, 'under 1 in 100'],
  [0, '0 in 100'],
])('%d of days is said as %s', (share, words) => {
  expect(inHundred(share)).toBe(words);
});

test.each([
  [0.95, 'leaf'],
  [0.8, 'straw'],
  [0.3, 'clay'],
])('%d is shown in %s', (share, colour) => {
  expect(sureness(share)).toBe(colour);
});

test('the axis holds every dish, and each has its bar, its dot and its words', () => {
  const chance = (batch: string, tenthMin: number, middleMin: number, nineTenthsMin: number): DishChance => ({
    batch: batch as BatchId,
    atMin: 0,
    onTime: 0.5,
    late: { tenthMin, middleMin, nineTenthsMin, worstMin: 99 },
    standsTooLong: 0,
  });
  const option = sureChart([
    { name: 'Soup', chance: chance('soup', -42, -5, 3) },
    { name: 'Tart', chance: chance('tart', 0, 4, 37) },
  ])({} as never, 700) as unknown as {
    xAxis: { min: number; max: number };
    series: { data: unknown[] }[];
    yAxis: { data: string[] };
  };
  expect(option.xAxis).toMatchObject({ min: -60, max: 60, interval: 30 });
  expect(option.yAxis.data).toEqual(['Soup', 'Tart']);
  expect(option.series.map((each) => each.data.length)).toEqual([2, 2, 2]);
});
