import { momentOfClock } from './moments.ts';

test('a time is taken for the nearest moment that shows it, over midnight too', () => {
  expect(momentOfClock('18:30', '18:30', 100)).toBe(0);
  expect(momentOfClock('18:30', '21:00', 100)).toBe(150);
  expect(momentOfClock('18:30', '00:15', 300)).toBe(345);
  expect(momentOfClock('18:30', '23:50', 345)).toBe(320);
  expect(momentOfClock('18:30', '09:00', -570.4)).toBe(-570);
});
