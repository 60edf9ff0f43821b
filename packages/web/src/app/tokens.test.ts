import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { inkNames, inksByDay, inksByNight, inkSheet, type Inks } from './tokens.ts';

/** How bright a colour is, from 0 to 1. @source WCAG 2.2, relative luminance */
function luminance(colour: string): number {
  const [r, g, b] = [1, 3, 5].map((at) => {
    const part = parseInt(colour.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r! + 0.7152 * g! + 0.0722 * b!;
}
const contrast = (one: string, other: string): number => {
  const [low, high] = [luminance(one), luminance(other)].sort((a, b) => a - b);
  return (high! + 0.05) / (low! + 0.05);
};

/** Variables that are no colours. */
const setElsewhere = ['serif', 'sans', 'name-width'];

test.each([
  ['day', inksByDay],
  ['night', inksByNight],
] as const)('by %s every ink can be read on every ground it is used on', (_when, inks: Inks) => {
  const inksToRead = ['ink', 'ink-soft', 'violet', 'leaf', 'straw', 'clay', 'wash'] as const;
  for (const ink of inksToRead)
    for (const ground of ['paper', 'card'] as const)
      expect([ink, ground, contrast(inks[ink], inks[ground]) >= 4.5]).toEqual([ink, ground, true]);
  for (const ink of ['violet', 'leaf', 'straw', 'clay', 'wash'] as const)
    expect([ink, contrast(inks.ink, inks[`${ink}-soft`]) >= 4.5]).toEqual([ink, true]);
});

test('style sheets use no colour that is not here', () => {
  const sheets = ['styles.css', 'timetable.css', 'table.css', 'after.css'].map((name) =>
    readFileSync(join(__dirname, name), 'utf8'),
  );
  const used = new Set(sheets.flatMap((sheet) => [...sheet.matchAll(/var\(--([a-z-]+)/g)].map(([, name]) => name!)));
  const known = new Set<string>([...inkNames, ...setElsewhere]);
  expect([...used].filter((name) => !known.has(name))).toEqual([]);
  for (const name of inkNames) expect(inkSheet()).toContain(`--${name}:${inksByNight[name]}`);
});
