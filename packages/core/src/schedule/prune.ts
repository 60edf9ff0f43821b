import type { Prepared } from './prepare.ts';
import type { Carry, Guard, Placed, Problem, Wash } from './problem.ts';

/** Residues as bits: for each class, the batches it came from; bit 0 stands for a past that nobody knows. */
type Bits = Int32Array;

/** What of a problem's residues is the same for every timetable, as bits. Worked out once. */
interface Table {
  /** How many 32-bit words one class takes. */
  readonly words: number;
  readonly width: number;
  readonly unknown: Bits;
  readonly carries: readonly Bits[];
  /** What is on units and hands at the beginning; undefined where nothing is. */
  readonly onUnits: readonly (Bits | undefined)[];
  readonly onHands: readonly (Bits | undefined)[];
  readonly forbids: readonly Bits[];
  /** What must not fall on the loads that each oven has from before the beginning. */
  readonly loadForbids: readonly (readonly Bits[])[];
  /** Units with an unknown past that nothing takes away. */
  readonly suspect: readonly boolean[];
}

const tables = new WeakMap<Prepared, Table>();

function tableOf(prepared: Prepared): Table {
  const known = tables.get(prepared);
  if (known) return known;
  const { problem, facts, classes } = prepared;
  const { onUnits, onHands } = prepared.beginnings;
  const origins = [
    ...facts.flatMap((each) => [
      ...each.carries.map((carry) => carry.origin),
      ...each.guards.flatMap((guard) => guard.exempt),
    ]),
    ...prepared.beginnings.loads.flat().flatMap(({ guards }) => guards.flatMap((guard) => guard.exempt)),
    ...[...onUnits, ...onHands].flat().map((carry) => carry.origin),
  ];
  const words = Math.ceil((Math.max(0, ...origins) + 2) / 32);
  const width = words * classes.length;
  const place = (mark: number, origin: number) => mark * words + ((origin + 1) >> 5);
  const bit = (origin: number) => 1 << ((origin + 1) & 31);
  const bitsOf = (carries: readonly Carry[]): Bits => {
    const set = new Int32Array(width);
    for (const { mark, origin } of carries) set[place(mark, origin)] = set[place(mark, origin)]! | bit(origin);
    return set;
  };
  const forbiddenBy = (guards: readonly Guard[]): Bits => {
    const set = new Int32Array(width);
    for (const guard of guards) {
      const mine = new Int32Array(words).fill(-1);
      for (const origin of guard.exempt) mine[(origin + 1) >> 5] = mine[(origin + 1) >> 5]! & ~bit(origin);
      for (let word = 0; word < words; word++)
        set[guard.mark * words + word] = set[guard.mark * words + word]! | mine[word]!;
    }
    return set;
  };
  const past = new Int32Array(width);
  if (prepared.unknownClass >= 0) past[place(prepared.unknownClass, -1)] = bit(-1);
  const table: Table = {
    words,
    width,
    unknown: past,
    carries: facts.map((each) => bitsOf(each.carries)),
    onUnits: onUnits.map((marks) => (marks.length > 0 ? bitsOf(marks) : undefined)),
    onHands: onHands.map((marks) => (marks.length > 0 ? bitsOf(marks) : undefined)),
    forbids: facts.map((each) => forbiddenBy(each.guards)),
    loadForbids: prepared.beginnings.loads.map((loads) => loads.map((each) => forbiddenBy(each.guards))),
    suspect: problem.units.map((unit) => !unit.comesClean && unit.barred.length === 0),
  };
  tables.set(prepared, table);
  return table;
}

/** What must not fall on what stands below an uncovered load in its oven. */
function forbiddenBelow(
  { problem, beginnings }: Prepared,
  { forbids, loadForbids }: Table,
  placed: readonly Placed[],
  load: Placed,
): readonly Bits[] | undefined {
  const use = problem.activities[load.activity]!.ways[load.way]!.oven;
  if (!use || use.covered) return undefined;
  const isUnder = (racks: readonly number[], start: number, end: number) =>
    start < load.endMin && end > load.startMin && racks[0]! > load.racks[0]!;
  const found = [
    ...placed.flatMap(({ activity, oven, racks, startMin, endMin }) =>
      oven === load.oven && isUnder(racks, startMin, endMin) ? [forbids[activity]!] : [],
    ),
    ...beginnings.loads[load.oven]!.flatMap(({ racks, start, end }, at) =>
      isUnder(racks, start, end) ? [loadForbids[load.oven]![at]!] : [],
    ),
  ];
  return found.length > 0 ? found : undefined;
}

