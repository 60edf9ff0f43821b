/** A bar with the room its words need, before it has a row. */
export interface Block<T> {
  readonly item: T;
  readonly startMin: number;
  readonly endMin: number;
  readonly label: string;
}

export interface PackedBlock<T> extends Block<T> {
  readonly row: number;
  /** The words do not fit into the bar and stand behind it. */
  readonly outside: boolean;
}

const letterPx = 6.7;
const labelPadPx = 18;

/** The width in px that a label takes. */
export const labelWidth = (label: string): number => (label === '' ? 8 : label.length * letterPx + labelPadPx);

/** Puts bars into as few rows as their words allow: words that do not fit stand behind their bar, and never under the next one. */
export function pack<T>(
  blocks: readonly Block<T>[],
  pxPerMin: number,
): { readonly blocks: readonly PackedBlock<T>[]; readonly rows: number } {
  const rowEnds: number[] = [];
  const packed = [...blocks]
    .sort((a, b) => a.startMin - b.startMin || a.endMin - b.endMin)
    .map((block): PackedBlock<T> => {
      const start = block.startMin * pxPerMin;
      const bar = Math.max(6, (block.endMin - block.startMin) * pxPerMin);
      const outside = block.label !== '' && labelWidth(block.label) > bar;
      const end = start + bar + (outside ? labelWidth(block.label) - labelPadPx + 10 : 0);
      let row = rowEnds.findIndex((rowEnd) => rowEnd <= start);
      if (row < 0) row = rowEnds.length;
      rowEnds[row] = end;
      return { ...block, row, outside };
    });
  return { blocks: packed, rows: Math.max(1, rowEnds.length) };
}

export interface Stretch {
  readonly fromMin: number;
  readonly toMin: number;
}

/** The stretches of time in which something is done by hand, split where nothing is for `gapMin`. */
export function stretches(
  times: readonly { readonly startMin: number; readonly endMin: number }[],
  gapMin = 300,
): readonly Stretch[] {
  const sorted = [...times].sort((a, b) => a.startMin - b.startMin);
  const found: { fromMin: number; toMin: number }[] = [];
  for (const { startMin, endMin } of sorted) {
    const last = found.at(-1);
    if (last && startMin - last.toMin < gapMin) last.toMin = Math.max(last.toMin, endMin);
    else found.push({ fromMin: startMin, toMin: endMin });
  }
  return found;
}

/** Full hours by the clock between two moments, at least `apartPx` apart: every hour, every second, third, sixth, twelfth. */
export function hourMarks(
  serveAtMin: number,
  fromMin: number,
  toMin: number,
  pxPerMin: number,
  apartPx = 62,
): readonly number[] {
  const every = [15, 30, 60, 120, 180, 360, 720, 1440].find((minutes) => minutes * pxPerMin >= apartPx) ?? 1440;
  const marks: number[] = [];
  for (let moment = Math.ceil((fromMin + serveAtMin) / every) * every - serveAtMin; moment <= toMin; moment += every)
    marks.push(moment);
  return marks;
}

/** How moments become places: `fromMin` stands at the right of the lanes' names. */
export interface Scale {
  readonly fromMin: number;
  readonly toMin: number;
  readonly pxPerMin: number;
  readonly nameWidth: number;
}

/** The place of a moment in px from the left. */
export const placeOf = ({ fromMin, pxPerMin, nameWidth }: Scale, moment: number): number =>
  nameWidth + (moment - fromMin) * pxPerMin;

/** Bars are drawn a little beyond what is in sight, and anew only after so many px of scrolling. */
const marginPx = 800;

/** Whether something from `leftPx` to `rightPx` is in sight or near it. */
export const nearSight = (leftPx: number, rightPx: number, scrolledPx: number, widthPx: number): boolean =>
  rightPx >= scrolledPx - marginPx && leftPx <= scrolledPx + widthPx + marginPx;

/** Scrolling in steps, so that it is not drawn anew for every px. */
export const scrollStep = (scrolledPx: number): number => Math.floor(scrolledPx / (marginPx / 2)) * (marginPx / 2);
