import { movedServing, pinWords, type Occasion } from '@lupin/core';
import { pinned, pinOf } from './pins.ts';

const occasion = {
  serveAt: '18:30',
  kitchen: { oven: { racks: 2 }, moreOvens: [], cooks: [{ id: 'ines', name: 'Ines', windows: [] }], kit: [] },
  wishes: { pins: [], absences: [], goals: [] },
} as unknown as Occasion;

test('things are fixed one by one, let go one by one, and the last one leaves nothing behind', () => {
  const one = pinned(pinned(occasion, 'gratin.plain.bake', { rack: 0 }), 'gratin.plain.bake', { endsByMin: -30 });
  expect(pinWords(one, pinOf(one, 'gratin.plain.bake')!)).toEqual(['is done by 18:00', 'is on the upper rack']);
  const less = pinned(one, 'gratin.plain.bake', { endsByMin: undefined });
  expect(pinOf(less, 'gratin.plain.bake')).toEqual({ task: 'gratin.plain.bake', rack: 0 });
  expect(pinned(less, 'gratin.plain.bake', { rack: undefined }).wishes.pins).toEqual([]);
});

test('served later, what was fixed by the clock stays by the clock', () => {
  const one = movedServing(pinned(occasion, 'bread.plain.bake', { endsByMin: -390, spareMin: 10 }), '19:00');
  expect(pinWords(one, one.wishes.pins[0]!)).toEqual(['is done by 12:00', 'has 10 min to spare after it']);
});
