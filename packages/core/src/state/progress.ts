import type {
  DayEvent,
  DeviceFault,
  DishId,
  WashItem,
  GuestId,
  Leftover,
  Liking,
  TemperatureKind,
} from '../model/index.ts';

export interface Ticked {
  readonly atMin: number;
  /** Its place among all events: of two things in one minute, which was first. */
  readonly seq: number;
  readonly device: string;
}

/** How far a wash is: what is clean, and what was left as it is, with the reason. */
export interface WashProgress {
  readonly clean: ReadonlyMap<WashItem, Ticked>;
  readonly skipped: readonly {
    readonly items: readonly WashItem[];
    readonly reason: string;
    readonly atMin: number;
    readonly seq: number;
    readonly device: string;
  }[];
}

export interface Reading {
  readonly entry: string;
  readonly measured: TemperatureKind;
  readonly celsius: number;
  readonly atMin: number;
  readonly device: string;
  /** False once what it was measured in has been taken back, or made again. */
  readonly counts: boolean;
}

export interface OwnTimer {
  readonly id: string;
  readonly name: string;
  readonly endsAtMin: number;
}

/** Where a day stands, from everything that happened. Moments in minutes after the first serving. */
export interface Progress {
  readonly ticked: ReadonlyMap<string, Ticked>;
  /** When work by hand was begun, where somebody said so. */
  readonly begun: ReadonlyMap<string, number>;
  readonly washes: ReadonlyMap<string, WashProgress>;
  /** When something will be ready, where that was said; absolute, so that no mend counts it twice. */
  readonly until: ReadonlyMap<string, number>;
  /** Since when what came out of a step is in the fridge, where somebody put it there beside the plan. */
  readonly cold: ReadonlyMap<string, number>;
  readonly readings: readonly Reading[];
  readonly timers: readonly OwnTimer[];
  readonly notes: readonly {
    readonly words: string;
    readonly entry?: string | undefined;
    readonly dish?: DishId | undefined;
    readonly atMin: number;
    readonly device: string;
  }[];
  /** What was put away, as it was last said. */
  readonly leftovers: readonly Leftover[];
  /** What failed of the simulated devices, and when; null: it works again. */
  readonly faults: readonly { readonly device: string; readonly fault: DeviceFault | null; readonly atMin: number }[];
  readonly liked: readonly { readonly dish: DishId; readonly guest: GuestId; readonly how: Liking }[];
}

function setOnce<K, V>(map: Map<K, V>, key: K, value: V): void {
  if (!map.has(key)) map.set(key, value);
}

/** Reads the events in their order. The same event twice counts once; of two people ticking one thing, the first did it. */
export function progressOf(events: readonly DayEvent[]): Progress {
  const ticked = new Map<string, Ticked>();
  interface OpenWash {
    readonly clean: Map<WashItem, Ticked>;
    readonly skipped: WashProgress['skipped'][number][];
  }
  const washes = new Map<string, OpenWash>();
  const begun = new Map<string, number>();
  const until = new Map<string, number>();
  const cold = new Map<string, number>();
  const readings: Reading[] = [];
  const timers = new Map<string, OwnTimer>();
  const notes: Progress['notes'][number][] = [];
  const wash = (id: string) => {
    const known: OpenWash = washes.get(id) ?? { clean: new Map(), skipped: [] };
    washes.set(id, known);
    return known;
  };
  const faults: Progress['faults'][number][] = [];
  const leftovers = new Map<string, Leftover>();
  const liked = new Map<string, Progress['liked'][number]>();
  const seen = new Set<string>();
  for (const { id, seq, what, atMin, device } of [...events].sort((a, b) => a.seq - b.seq)) {
    if (seen.has(id)) continue;
    seen.add(id);
    switch (what.kind) {
      case 'tick':
        if (!ticked.has(what.entry)) ticked.set(what.entry, { atMin, seq, device });
        break;
      case 'untick':
        // What is taken back, or done again, begins anew: what was said and measured of it before counts no more.
        ticked.delete(what.entry);
        begun.delete(what.entry);
        until.delete(what.entry);
        cold.delete(what.entry);
        readings.forEach((reading, at) => {
          if (reading.entry === what.entry) readings[at] = { ...reading, counts: false };
        });
        break;
      case 'begin':
        if (!ticked.has(what.entry)) setOnce(begun, what.entry, atMin);
        break;
      case 'clean':
        if (!wash(what.wash).clean.has(what.item)) wash(what.wash).clean.set(what.item, { atMin, seq, device });
        break;
      case 'unclean':
        wash(what.wash).clean.delete(what.item);
        break;
      case 'skip':
        wash(what.wash).skipped.push({ items: what.items, reason: what.reason, atMin, seq, device });
        break;
      case 'until':
        until.set(what.entry, what.atMin);
        break;
      case 'into-fridge':
        setOnce(cold, what.entry, atMin);
        break;
      case 'measure':
        readings.push({
          entry: what.entry,
          measured: what.measured,
          celsius: what.celsius,
          atMin,
          device,
          counts: true,
        });
        break;
      case 'timer':
        timers.set(what.timer, { id: what.timer, name: what.name, endsAtMin: what.endsAtMin });
        break;
      case 'timer-off':
        timers.delete(what.timer);
        break;
      case 'note':
        notes.push({ words: what.words, entry: what.entry, dish: what.dish, atMin, device });
        break;
      case 'leftover':
        leftovers.set(what.leftover.id, what.leftover);
        break;
      case 'leftover-off':
        leftovers.delete(what.leftover);
        break;
      case 'fault':
        faults.push({ device: what.device, fault: what.fault, atMin });
        break;
      case 'liked':
        liked.delete(`${what.dish}/${what.guest}`);
        if (what.how) liked.set(`${what.dish}/${what.guest}`, { dish: what.dish, guest: what.guest, how: what.how });
        break;
      default:
        what satisfies never;
    }
  }
  return {
    ticked,
    begun,
    washes,
    until,
    cold,
    readings,
    timers: [...timers.values()],
    notes,
    leftovers: [...leftovers.values()],
    liked: [...liked.values()],
    faults,
  };
}
