import {
  bearingOf,
  diets,
  foodOf,
  hazardOf,
  neverIn,
  type FoodId,
  type HazardId,
  type NeedFrame,
  type OpenNeedFacts,
} from '../reference/index.ts';
import { tokenise } from '../reading/index.ts';
import type { Strictness } from '../model/index.ts';
import { allergensOf, meaningAt, slipOf, type Meaning, type Target } from './vocabulary.ts';

/** What a host's words come to: a need, a question of what was meant, or words kept as they are because nobody can judge them. */
export type SaidPart =
  | {
      readonly kind: 'need';
      readonly target: Target;
      readonly strictness: Strictness;
      /** The words it was read from. */
      readonly words: string;
      /** What is eaten all the same: foods, each in the words it was said in. */
      readonly exceptions: readonly { readonly food: FoodId; readonly words: string }[];
      /** The word that was written, where a slip was read for what it may mean. */
      readonly slip?: string;
    }
  | {
      readonly kind: 'question';
      readonly words: string;
      readonly ask: string;
      readonly choices: readonly (readonly Target[])[];
      readonly strictness: Strictness;
    }
  | { readonly kind: 'open'; readonly words: string };

export interface SaidNeeds {
  readonly parts: readonly SaidPart[];
  /** It was said that nothing is avoided. */
  readonly nothing: boolean;
}

type Firm = Extract<NeedFrame, 'allergy' | 'intolerance' | 'never' | 'choice' | 'wish'>;
type Subject = Extract<Meaning, { kind: 'about' | 'ask' | 'open' }>;

interface Item {
  readonly subject: Subject;
  readonly words: string;
  readonly slip: string | undefined;
  /** What was said of it, before it and behind it. */
  frames: Firm[];
  /** It is said to be eaten; it is left out of what is avoided; or a mere “not” or “only” stands before it, which can mean either. */
  fine: 'eaten' | 'left' | 'not' | undefined;
}

interface Piece {
  readonly meaning: Meaning | undefined;
  readonly start: number;
  readonly end: number;
  /** What stands before it. */
  readonly gap: string;
  readonly words: readonly string[];
  readonly slip: string | undefined;
}

/** A text cut into what means something and what does not. */
function piecesOf(text: string): readonly Piece[] {
  const tokens = tokenise(text);
  const words = tokens.map((token) => token.word);
  const pieces: Piece[] = [];
  for (let at = 0; at < tokens.length;) {
    const found = meaningAt(words, at);
    const meant = found
      ? undefined
      : (slipOf(words[at]!) ?? (tokens[at]!.plural ? slipOf(`${words[at]!}s`) : undefined));
    const entry = found ?? (meant === undefined ? undefined : meaningAt([meant], 0));
    const length = entry?.phrase.length ?? 1;
    pieces.push({
      meaning: entry?.meaning,
      start: tokens[at]!.start,
      end: tokens[at + length - 1]!.end,
      gap: tokens[at]!.gap,
      words: words.slice(at, at + length),
      slip: meant,
    });
    at += length;
  }
  return pieces;
}

/** In whole years. */
const oldestUnderFive = 4;

const isHard = (gap: string): boolean => /[.;\n|•!?]/.test(gap);
const isSoft = (gap: string): boolean => /[,/+&():–—]|\s-\s/.test(gap);
/** Words between two things that are named in one breath. */
const joins = new Set(['and', 'or', 'plus', 'n', 'nor']);
/** Words after which something else is said of something else. */
const turns = new Set(['but', 'though', 'although', 'however']);
/** Said in front of what follows, whatever else it might be. */
const leads = new Set(['to', 'of', 'by']);
const strength: Readonly<Record<Firm, number>> = { allergy: 4, never: 3, intolerance: 2, choice: 1, wish: 0 };
const isFirm = (frame: NeedFrame): frame is Firm => Object.hasOwn(strength, frame);
/** Said so of something, it is meant at least as strictly as a bare word: that goes on over a comma, and what is milder does not. */
const goesOn = (frame: Firm): boolean => frame === 'allergy' || frame === 'never';
/** Behind what it is said of, or before it: "egg allergy", "allergic to egg". */
const bothWays = new Set<NeedFrame>(['allergy', 'intolerance']);

