import { clockFromText } from './clockText.ts';

test.each([
  ['18:30', '18:30'],
  ['1830', '18:30'],
  ['18.30', '18:30'],
  ['18h30', '18:30'],
  ['7', '07:00'],
  [' 7:05 ', '07:05'],
  ['00:00', '00:00'],
  ['930', '09:30'],
])('“%s” is %s', (text, clock) => expect(clockFromText(text)).toBe(clock));

test.each(['', 'noon', '24:00', '12:60', '7:5', '-3', '12:30 pm', '123456'])('“%s” is no time', (text) =>
  expect(clockFromText(text)).toBeUndefined(),
);
