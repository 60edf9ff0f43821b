import type { LineId } from '../model/index.ts';
import { aroundOf } from './around.ts';
import { toldIn, type Clause } from './clauses.ts';
import { doingOf, outOfCold, thaws, type Doing } from './doings.ts';
import { goesOnWith } from './goesOn.ts';
import { isOfKitchen } from './kitchenWords.ts';
import { isUnder, topicWords, type KnownLine, type Mention } from './mentions.ts';
import {
  becomes,
  besideDish,
  decorates,
  fats,
  gathering,
  onTop,
  ovenVessels,
  ownWork,
  pouredIn,
  pronoun,
  residueNames,
  soaking,
  withIt,
} from './names.ts';
import type { MethodPart, Operation, Stream } from './operation.ts';
import { isLifted, isTail, keepsWater, moveVessels, pourInto, waterOf } from './pouring.ts';
import { namedIn } from './referents.ts';
import { isSameWork } from './sameWork.ts';
import { divide, isOnlyPortioned, partedBy, setAside } from './shares.ts';
import { ovenSetBy } from './timesAndHeats.ts';
import { labelOf, topicOf } from './topics.ts';
import { isOneBreath, saysWhen, verbOf, Scene } from './scene.ts';

/** What is no work and yet belongs to the step it is said at. */
const keptAtStep = new Set(['only if something happens', 'what not to do', 'how it keeps', 'a tip']);

/** "Pour over the crust": where that is, in its tin, it all is now. */
function pieceUnder(stream: Stream, inputs: ReadonlySet<Stream>, { does, vessels, clause }: Doing) {
  const isOnto = /\b(?:over|onto|on to|on top of|into)\b/i.test(clause.text) && (does === 'move' || does === 'dress');
  if (!isOnto || vessels.some(({ isFrom }) => !isFrom)) return undefined;
  return [...inputs].find((each) => each !== stream && each.vessel !== undefined && ovenVessels.has(each.vessel.kind))
    ?.vessel;
}

/** Something a method says beside the work, and why it was taken for that. */
export interface Aside {
  readonly words: string;
  readonly why: string;
}

/** Reads a method clause by clause, and keeps what becomes of all food. */
export class Flow {
  readonly asides: Aside[] = [];
  readonly scene: Scene;
  /** What is in hand again when the sentence ends in which something was lifted out. */
  private afterSentence: Stream | undefined;
  private parts: readonly MethodPart[] = [];
  /** What was named as taken and not yet done anything to: "I do about a kilo of carrots". */
  private inHand: readonly Mention[] = [];
  /** A part of its own was just announced: "make the sauce:". */
  private isNewPart = false;
  /** What is done is done to what was just taken in hand: "I take two onions, slice them". */
  private isTakenUp = false;

  constructor(
    lines: readonly KnownLine[],
    title: ReadonlySet<string>,
    /** Lines that are named by their own names after a sentence. */
    private readonly later: (paragraph: number, sentence: number) => ReadonlySet<LineId>,
    /** After so many operations the rest is left unread. */
    private readonly most: number,
  ) {
    this.scene = new Scene(lines, title);
  }

  read(parts: readonly MethodPart[]): void {
    const { scene } = this;
    this.parts = parts;
    parts.forEach(({ text, heading }, paragraph) => {
      const headed = heading ? topicWords(heading) : undefined;
      scene.topic = headed;
      toldIn(text).forEach((sentence, at) => {
        if (scene.operations.length > this.most)
          this.asides.push({ words: sentence.text, why: 'more steps than a recipe holds' });
        else if (sentence.noWork === undefined) {
          scene.topic = topicOf(sentence.text, scene.lines) ?? (at === 0 ? headed : scene.topic);
          scene.label = labelOf(sentence.text);
          sentence.clauses.forEach((clause, i) => this.take(clause, paragraph, at, i < sentence.clauses.length - 1));
          if (this.afterSentence && !this.afterSentence.isGone) scene.current = this.afterSentence;
          this.afterSentence = undefined;
        } else if (keptAtStep.has(sentence.noWork)) this.note(sentence.text, paragraph);
        else this.asides.push({ words: sentence.text, why: sentence.noWork });
      });
    });
    // Words that led to nothing stay with what was told last.
    const left = [...scene.ovenWords.splice(0), ...scene.kitWords.splice(0)];
    scene.operations.at(-1)?.notes.push(...left.map((text) => ({ text, paragraph: -1 })));
  }

