import { remembered } from './remembered.ts';

test('what was worked out once is looked up, for each thing and name by itself, and nothing found is found too', () => {
  const asked: string[] = [];
  const find = remembered((of: { readonly is: string }, name: string) => {
    asked.push(`${of.is} ${name}`);
    return name === 'none' ? undefined : `${of.is} ${name}`;
  });
  const [one, two] = [{ is: 'one' }, { is: 'two' }];
  expect([find(one, 'a'), find(one, 'a'), find(two, 'a'), find(one, 'b')]).toEqual([
    'one a',
    'one a',
    'two a',
    'one b',
  ]);
  expect([find(one, 'none'), find(one, 'none')]).toEqual([undefined, undefined]);
  expect(asked).toEqual(['one a', 'two a', 'one b', 'one none']);
});
