import { events } from '../../test-support/day.ts';
import { id } from '../../test-support/id.ts';
import type { Happening } from '../model/index.ts';
import { progressOf } from './index.ts';

const after = (...list: readonly (readonly [number, object])[]) =>
  progressOf(events(...(list as unknown as readonly (readonly [number, Happening])[])));

describe('what is ticked', () => {
  test('counts from the first who did it, and the same event twice once', () => {
    const twice = events([-20, { kind: 'tick', entry: id('a') }], [-10, { kind: 'tick', entry: id('a') }]);
    const { ticked } = progressOf([...twice, ...twice]);
    expect(ticked.get('a')).toEqual({ atMin: -20, seq: 1, device: 'bench' });
  });

  test('is read in the order of its numbers, however it came', () => {
    const all = events([-20, { kind: 'tick', entry: id('a') }], [-10, { kind: 'untick', entry: id('a') }]);
    expect(progressOf([...all].reverse()).ticked.size).toBe(0);
  });

  test('taken back, it begins anew: what was begun, said and measured of it counts no more, and of others it does', () => {
    const progress = after(
      [-30, { kind: 'begin', entry: 'a' }],
      [-30, { kind: 'begin', entry: 'b' }],
      [-29, { kind: 'until', entry: 'a', atMin: -5 }],
      [-29, { kind: 'until', entry: 'b', atMin: -4 }],
      [-28, { kind: 'measure', entry: 'a', measured: 'core', celsius: 74 }],
      [-28, { kind: 'measure', entry: 'b', measured: 'core', celsius: 75 }],
      [-20, { kind: 'tick', entry: 'a' }],
      [-19, { kind: 'untick', entry: 'a' }],
    );
    expect([...progress.ticked.keys()]).toEqual([]);
    expect([...progress.begun]).toEqual([['b', -30]]);
    expect([...progress.until]).toEqual([['b', -4]]);
    expect(progress.readings.map(({ entry, celsius, counts }) => [entry, celsius, counts])).toEqual([
      ['a', 74, false],
      ['b', 75, true],
    ]);
  });

  test('is begun at the first time that was said, and not after it is done', () => {
    const { begun } = after(
      [-30, { kind: 'begin', entry: 'a' }],
      [-25, { kind: 'begin', entry: 'a' }],
      [-20, { kind: 'tick', entry: 'b' }],
      [-15, { kind: 'begin', entry: 'b' }],
    );
    expect([...begun]).toEqual([['a', -30]]);
  });
});

test('a wash: clean from the first time, not clean any more, left out with a reason', () => {
  const { washes } = after(
    [-9, { kind: 'clean', wash: 'w', item: 'board-1' }],
    [-8, { kind: 'clean', wash: 'w', item: 'board-1' }],
    [-7, { kind: 'clean', wash: 'w', item: 'hands' }],
    [-6, { kind: 'unclean', wash: 'w', item: 'hands' }],
    [-5, { kind: 'skip', wash: 'w', items: ['cloth'], reason: 'none left' }],
  );
  const wash = washes.get('w')!;
  expect([...wash.clean].map(([item, { atMin }]) => [item, atMin])).toEqual([['board-1', -9]]);
  expect(wash.skipped).toEqual([{ items: ['cloth'], reason: 'none left', atMin: -5, seq: 5, device: 'bench' }]);
});

test('what is said last of a timer, of what was put away and of who liked what stands; what is taken back is gone', () => {
  const progress = after(
    [-9, { kind: 'timer', timer: 't', name: 'Rice', endsAtMin: 1 }],
    [-8, { kind: 'timer', timer: 't', name: 'Rice', endsAtMin: 4 }],
    [-8, { kind: 'timer', timer: 'u', name: 'Eggs', endsAtMin: 2 }],
    [-7, { kind: 'timer-off', timer: 'u' }],
    [5, { kind: 'leftover', leftover: { id: 'box', portions: 1 } }],
    [6, { kind: 'leftover', leftover: { id: 'box', portions: 2 } }],
    [6, { kind: 'leftover', leftover: { id: 'tub', portions: 2 } }],
    [7, { kind: 'leftover-off', leftover: 'tub' }],
    [8, { kind: 'liked', dish: 'pie', guest: 'ana', how: 'loved' }],
    [9, { kind: 'liked', dish: 'pie', guest: 'ana', how: 'left' }],
    [9, { kind: 'liked', dish: 'pie', guest: 'bo', how: 'loved' }],
    [10, { kind: 'liked', dish: 'pie', guest: 'bo', how: null }],
    [11, { kind: 'note', words: 'Salty', dish: 'pie' }],
    [12, { kind: 'fault', device: 'probe', fault: null }],
  );
  expect(progress.timers).toEqual([{ id: 't', name: 'Rice', endsAtMin: 4 }]);
  expect(progress.leftovers).toEqual([{ id: 'box', portions: 2 }]);
  expect(progress.liked).toEqual([{ dish: 'pie', guest: 'ana', how: 'left' }]);
  expect(progress.notes).toEqual([{ words: 'Salty', entry: undefined, dish: 'pie', atMin: 11, device: 'bench' }]);
  expect(progress.faults).toEqual([{ device: 'probe', fault: null, atMin: 12 }]);
});
