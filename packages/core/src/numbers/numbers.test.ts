import fc from 'fast-check';
import { fromTriangle, normalDraw, normalShare, quantile, seeded } from './index.ts';

test.each([
  [-3, 0.0013499],
  [-1, 0.1586553],
  [0, 0.5],
  [1.96, 0.9750021],
  [4, 0.9999683],
])('%d standard deviations have %d below them', (z, share) => {
  expect(normalShare(z)).toBeCloseTo(share, 6);
});

test.each([
  [{ least: 10, likely: 10, most: 10 }, 0.7, 10],
  [{ least: 0, likely: 5, most: 10 }, 0.5, 5],
  [{ least: 0, likely: 0, most: 10 }, 0.75, 5],
  [{ least: 4, likely: 6, most: 12 }, 0, 4],
  [{ least: 4, likely: 6, most: 12 }, 1, 12],
])('%j at %d is %d', (range, share, value) => {
  expect(fromTriangle(range, share)).toBeCloseTo(value, 9);
});

test('a triangle keeps within its range, rises with the share, and has the mean of its three corners', () => {
  fc.assert(
    fc.property(fc.nat(50), fc.nat(50), fc.nat(50), (least, more, most) => {
      const range = { least, likely: least + more, most: least + more + most };
      let sum = 0;
      let before = -Infinity;
      let keeps = true;
      for (let i = 0; i < 2000; i++) {
        const value = fromTriangle(range, (i + 0.5) / 2000);
        keeps &&= value >= before - 1e-9 && value >= range.least - 1e-9 && value <= range.most + 1e-9;
        before = value;
        sum += value;
      }
      expect(keeps).toBe(true);
      expect(Math.abs(sum / 2000 - (range.least + range.likely + range.most) / 3)).toBeLessThan(0.05);
    }),
  );
});

test('normal draws have the shares they should', () => {
  const random = seeded(7);
  const draws = Array.from({ length: 20_000 }, () => normalDraw(random)).sort((a, b) => a - b);
  for (const share of [0.1, 0.5, 0.9]) expect(normalShare(quantile(draws, share))).toBeCloseTo(share, 1.7);
});

test('quantiles lie straight between neighbours', () => {
  expect(quantile([1, 2, 3], 0.5)).toBe(2);
  expect(quantile([1, 3], 0.25)).toBe(1.5);
  expect(quantile([], 0.5)).toBeNaN();
});