  private note(text: string, paragraph: number): void {
    const { scene } = this;
    const last = scene.current?.last ?? scene.operations.at(-1);
    if (last) last.notes.push({ text, paragraph });
    else scene.kitWords.push(text);
  }

  /** The words of another way stay with the first: there it is offered. */
  private otherWay(clause: Clause, paragraph: number): void {
    const { scene } = this;
    const last = scene.current?.last ?? scene.operations.at(-1)!;
    const isOn = last.notes.at(-1)?.text.startsWith('Or ');
    last.notes.push({ text: `${isOn ? 'And' : 'Or'} ${clause.text}`, paragraph });
  }

  private take(clause: Clause, paragraph: number, sentence: number, hasMore: boolean): void {
    const { scene } = this;
    if (clause.isOtherWay && scene.operations.length > 0) return this.otherWay(clause, paragraph);
    if (this.isAnnounced(clause, hasMore)) return;
    const found = this.foodsIn(clause, paragraph, sentence);
    const doing = doingOf(clause, paragraph, sentence, aroundOf(scene, clause.text));
    if (this.isTurnedUp(doing) || isOfKitchen(scene, doing, found)) return;
    const mentions = found.length === 0 ? this.unsaid(doing) : this.meantOf(doing, found);
    if (this.isOnlySaid(doing, mentions)) return;
    const before = scene.current;
    this.put(this.keptCold(doing, mentions), this.withInHand(doing, mentions));
    // What goes on beside is no longer spoken of when its sentence ends.
    if (clause.isInner && before && !before.isGone) scene.current = before;
  }

  /** "Take the lamb out of the fridge an hour before": raw flesh stays there until it is worked on, and no time is planned for it to stand. */
  private keptCold(doing: Doing, mentions: readonly Mention[]): Doing {
    const isCold = this.scene.operations.every(({ device }) => device === undefined || device === 'fridge');
    const isRaw = mentions.some(({ line, isFresh }) => (isFresh || isCold) && this.scene.isFlesh(line));
    // What is frozen must thaw.
    if (doing.does !== 'wait' || !isRaw || !outOfCold.test(doing.clause.text) || thaws.test(doing.clause.text))
      return doing;
    return { ...doing, does: 'work', device: undefined, isOff: false, times: [] };
  }

  /** "Meanwhile, make the curd.": a part of its own begins. */
  private isAnnounced(clause: Clause, hasMore: boolean): boolean {
    const { scene } = this;
    if (clause.verb?.verb !== 'make' || scene.topic === undefined || !(hasMore || clause.isBeside)) return false;
    this.isNewPart = true;
    scene.kitWords.push(clause.text);
    return true;
  }

  /** "Give everything a shake": what is there, and nothing that is not. */
  private meantOf({ does, clause }: Doing, found: readonly Mention[]): readonly Mention[] {
    return does === 'end' ? found.filter(({ start, end }) => !gathering.test(clause.text.slice(start, end))) : found;
  }

  /** What work is done to that names nothing. */
  private unsaid({ does, clause, paragraph, sentence }: Doing): readonly Mention[] {
    const isMixed = does === 'mix' || does === 'machine';
    // "Roast at 190 °C for an hour": the first work of all is done to all that no other is done to.
    const isAll = this.scene.operations.length === 0 && does !== 'none';
    return isMixed || isAll ? this.unnamed(clause, isMixed, paragraph, this.later(paragraph, sentence)) : [];
  }

