import * as fc from 'fast-check';
import * as v from 'valibot';
import { id } from '../../test-support/id.ts';
import { line, recipe, step } from '../../test-support/small.ts';
import { CheckedRecipe, type Recipe, type StepId } from '../model/index.ts';
import { ancestry, followsOf, withoutStep } from '../versions/index.ts';
import { atAnyTime, drawnOn, isBehind, setWait, sideBySide, waitFor, type Reshaped } from './index.ts';

type Loose = Record<string, unknown>;
const made = (steps: readonly Loose[]): Recipe =>
  v.parse(CheckedRecipe, recipe('it', [line('rice', 'rice'), line('oil', 'olive-oil')], [...steps]));
const after = (...steps: string[]) => ({ after: steps.map((each) => ({ step: each })) });

/** Each step with what it waits for: "c<a,b". */
const order = (one: Recipe): string =>
  one.steps
    .map((each, at) =>
      [
        each.id,
        followsOf(one, at)
          .map((link) => link.step)
          .join(','),
      ].join('<'),
    )
    .join(' ');
const recipeOf = (one: Reshaped): Recipe => {
  if (one.kind !== 'made') throw new Error(one.words);
  return one.recipe;
};

const chain = made([
  step('chop', { uses: ['rice'] }),
  step('fry', {}),
  step('sauce', { uses: ['oil'] }),
  step('bake', {}),
]);

describe('to wait', () => {
  test('for a step further down moves it behind that one, and what was not said is said', () => {
    const one = made([
      step('a', { uses: ['rice'], ...after() }),
      step('b', { uses: ['oil'], ...after() }),
      step('c', after('b')),
    ]);
    expect(order(recipeOf(waitFor(one, id('a'), id('c'))))).toBe('b< c<b a<c');
    expect(order(recipeOf(waitFor(chain, id('bake'), id('chop'))))).toBe('chop< fry<chop sauce<fry bake<sauce,chop');
  });

  test('for what it waits for already changes nothing', () => {
    expect(recipeOf(waitFor(chain, id('fry'), id('chop')))).toBe(chain);
  });

  test('for itself, or round in a circle, is asked about; of two that follow each other the order can be turned', () => {
    expect(waitFor(chain, id('fry'), id('fry'))).toMatchObject({
      kind: 'asks',
      words: 'A step cannot wait for itself.',
      ways: [],
    });
    expect(waitFor(chain, id('chop'), id('bake'))).toMatchObject({
      kind: 'asks',
      words: '“bake” waits for “chop”: they would wait for each other in a circle.',
      ways: [],
    });
    const turned = waitFor(chain, id('fry'), id('sauce'));
    expect(turned).toMatchObject({ kind: 'asks', ways: [{ words: 'Turn it round: “sauce” goes first' }] });
    if (turned.kind !== 'asks') throw new Error('asks');
    expect(order(turned.ways[0]!.recipe)).toBe('chop< sauce<chop fry<chop,sauce bake<sauce');
  });
});

describe('side by side', () => {
  test('a step waits for what the other waited for', () => {
    expect(order(recipeOf(sideBySide(chain, id('sauce'), id('fry'))))).toBe('chop< fry<chop sauce<chop bake<sauce');
  });

  test('drawn on to what it waits for a step goes beside it, drawn on to anything else it waits', () => {
    expect(order(recipeOf(drawnOn(chain, id('sauce'), id('fry'))))).toBe('chop< fry<chop sauce<chop bake<sauce');
    expect(order(recipeOf(drawnOn(recipeOf(drawnOn(chain, id('sauce'), id('fry'))), id('sauce'), id('fry'))))).toBe(
      'chop< fry<chop sauce<chop,fry bake<sauce',
    );
    expect(drawnOn(chain, id('bake'), id('fry'))).toMatchObject({ kind: 'asks' });
  });

  test('what comes first by way of others is said, with whom', () => {
    expect(sideBySide(chain, id('bake'), id('fry'))).toMatchObject({
      kind: 'asks',
      words: '“bake” waits for it by way of “sauce”.',
    });
    const apart = made([step('a', { uses: ['rice'], ...after() }), step('b', { uses: ['oil'], ...after() })]);
    expect(recipeOf(sideBySide(apart, id('b'), id('a')))).toBe(apart);
  });

  test('a step with nothing in it is asked about, and done when that is meant', () => {
    const asked = atAnyTime(chain, id('bake'));
    expect(asked).toMatchObject({
      kind: 'asks',
      words: '“bake” would have nothing in it: no ingredient is used first there.',
    });
    if (asked.kind !== 'asks') throw new Error('asks');
    expect(order(asked.ways[0]!.recipe)).toBe('chop< fry<chop sauce<fry bake<');
    expect(order(recipeOf(atAnyTime(chain, id('sauce'))))).toBe('chop< fry<chop sauce< bake<sauce');
    expect(recipeOf(atAnyTime(chain, id('chop')))).toBe(chain);
  });
});

