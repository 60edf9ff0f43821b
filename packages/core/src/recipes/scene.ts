import type { LineId } from '../model/index.ts';
import { BlindBaking } from './blind.ts';
import { isFlesh } from './course.ts';
import { Cupboard } from './cupboard.ts';
import type { Doing } from './doings.ts';
import { finderOf, type Find, type KnownLine } from './mentions.ts';
import { baked, fats, floury, leadNoun, madeOf, mixtures, vesselNouns } from './names.ts';
import type { Operation, Stream } from './operation.ts';

/** What stands in the kitchen while a method is read: all that was done, all food in the making, and what is in hand. */
export class Scene {
  readonly operations: Operation[] = [];
  readonly streams: Stream[] = [];
  readonly used = new Set<LineId>();
  /** Lines of which a part was taken. */
  readonly divided = new Set<LineId>();
  readonly cupboard = new Cupboard();
  readonly find: Find;
  current: Stream | undefined;
  /** The part that is being made, by its words and by its full name: "white sauce". */
  topic: ReadonlySet<string> | undefined;
  label: string | undefined;
  ovenC: number | undefined;
  /** Words that warm the oven or make ready the kit, on their way to the operation they belong to. */
  readonly ovenWords: string[] = [];
  readonly kitWords: string[] = [];
  readonly blind = new BlindBaking();
  private readonly byId: ReadonlyMap<LineId, KnownLine>;

  constructor(
    readonly lines: readonly KnownLine[],
    /** Words of the dish's name. */
    readonly title: ReadonlySet<string>,
  ) {
    this.byId = new Map(lines.map((line) => [line.id, line]));
    this.find = finderOf(lines);
  }

  alive(): readonly Stream[] {
    return this.streams.filter(({ isGone }) => !isGone);
  }

  food(id: LineId): string {
    const line = this.byId.get(id);
    return line?.reading.likeFood ?? line?.reading.text ?? '';
  }

  isFlesh(id: LineId): boolean {
    const line = this.byId.get(id);
    return line !== undefined && isFlesh(line.reading);
  }

  textOf(id: LineId): string {
    return (this.byId.get(id)?.reading.text ?? '').toLowerCase();
  }

  headingOf(id: LineId): string | undefined {
    return this.byId.get(id)?.heading;
  }

  /** When something was last done to what a line is in; -1: it is in nothing. */
  recency(id: LineId): number {
    return Math.max(
      -1,
      ...this.alive().flatMap(({ lines, last }) => (lines.has(id) ? [this.operations.indexOf(last)] : [])),
    );
  }

  isFatOnly({ lines }: Stream): boolean {
    return lines.size > 0 && [...lines].every((id) => fats.test(this.food(id)));
  }

  /** The food that most went into. */
  main(): Stream | undefined {
    // A salad or a glaze with a heading of its own is no dish, where something stands under none.
    const isPart = ({ lines }: Stream) => [...lines].every((line) => this.headingOf(line) !== undefined);
    const whole = this.alive().filter((stream) => stream.lines.size > 0 && !isPart(stream));
    return [...(whole.length > 0 ? whole : this.alive())].sort((a, b) => b.lines.size - a.lines.size)[0];
  }

  /** The food in which a line is that a word names. */
  /** "The chocolate mixture", "the yolk mixture": what holds that, where it is not in hand. */
  private mixtureOf(phrase: string): Stream | undefined {
    const [of] = /[\p{L}-]+(?= (?:mixture|mix)$)/iu.exec(phrase) ?? [];
    if (!of || /^(?:the|this|that|your|whole|same|remaining|cooled|warm|hot)$/i.test(of)) return undefined;
    const lines = this.find(of.toLowerCase(), { used: this.used }).map(({ line }) => line);
    const holds = (stream: Stream) => lines.some((line) => stream.lines.has(line));
    // Whites and yolks are of one line, and go their own ways.
    if (this.current && holds(this.current) && !/^(?:yolk|white)s?$/i.test(of)) return undefined;
    return this.alive().findLast((stream) => stream !== this.current && holds(stream));
  }

  holdingFood(word: string): Stream | undefined {
    const lines = this.find(word, { used: this.used }).map(({ line }) => line);
    return this.alive().findLast((stream) => lines.some((line) => stream.lines.has(line)));
  }

  /** Of what has flour in it: what was not made on the heat, and most of which is flour; a sauce is thickened with it. */
  private doughy(): Stream | undefined {
    const floured = this.alive().filter(({ lines }) => [...lines].some((id) => /flour/.test(this.food(id))));
    const isLed = ({ lines }: Stream) => [...lines].slice(0, 2).some((id) => /flour/.test(this.food(id)));
    const raw = floured.filter(({ cookedOn, last }) => cookedOn !== 'hob' && last.device !== 'hob');
    return raw.findLast(isLed) ?? raw.at(-1) ?? floured.at(-1);
  }