  private foodsIn(clause: Clause, paragraph: number, sentence: number): readonly Mention[] {
    const { scene } = this;
    const told = scene.blind.without(clause.text);
    const lookedAt = clause.isInner ? told.replace(/^while|^whilst/i, (word) => ' '.repeat(word.length)) : told;
    // "Fry" is work, though chips are called fries.
    const isVerb = ({ line, start }: Mention) =>
      start === clause.verbAt && clause.verb !== undefined && !scene.textOf(line).includes(clause.verb.verb);
    // "Stir in the paste": the one that was made, and not the tamarind paste that nobody has named yet.
    const later = this.later(paragraph, sentence);
    const isMade = ({ start, end, isFresh, line }: Mention) => {
      const word = lookedAt.slice(start, end).toLowerCase();
      return (
        isFresh &&
        later.has(line) &&
        /\bthe\s+$/i.test(lookedAt.slice(0, start)) &&
        scene.isCalled(word) &&
        scene.textOf(line).includes(` ${word}`)
      );
    };
    return scene
      .find(lookedAt, {
        used: scene.used,
        topic: scene.topic,
        divided: scene.divided,
        recency: (line) => scene.recency(line),
        inHand: new Set([...(scene.current?.lines ?? [])].flatMap((line) => scene.headingOf(line) ?? [])),
        later: clause.verb?.does === 'cut' ? undefined : later,
      })
      .filter((each) => !isVerb(each) && !isMade(each));
  }

  /** "Stir the dipping sauce together": all that stands under its heading; else all that nothing else takes, where that is asked. */
  private unnamed(clause: Clause, isMixed: boolean, paragraph: number, later: ReadonlySet<LineId>): readonly Mention[] {
    const { lines, used, operations } = this.scene;
    const words = topicWords(clause.text);
    const under = isMixed ? lines.filter((line) => line.heading && isUnder(line, words)) : [];
    if (under.some(({ id }) => used.has(id))) return [];
    // "The cheese" further on is the Gruyère: it is not taken up here either.
    const named = isMixed || operations.length > 0 ? later : this.laterByKind(clause, paragraph);
    const left =
      operations.length === 0
        ? lines.filter(({ id, reading }) => reading.part === 'body' && !later.has(id) && !named.has(id))
        : [];
    const span = { start: clause.verbAt, end: clause.text.length };
    return (under.length > 0 ? under : left).map(({ id }) => ({
      line: id,
      ...span,
      isFresh: true,
      isKind: true,
      share: 'whole',
    }));
  }

  /** Lines that are named further on, by whatever they may be called. */
  private laterByKind({ end }: Clause, paragraph: number): ReadonlySet<LineId> {
    const { scene, parts } = this;
    const [here, ...others] = parts.slice(paragraph).map(({ text }) => text);
    const told = [here!.slice(end), ...others].join(' ');
    return new Set(scene.find(told, { used: scene.used }).map(({ line }) => line));
  }

  /** Whether a clause tells nothing to do by itself: a name, a serving suggestion, what is taken in hand. */
  private isOnlySaid(doing: Doing, mentions: readonly Mention[]): boolean {
    const { scene } = this;
    const { clause, paragraph, does } = doing;
    const isFresh = mentions.some((each) => each.isFresh);
    if (does === 'serve' && !isFresh) return this.isServed(doing, mentions);
    // "Fry the onions while the pasta boils" tells nothing new of the pasta.
    if (clause.isInner && !isFresh) {
      this.note(clause.text, paragraph);
      return true;
    }
    if (saysWhen(doing)) return false;
    const isTaken = isFresh && takesUp(doing);
    const isListed = isFresh && does === 'none' && scene.operations.length === 0 && doing.vessels.length === 0;
    if (isTaken || isListed) this.inHand = isTaken ? mentions : [...this.inHand, ...mentions];
    else if (does !== 'none' || isFresh || doing.device !== undefined) return false;
    else {
      const named = namedIn(scene, doing, mentions);
      // "Then the stock a bit at a time."
      if (named.size > 1 || (!clause.isFirst && [...named].some((each) => each !== scene.current))) return false;
    }
    this.noteHeat(doing);
    this.note(clause.text, paragraph);
    return true;
  }

