import type { StepId, WorkStep, WorkWait } from '@lupin/core';
import { waitLabel } from './words.ts';

/** Measures of the picture, in px. */
export const measures = {
  laneGap: 26,
  /** Under a row whose food may wait so or so long, said beside its streams; and under one of which nothing is said. */
  saidGap: 32,
  rowGap: 23,
  /** Of a card: its facts, a line of its title, the foods that come in. */
  factsHeight: 19,
  titleLine: 17,
  foodsLine: 15,
  padding: 10,
  plateHeight: 30,
  leastLane: 150,
  mostLane: 236,
  /** So long a title fits into a line of so many px. */
  pxALetter: 6.7,
} as const;

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A step's place in the picture, in px from its upper left corner. */
export interface Card {
  readonly work: WorkStep;
  readonly lane: number;
  readonly row: number;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly titleLines: 1 | 2;
}

/** Food on its way, drawn from the foot of a card to the head of another, or to the plate. */
export interface Stream {
  readonly from: StepId;
  readonly to: StepId | 'plate';
  readonly wait: WorkWait | undefined;
  readonly points: readonly Point[];
  /** Where the words of its wait stand: beside its first downward stretch. */
  readonly label: Point;
}

export interface Picture {
  readonly cards: readonly Card[];
  readonly streams: readonly Stream[];
  readonly plate: { readonly x: number; readonly y: number; readonly width: number; readonly height: number };
  readonly width: number;
  readonly height: number;
}

/** Steps that take long stand taller: from half an hour on, and each doubling by as much again, so that a night still fits a page. */
export const lengthPx = (minutes: number): number =>
  minutes < 30 ? 0 : Math.min(36, Math.round(7 * Math.log2(minutes / 15)));

interface Placed {
  readonly work: WorkStep;
  readonly row: number;
  readonly lane: number;
}

/**
 * How far each step is from the table: 0 for what is last. What can wait stands close to where it is wanted, as it will be done.
 */
function ranks(work: readonly WorkStep[]): ReadonlyMap<StepId, number> {
  const found = new Map<StepId, number>();
  for (const each of work.toReversed()) {
    const rank = found.get(each.step.id) ?? 0;
    found.set(each.step.id, rank);
    for (const { from } of each.waits) found.set(from, Math.max(found.get(from) ?? 0, rank + 1));
  }
  return found;
}

/** Which of the things that come together keeps its lane: what stays in its piece, else what has the longest way behind it. */
function goesStraight(step: WorkStep, depth: ReadonlyMap<StepId, number>): StepId | undefined {
  const deepest = (waits: readonly WorkWait[]) =>
    waits.toSorted((a, b) => depth.get(b.from)! - depth.get(a.from)!).at(0)?.from;
  return deepest(step.waits.filter(({ stays }) => stays)) ?? deepest(step.waits);
}

function inLanes(work: readonly WorkStep[]): readonly Placed[] {
  const rank = ranks(work);
  const last = Math.max(0, ...rank.values());
  const rowOf = (id: StepId) => last - rank.get(id)!;
  const depth = new Map<StepId, number>();
  for (const { step, waits } of work) depth.set(step.id, Math.max(0, ...waits.map(({ from }) => depth.get(from)! + 1)));
  const followers = new Map<StepId, WorkStep[]>(work.map(({ step }) => [step.id, []]));
  for (const each of work) for (const { from } of each.waits) followers.get(from)!.push(each);

  const taken = new Set<string>();
  const lanes = new Map<StepId, number>();
  const isFree = (lane: number, from: number, to: number) => {
    for (let row = from; row <= to; row++) if (taken.has(`${lane}/${row}`)) return false;
    return true;
  };
  const take = (id: StepId, lane: number, from: number, to: number) => {
    lanes.set(id, lane);
    for (let row = from; row <= to; row++) taken.add(`${lane}/${row}`);
  };
  // From the table upwards; of one row what has the longest way behind it first, so that the main thing stands left.
  const upwards = work.toSorted(
    (a, b) => rowOf(b.step.id) - rowOf(a.step.id) || depth.get(b.step.id)! - depth.get(a.step.id)!,
  );
  for (const { step } of upwards) {
    const row = rowOf(step.id);
    const to = followers.get(step.id)!;
    const until = Math.max(row, ...to.map((each) => rowOf(each.step.id) - 1));
    const straight = to
      .filter((each) => goesStraight(each, depth) === step.id)
      .map((each) => ({ lane: lanes.get(each.step.id)!, end: rowOf(each.step.id) - 1 }))
      .find(({ lane, end }) => isFree(lane, row, Math.max(row, end)));
    if (straight) {
      take(step.id, straight.lane, row, Math.max(row, straight.end));
      continue;
    }
    const near = to.length > 0 ? Math.min(...to.map((each) => lanes.get(each.step.id)!)) : 0;
    const tries = [...Array(work.length + 1).keys()].toSorted(
      (a, b) => Math.abs(a - near) - Math.abs(b - near) || a - b,
    );
    take(
      step.id,
      tries.find((lane) => isFree(lane, row, until))!,
      row,
      until,
    );
  }
  return work.map((each) => ({ work: each, row: rowOf(each.step.id), lane: lanes.get(each.step.id)! }));
}

/**
 * The work of a recipe as a picture no wider than asked for, where its lanes allow that: food flows down to the plate, a row for each thing that must
 * come after another, a lane for what stays together.
 */