/** Which residue is where at a moment: for every piece of kit, pair of hands and food the slot of its bits. */
interface Scene {
  readonly onUnit: Int32Array;
  readonly onHands: Int32Array;
  readonly food: Int32Array;
  /** How many of the activities, in time order, have been done. */
  done: number;
}

const none = 0;
const unknown = 1;

/** Plays a timetable forwards. A wash put in while building backwards may prove needless when it is known what really came first. */
class Replay {
  private readonly table: Table;
  private readonly inTime: readonly Placed[];
  /** All bits there are, `width` words a slot: none, unknown, then for each activity what it met, what is left of it, and what a suspect unit keeps; once for what is settled and once for what is tried; then what is on each unit and each pair of hands at the beginning. */
  private readonly bits: Int32Array;
  private readonly atFirst: number;
  /** What must not be in an activity, lest it fall on what stands below it; undefined where nothing does. */
  private readonly below: readonly (readonly Bits[] | undefined)[];

  constructor(
    private readonly prepared: Prepared,
    placed: readonly Placed[],
  ) {
    this.table = tableOf(prepared);
    this.inTime = placed.slice().sort((a, b) => a.startMin - b.startMin);
    this.below = this.inTime.map((each) => forbiddenBelow(prepared, this.table, this.inTime, each));
    const { activities, units, cooks } = prepared.problem;
    const { width, onUnits, onHands } = this.table;
    this.atFirst = 2 + 6 * activities.length;
    this.bits = new Int32Array(width * (this.atFirst + units.length + cooks.length));
    this.bits.set(this.table.unknown, width * unknown);
    [...onUnits, ...onHands].forEach((set, at) => {
      if (set) this.bits.set(set, width * (this.atFirst + at));
    });
    this.table.suspect.forEach((suspect, unit) => {
      if (suspect && onUnits[unit])
        for (let i = 0; i < width; i++) this.bits[width * (this.atFirst + unit) + i]! |= this.table.unknown[i]!;
    });
  }

  start(): Scene {
    const { problem } = this.prepared;
    const { onUnits, onHands, suspect } = this.table;
    const unitsCount = problem.units.length;
    return {
      onUnit: Int32Array.from(suspect, (isSuspect, unit) =>
        onUnits[unit] ? this.atFirst + unit : isSuspect ? unknown : none,
      ),
      onHands: Int32Array.from(onHands, (set, cook) => (set ? this.atFirst + unitsCount + cook : none)),
      food: new Int32Array(problem.activities.length),
      done: 0,
    };
  }

  copy(from: Scene): Scene {
    return { onUnit: from.onUnit.slice(), onHands: from.onHands.slice(), food: from.food.slice(), done: from.done };
  }

  /** Does what starts before a moment. True where something guarded is reached; the scene is then of no more use. */
  advance(scene: Scene, until: number, tried: boolean): boolean {
    const { problem, facts } = this.prepared;
    const { width, words, carries, forbids, suspect } = this.table;
    const { bits } = this;
    for (; scene.done < this.inTime.length && this.inTime[scene.done]!.startMin < until; scene.done++) {
      const each = this.inTime[scene.done]!;
      const { activity, units, cook } = each;
      const slot = 2 + 3 * activity + (tried ? 3 * problem.activities.length : 0);
      const met = slot * width;
      bits.copyWithin(met, none, width);
      for (let u = -1; u < units.length; u++) {
        const from = u < 0 ? (cook >= 0 ? scene.onHands[cook]! : none) : scene.onUnit[units[u]!]!;
        if (from !== none) for (let i = 0; i < width; i++) bits[met + i] = bits[met + i]! | bits[from * width + i]!;
      }
      const forbidden = forbids[activity]!;
      for (let i = 0; i < width; i++) if ((bits[met + i]! & forbidden[i]!) !== 0) return true;
      for (const link of problem.activities[activity]!.before) {
        if (link.isOrder) continue;
        const from = scene.food[link.activity]!;
        if (from !== none) for (let i = 0; i < width; i++) bits[met + i] = bits[met + i]! | bits[from * width + i]!;
      }
      if (this.reachesKept(units, met)) return true;
      for (const fallen of this.below[scene.done] ?? [])
        for (let i = 0; i < width; i++) if ((bits[met + i]! & fallen[i]!) !== 0) return true;
      const own = carries[activity]!;
      for (let i = 0; i < width; i++) bits[met + i] = bits[met + i]! | own[i]!;
      let left = slot;
      const { ends } = facts[activity]!;
      if (ends.length > 0) {
        left = slot + 1;
        bits.copyWithin(left * width, met, met + width);
        for (const mark of ends) bits.fill(0, left * width + mark * words, left * width + (mark + 1) * words);
      }
      scene.food[activity] = left;
      const stays = cook >= 0 ? slot : left;
      let kept = -1;
      const { uses } = problem.activities[activity]!.ways[each.way]!;
      for (let u = 0; u < units.length; u++) {
        const unit = units[u]!;
        if (suspect[unit] && kept < 0) {
          kept = slot + 2;
          for (let i = 0; i < width; i++)
            bits[kept * width + i] = bits[stays * width + i]! | bits[unknown * width + i]!;
        }
        const clean = uses[u]!.isHeated ? left : stays;
        scene.onUnit[unit] = suspect[unit] ? kept : clean;
      }
      if (cook >= 0) scene.onHands[cook] = slot;
    }
    return false;
  }

