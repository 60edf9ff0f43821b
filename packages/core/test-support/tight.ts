import type { Occasion } from '../src/model/index.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from './small.ts';

const lasting = (minutes: number) => ({ durationMin: { least: minutes, likely: minutes, most: minutes + 5 } });
const off = (id: string, minutes: number, extra: Record<string, unknown>) =>
  step(id, { hands: 'off', ...lasting(minutes), ...extra });
const holds = { hold: { mostMin: 600, how: 'covered' } };

/** One burner, one place in the fridge and in the freezer, one bowl, one oven and a dishwasher: whatever a kitchen has, two dishes want it, and one of its guests must not have a trace of gluten. */
export function tight(): Occasion {
  const one = occasion({
    guests: [guest('ana'), guest('ben', noTrace('gluten'))],
    burners: 1,
    cooks: ['one', 'two'].map((id) => ({ id, name: id, windows: [{ fromMin: -900, toMin: 60 }] })),
    kit: [
      unit('board-1', 'board', 'plastic'),
      unit('knife-1', 'knife'),
      unit('bowl-1', 'bowl', 'steel', { washMin: 8 }),
      unit('pan-1', 'saucepan'),
      unit('pan-2', 'saucepan'),
      unit('tray-1', 'baking-tray'),
      unit('tray-2', 'baking-tray'),
      unit('tray-3', 'baking-tray'),
      unit('box-1', 'box', 'plastic'),
      unit('box-2', 'box', 'plastic'),
      unit('box-3', 'box', 'plastic'),
      unit('box-4', 'box', 'plastic'),
    ],
    recipes: [
      recipe(
        'loaf',
        [line('flour', 'wheat-flour')],
        [
          step('knead', { uses: ['flour'], looseFlour: true, kit: [{ kind: 'bowl' }], ...lasting(10) }),
          off('bake', 30, {
            coreC: 95,
            kit: [{ kind: 'baking-tray', as: 'tray' }],
            oven: { temperatureC: 220, toleranceC: 5, shutMin: 15 },
          }),
        ],
        holds,
      ),
      recipe(
        'roots',
        [line('carrot', 'carrot')],
        [
          step('cut', { uses: ['carrot'], kit: [{ kind: 'board' }, { kind: 'bowl' }], ...lasting(10) }),
          off('roast', 30, { kit: [{ kind: 'baking-tray', as: 'tray' }], oven: { temperatureC: 160, toleranceC: 5 } }),
          off('brown', 10, {
            kit: [{ kind: 'baking-tray', as: 'tray' }],
            oven: { temperatureC: 220, toleranceC: 5, grill: true },
          }),
        ],
        holds,
      ),
      ...['soup', 'mash'].map((id) =>
        recipe(
          id,
          [line('apple', 'apple')],
          [
            step('cut', { uses: ['apple'], kit: [{ kind: 'board' }, { kind: 'knife' }] }),
            off('boil', 20, { kit: [{ kind: 'saucepan' }], burner: true }),
            off('chill', 60, { kit: [{ kind: 'box', as: 'box' }], cold: id === 'soup' ? 'fridge' : 'freezer' }),
          ],
          holds,
        ),
      ),
      ...['jelly', 'ice'].map((id) =>
        recipe(
          id,
          [line('pear', 'pear')],
          [
            step('stir', { uses: ['pear'], kit: [{ kind: 'bowl' }] }),
            off('chill', 60, { kit: [{ kind: 'box', as: 'box' }], cold: id === 'jelly' ? 'fridge' : 'freezer' }),
          ],
          holds,
        ),
      ),
    ],
    dishes: [
      dish('loaf', 'loaf', { versions: [{ id: 'plain', name: 'as written', swaps: [], guests: ['ana'] }] }),
      ...['roots', 'soup', 'mash', 'jelly', 'ice'].map((id) => dish(id)),
    ],
  });
  return {
    ...one,
    kitchen: {
      ...one.kitchen,
      oven: { ...one.kitchen.oven, grill: true },
      fridgePlaces: 1,
      freezerPlaces: 1,
      dishwasher: { cycleMin: 40, places: 6 },
    },
  };
}
