import { id } from '../../test-support/id.ts';
import { demo } from '../../test-support/demo.ts';
import { dish, guest, line, noTrace, occasion, recipe, step } from '../../test-support/small.ts';
import { fit } from './table.ts';

const row = (id: string, one = demo('lantern-supper')) => fit(one).rows.find((each) => each.dish.id === id)!;

test('a guest named by a version is judged by it, everybody else by the first', () => {
  const pears = row('pears');
  expect(pears.cells.get(id('lena'))).toMatchObject({ version: 'coconut', judgement: { verdict: 'clear' } });
  expect(pears.cells.get(id('maud'))).toMatchObject({
    version: 'as-written',
    judgement: { verdict: 'conflict' },
    served: false,
  });
});

test('a check counts as eaten until it is settled; a conflict and a guest left out do not', () => {
  const one = demo('lantern-supper');
  one.dishes.find((each) => each.id === 'roots')!.notFor = [id('ana')];
  expect(row('roots', one).versions[0]!.eaters).not.toContain('ana');
  expect(row('parcels').versions[0]!.eaters).toContain('suki');
  expect(row('duck').versions[0]!.eaters).not.toContain('lena');
});

test('raw egg that is cooked does not stand in a plate’s way; raw egg that is not does', () => {
  const whisk = (coreC?: number) =>
    occasion({
      guests: [guest('ana', noTrace('raw-egg'))],
      recipes: [
        recipe('mousse', [line('egg', 'egg')], [step('whisk', { uses: ['egg'], ...(coreC ? { coreC } : {}) })]),
      ],
    });
  const verdict = (coreC?: number) => fit(whisk(coreC)).rows[0]!.cells.get(id('ana'))!.judgement.verdict;
  expect([verdict(75), verdict(65), verdict()]).toEqual(['clear', 'conflict', 'conflict']);
});

test('plates: full, full after checks, short', () => {
  const one = occasion({
    guests: [guest('ana'), guest('bea', noTrace('milk')), guest('cyd', noTrace('wheat'))],
    recipes: [recipe('bread', [line('crumbs', 'breadcrumbs')], [step('cut', { uses: ['crumbs'] })])],
    dishes: [dish('bread')],
  });
  expect(fit(one).plates.map((plate) => plate.state)).toEqual(['full', 'checks', 'short']);
});
