export type { Reshaped, WayOn } from './reshaped.ts';
export { atAnyTime, drawnOn, isBehind, setWait, sideBySide, waitFor } from './order.ts';
export { inFreshPiece, inPieceOf, placed, type Place } from './place.ts';
export { workOf, type WorkPiece, type WorkStep, type WorkWait } from './work.ts';
