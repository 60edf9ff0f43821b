import * as fc from 'fast-check';
import * as v from 'valibot';
import { avoids, evidenceOf, guest, lines, verdict } from '../../test-support/judging.ts';
import { line, noTrace } from '../../test-support/small.ts';
import { foods, hazards } from '../reference/index.ts';
import { IngredientLine, type Guest, type Strictness } from '../model/index.ts';
import { judge } from './verdict.ts';

describe('what must always hold', () => {
  const rank = { clear: 0, check: 1, conflict: 2 };
  const food = fc.constantFrom(...foods.map((each) => each.id as string), undefined);
  const hazard = fc.constantFrom(...hazards.filter((each) => each.kind !== 'raw').map((each) => each.id as string));
  const strictness = fc.constantFrom<Strictness>('no-trace', 'not-ingredient', 'prefers-not');

  test('one more ingredient never makes a verdict better', () => {
    fc.assert(
      fc.property(fc.array(food, { maxLength: 6 }), food, hazard, strictness, (some, more, what, how) => {
        expect(rank[verdict(avoids(what, how), ...some, more)]).toBeGreaterThanOrEqual(
          rank[verdict(avoids(what, how), ...some)],
        );
      }),
    );
  });
  test('a stricter need never makes it better', () => {
    fc.assert(
      fc.property(fc.array(food, { maxLength: 6 }), hazard, (some, what) => {
        const [strict, middle, loose] = (['no-trace', 'not-ingredient', 'prefers-not'] as const).map(
          (how) => rank[verdict(avoids(what, how), ...some)],
        );
        expect(strict).toBeGreaterThanOrEqual(middle!);
        expect(middle).toBeGreaterThanOrEqual(loose!);
      }),
    );
  });
  test('the order of ingredients does not matter', () => {
    fc.assert(
      fc.property(fc.array(food, { maxLength: 8 }), hazard, strictness, (some, what, how) => {
        expect(verdict(avoids(what, how), ...some)).toBe(verdict(avoids(what, how), ...[...some].reverse()));
      }),
    );
  });
  test('what is clear for a no-trace guest holds nothing unread, unknown or possible of it', () => {
    fc.assert(
      fc.property(fc.array(food, { minLength: 1, maxLength: 6 }), hazard, (some, what) => {
        if (verdict(guest(noTrace(what)), ...some) !== 'clear') return;
        for (const each of evidenceOf(lines(...some))) {
          expect(each.about.kind).not.toMatch(/unread|unknown/);
          expect(each.about.kind === 'hazard' ? each.about.hazard : '').not.toBe(what);
        }
      }),
    );
  });
  const words = fc.constantFrom(
    'butter',
    '2 eggs',
    'flour or cornflour',
    'vegan spread',
    'gluten-free bread',
    'zorblax',
    'salt and pepper',
    '50 g walnuts, optional',
    'a stock cube',
    'milk-free chocolate',
    'soy sauce',
  );
  const asLine = (text: string, index: number) => v.parse(IngredientLine, { ...line(`w${index}`, undefined), text });
  const ofWords = (who: Guest, texts: readonly string[]) => judge(who, evidenceOf(texts.map(asLine))).verdict;

  test('all of it holds for lines in words too: more is never better, stricter is never better, order is nothing', () => {
    fc.assert(
      fc.property(fc.array(words, { maxLength: 5 }), words, hazard, (some, more, what) => {
        expect(rank[ofWords(avoids(what, 'no-trace'), [...some, more])]).toBeGreaterThanOrEqual(
          rank[ofWords(avoids(what, 'no-trace'), some)],
        );
        expect(rank[ofWords(avoids(what, 'no-trace'), some)]).toBeGreaterThanOrEqual(
          rank[ofWords(avoids(what, 'not-ingredient'), some)],
        );
        expect(ofWords(avoids(what, 'no-trace'), some)).toBe(ofWords(avoids(what, 'no-trace'), [...some].reverse()));
      }),
    );
  });
  test('unknown words are never clear to whoever avoids anything', () => {
    fc.assert(
      fc.property(hazard, fc.constantFrom<Strictness>('no-trace', 'not-ingredient'), (what, how) => {
        expect(ofWords(avoids(what, how), ['2 tbsp zorblax'])).not.toBe('clear');
      }),
    );
  });
  test('every clear of a no-trace guest rests on evidence for every line', () => {
    fc.assert(
      fc.property(fc.array(food, { minLength: 1, maxLength: 6 }), hazard, (some, what) => {
        const all = lines(...some);
        const evidence = evidenceOf(all);
        if (judge(guest(noTrace(what)), evidence).verdict !== 'clear') return;
        for (const each of all)
          expect(evidence.some((one) => one.line === each.id && one.about.kind === 'food')).toBe(true);
      }),
    );
  });
});
