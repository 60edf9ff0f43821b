import { stepWords } from '../reference/index.ts';
import type { Doing } from './doings.ts';
import { vesselsIn, type NamedVessel } from './namedVessels.ts';
import { hobVessels, ovenVessels } from './names.ts';
import type { InVessel, Operation, Stream } from './operation.ts';

interface Standing {
  readonly vessel: InVessel;
  readonly stream: Stream;
}

/** What is done in a bowl though nobody says so. */
const inBowl = new Set(stepWords.kit.find(({ kind }) => kind === 'bowl')?.verbs ?? []);
const largePotFor = /\b(?:pasta|spaghetti|macaroni|potatoes|gnocchi|noodles|large|big|lasagne)\b/i;

/** "The tin" is no pot, though both go into the oven. */
const isTin = (kind: InVessel['kind']): boolean =>
  ovenVessels.has(kind) && (kind === 'roasting-tin' || !hobVessels.has(kind));

/** The pieces that food is in: which of its kind, and what was in it last. */
export class Cupboard {
  private readonly standing = new Map<string, Standing>();
  private readonly taken = new Map<string, number>();
  /** Pieces on the hob that nobody names: what such work is done in. */
  readonly guessed = new Set<string>();

  /** What was buttered or lined, and nothing was put into yet. */
  private prepared: NamedVessel | undefined;

  /** "Butter a gratin dish": what comes next goes into it. */
  prepare(vessels: readonly NamedVessel[]): void {
    this.prepared = vessels.findLast(({ kind }) => ovenVessels.has(kind)) ?? this.prepared;
  }

  private fromPrepared(): InVessel | undefined {
    const vessel = this.prepared && this.fresh(this.prepared);
    this.prepared = undefined;
    return vessel;
  }

  /** The piece of a kind, or one like it, that is meant by "the pan". */
  find(kind: InVessel['kind']): Standing | undefined {
    const alike = (other: InVessel['kind']) =>
      (hobVessels.has(kind) && hobVessels.has(other)) || (isTin(kind) && isTin(other));
    return this.standing.get(kind) ?? [...this.standing.values()].filter(({ vessel }) => alike(vessel.kind)).at(-1);
  }

  /** Another piece than all before it. */
  fresh({ kind, own }: Pick<NamedVessel, 'kind' | 'own'>): InVessel {
    const base = own && !/another|other|second|separate|clean/.test(own) ? `${own}-${kind}` : kind;
    const count = (this.taken.get(base) ?? 0) + 1;
    this.taken.set(base, count);
    return { kind, as: count === 1 ? base : `${base}-${count}` };
  }

  /** What one food was in holds another from now on. */
  pass(from: Stream, to: Stream): void {
    for (const [kind, each] of this.standing)
      if (each.stream === from) this.standing.set(kind, { ...each, stream: to });
  }

  /** Puts food where a clause says that it is, or where such work is done. */
  house(stream: Stream, operation: Operation, doing: Doing): void {
    const named = doing.vessels.filter(({ isFrom }) => !isFrom).at(-1);
    const needsBowl = doing.does === 'mix' || inBowl.has(doing.clause.verb?.verb ?? '');
    const vessel = named ? this.meant(named, stream, doing) : this.usual(stream, operation, doing);
    stream.vessel = vessel ?? stream.vessel;
    if (stream.vessel === undefined && (needsBowl || doing.device === 'fridge'))
      stream.vessel = this.fresh({ kind: 'bowl', own: '' });
    operation.vessel = stream.vessel;
    if (!stream.vessel) return;
    this.standing.set(stream.vessel.kind, { vessel: stream.vessel, stream });
    if (named || doing.device !== undefined || needsBowl) operation.vessels.set(stream.vessel.as, stream.vessel);
  }

  private meant(named: NamedVessel, stream: Stream, doing: Doing): InVessel {
    const isThere = stream.vessel?.kind === named.kind;
    // "Divide between the bowls": those it is eaten from, and not the one it was mixed in.
    if (/^bowls$/i.test(doing.clause.text.slice(named.start, named.end)) && !isThere) return this.fresh(named);
    if (this.prepared && isTin(named.kind) && isTin(this.prepared.kind)) return this.fromPrepared()!;
    if (named.isNew) return isThere && named.own === '' && !doing.clause.isBeside ? stream.vessel! : this.fresh(named);
    return (isThere ? stream.vessel : this.find(named.kind)?.vessel) ?? this.fresh(named);
  }

  private usual({ vessel }: Stream, operation: Operation, doing: Doing): InVessel | undefined {
    if (this.prepared && isFilling(operation, doing)) return this.fromPrepared();
    if (doing.device === 'hob' && !(vessel && hobVessels.has(vessel.kind))) {
      const pan = this.fresh({ kind: panFor(operation, doing), own: '' });
      this.guessed.add(pan.as);
      return pan;
    }
    if (
      doing.device === 'oven' &&
      doing.isOff &&
      !/\btoast/i.test(doing.clause.text) &&
      this.prepared &&
      !(vessel && isTin(vessel.kind))
    )
      return this.fromPrepared();
    if (doing.device === 'oven' && doing.isOff && !(vessel && ovenVessels.has(vessel.kind)))
      return this.fresh({ kind: /\broast/i.test(doing.clause.text) ? 'roasting-tin' : 'baking-tray', own: '' });
    return undefined;
  }
}

/** "Spoon in the potatoes", "scrape the dough into it": what was made before goes into what was made ready. */
const isFilling = ({ mentions }: Operation, doing: Doing): boolean =>
  doing.does === 'move' &&
  (doing.clause.particle === 'in' || /\binto (?:it|them)\b/i.test(doing.clause.text)) &&
  mentions.every((each) => each.doing !== doing || !each.mention.isFresh);

/** The pan that was made ready for it, or that such work is done in. */
function panFor({ before }: Operation, { does, clause: { text } }: Doing): InVessel['kind'] {
  const ready = vesselsIn(before.join(' ')).find(({ kind }) => hobVessels.has(kind));
  if (ready) return ready.kind;
  if (does === 'fry' || does === 'toast' || /\bscramble|pancake|wok\b/i.test(text)) return 'frying-pan';
  return largePotFor.test(text) ? 'large-pot' : 'saucepan';
}
