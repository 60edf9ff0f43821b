import type { Inks } from '../../shared/inks.ts';
import { demo } from '../../../../core/test-support/demo.ts';
import { paceChart, paceWords } from './paceChart.ts';

const pace = (...late: number[]) =>
  late.map((by, at) => ({
    id: `a.${at}`,
    title: `Step ${at}`,
    dishName: 'Soup',
    cook: at % 2 ? demo('sunday-lunch').kitchen.cooks[0]!.id : undefined,
    plannedMin: -60 + at * 10,
    reallyMin: -60 + at * 10 + by,
  }));

test('says where the day was furthest behind, and how it ended', () => {
  expect(paceWords([])).toBe('Nothing was ticked.');
  expect(paceWords(pace(0, 3, 2))).toBe('The day kept to the first plan.');
  expect(paceWords(pace(0, 12, -2))).toBe(
    'Furthest behind the first plan: 12 min, at “Step 1” (Soup). At the end in time.',
  );
  expect(paceWords(pace(0, 12, 7))).toContain('At the end 7 min behind');
});

test('every thing that was done is a point, however late', () => {
  const sunday = demo('sunday-lunch');
  const option = paceChart(sunday, pace(0, 95, -20, 4))({} as Inks, 800);
  const series = option.series as { data: [number, number][] }[];
  const points = series.flatMap((each) => each.data);
  expect(series).toHaveLength(sunday.kitchen.cooks.length + 1);
  expect(points.map(([, late]) => late).sort((a, b) => a - b)).toEqual([-20, 0, 4, 95]);
  const axis = option.yAxis as { min: number; max: number };
  for (const [, late] of points) expect(late >= axis.min && late <= axis.max).toBe(true);
});
