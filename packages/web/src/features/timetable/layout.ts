/** A bar with the room its words need, before it has a row. */
export interface Block<T> {
  readonly item: T;
  readonly startMin: number;
  readonly endMin: number;
  readonly label: string;
}

export interface PackedBlock<T> extends Block<T> {
  readonly row: number;
}

const letterPx = 6.7;
const labelPadPx = 18;

/** The width in px that a label takes beside the start of its bar. */
export const labelWidth = (label: string): number => (label === '' ? 8 : label.length * letterPx + labelPadPx);

/** Puts bars into as few rows as their words allow: a label may run past its short bar, but never over the next one. */
export function pack<T>(blocks: readonly Block<T>[], pxPerMin: number): { readonly blocks: readonly PackedBlock<T>[]; readonly rows: number } {
  const rowEnds: number[] = [];
  const packed = [...blocks]
    .sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin)
    .map((block): PackedBlock<T> => {
      const start = block.startMin * pxPerMin;
      const end = start + Math.max((block.endMin - block.startMin) * pxPerMin, labelWidth(block.label) + 4);
      let row = rowEnds.findIndex((rowEnd) => rowEnd <= start);
      if (row < 0) row = rowEnds.length;
      rowEnds[row] = end;
      return { ...block, row };
    });
  return { blocks: packed, rows: Math.max(1, rowEnds.length) };
}

export interface Stretch {
  readonly fromMin: number;
  readonly toMin: number;
}

/** The stretches of time in which something is done by hand, split where nothing is for `gapMin`. */
export function stretches(times: readonly { readonly startMin: number; readonly endMin: number }[], gapMin = 300): readonly Stretch[] {
  const sorted = [...times].sort((a, b) => a.startMin - b.startMin);
  const found: { fromMin: number; toMin: number }[] = [];
  for (const { startMin, endMin } of sorted) {
    const last = found.at(-1);
    if (last && startMin - last.toMin < gapMin) last.toMin = Math.max(last.toMin, endMin);
    else found.push({ fromMin: startMin, toMin: endMin });
  }
  return found;
}
