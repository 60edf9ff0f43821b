/** Least, likely and most of something, in one unit; least ≤ likely ≤ most. */
export interface Range {
  readonly least: number;
  readonly likely: number;
  readonly most: number;
}

/** The value under which `share` (0 to 1) of a triangular distribution lies: what is usual where only three points are known. */
export function fromTriangle({ least, likely, most }: Range, share: number): number {
  const width = most - least;
  if (width <= 0) return likely;
  const rise = (likely - least) / width;
  return share < rise
    ? least + Math.sqrt(share * width * (likely - least))
    : most - Math.sqrt((1 - share) * width * (most - likely));
}