  private noteHeat({ heats, clause }: Doing): void {
    const celsius = ovenSetBy(clause.text, heats, this.scene.ovenC);
    if (celsius !== undefined && /\boven\b/i.test(clause.text)) this.scene.ovenC = celsius;
  }

  /** "Serve with the salsa": no work, and what it is served with is had beside. */
  private isServed(doing: Doing, mentions: readonly Mention[]): true {
    const { scene } = this;
    const last = scene.current?.last;
    if (last && !last.isOff && isOneBreath(last, doing)) last.doings.push({ ...doing, does: 'end' });
    else this.note(doing.clause.text, doing.paragraph);
    // "Pull the lamb apart and serve on the beans": they are there by then.
    const isOnIt = last && !last.isOff && isOneBreath(last, doing) && /\bon (?:the|top of)\b/i.test(doing.clause.text);
    for (const stream of namedIn(scene, doing, mentions)) {
      if (stream === scene.current) continue;
      if (isOnIt && !scene.isAbove(last, stream.last)) {
        last.after.add(stream.last);
        stream.isGone = true;
      } else stream.isBeside = true;
    }
    return true;
  }

  private withInHand(doing: Doing, mentions: readonly Mention[]): readonly Mention[] {
    const taken = this.inHand;
    // "Drain them": what was there before.
    if (doing.does === 'end' && this.scene.current) return mentions;
    const isOther = mentions.length > 0 && !pronoun.test(doing.clause.text);
    // What is done with something else lets it go.
    if (!isOther || doing.does !== 'none') this.inHand = [];
    if (taken.length === 0 || isOther) return mentions;
    this.isTakenUp = doing.does !== 'none' && taken.every(({ line }) => !this.scene.used.has(line));

    return [...taken.map((each) => ({ ...each, start: 0, end: 0 })), ...mentions];
  }

  /** "Turn the oven up to 220 °C for the last 10 minutes" takes its minutes from the bake before it. */
  private isTurnedUp(doing: Doing): boolean {
    const { scene } = this;
    const { current } = scene;
    const { text } = doing.clause;
    const heat = doing.heats.find(({ core }) => !core);
    const end = doing.times.find(({ use }) => use === 'moment');
    if (!current?.last.isOff || current.last.device !== 'oven' || !heat || !end) return false;
    if (!/\b(?:turn|raise|increase|lower|reduce|up|down)\b/i.test(text) || !/\b(?:last|final)\b/i.test(text))
      return false;
    current.last.lessMin += end.likely;
    scene.ovenC = heat.celsius;
    const phase = { ...end, use: 'step' as const, least: end.likely, most: end.likely };
    const told: Doing = { ...doing, does: 'bake', device: 'oven', isOff: true, times: [phase] };
    const operation = this.newOperation(told, current, new Set([current]));
    scene.operations.push(operation);
    this.record(operation, told, []);
    scene.cupboard.house(current, operation, told);
    current.last = operation;
    return true;
  }

  private put(doing: Doing, mentions: readonly Mention[]): void {
    const { scene } = this;
    if (doing.device !== 'oven') this.noteHeat(doing);
    const named = new Set(namedIn(scene, doing, mentions));
    if (this.isPortioned(doing, mentions, named)) return;
    const fresh = mentions.filter(({ isFresh }) => isFresh).length;
    const { current } = scene;
    const isBegun = (this.isNewPart && fresh > 0) || (this.isTakenUp && named.size === 0);
    this.isNewPart = this.isTakenUp = false;
    const isApart = isBegun || current === undefined || current.isGone;
    const goesOn = !isApart && goesOnWith(scene, current, doing, mentions, named);
    const inputs = goesOn ? this.withCurrent(doing, current, named, fresh) : new Set(named);
    const main = (goesOn && this.putInto(doing, named, current)) || (goesOn ? current : [...named].at(-1));
    if (main) this.poursOff(main, doing);
    if (main && inputs.size === 1 && fresh === 0 && this.isOnlyEnd(doing, main))
      return this.end(main, doing, mentions, named);
    this.work(doing, main, inputs, mentions);
  }

