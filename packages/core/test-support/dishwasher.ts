import type { Dishwasher, Occasion } from '../src/model/index.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from './small.ts';

/** What is mixed in the one bowl that a kitchen has, long before what must be free from it is. */
const mixed = (id: string, food: string, kit: readonly string[]) =>
  recipe(id, [line('it', food)], [step('mix', { uses: ['it'], kit: kit.map((kind) => ({ kind })) })], {
    hold: { mostMin: 600, how: 'covered' },
  });

/**
 * Crumble is mixed by `firstByMin`, and a salad without a trace of wheat in the same bowl not before `thenFromMin`; both in minutes before
 * serving. By hand the bowl takes eight minutes.
 */
export function oneBowl(
  dishwasher: Dishwasher | undefined,
  { kit = ['bowl'], firstByMin = -240, thenFromMin = -60, again = false } = {},
): Occasion {
  const one = occasion({
    guests: [guest('ana'), guest('ben', noTrace('gluten'))],
    recipes: [
      mixed('crumble', 'breadcrumbs', kit),
      mixed('salad', 'apple', kit),
      ...(again ? [mixed('slaw', 'apple', ['box'])] : []),
      ...(again ? [mixed('dough', 'breadcrumbs', ['box'])] : []),
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
      unit('bowl-1', 'bowl', 'steel', { washMin: 8 }),
      unit('box-1', 'box', 'plastic', { washMin: 8 }),
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
