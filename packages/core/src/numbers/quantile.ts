/** The value under which a share (0 to 1) of sorted values lies, straight between neighbours; NaN of none. */
export function quantile(sorted: ArrayLike<number>, share: number): number {
  if (sorted.length === 0) return NaN;
  const at = share * (sorted.length - 1);
  const low = sorted[Math.floor(at)]!;
  return low + (sorted[Math.ceil(at)]! - low) * (at - Math.floor(at));
}