  /** "Stir the mushrooms through the barley": it all is where the barley is. */
  private putInto({ does, clause }: Doing, named: ReadonlySet<Stream>, current: Stream): Stream | undefined {
    const target = (does === 'mix' || does === 'move') && stirredInto.exec(clause.text)?.groups?.['target'];
    if (!target || !named.has(current)) return undefined;
    const { scene } = this;
    const stream = scene.called(target.toLowerCase(), `the ${target}`) ?? scene.holdingFood(target);
    return stream && stream !== current && named.has(stream) && stream.vessel !== undefined ? stream : undefined;
  }

  /** Does what a clause tells: in the operation that goes on, or in a new one. */
  private work(
    doing: Doing,
    main: Stream | undefined,
    inputs: ReadonlySet<Stream>,
    mentions: readonly Mention[],
  ): void {
    const { scene } = this;
    const fresh = mentions.filter(({ isFresh }) => isFresh).length;
    const operation = this.operationFor(doing, main, inputs, fresh);
    this.record(operation, doing, mentions);
    const stream = this.join(operation, main, inputs, doing, mentions);
    // What is lifted out of a pan is not cooked in what it is laid on.
    const isOut = isLifted(stream, doing);
    stream.vessel = isOut ? stream.vessel : (pieceUnder(stream, inputs, doing) ?? stream.vessel);
    if (isOut) scene.current = this.fork(stream, doing, mentions);
    else {
      scene.cupboard.house(stream, operation, doing);
      scene.current = stream;
    }
  }

  /** Parts what a clause takes a part of, and says whether that is all it does: "spoon a third into a small bowl". */
  private isPortioned(doing: Doing, mentions: readonly Mention[], named: Set<Stream>): boolean {
    const { scene } = this;
    if (scene.current?.isParted && doing.does === 'end' && setAside.test(doing.clause.text))
      scene.current.isAside = true;
    const parted = partedBy(scene, doing, mentions, named);
    if (!parted) return false;
    divide(scene, parted, doing, mentions);
    named.add(parted);
    if (!isOnlyPortioned(doing, mentions)) return false;
    parted.last.doings.push({ ...doing, does: 'end' });
    const piece = doing.vessels.find(({ isFrom }) => !isFrom);
    parted.vessel = piece && scene.cupboard.fresh(piece);
    scene.current = parted;
    return true;
  }

  /** What ends work and is none: its words stay with that, and what is in hand may change. */
  private end(main: Stream, doing: Doing, mentions: readonly Mention[], named: ReadonlySet<Stream>): void {
    const { text } = doing.clause;
    main.last.notes.push({ text, paragraph: doing.paragraph });
    if (isLifted(main, doing) && !main.isParted) this.scene.current = this.fork(main, doing, mentions);
    else if (named.has(main) && /\boff the heat\b/i.test(text)) this.scene.current = main;
  }

  /** "Save a mug of the water", "drain". */
  private poursOff(main: Stream, doing: Doing): void {
    if (doing.does === 'end' && keepsWater.test(doing.clause.text)) this.scene.streams.push(waterOf(main));
    if (verbOf(doing) === 'drain') main.isDrained = true;
  }

  /** Whether something is put on food that is not in hand. */
  private liesUnder(
    doing: Doing,
    current: Stream,
    named: ReadonlySet<Stream>,
    fresh: number,
    isOnTop: boolean,
  ): boolean {
    const isNamed = named.has(current);
    const before = current.last.doings.at(-1);
    const isPut = before?.does === 'move' && before.vessels.length > 0;
    // "Spoon the filling into a dish and cover with the pastry": over the filling.
    if (isPut && isNamed && isOneBreath(current.last, doing)) return false;
    // "Sprinkle sherry over": over what was just put into its dish.
    if (isPut && !isNamed && fresh > 0) return false;
    // "Shred the cabbage, squeeze lemon over": over the cabbage.
    const isOverIt =
      fresh > 0 && isOneBreath(current.last, doing) && current.last.doings.every(({ does }) => does === 'cut');
    if (isOnTop && !isOverIt && named.size <= Number(isNamed)) return true;
    // "Dollop on top, almonds on": on the dish, whatever else is named.
    return fresh === 0 && current.vessel !== undefined && /\bon top\W*(?:,|$)/i.test(doing.clause.text);
  }

