import * as v from 'valibot';
import { id } from '../../test-support/id.ts';
import { line, recipe, step } from '../../test-support/small.ts';
import { noLabels } from '../exposure/index.ts';
import { CheckedRecipe, type Recipe } from '../model/index.ts';
import { rules } from '../reference/index.ts';
import { inFreshPiece, inPieceOf, placed, workOf, type WorkStep } from './index.ts';

type Loose = Record<string, unknown>;
const made = (steps: readonly Loose[], more: Loose = {}): Recipe =>
  v.parse(
    CheckedRecipe,
    recipe('it', [line('chicken', 'chicken'), line('rice', 'rice'), line('milk', 'milk')], [...steps], more),
  );
const pieces = ({ pieces: all }: WorkStep): string =>
  all.map((piece) => piece.id.split('/').slice(1).join('/')).join(' ');
const work = (one: Recipe): readonly WorkStep[] => workOf(one, noLabels);
const bowl = { kit: [{ kind: 'bowl' }] };
const pan = { kit: [{ kind: 'saucepan' }], burner: true };

describe('waits', () => {
  test('say how long food may stand, by what it is and by what its recipe says', () => {
    const [, fry, simmer, serve] = work(
      made([
        step('cut', { uses: ['chicken'], kit: [{ kind: 'board' }, { kind: 'bowl' }] }),
        step('fry', { ...pan, coreC: 74 }),
        step('simmer', { uses: ['milk'], ...pan, hands: 'off', after: [{ step: 'fry', leastMin: 2, mostMin: 30 }] }),
        step('serve', {}),
      ]),
    );
    expect(fry!.waits).toEqual([
      expect.objectContaining({
        from: 'cut',
        to: 'fry',
        roomMin: rules.rawWaitsMostMin,
        fridgeMin: rules.coldWaitMostMin,
        stays: false,
      }),
    ]);
    expect(simmer!.waits[0]).toMatchObject({ leastMin: 2, saidMostMin: 30, roomMin: rules.standsMostMin, stays: true });
    expect(serve!.waits[0]).toMatchObject({ roomMin: rules.standsMostMin, fridgeMin: undefined, stays: true });
  });

  test('are free where nothing spoils', () => {
    const [, stir] = work(
      made([step('weigh', { uses: ['rice'], ...bowl }), step('stir', { uses: ['chicken', 'milk'] })]),
    );
    expect(stir!.waits[0]).toMatchObject({ roomMin: undefined, fridgeMin: undefined, saidMostMin: undefined });
  });
});

describe('pieces', () => {
  const one = made([
    step('whisk', { uses: ['milk'], ...bowl, after: [] }),
    step('boil', { uses: ['rice'], ...pan, after: [] }),
    step('join', { after: [{ step: 'boil' }, { step: 'whisk' }] }),
  ]);

  test('go on from step to step, named or not', () => {
    const [whisk, boil, join] = work(one);
    expect(pieces(whisk!)).toBe('bowl/whisk~0');
    expect(pieces(boil!)).toBe('saucepan/boil~0');
    expect(pieces(join!)).toContain('bowl/whisk~0');
  });

  test('can be the same as those of another step, or fresh ones', () => {
    const two = made([
      step('whisk', { uses: ['milk'], ...bowl, after: [] }),
      step('mix', { uses: ['rice'], ...bowl, after: [] }),
      step('join', { after: [{ step: 'whisk' }, { step: 'mix' }], ...bowl }),
    ]);
    const same = inPieceOf(two, id('mix'), 'bowl', id('whisk'));
    expect(work(same).map(pieces)).toEqual(['bowl/bowl', 'bowl/bowl', 'bowl/bowl']);
    const fresh = inFreshPiece(same, id('mix'), 'bowl');
    expect(pieces(work(fresh)[1]!)).toBe('bowl/bowl-2');
    expect(pieces(work(fresh)[0]!)).toBe('bowl/bowl');
    expect(inPieceOf(two, id('mix'), 'saucepan', id('whisk'))).toBe(two);
    expect(work(inFreshPiece(two, id('mix'), 'saucepan'))[1]!.pieces.map(({ kind }) => kind)).toEqual([
      'bowl',
      'saucepan',
    ]);
  });
});

describe('another place', () => {
  const salad = made([step('toss', { uses: ['rice'], kit: [{ kind: 'bowl', as: 'salad' }, { kind: 'spoon' }] })]);
  const oven = { temperatureC: 180, toleranceC: 10, racks: 1, covered: false, grill: false } as const;

  test('asks in what, where nothing of it can be heated there', () => {
    const asked = placed(salad, id('toss'), { kind: 'oven', oven });
    expect(asked).toMatchObject({
      kind: 'asks',
      words: 'A bowl does not go into the oven. In what does “toss” go into the oven?',
    });
    if (asked.kind !== 'asks') throw new Error('asks');
    const tray = asked.ways.find(({ words }) => words === 'a baking tray')!.recipe.steps[0]!;
    expect(tray).toMatchObject({ oven: { temperatureC: 180 }, kit: [{ kind: 'spoon' }, { kind: 'baking-tray' }] });
    expect(placed(made([step('warm', { uses: ['milk'] })]), id('warm'), { kind: 'hob' })).toMatchObject({
      words: 'In what does “warm” go on the hob?',
    });
  });

  test('is taken where its food is in a piece that can, be it from the step before', () => {
    const one = made([
      step('fill', { uses: ['rice'], kit: [{ kind: 'gratin-dish' }] }),
      step('bake', { hands: 'off' }),
    ]);
    const baked = placed(one, id('bake'), { kind: 'oven', oven });
    expect(baked).toMatchObject({
      kind: 'made',
      recipe: { steps: [{}, { oven: { temperatureC: 180 }, burner: false }] },
    });
    if (baked.kind !== 'made') throw new Error('made');
    const cold = placed(baked.recipe, id('bake'), { kind: 'cold', where: 'fridge' });
    if (cold.kind !== 'made') throw new Error('made');
    expect(cold.recipe.steps[1]!.cold).toBe('fridge');
    expect(cold.recipe.steps[1]!.oven).toBeUndefined();
    const out = placed(cold.recipe, id('bake'), { kind: 'room' });
    expect(out).toMatchObject({ kind: 'made' });
    expect(out.kind === 'made' && out.recipe.steps[1]!.cold).toBeUndefined();
  });
});
