import { readRecipes, type Recipe } from '@lupin/core';
import { changed, historyOf, keepHistory } from './history.ts';

const read = readRecipes('Rice\nServes 2\n\n100 g rice\n\nMethod\nBoil the rice for 12 minutes.').recipes[0]!.recipe;
const named = (name: string): Recipe => ({ ...read, name });

/** A storage with room for so many characters. */
class Room {
  readonly all = new Map<string, string>();
  constructor(private readonly most = Infinity) {}
  getItem(key: string) {
    return this.all.get(key) ?? null;
  }
  setItem(key: string, value: string) {
    if (value.length > this.most) throw new Error('full');
    this.all.set(key, value);
  }
  removeItem(key: string) {
    this.all.delete(key);
  }
}

test('what was changed can be taken back after the page was left, with what it came from', () => {
  const room = new Room();
  const { past } = changed({ past: [named('A')], future: [named('Z')] }, named('B'));
  keepHistory(() => room, named('C'), { past, future: [named('D')] });
  const again = historyOf(() => room, named('C'));
  expect(again.past.map(({ name }) => name)).toEqual(['A', 'B']);
  expect(again.future.map(({ name }) => name)).toEqual(['D']);
  expect(again.past[0]!.original).toEqual(read.original);
  expect(room.getItem(`lupin.recipe-history.${read.id}`)).not.toContain('original');
});

test('nothing leads back where it has been changed elsewhere, or where what is kept cannot be read', () => {
  const room = new Room();
  keepHistory(() => room, named('C'), { past: [named('A')], future: [] });
  expect(historyOf(() => room, named('other')).past).toEqual([]);
  for (const broken of ['{', '[]', 'null', JSON.stringify({ now: 1 })]) {
    room.setItem(`lupin.recipe-history.${read.id}`, broken);
    expect(historyOf(() => room, named('C'))).toEqual({ past: [], future: [] });
  }
});

test('where there is no room for all of it the last changes are kept, or none', () => {
  const past = Array.from({ length: 40 }, (_, at) => named(`N${at}`));
  const one = JSON.stringify(read).length;
  const room = new Room(one * 12);
  keepHistory(() => room, named('C'), { past, future: [] });
  const names = historyOf(() => room, named('C')).past.map(({ name }) => name);
  expect(names.length).toBeGreaterThan(1);
  expect(names.length).toBeLessThan(40);
  expect(names.at(-1)).toBe('N39');
  const none = new Room(10);
  keepHistory(() => none, named('C'), { past, future: [] });
  expect(historyOf(() => none, named('C')).past).toEqual([]);
});

test('of very many changes the oldest go', () => {
  let all = { past: [] as readonly Recipe[], future: [] as readonly Recipe[] };
  for (let at = 0; at < 260; at++) all = changed(all, named(`N${at}`));
  expect(all.past).toHaveLength(200);
  expect(all.past.at(-1)!.name).toBe('N259');
});

test('a browser that refuses its storage still lets a recipe be edited', () => {
  const refuses = (): never => {
    throw new Error('denied');
  };
  expect(historyOf(refuses, named('A'))).toEqual({ past: [], future: [] });
  expect(() => keepHistory(refuses, named('A'), { past: [], future: [] })).not.toThrow();
});