  /** All foods that come into work which goes on with what is in hand. */
  private withCurrent(doing: Doing, current: Stream, named: ReadonlySet<Stream>, fresh: number): ReadonlySet<Stream> {
    const { text, verbAt } = doing.clause;
    const isNamed = named.has(current);
    const isOnTop =
      (isNamed && withIt.test(text.slice(verbAt))) ||
      onTop.test(text) ||
      pouredIn.test(text) ||
      decorates.test(verbOf(doing));
    const inputs = new Set([...named, current]);
    const under = this.liesUnder(doing, current, named, fresh, isOnTop) ? this.underneath(current, named) : undefined;
    if (under) inputs.add(under);
    const unsaid = inputs.size === 1 && fresh === 0 ? this.unsaidFor(doing, current) : undefined;
    if (unsaid) inputs.add(unsaid);
    return inputs;
  }

  /** Draining, lifting out, keeping back: the end of what it ends, and no work of its own. */
  private isOnlyEnd(doing: Doing, main: Stream): boolean {
    return doing.does === 'end' && !ownWork.test(verbOf(doing)) && !isSameWork(this.scene, main, doing, [], 0);
  }

  /** "Heat the oil. Fry two schnitzels at a time": what goes into fat, by a name that nothing has, is what was made ready last. */
  private unsaidFor({ does, device }: Doing, current: Stream): Stream | undefined {
    const { scene } = this;
    if (device !== 'hob' || does === 'heat' || !scene.isFatOnly(current)) return undefined;
    const isReady = (each: Stream) =>
      each !== current &&
      !each.isBeside &&
      each.lines.size > 0 &&
      (each.last.device === undefined || each.last.device === 'fridge');
    const isBesides = ({ names }: Stream) => [...names].some((name) => besideDish.test(name));
    // What is called as things beside a dish are ("into the mash") only where there is nothing else.
    return scene
      .alive()
      .filter(isReady)
      .sort(
        (a, b) =>
          Number(isBesides(a)) - Number(isBesides(b)) ||
          scene.operations.indexOf(b.last) - scene.operations.indexOf(a.last),
      )[0];
  }

  /** What something is put on: the food that was in hand before it, if what is in hand was begun apart and for this. */
  private underneath(current: Stream, named: ReadonlySet<Stream>): Stream | undefined {
    const { scene } = this;
    if (current.last.isOff || current.last.doings.length > 6) return undefined;
    const [first] = current.lines;
    const before = scene.alive().filter((each) => each !== current && !named.has(each) && !each.lines.has(first!));
    return [...before].sort((a, b) => scene.operations.indexOf(b.last) - scene.operations.indexOf(a.last))[0];
  }

  private newOperation(doing: Doing, main: Stream | undefined, inputs: ReadonlySet<Stream>): Operation {
    const isInPan = main?.isForked && main.last.device === 'hob' && !main.last.isOff && doing.does === 'mix';
    // "Put the tin over a medium heat and stir in the flour."
    const isPutOnHeat =
      doing.does === 'mix' &&
      this.scene.kitWords.some((words) => /\b(?:over an?|on) (?:\p{L}+ )?heat\b|\bon the hob\b/iu.test(words));
    const stew = stewFor(doing, inputs);
    return {
      doings: [],
      mentions: [],
      uses: [],
      after: new Set([...inputs].map((each) => each.last)),
      device: doing.device ?? stew?.device ?? (isInPan || isPutOnHeat ? 'hob' : undefined),
      isOff: doing.isOff || stew !== undefined,
      vessel: main?.vessel,
      vessels: new Map(),
      before: this.scene.kitWords.splice(0),
      notes: [],
      ovenC: undefined,
      lessMin: 0,
      guessedAfter: undefined,
      isBeside: main ? main.isBeside : doing.clause.isBeside,
    };
  }

