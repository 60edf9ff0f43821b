import { usualPackageOf, type Food } from '../reference/index.ts';
import type { Pack } from '../model/index.ts';
import type { Sum } from './sum.ts';

export interface Packing {
  /** "2 tins", each of its size. */
  readonly packs: readonly { readonly count: number; readonly size: number; readonly called: string }[];
  /** What size and left over are in. */
  readonly unit: 'g' | 'ml' | 'piece';
  readonly leftOver: number;
  /** What it costs, where every package has a price. */
  readonly price?: number | undefined;
}

interface Size {
  readonly size: number;
  readonly called: string;
  readonly price?: number | undefined;
}

/** The fewest packages that reach the need with the least left over: one size, or two. */
function best(need: number, sizes: readonly Size[]): readonly { count: number; size: Size }[] {
  let found: { count: number; size: Size }[] = [];
  let least = Infinity;
  const weigh = (choice: { count: number; size: Size }[]) => {
    const total = choice.reduce((sum, { count, size }) => sum + count * size.size, 0);
    const packs = choice.reduce((sum, { count }) => sum + count, 0);
    const price = choice.every(({ size }) => size.price !== undefined)
      ? choice.reduce((sum, { count, size }) => sum + count * size.price!, 0)
      : undefined;
    // Where prices are known they decide; else a package more is worth a tenth of the need in left-overs.
    const cost = price ?? (total - need) / need + packs * 0.1;
    if (total >= need - 1e-9 && cost < least - 1e-9) {
      least = cost;
      found = choice.filter(({ count }) => count > 0);
    }
  };
  for (const one of sizes) {
    const most = Math.min(500, Math.ceil((need * (1 - 1e-9)) / one.size));
    weigh([{ count: most, size: one }]);
    for (const two of sizes) {
      if (two.size >= one.size) continue;
      for (let count = Math.max(1, most - 3); count < most; count++)
        weigh([
          { count, size: one },
          { count: Math.min(500, Math.ceil((need - count * one.size) / two.size)), size: two },
        ]);
    }
  }
  return found;
}

/** Rounds a need up to whole packages: the cook's own sizes and prices first, else those usual in shops. Undefined where it is bought loose. */
export function packUp(need: Sum, food: Food | undefined, own: readonly Pack[]): Packing | undefined {
  if (!food) return undefined;
  const mine = own.filter((pack) => pack.id === food.id);
  const usual = usualPackageOf(food.id);
  const sizesIn = (unit: Packing['unit']): readonly Size[] => {
    const noted = mine.flatMap(({ holds, called, price }): Size[] => {
      if (unit === 'g' && holds.kind === 'mass') return [{ size: holds.massG, called, price }];
      if (unit === 'ml' && holds.kind === 'volume') return [{ size: holds.volumeMl, called, price }];
      return unit === 'piece' && holds.kind === 'count' ? [{ size: holds.count, called, price }] : [];
    });
    if (noted.length > 0 || !usual) return noted;
    const sizes =
      unit === 'g' && 'massG' in usual
        ? usual.massG
        : unit === 'ml' && 'volumeMl' in usual
          ? usual.volumeMl
          : unit === 'piece' && 'count' in usual
            ? usual.count
            : [];
    return sizes.map((size) => ({ size, called: usual.called }));
  };
  const { densityGPerMl, pieceG } = food;
  const pieces = [...need.pieces.values()].reduce((sum, count) => sum + count, 0);
  // Everything in the unit it is sold in; what cannot be turned into that is left for the eye.
  const inUnit: readonly (readonly [Packing['unit'], number | undefined])[] = [
    ['g', need.massG + (densityGPerMl === undefined ? 0 : need.volumeMl * densityGPerMl)],
    [
      'ml',
      densityGPerMl === undefined
        ? need.massG > 0
          ? undefined
          : need.volumeMl
        : need.volumeMl + need.massG / densityGPerMl,
    ],
    ['piece', pieceG === undefined ? (need.massG > 0 ? undefined : pieces) : pieces + need.massG / pieceG],
  ];
  for (const [unit, amount] of inUnit) {
    const sizes = sizesIn(unit);
    if (sizes.length === 0 || amount === undefined || amount <= 1e-9) continue;
    const chosen = best(amount, sizes);
    if (chosen.length === 0) continue;
    const total = chosen.reduce((sum, { count, size }) => sum + count * size.size, 0);
    const price = chosen.every(({ size }) => size.price !== undefined)
      ? chosen.reduce((sum, { count, size }) => sum + count * size.price!, 0)
      : undefined;
    return {
      packs: chosen.map(({ count, size }) => ({ count, size: size.size, called: size.called })),
      unit,
      leftOver: Math.max(0, total - amount),
      ...(price !== undefined && { price: Math.round(price * 100) / 100 }),
    };
  }
  return undefined;
}
