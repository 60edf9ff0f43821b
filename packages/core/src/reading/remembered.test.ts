import { remembering } from './remembered.ts';

test('what was read is read once; a text as long as a page each time, so that it fills no memory', () => {
  let count = 0;
  const lengthOf = remembering((text) => {
    count++;
    return text.length;
  });
  expect([lengthOf('salt'), lengthOf('salt'), count]).toEqual([4, 4, 1]);
  const page = 'salt '.repeat(1000);
  expect([lengthOf(page), lengthOf(page), count]).toEqual([5000, 5000, 3]);
});
