import type { Dishwasher, Occasion } from '../src/model/index.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from './small.ts';

/** What is rubbed through the one sieve that a kitchen has, long before what must be free from it is. */
const mixed = (id: string, food: string, kit: readonly string[]) =>
  recipe(id, [line('it', food)], [step('mix', { uses: ['it'], kit: kit.map((kind) => ({ kind })) })], {
    hold: { mostMin: 600, how: 'covered' },
  });

/**
 * Crumble is rubbed through by `firstByMin`, and a salad without a trace of wheat in the same sieve not before `thenFromMin`; both in minutes before
 * serving. By hand the sieve takes eight minutes.
 */
export function oneSieve(
  dishwasher: Dishwasher | undefined,
  { kit = ['sieve'], firstByMin = -240, thenFromMin = -60, again = false } = {},
): Occasion {
  const one = occasion({
    guests: [guest('ana'), guest('ben', noTrace('gluten'))],
    recipes: [
      mixed('crumble', 'breadcrumbs', kit),
      mixed('salad', 'apple', kit),
      ...(again ? [mixed('slaw', 'apple', ['grater'])] : []),
      ...(again ? [mixed('dough', 'breadcrumbs', ['grater'])] : []),
    ],
    dishes: [
      dish('crumble', 'crumble', { versions: [{ id: 'plain', name: 'as written', swaps: [], guests: ['ana'] }] }),
      dish('salad'),
      ...(again
        ? [
            dish('slaw'),
            dish('dough', 'dough', { versions: [{ id: 'plain', name: 'as written', swaps: [], guests: ['ana'] }] }),
          ]
        : []),
    ],
    kit: [
      unit('sieve-1', 'sieve', 'steel', { washMin: 8 }),
      unit('grater-1', 'grater', 'plastic', { washMin: 8 }),
      unit('knife-1', 'knife', 'steel', { washMin: 4 }),
      unit('board-1', 'board', 'plastic'),
    ],
  });
  const pins = [
    ...['crumble', ...(again ? ['dough'] : [])].map((id) => ({ task: `${id}.plain.mix`, endsByMin: firstByMin })),
    ...['salad', ...(again ? ['slaw'] : [])].map((id) => ({ task: `${id}.plain.mix`, notBeforeMin: thenFromMin })),
  ];
  return {
    ...one,
    kitchen: { ...one.kitchen, ...(dishwasher ? { dishwasher } : {}) },
    wishes: { ...one.wishes, pins: pins as unknown as Occasion['wishes']['pins'] },
  };
}