export function pictureOf(work: readonly WorkStep[], room: number): Picture {
  const placed = inLanes(work);
  const lanes = Math.max(0, ...placed.map(({ lane }) => lane)) + 1;
  const rows = Math.max(0, ...placed.map(({ row }) => row)) + 1;
  const { laneGap, leastLane, mostLane } = measures;
  const lane = Math.max(leastLane, Math.min(mostLane, Math.floor((room - (lanes - 1) * laneGap) / lanes)));
  const titleLines = ({ step, number }: WorkStep): 1 | 2 =>
    (step.title.length + String(number).length + 1) * measures.pxALetter > lane - 24 ? 2 : 1;
  const heightOf = (each: WorkStep) =>
    measures.padding +
    titleLines(each) * measures.titleLine +
    measures.factsHeight +
    (each.step.uses.length > 0 ? measures.foodsLine : 0) +
    lengthPx(each.step.durationMin.likely);
  const heights = Array.from({ length: rows }, (_, row) =>
    Math.max(...placed.filter((each) => each.row === row).map(({ work: one }) => heightOf(one))),
  );
  const rowOf = new Map(placed.map(({ work: { step }, row }) => [step.id, row]));
  const saidUnder = new Set(
    work.flatMap(({ waits }) => waits.flatMap((wait) => (waitLabel(wait) === '' ? [] : [rowOf.get(wait.from)!]))),
  );
  const gapUnder = (row: number) => (saidUnder.has(row) ? measures.saidGap : measures.rowGap);
  const tops = heights.map((_, row) =>
    heights.slice(0, row).reduce((sum, height, above) => sum + height + gapUnder(above), 0),
  );
  const cards = placed.map(({ work: one, row, lane: at }): Card => ({
    work: one,
    lane: at,
    row,
    x: at * (lane + laneGap),
    y: tops[row]! + heights[row]! - heightOf(one),
    width: lane,
    height: heightOf(one),
    titleLines: titleLines(one),
  }));
  const width = lanes * (lane + laneGap) - laneGap;
  const bottom = tops.at(-1)! + heights.at(-1)!;
  const ends = cards.filter(
    ({ work: { step } }) => !work.some(({ waits }) => waits.some(({ from }) => from === step.id)),
  );
  const plate = {
    x: Math.min(...ends.map(({ x }) => x)),
    y: bottom + measures.rowGap,
    width: lane,
    height: measures.plateHeight,
  };
  return { cards, streams: streamsOf(cards, ends, plate), plate, width, height: plate.y + plate.height };
}

/** Streams run down in a lane that is free, or between two lanes, and turn only in the gap above where they go: never behind a card. */
function streamsOf(cards: readonly Card[], ends: readonly Card[], plate: Picture['plate']): readonly Stream[] {
  const byId = new Map(cards.map((card) => [card.work.step.id, card]));
  const isFree = (lane: number, from: number, to: number) =>
    !cards.some((card) => card.lane === lane && card.row > from && card.row < to);
  const last = Math.max(...cards.map(({ row }) => row));
  const laneX = ({ x, width }: Pick<Card, 'x' | 'width'>) => x + Math.round(width / 2);
  const betweens = new Map<number, number>();

  const route = (from: Card, to: Pick<Card, 'x' | 'y' | 'width' | 'row' | 'lane'>, turn: number): readonly Point[] => {
    const [start, end] = [
      { x: laneX(from), y: from.y + from.height },
      { x: laneX(to), y: to.y },
    ];
    const down = (x: number, first: Point): readonly Point[] => [first, { x, y: turn }, { x: end.x, y: turn }, end];
    if (isFree(from.lane, from.row, to.row)) return down(start.x, start);
    const foot = start.y + 5;
    if (isFree(to.lane, from.row, to.row)) return [start, { x: start.x, y: foot }, { x: end.x, y: foot }, end];
    const used = betweens.get(from.lane) ?? 0;
    betweens.set(from.lane, used + 1);
    const x = from.x + from.width + measures.laneGap / 2 + ((used % 3) - 1) * 6;
    return [start, { x: start.x, y: foot }, ...down(x, { x, y: foot })];
  };
  // What comes together turns at one height, and what goes to two cards of a row at two.
  const turns = new Map<StepId, number>();
  for (const row of new Set(cards.map((card) => card.row)))
    cards
      .filter((card) => card.row === row && card.work.waits.length > 0)
      .forEach(({ work }, at) => turns.set(work.step.id, rowTop(cards, row) - 9 - (at % 3) * 3));

  const inWork = cards.flatMap((to) =>
    to.work.waits.map((wait): Stream => {
      const from = byId.get(wait.from)!;
      const points = route(from, to, turns.get(to.work.step.id)!);
      return { from: wait.from, to: to.work.step.id, wait, points, label: { x: points[0]!.x, y: points[0]!.y } };
    }),
  );
  const toPlate = ends.map((from): Stream => {
    const points = route(from, { ...plate, row: last + 1, lane: from.lane }, plate.y - 9);
    return { from: from.work.step.id, to: 'plate', wait: undefined, points, label: points[0]! };
  });
  return [...inWork, ...toPlate];
}

const rowTop = (cards: readonly Card[], row: number): number =>
  Math.min(...cards.filter((card) => card.row === row).map(({ y }) => y));