  private madeFrom(food: RegExp): Stream | undefined {
    return this.alive().findLast(({ lines }) => [...lines].some((id) => food.test(this.food(id))));
  }

  /**
   * The food that a noun calls: by what it was called when it was made, by what it must be made of, by what it went through; `phrase`: the noun with what
   * stands before it. Undefined where nothing fits.
   */
  called(noun: string, phrase: string, except: ReadonlySet<Stream> = new Set()): Stream | undefined {
    const singular = noun.replace(/s$/, '');
    const told = /^(?:mixture|mix)$/.test(noun) ? this.mixtureOf(phrase) : undefined;
    const named = told ?? this.named(noun, singular, phrase);
    if (named) return named;
    if (/^(?:mixture|mix)$/.test(noun))
      return this.current && this.isFatOnly(this.current)
        ? this.mixed(new Set([...except, this.current]))
        : this.current;
    const inOven = baked.test(singular) ? this.alive().findLast(({ cookedOn }) => cookedOn === 'oven') : undefined;
    if (inOven) return inOven;
    if (floury.test(noun)) return this.doughy() ?? this.current;
    const made = madeOf[singular] && this.madeFrom(madeOf[singular]);
    if (made) return made;
    const mixed = mixtures.test(noun) ? this.mixed(except) : undefined;
    if (mixed) return mixed;
    // What the dish is named for is what was made of its first food.
    if (vesselNouns.test(noun)) return undefined;
    return this.title.has(singular) || this.title.has(noun) ? this.main() : undefined;
  }

  /** Whether something was made that is called so. */
  isCalled(name: string): boolean {
    return this.alive().some(({ names, isWater }) => names.has(name) && !isWater);
  }

  /** The food of which a lead says that it is ready: "when the soup is done". */
  waitedFor(lead: string): Stream | undefined {
    const noun = leadNoun.exec(lead)?.groups?.['noun']?.toLowerCase();
    return noun === undefined ? undefined : (this.called(noun, `the ${noun}`) ?? this.holdingFood(noun));
  }

  private named(noun: string, singular: string, phrase: string): Stream | undefined {
    const alive = this.alive();
    const words = phrase.toLowerCase().split(/\s+/).slice(0, -1);
    const both = alive.filter(({ names }) => names.has(noun));
    const told = both.filter(({ names }) => words.some((each) => names.has(each)));
    if (told.length > 0) return told.at(-1);
    if (both.length > 0) return both.includes(this.current!) ? this.current : both.at(-1);
    return alive.findLast(({ names }) => [...names].some((name) => name === singular || `${name}s` === noun));
  }

  /** Of what was mixed of several things the latest; else what was on the hob last. */
  private mixed(except: ReadonlySet<Stream>): Stream | undefined {
    const others = this.alive().filter((stream) => !except.has(stream));
    const mixed = others.filter(({ lines }) => lines.size > 1);
    const latest = (streams: readonly Stream[]) =>
      [...streams].sort((a, b) => this.operations.indexOf(b.last) - this.operations.indexOf(a.last))[0];
    return latest(mixed) ?? latest(others.filter(({ last }) => last.device === 'hob'));
  }

  /** Whether one operation is, or waits for, another. */
  isAbove(early: Operation, late: Operation): boolean {
    const seen = new Set<Operation>();
    const open = [late];
    for (let each = open.pop(); each; each = open.pop()) {
      if (each === early) return true;
      if (seen.has(each)) continue;
      seen.add(each);
      open.push(...each.after);
    }
    return false;
  }

  hasFollowers(operation: Operation): boolean {
    return this.operations.some(({ after }) => after.has(operation));
  }

  followersOf(operation: Operation): readonly Operation[] {
    return this.operations.filter(({ after }) => after.has(operation));
  }

  /** An operation that is none any more: what it had is in another now. */
  drop(operation: Operation, into: Operation): void {
    into.after.delete(operation);
    for (const each of this.operations) if (each.after.delete(operation) && each !== into) each.after.add(into);
    this.operations.splice(this.operations.indexOf(operation), 1);
    for (const stream of this.streams) if (stream.last === operation) stream.last = into;
  }
}

/** Whether a clause is of the sentence with which an operation ended. */
export function isOneBreath(last: Operation, doing: Doing): boolean {
  const before = last.doings.at(-1);
  return before?.paragraph === doing.paragraph && before.sentence === doing.sentence;
}

export const saysWhen = ({ times }: Doing): boolean => times.some(({ use }) => use === 'step');
export const verbOf = ({ clause }: Doing): string => clause.verb?.verb ?? '';
export const isInNewPiece = ({ vessels }: Doing): boolean => vessels.some(({ isNew }) => isNew);