test('a wait has a least and a most, and not the one over the other', () => {
  const one = recipeOf(setWait(chain, id('sauce'), id('fry'), { leastMin: 5, mostMin: 20 }));
  expect(one.steps[2]!.after).toEqual([{ step: 'fry', leastMin: 5, mostMin: 20 }]);
  expect(recipeOf(setWait(one, id('sauce'), id('fry'), { leastMin: 5, mostMin: undefined })).steps[2]!.after).toEqual([
    { step: 'fry', leastMin: 5 },
  ]);
  expect(setWait(one, id('sauce'), id('fry'), { leastMin: 30, mostMin: 20 })).toMatchObject({
    words: 'It cannot wait at least 30 minutes and at most 20.',
  });
});

test('without a step, what waited for it waits for what it waited for, with its limits', () => {
  expect(order(withoutStep(chain, id('fry')))).toBe('chop< sauce<chop bake<sauce');
  expect(withoutStep(chain, id('gone'))).toBe(chain);
});

describe('whatever is changed, in whatever order', () => {
  const size = 7;
  const ids = Array.from({ length: size }, (_, at) => `s${at}`);
  const anyRecipe = fc
    .tuple(...ids.map((_, at) => fc.tuple(fc.option(fc.subarray(ids.slice(0, at))), fc.boolean())))
    .map((parts) =>
      made(
        parts.map(([links, has], at) =>
          step(ids[at]!, { ...(links ? after(...links) : {}), ...(has ? { uses: ['rice'] } : {}) }),
        ),
      ),
    );
  const anyChange = fc.tuple(
    fc.constantFrom(waitFor, sideBySide, (one: Recipe, at: StepId) => atAnyTime(one, at)),
    fc.constantFrom(...ids),
    fc.constantFrom(...ids),
  );

  test('there is a recipe in which nothing goes round in a circle, and what is offered is one too', () => {
    fc.assert(
      fc.property(anyRecipe, fc.array(anyChange, { maxLength: 12 }), (first, changes) => {
        let one = first;
        for (const [change, step, other] of changes) {
          const next = change(one, id(step), id(other));
          const all = next.kind === 'made' ? [next.recipe] : next.ways.map((way) => way.recipe);
          for (const each of all) {
            expect(v.is(CheckedRecipe, each)).toBe(true);
            expect(each.steps.map((made) => made.id).sort()).toEqual(ids);
          }
          if (next.kind === 'made') one = next.recipe;
        }
      }),
    );
  });

  test('who was told to wait waits, and all others wait for what they waited for', () => {
    fc.assert(
      fc.property(anyRecipe, fc.constantFrom(...ids), fc.constantFrom(...ids), (one, step, other) => {
        const next = waitFor(one, id(step), id(other));
        if (next.kind !== 'made') return expect(step === other || isBehind(one, id(other), id(step))).toBe(true);
        expect(isBehind(next.recipe, id(step), id(other))).toBe(true);
        const [before, later] = [ancestry(one), ancestry(next.recipe)];
        for (const [who, all] of before) for (const each of all) expect(later.get(who)!.has(each)).toBe(true);
      }),
    );
  });

  test('without a step the others keep their order', () => {
    fc.assert(
      fc.property(anyRecipe, fc.constantFrom(...ids), (one, gone) => {
        const [before, later] = [ancestry(one), ancestry(withoutStep(one, id(gone)))];
        for (const [who, all] of later)
          expect([...all].sort()).toEqual([...before.get(who)!].filter((each) => each !== gone).sort());
      }),
    );
  });
});