  private operationFor(doing: Doing, main: Stream | undefined, inputs: ReadonlySet<Stream>, fresh: number): Operation {
    const { scene } = this;
    if (main) {
      const others = [...inputs].filter((each) => each !== main).map((each) => each.last);
      const isBack = verbOf(doing) === 'return' && main.last.isOff && doing.device === undefined;
      const isEnd = (doing.does === 'end' || isBack) && fresh === 0 && others.length === 0;
      if (((!main.isForked && !main.isParted) || isEnd) && isSameWork(scene, main, doing, others, fresh)) {
        for (const other of others) if (other !== main.last) main.last.after.add(other);
        // "Cool, then chill": what cools in the fridge is there from the first.
        if (main.last.isOff && main.last.device === undefined && doing.device === 'fridge') main.last.device = 'fridge';
        return main.last;
      }
    }
    const operation = this.newOperation(doing, main, inputs);
    if (main) this.tailInto(operation, main.last, doing);
    scene.operations.push(operation);
    return operation;
  }

  /** What is poured in before it simmers is a part of the simmering: it sets it going. */
  private tailInto(operation: Operation, last: Operation, doing: Doing): void {
    const { scene } = this;
    const isHob = doing.isOff && (doing.device === 'hob' || doing.device === 'slow-cooker');
    const isWait = doing.isOff && doing.does === 'wait' && doing.device === undefined && soaking.test(verbOf(doing));
    if ((!isHob && !isWait) || last.isOff || scene.hasFollowers(last)) return;
    const from = last.doings.findLastIndex((each) => !isTail(each, isHob)) + 1;
    if (from === last.doings.length || (isWait && (from > 0 || last.after.size > 1 || last.doings.length > 3))) return;
    const moved = new Set(last.doings.splice(from));
    operation.doings.push(...moved);
    const mentions = last.mentions.splice(0);
    for (const each of mentions) (moved.has(each.doing) ? operation : last).mentions.push(each);
    operation.uses.push(...operation.mentions.flatMap(({ mention }) => (mention.isFresh ? [mention.line] : [])));
    last.uses.splice(0, last.uses.length, ...last.uses.filter((line) => !operation.uses.includes(line)));
    operation.notes.push(...last.notes.splice(0));
    moveVessels(moved, last, operation);
    if (from > 0) {
      // "Peel them, put them in cold water, bring that up": the peeling is not on the hob.
      last.device = last.doings.find(({ device }) => device !== undefined)?.device;
      return;
    }
    for (const before of last.after) operation.after.add(before);
    operation.before.unshift(...last.before);
    scene.drop(last, operation);
  }

  private record(operation: Operation, doing: Doing, mentions: readonly Mention[]): void {
    const { scene } = this;
    if (doing.device === 'oven') {
      const heat = ovenSetBy(doing.clause.text, doing.heats, scene.ovenC);
      if (heat !== undefined && !/\b(?:switched? off|turn off)\b/i.test(doing.clause.text)) scene.ovenC = heat;
      operation.ovenC = scene.ovenC;
      operation.before.push(...scene.ovenWords.splice(0));
    }
    operation.doings.push(doing);
    for (const mention of mentions) {
      operation.mentions.push({ doing, mention });
      if (!mention.isFresh) continue;
      scene.used.add(mention.line);
      if (mention.share === 'part') scene.divided.add(mention.line);
      operation.uses.push(mention.line);
    }
    operation.device ??= doing.device;
  }

  private newStream(operation: Operation, doing: Doing): Stream {
    const { scene } = this;
    const stream: Stream = {
      last: operation,
      lines: new Set(),
      names: new Set(),
      vessel: undefined,
      cookedOn: undefined,
      isForked: false,
      shareOf: new Set(),
      isParted: false,
      isAside: false,
      isRest: false,
      isWater: false,
      isDrained: false,
      isBeside: doing.clause.isBeside || scene.topic !== undefined,
      label: scene.label,
      isGone: false,
    };
    scene.streams.push(stream);
    return stream;
  }

