import { id } from '../../test-support/id.ts';
import { demo } from '../../test-support/demo.ts';
import { guest, line, occasion, recipe, step } from '../../test-support/small.ts';
import type { LineId } from '../model/index.ts';
import { applySwaps } from './applySwaps.ts';

const custardRecipe = demo('lantern-supper').recipes.find((each) => each.id === 'cardamom-custard')!;
const swap = (line: string, substitution: string) => ({
  kind: 'substitute' as const,
  line: id(line),
  substitution,
});

test('six yolks become cornflour by weight, with what to do differently and the minutes it takes', () => {
  const changed = applySwaps(custardRecipe, [swap('yolks', 'cornflour-for-yolk')]);
  const line = changed.lines.find((each) => each.food === 'cornflour')!;
  expect(line.amount).toEqual({ kind: 'mass', massG: 40.8 });
  const custard = changed.steps.find((each) => each.id === 'cook')!;
  expect(custard.uses).toContain(line.id);
  expect(custard.text).toContain('boil one full minute');
  expect(custard.durationMin.likely).toBe(
    custardRecipe.steps.find((each) => each.id === 'cook')!.durationMin.likely + 2,
  );
});

test('left out: gone from the list and from the step', () => {
  const parcels = demo('lantern-supper').recipes.find((each) => each.id === 'cabbage-parcels')!;
  const changed = applySwaps(parcels, [{ kind: 'omit', line: id('garlic') }]);
  expect(changed.lines.some((line) => line.food === 'garlic')).toBe(false);
  expect(changed.steps.flatMap((each) => each.uses)).not.toContain('garlic');
});

test('a swap that is unknown, or for another food, leaves the old food in: nothing is lost from sight', () => {
  expect(applySwaps(custardRecipe, [swap('milk', 'no-such-swap')]).lines).toEqual(custardRecipe.lines);
  expect(applySwaps(custardRecipe, [swap('milk', 'cornflour-for-yolk')]).lines).toEqual(custardRecipe.lines);
});

describe('a step in which nothing is left to do', () => {
  const tray = { kit: [{ kind: 'gratin-dish', as: 'dish' }] };
  const made = (scatter: Record<string, unknown>, bake: Record<string, unknown> = {}, without = ['nuts']) => {
    const [written] = occasion({
      guests: [guest('ana')],
      recipes: [
        recipe(
          'r',
          [line('beans', 'green-beans'), line('nuts', 'walnut'), line('salt', 'salt')],
          [
            step('top', { uses: ['beans'], ...tray }),
            step('scatter', { uses: ['nuts'], after: [{ step: 'top', mostMin: 20 }], ...scatter }),
            step('bake', { uses: ['salt'], oven: { temperatureC: 180 }, ...tray, ...bake }),
          ],
        ),
      ],
    }).recipes;
    const omitted = without.map((each) => ({ kind: 'omit' as const, line: id<LineId>(each) }));
    return applySwaps(written!, omitted).steps.map((each) => [each.id, each.after?.map((link) => link.step)]);
  };
  const both = { after: [{ step: 'top' }, { step: 'scatter' }] };

  test('is not done, and what followed it follows what it followed', () => {
    expect(made(tray)).toEqual([
      ['top', []],
      ['bake', ['top']],
    ]);
    expect(made({ after: [], burner: true }, both)).toEqual([
      ['top', []],
      ['bake', ['top']],
    ]);
  });

  test.each<[string, Record<string, unknown>]>([
    ['something else comes in', { ...tray, uses: ['nuts', 'salt'] }],
    ['it is baked', { ...tray, oven: { temperatureC: 200 } }],
    ['it is on the heat', { ...tray, burner: true }],
    ['it stands by itself', { ...tray, hands: 'off' }],
    ['it goes into another piece', { kit: [{ kind: 'bowl', as: 'bowl' }] }],
    ['versions are parted after it', { ...tray, splitPoint: true }],
  ])('unless %s', (_, scatter) => {
    expect(made(scatter).map(([step]) => step)).toEqual(['top', 'scatter', 'bake']);
  });

  test('the last is done, whatever is left of it', () => {
    expect(made(tray, {}, ['salt']).map(([step]) => step)).toEqual(['top', 'scatter', 'bake']);
  });

  test('a line that no step names may be in it', () => {
    const [written] = occasion({
      guests: [guest('ana')],
      recipes: [
        recipe('r', [line('nuts', 'walnut'), line('salt', 'salt')], [step('toast', { uses: ['nuts'] }), step('serve')]),
      ],
    }).recipes;
    expect(applySwaps(written!, [{ kind: 'omit', line: id('nuts') }]).steps).toHaveLength(2);
  });
});
