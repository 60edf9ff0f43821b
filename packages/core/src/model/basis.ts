import type { Occasion } from './occasion.ts';

/**
 * A digest (64 bits, hex) of what a plan rests on: the occasion without its name, notes, shopping, and where its recipes came from.
 * Two occasions with the same digest have the same plans; it is no protection against forgery.
 */
export function basisOf(occasion: Occasion): string {
  // What can no longer change is digested once.
  if (!Object.isFrozen(occasion)) return digest(occasion);
  const known = digests.get(occasion) ?? digest(occasion);
  digests.set(occasion, known);
  return known;
}

/** An occasion that can no longer change, for work that asks again and again what it rests on: a copy where it still can. */
export const settled = (occasion: Occasion): Occasion =>
  Object.isFrozen(occasion) ? occasion : Object.freeze({ ...occasion });

const digests = new WeakMap<Occasion, string>();

function digest(occasion: Occasion): string {
  const { name: _name, note: _note, shopping: _shopping, ...rest } = occasion;
  const text = JSON.stringify(rest, (key, value: unknown) => (saysNothing(key, value) ? undefined : sortedKeys(value)));
  // Two 32-bit FNV-1a streams with different starts, because one alone collides too easily.
  let one = 0x811c9dc5;
  let two = 0x01234567;
  for (let i = 0; i < text.length; i++) {
    const unit = text.charCodeAt(i);
    one = Math.imul(one ^ unit, 0x01000193);
    two = Math.imul(two ^ unit, 0x01000193) ^ (two >>> 15);
  }
  return [one, two].map((half) => (half >>> 0).toString(16).padStart(8, '0')).join('');
}

/** Where a recipe came from; and that a dish takes nothing from others, which plans made before it could do not say. */
const saysNothing = (key: string, value: unknown): boolean =>
  key === 'original' || (key === 'takes' && Array.isArray(value) && value.length === 0);

function sortedKeys(value: unknown): unknown {
  if (value === null || typeof value !== 'object' || Array.isArray(value)) return value;
  return Object.fromEntries(Object.entries(value).sort(([a], [b]) => (a < b ? -1 : 1)));
}
