import type { Carry, Guard } from './problem.ts';

/**
 * What must not be on a thing, looking forward from a moment: for each mark, −1 (nothing asked) or the number of an
 * interned set of origins that may be on it all the same. Demands flow backwards through use, as residues flow forwards.
 */
export type Demand = Int32Array;

/** Sets of exempt origins, each kept once, so that demands can be compared and met by number. */
export class ExemptSets {
  private readonly sets: ReadonlySet<number>[] = [];
  private readonly numbers = new Map<string, number>();
  private readonly met = new Map<number, number>();

  intern(origins: Iterable<number>): number {
    const sorted = [...new Set(origins)].sort((a, b) => a - b);
    const key = sorted.join(',');
    const known = this.numbers.get(key);
    if (known !== undefined) return known;
    this.sets.push(new Set(sorted));
    this.numbers.set(key, this.sets.length - 1);
    return this.sets.length - 1;
  }

  has(set: number, origin: number): boolean {
    return this.sets[set]!.has(origin);
  }

  intersect(a: number, b: number): number {
    if (a === b) return a;
    const key = a * 65536 + b;
    const known = this.met.get(key);
    if (known !== undefined) return known;
    const both = this.intern([...this.sets[a]!].filter((origin) => this.sets[b]!.has(origin)));
    this.met.set(key, both);
    return both;
  }
}

export function noDemand(marks: number): Demand {
  return new Int32Array(marks).fill(-1);
}

export function addGuards(into: Demand, guards: readonly Guard[], sets: ExemptSets): void {
  for (const guard of guards) {
    const set = sets.intern(guard.exempt);
    const ours = into[guard.mark]!;
    into[guard.mark] = ours < 0 ? set : sets.intersect(ours, set);
  }
}

/** The marks among `carries` that the demand forbids. */
export function clashes(carries: readonly Carry[], demand: Demand, sets: ExemptSets): number[] {
  const found: number[] = [];
  for (const { mark, origin } of carries) {
    const set = demand[mark]!;
    if (set >= 0 && !sets.has(set, origin) && !found.includes(mark)) found.push(mark);
  }
  return found;
}

/** Whether something that is carried is among what these keep out. */
export function hits(carries: readonly Carry[], guards: readonly Guard[]): boolean {
  return carries.some(({ mark, origin }) =>
    guards.some((guard) => guard.mark === mark && !guard.exempt.includes(origin)),
  );
}

/**
 * Whether nothing that `inner` keeps out can be in food of which `outer` is asked; that is undefined where all that is in it is known.
 * @param carriers for each class, where it comes from anywhere
 */
export function letsNoMoreIn(
  { sets, carriers }: { readonly sets: ExemptSets; readonly carriers: readonly (readonly number[])[] },
  outer: Demand | undefined,
  inner: Demand,
): boolean {
  if (outer === undefined) return true;
  return inner.every(
    (allowed, mark) =>
      allowed < 0 ||
      carriers[mark]!.every(
        (origin) => sets.has(allowed, origin) || (outer[mark]! >= 0 && !sets.has(outer[mark]!, origin)),
      ),
  );
}
