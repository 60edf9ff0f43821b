import type { Plan } from '@lupin/core';
import { isBetter, qualityOf } from './quality.ts';

const plan = (washes: number, startMin: number, basis = 'b') => ({
  basis,
  tasks: [...Array.from({ length: washes }, (_, i) => ({ kind: 'wash', id: `w${i}`, cook: 'ines', startMin: startMin + 5, endMin: startMin + 6 })), { kind: 'step', id: 's', cook: 'ines', startMin, endMin: startMin + 5 }, { kind: 'step', id: 'before', cook: 'ines', startMin: -1300, endMin: -1290 }],
}) as unknown as Plan;

test('the evening before is not counted into the day', () => expect(qualityOf(plan(3, -240))).toEqual([3, 240]));

test.each([
  ['fewer washes win over a shorter day', plan(2, -500), plan(3, -200), true],
  ['of equal washes the shorter day wins', plan(2, -200), plan(2, -300), true],
  ['an equal one changes nothing', plan(2, -200), plan(2, -200), false],
  ['a plan of another state of the occasion is no rival', plan(9, -900), plan(1, -100, 'old'), true],
] as const)('%s', (_, one, other, better) => expect(isBetter(one, other)).toBe(better));
