/** A draw from the standard normal distribution. @source Box, Muller, Annals of Mathematical Statistics 1958;29:610-611 */
export function normalDraw(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

/** The share of a standard normal distribution that lies below `z`, right to 1e-7. @source Abramowitz, Stegun, Handbook of Mathematical Functions, 26.2.17 */
export function normalShare(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const tail =
    (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) *
    t *
    (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return z < 0 ? tail : 1 - tail;
}