  /** Kit kept free of something must not meet it in the food either, which may have picked it up on the way. */
  private reachesKept(units: readonly number[], met: number): boolean {
    const { problem, barred, unknownClass } = this.prepared;
    const { words } = this.table;
    for (const unit of units) {
      if (problem.units[unit]!.barred.length === 0) continue;
      for (const mark of barred[unit]!)
        for (let word = 0; word < words; word++) if (this.bits[met + mark * words + word] !== 0) return true;
      if (unknownClass >= 0 && (this.bits[met + unknownClass * words]! & 1) !== 0) return true;
    }
    return false;
  }

  wash(scene: Scene, wash: Wash): void {
    scene.onHands[wash.cook] = none;
    for (const unit of wash.units) scene.onUnit[unit] = none;
  }

  /** The classes that are on a unit, or on a cook's hands (unit −1). */
  on(scene: Scene, unit: number, cook: number): number[] {
    const { width, words } = this.table;
    const slot = unit >= 0 ? scene.onUnit[unit]! : scene.onHands[cook]!;
    const found = new Set<number>();
    for (let i = 0; i < width; i++) if (this.bits[slot * width + i] !== 0) found.add(Math.floor(i / words));
    return [...found];
  }

  /** Whether something guarded is reached from a scene on, with the washes that still come, in the order of their ends. */
  reaches(scene: Scene, washes: readonly Wash[], next: number): boolean {
    for (let i = next; i < washes.length; i++) {
      if (this.advance(scene, washes[i]!.endMin, true)) return true;
      this.wash(scene, washes[i]!);
    }
    return this.advance(scene, Infinity, true);
  }
}

/** A wash that leaves one piece out: by hand it is over sooner; a machine that would run for hands alone does not run. */
function withoutPiece(problem: Problem, wash: Wash, unit: number): Wash {
  const units = wash.units.filter((each) => each !== unit);
  const left = { ...wash, units, because: wash.because.filter((each) => each.unit !== unit) };
  if (wash.machineUntilMin === undefined) return { ...left, endMin: wash.endMin - problem.units[unit]!.washMin };
  return units.length > 0 ? left : { ...left, machineUntilMin: undefined, endMin: wash.startMin + problem.handsMin };
}

/** Whether something would reach what must be kept from it, all washes done. */
export function reachesGuarded(prepared: Prepared, placed: readonly Placed[], washes: readonly Wash[]): boolean {
  if (prepared.classes.length === 0) return false;
  const replay = new Replay(prepared, placed);
  const sorted = [...washes].sort((a, b) => a.endMin - b.endMin);
  return replay.reaches(replay.start(), sorted, 0);
}

/** Leaves out washes that nothing needs; with `pieces`, also pieces of kit out of those that stay, which then take less long. */
export function prune(prepared: Prepared, placed: readonly Placed[], washes: readonly Wash[], pieces: boolean): Wash[] {
  if (washes.length === 0) return [];
  const replay = new Replay(prepared, placed);
  const sorted = [...washes].sort((a, b) => a.endMin - b.endMin);
  const kept: Wash[] = [];
  const scene = replay.start();
  for (const [index, wash] of sorted.entries()) {
    // Not clean even with every wash: nothing is left out, and the audit will say so.
    if (replay.advance(scene, wash.endMin, false)) return [...washes];
    if (!replay.reaches(replay.copy(scene), sorted, index + 1)) continue;
    let now = wash;
    for (const unit of pieces ? wash.units : []) {
      const less = withoutPiece(prepared.problem, now, unit);
      const tried = replay.copy(scene);
      replay.wash(tried, less);
      if (!replay.reaches(tried, sorted, index + 1)) now = less;
    }
    // Put in before it was known what would be on it; now it is.
    if (pieces)
      now = {
        ...now,
        because: now.because.map((why) => {
          const there = replay.on(scene, why.unit, now.cook);
          return there.length > 0 ? { ...why, marks: there } : why;
        }),
      };
    kept.push(now);
    replay.wash(scene, now);
  }
  return kept.sort((a, b) => a.startMin - b.startMin);
}