/** What has been heard so far, and what goes for what comes next. */
class Hearing {
  readonly items: Item[] = [];
  readonly open: { from: number; to: number }[] = [];
  private leading: Firm | undefined;
  private fine: Item['fine'];
  /** The last word that said something of something, and where it stands. */
  private last: NeedFrame | undefined;
  private lastAt = 0;
  /** Named since the last word about them; named before that, in the same sentence; named in one breath, with "and" between. */
  private recent: Item[] = [];
  private before: Item[] = [];
  private breath: Item[] = [];
  /** "And" or "or" stands before what is named next. */
  private isJoined = false;
  /** Words of the stretch between two commas that nobody knows, and what else is in it. */
  private unknown: Piece[] = [];
  private hasSubject = false;
  private hasFrame = false;

  constructor(
    private readonly text: string,
    private readonly pieces: readonly Piece[],
  ) {
    pieces.forEach((piece, at) => {
      this.pause(piece);
      this.hear(piece, at);
    });
    this.closeStretch();
  }

  /** What stands between two words: a comma, the end of a sentence, "and", "but". */
  private pause({ gap, words }: Piece): void {
    const joined = words.length === 1 && joins.has(words[0]!);
    this.isJoined ||= joined || gap.includes('&');
    if (isHard(gap) || isSoft(gap) || joined) this.closeStretch();
    if (isHard(gap) || isSoft(gap) || turns.has(words[0]!)) this.breath = [];
    if (turns.has(words[0]!)) this.fine = undefined;
    if (isHard(gap)) {
      this.leading = undefined;
      this.fine = undefined;
      this.setAside();
    } else if (isSoft(gap)) {
      if (this.leading && !goesOn(this.leading)) this.leading = undefined;
      if (/[,(]/.test(gap)) this.fine = undefined;
    }
  }

  private hear(piece: Piece, at: number): void {
    const { meaning } = piece;
    if (!meaning) this.unknown.push(piece);
    else if (meaning.kind === 'frame') this.frame(meaning.frame, piece, this.pieces[at + 1]);
    else if (meaning.kind !== 'filler') this.name(meaning, piece);
  }

  private name(subject: Subject, { start, end, slip }: Piece): void {
    const words = this.text.slice(start, end);
    // Whoever eats vegan or halal does so instead, and not besides.
    const isWay =
      subject.kind === 'open' ||
      (subject.kind === 'about' && subject.targets.every((each) => isWayOfEating(each.split(':')[0]!)));
    const item: Item = {
      subject,
      words: this.fine === 'not' ? this.text.slice(this.lastAt, end) : words,
      slip: slip === undefined ? undefined : words,
      frames: this.leading ? [this.leading] : [],
      fine: isWay && this.fine === 'eaten' ? undefined : this.fine,
    };
    this.hasSubject = true;
    this.last = undefined;
    this.items.push(item);
    this.recent.push(item);
    this.breath = this.isJoined ? [...this.breath, item] : [item];
    this.isJoined = false;
  }

  private frame(frame: NeedFrame, piece: Piece, next: Piece | undefined): void {
    this.hasFrame = true;
    const { last } = this;
    // "Hardly tolerates", "are never ok": what was said just before stands against it.
    const isDoubted = last === 'hedge' || last === 'never';
    this.last = frame;
    if (!(frame === 'fine' && last === 'hedge')) this.lastAt = piece.start;
    if (isFirm(frame)) {
      if (this.isBehind(frame, piece, next)) this.sayBehind(frame);
      else this.sayBefore(frame);
      return;
    }
    switch (frame) {
      case 'none':
      case 'hedge':
        return;
      case 'fine':
        this.mark(last === 'hedge' ? 'not' : 'eaten');
        return;
      case 'except':
        // All is eaten but this: it is what is avoided.
        if (last === 'fine' || last === 'none' || this.items.every((item) => item.fine)) this.sayBefore('never');
        else this.mark(piece.words.includes('not') ? 'not' : 'left');
        return;
      case 'fineAfter':
        if (isDoubted) return;
        for (const item of this.breath) item.fine = 'eaten';
        this.recent = this.recent.filter((item) => !item.fine);
        return;
      default:
        frame satisfies never;
    }
  }

  private mark(fine: Item['fine']): void {
    this.fine = fine;
    this.leading = undefined;
    this.setAside();
  }

  /** Whether it is said behind what it is said of: "egg allergy", "dairy free", and not "allergic to egg", "free from dairy". */
  private isBehind(frame: Firm, piece: Piece, next: Piece | undefined): boolean {
    const isLed = (next && (leads.has(next.words[0]!) || next.gap.includes(':'))) || leads.has(piece.words.at(-1)!);
    if (frame === 'never') return piece.words.join(' ') === 'free' && this.recent.length > 0;
    return bothWays.has(frame) && !isLed && (this.recent.length > 0 || this.before.length > 0);
  }

  /** An allergy is said of all that was named since; what is milder, of what stands beside it. */
  private sayBehind(frame: Firm): void {
    const named = this.recent.some((item) => item.fine !== 'left') ? this.recent : this.before;
    const beside = named.filter((item) => this.breath.includes(item));
    const closest = beside.length > 0 ? beside : named.slice(-1);
    const meant = frame === 'allergy' ? named : closest;
    for (const item of meant) {
      if (item.fine === 'left') continue;
      item.frames = [...item.frames, frame];
      item.fine = undefined;
    }
    this.setAside();
  }

  private sayBefore(frame: Firm): void {
    this.leading = frame;
    this.fine = undefined;
    this.setAside();
  }

  private setAside(): void {
    if (this.recent.length > 0) this.before = this.recent;
    this.recent = [];
  }

  /** "3 year old", "20 weeks pregnant": a number that goes with what was named, and does not speak against it. */
  private isAge(): boolean {
    const subject = this.items.at(-1)?.subject;
    if (subject?.kind !== 'about' || !subject.targets.every((each) => each.startsWith('regimen:'))) return false;
    const numbers = this.unknown.map(({ words }) => Number(words.join(' ')));
    const most = subject.targets.includes('regimen:under-five') ? oldestUnderFive : Infinity;
    return numbers.every((each) => each <= most);
  }

  /** Words that nobody knows beside something of which it is said what it does to the guest are that guest's story; all others are a question. */
  private closeStretch(): void {
    if (this.unknown.length > 0 && !(this.hasSubject && (this.hasFrame || this.isAge())))
      this.open.push({ from: this.unknown[0]!.start, to: this.unknown.at(-1)!.end });
    this.unknown = [];
    this.hasSubject = false;
    this.hasFrame = false;
  }
}

/**
 * Reads what a host types about a guest into needs. A word for a group is the group, never one of its members; what can mean two things is asked; what
 * is not understood stays in its words. Strictness follows the words and is never guessed to be less: an allergen that is only named is "no trace".
 */
export function readNeeds(text: string): SaidNeeds {
  // "Dairyfree" is two words.
  const spaced = text.replace(/(?<=\p{L})-?free\b/giu, ' free');
  const pieces = piecesOf(spaced);
  if (isNothing(text, pieces)) return { parts: [], nothing: true };
  const { items, open } = new Hearing(spaced, pieces);
  return { parts: partsOf(items, open, spaced), nothing: false };
}

/** Whether it is said that nothing is avoided, and nothing else. */
function isNothing(text: string, pieces: readonly Piece[]): boolean {
  if (pieces.length === 0) return /^[\s.–—-]*$/.test(text);
  const told = pieces.filter(({ meaning }) => meaning?.kind !== 'filler');
  return told.length > 0 && told.every(({ meaning }) => meaning?.kind === 'frame' && meaning.frame === 'none');
}

const isWayOfEating = (kind: string): boolean => kind === 'diet' || kind === 'regimen';

function strictnessOf(target: Target, { frames, subject }: Item): Strictness {
  if (subject.kind === 'about' && subject.isStrict) return 'no-trace';
  const [kind, name] = target.split(':') as [string, string];
  const isAllergen = kind === 'hazard' && hazardOf(name as HazardId).kind === 'allergen';
  // Of a diet it can be said that it is wished, not that one is allergic to it.
  const said = isWayOfEating(kind) ? frames.filter((frame) => frame === 'allergy' || frame === 'wish') : frames;
  const strongest = [...said].sort((a, b) => strength[b] - strength[a])[0];
  switch (strongest) {
    case 'allergy':
      return isWayOfEating(kind) ? 'not-ingredient' : 'no-trace';
    case 'intolerance':
    case 'choice':
      return 'not-ingredient';
    case 'wish':
      return 'prefers-not';
    case 'never':
    case undefined:
      return isAllergen ? 'no-trace' : 'not-ingredient';
    default:
      return strongest satisfies never;
  }
}

function partsOf(
  items: readonly Item[],
  open: readonly { readonly from: number; readonly to: number }[],
  text: string,
): readonly SaidPart[] {
  const avoided = items.filter((item) => !item.fine);
  const targets = avoided.flatMap(targetsOf);
  const fine = items.filter((item) => item.fine);
  const eaten = fine.filter((item) => item.fine !== 'not');
  const exceptions = eaten.flatMap(({ subject, words }) =>
    subject.kind === 'about'
      ? subject.targets.flatMap((target) =>
          target.startsWith('food:') ? [{ food: target.slice(5) as FoodId, words: words.slice(0, 300) }] : [],
        )
      : [],
  );
  const eatsFish = eaten.some(({ subject }) => subject.kind === 'about' && subject.targets.includes('hazard:fish'));
  const parts = avoided.flatMap((item): SaidPart[] => {
    const { subject, words } = item;
    switch (subject.kind) {
      case 'open':
        return [{ kind: 'open', words }];
      case 'ask': {
        const [first] = subject.choices[0] ?? [];
        const strictness = first ? strictnessOf(first, item) : 'not-ingredient';
        return [{ kind: 'question', words, ask: subject.ask, choices: subject.choices, strictness }];
      }
      case 'about':
        return subject.targets.flatMap((said): SaidPart[] => {
          const target = said === 'diet:vegetarian' && eatsFish ? 'diet:pescatarian' : said;
          const meant = widened(target, item);
          return meant.map((each) => ({
            kind: 'need',
            target: each,
            strictness: strictnessOf(each, item),
            words,
            exceptions: exceptions.filter(({ food }) => isPartOf(`food:${food}`, each)),
            ...(item.slip !== undefined && { slip: item.slip }),
          }));
        });
      default:
        return subject satisfies never;
    }
  });
  const kept = open.map(({ from, to }): SaidPart => ({ kind: 'open', words: text.slice(from, to) }));
  // "Nuts, not coconut" leaves one out of the other; "vegan, not wheat" does not, and may mean that too.
  const unsure = fine.flatMap((item): SaidPart[] =>
    item.fine === 'not' && !targetsOf(item).some((each) => targets.some((avoid) => isPartOf(each, avoid)))
      ? [{ kind: 'open', words: item.words }]
      : [],
  );
  const all = [...withoutDoubles(parts), ...kept, ...unsure];
  // Where nothing is understood the words stay together; whoever only said what is eaten has left something unsaid.
  return all.some(({ kind }) => kind !== 'open') ? all : [{ kind: 'open', words: text.trim() }];
}

const targetsOf = ({ subject }: Item): readonly Target[] => {
  switch (subject.kind) {
    case 'about':
      return subject.targets;
    case 'ask':
      return subject.choices.flat();
    case 'open':
      return [];
    default:
      return subject satisfies never;
  }
};

/** What an avoided thing is, as hazards: a diet's, those that a food is known by. */
const hazardsIn = (target: Target): readonly HazardId[] => {
  const [kind, name] = target.split(':') as [string, string];
  if (kind === 'hazard') return [name as HazardId];
  if (kind === 'diet') return diets.find((diet) => diet.id === name)?.avoids ?? [];
  if (kind === 'regimen') return neverIn(name);
  return (foodOf(name)?.contains ?? []) as readonly HazardId[];
};

/** Nuts are one word for two allergens. */
const nuts = new Set(['hazard:peanut', 'hazard:tree-nut']);

/** Whether one thing is among what another is about. */
function isPartOf(part: Target, whole: Target): boolean {
  if (nuts.has(part) && nuts.has(whole)) return true;
  if (part.startsWith('food:') && whole.startsWith('family:'))
    return foodOf(part.slice(5))?.families.includes(whole.slice(7) as never) ?? false;
  return hazardsIn(part).some((each) => hazardsIn(whole).some((avoided) => bearingOf(each, avoided) !== 'none'));
}

/** Whoever is allergic to one food of an allergen is taken to be to all of it, until somebody says otherwise. */
function widened(target: Target, item: Item): readonly Target[] {
  if (!item.frames.includes('allergy')) return [target];
  const allergens = allergensOf(target);
  return allergens.length > 0 ? allergens : [target];
}

const order: Readonly<Record<Strictness, number>> = { 'prefers-not': 0, 'not-ingredient': 1, 'no-trace': 2 };

/** Each need once, as strictly as it was meant anywhere. */
function withoutDoubles(parts: readonly SaidPart[]): readonly SaidPart[] {
  const needs = new Map<Target, Extract<SaidPart, { kind: 'need' }>>();
  for (const part of parts) {
    if (part.kind !== 'need') continue;
    const known = needs.get(part.target);
    if (!known || order[part.strictness] > order[known.strictness]) needs.set(part.target, part);
  }
  return [...needs.values(), ...parts.filter((part) => part.kind !== 'need')];
}

/** What is known of the words of an open need: what to ask whoever has it. */
export function knownOf(text: string): readonly OpenNeedFacts[] {
  const found = piecesOf(text).flatMap(({ meaning }) => (meaning?.kind === 'open' ? (meaning.about ?? []) : []));
  return [...new Set(found)];
}