  /** All that comes in is one food from now on. */
  private join(
    operation: Operation,
    main: Stream | undefined,
    inputs: ReadonlySet<Stream>,
    doing: Doing,
    mentions: readonly Mention[],
  ): Stream {
    const { scene } = this;
    const stream = main ?? this.newStream(operation, doing);
    stream.last = operation;
    if (operation.isOff && operation.device !== undefined) stream.cookedOn = operation.device;
    if (doing.does !== 'end') stream.isForked = stream.isParted = stream.isRest = false;
    if (doing.device === 'hob') stream.isDrained = false;
    for (const other of inputs) if (other !== stream) pourInto(stream, other);
    // Of fat, more of it: what it fries in is known.
    for (const { line, isFresh } of mentions) if (isFresh || fats.test(scene.food(line))) stream.lines.add(line);
    for (const word of scene.topic ?? []) stream.names.add(word);
    for (const match of doing.clause.text.matchAll(becomes)) stream.names.add(match.groups!['noun']!.toLowerCase());
    for (const line of stream.lines) for (const word of topicWords(scene.headingOf(line) ?? '')) stream.names.add(word);
    return stream;
  }

  /** What is lifted out goes its own way; what stays behind in the pan is still there. */
  private fork(stream: Stream, doing: Doing, mentions: readonly Mention[]): Stream {
    const { scene } = this;
    const taken = new Set(mentions.map(({ line }) => line));
    const goesOut = (line: LineId) => (taken.size > 0 ? taken.has(line) : !fats.test(scene.food(line)));
    const out: Stream = {
      ...stream,
      lines: new Set([...stream.lines].filter(goesOut)),
      names: new Set([...stream.names].filter((name) => !residueNames.includes(name))),
      vessel: undefined,
      label: undefined,
      isForked: true,
      isGone: false,
    };
    stream.isForked = true;
    for (const name of residueNames) stream.names.add(name);
    for (const line of out.lines) stream.lines.delete(line);
    scene.streams.push(out);
    if (stream.last.device === 'hob' && !/\bboard\b/i.test(doing.clause.text)) this.afterSentence = stream;
    return out;
  }
}

/** "I do about a kilo of carrots": nothing is done to them yet. */
const takesUp = (doing: Doing): boolean =>
  doing.does !== 'heat' &&
  doing.vessels.length === 0 &&
  /^(?:do|use|take|get|have|need|want)$/.test(verbOf(doing)) &&
  !/^take (?:it |them )?(?:off|out|from)\b/i.test(doing.clause.text.slice(doing.clause.verbAt));

const stirredInto =
  /^\W*(?:then |and )?(?:stir|fold|mix|toss|whisk|beat|add|tip|pour|scrape|spoon)\b[^.;,]*?\b(?:through|into|to) the (?:(?!pan\b|pot\b|bowl\b|tin\b|dish\b|rest\b)[\p{L}-]+ )?(?<target>(?!pan\b|pot\b|bowl\b|tin\b|dish\b|rest\b)[\p{L}-]+)/iu;

const standsThere = /\boff the heat\b|\b(?:leave|stand|rest|cool|soak|steep|infuse|set|swell)\b/i;
const putIn = new Set<Doing['does']>(['move', 'none', 'dress', 'mix']);

/** "Sit the dumplings on top, 25 minutes more": what is put into something that cooks by itself cooks there. */
function stewFor(doing: Doing, inputs: ReadonlySet<Stream>): Operation | undefined {
  const minutes = doing.times.some(({ use }) => use === 'step');
  if (!minutes || doing.device !== undefined || !putIn.has(doing.does) || inputs.size < 2) return undefined;
  const { text } = doing.clause;
  if (!/\b(?:on top|into|in)\b/i.test(text) || standsThere.test(text)) return undefined;
  return [...inputs]
    .map(({ last, isForked, isDrained }) => (isForked || isDrained ? undefined : last))
    .find((last) => last?.isOff === true && (last.device === 'hob' || last.device === 'oven'));
}
