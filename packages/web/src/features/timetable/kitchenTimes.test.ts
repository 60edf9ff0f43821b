import { demo } from '../../../../core/test-support/demo.ts';
import { movedServing } from '@lupin/core';
import { windowFromClock, windowToClock } from './kitchenTimes.ts';

test.each([
  [
    { fromMin: -180, toMin: 120 },
    { day: 0, from: '15:30', to: '20:30' },
  ],
  [
    { fromMin: -1500, toMin: -1260 },
    { day: -1, from: '17:30', to: '21:30' },
  ],
  [
    { fromMin: 300, toMin: 420 },
    { day: 0, from: '23:30', to: '01:30' },
  ],
])('%j of a supper at 18:30 is %j, there and back', (minutes, clock) => {
  expect(windowToClock('18:30', minutes)).toEqual(clock);
  expect(windowFromClock('18:30', clock)).toEqual(minutes);
});

test('served an hour later, the helper still comes at half past three', () => {
  const later = movedServing(demo('lantern-supper'), '19:30');
  expect(windowToClock(later.serveAt, later.kitchen.cooks[1]!.windows[0]!)).toEqual({
    day: 0,
    from: '15:30',
    to: '20:30',
  });
});
