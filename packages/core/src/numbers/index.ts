export { seeded } from './seeded.ts';
export { normalDraw, normalShare } from './normal.ts';
export { fromTriangle, type Range } from './triangle.ts';
export { quantile } from './quantile.ts';
