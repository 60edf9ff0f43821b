import { cleaningOf, hazardOf, hazards, kitKindOf, rules } from '../reference/index.ts';
import type { GuestId, PlannedWash, Recipe, ResidueMark, Step } from '../model/index.ts';
import {
  allDoing,
  broughtInto,
  clock,
  cooksAway,
  doing,
  eatersOf,
  endOf,
  forbiddenTo,
  isRaw,
  leavesRaw,
  linksOf,
  markName,
  named,
  nearTo,
  residueOf,
  upTo,
  type BatchFacts,
  type Facts,
  type StepFacts,
} from './facts.ts';
import type { Finding } from './finding.ts';

/** A residue, the batch it came from, and the step that brought it. */
export interface Token {
  readonly mark: ResidueMark;
  readonly origin: string;
  /** Planned task, or "before the day" for kit with an unknown past. */
  readonly from: string;
}

/** What is on one piece of kit or one pair of hands, from a moment on. */
export interface SurfaceState {
  readonly fromMin: number;
  readonly marks: readonly ResidueMark[];
  readonly by: string;
}

export interface Replay {
  readonly findings: readonly Finding[];
  readonly surfaces: ReadonlyMap<string, readonly SurfaceState[]>;
  readonly followed: number;
  foodOf(task: string): readonly Token[];
}

const past = 'before the day';
const key = (token: Token) => `${token.mark}/${token.origin}`;

function union(...lists: readonly (readonly Token[])[]): Token[] {
  const all = new Map<string, Token>();
  for (const list of lists) for (const token of list) if (!all.has(key(token))) all.set(key(token), token);
  return [...all.values()];
}

/**
 * Plays the plan from its first minute to its last and follows every residue: from food to kit and hands, from those to the
 * next food, through washes and heat, to the plates. Reports each that reaches what it must not.
 */
export function replayResidues(facts: Facts): Replay {
  const { occasion } = facts;
  const findings: Finding[] = [];
  const on = new Map<string, Token[]>();
  const timeline = new Map<string, SurfaceState[]>();
  const food = new Map<string, Token[]>();
  const reported = new Set<string>();
  const anything = hazards.filter((hazard) => hazard.kind !== 'raw').map((hazard) => hazard.id);
  for (const unit of occasion.kitchen.kit) {
    if (cleaningOf(unit.material).comesClean || unit.keptFreeOf.length > 0) continue;
    on.set(
      unit.id,
      [...anything, 'unread' as const].map((mark) => ({ mark, origin: past, from: past })),
    );
  }
  const set = (surface: string, tokens: Token[], at: number, by: string) => {
    on.set(surface, tokens);
    const marks = [...new Set(tokens.map((token) => token.mark))];
    timeline.set(surface, [...(timeline.get(surface) ?? []), { fromMin: at, marks, by }]);
  };

  const events: { readonly at: number; readonly order: number; readonly run: () => void }[] = [];
  for (const wash of facts.washes)
    for (const cleaned of washUp(occasion, wash, on, set)) events.push({ ...cleaned, order: 0 });
  for (const each of facts.steps) events.push({ at: each.task.startMin, order: 1, run: () => use(each) });
  events.sort((a, b) => a.at - b.at || a.order - b.order);

  function use(each: StepFacts): void {
    const { task, step, batch } = each;
    const surfaces = [...task.units, ...(task.cook ? [`hands:${task.cook}`] : [])];
    const own = broughtInto(batch.recipe, step).flatMap((line) =>
      residueOf(batch.recipe, line, occasion).map((mark): Token => ({ mark, origin: batch.planned.id, from: task.id })),
    );
    const before = linksOf(batch.recipe, step).flatMap((link) => {
      const earlier = doing(facts, batch, link.step);
      return earlier ? [food.get(earlier.task.id) ?? []] : [];
    });
    const met = surfaces.map((surface) => on.get(surface) ?? []);
    const all = union(own, ...before, ...met);
    for (const [at, tokens] of met.entries()) check(each, surfaces[at]!, tokens);
    checkKept(each, all);
    const kept = all.filter((token) => !cooksAway(token.mark, step));
    food.set(task.id, kept);
    for (const surface of surfaces)
      set(surface, step.hands === 'off' || isHotIn(surface, step) ? kept : all, task.startMin, task.id);
    served(each, kept);
  }

  /** A pot or tin that stands on the heat gets as hot as what is in it. */
  function isHotIn(surface: string, { oven, burner }: StepFacts['step']): boolean {
    const kind = occasion.kitchen.kit.find((unit) => unit.id === surface)?.kind;
    if (kind === undefined) return false;
    return (oven !== undefined && kitKindOf(kind).oven) || (burner && kitKindOf(kind).hob);
  }

  function check(each: StepFacts, surface: string, tokens: readonly Token[]): void {
    const { batch } = each;
    for (const guest of eatersOf(facts, each)) {
      const bad = tokens.filter(
        (token) => !isRaw(token.mark) && !batch.lineage.has(token.origin) && forbiddenTo(guest).has(token.mark),
      );
      if (bad.length > 0) report(bad[0]!.origin === past ? 'unclean-past' : 'crossing', each, surface, bad, [guest.id]);
    }
    checkPast(each, surface);
    const raw = tokens.filter((token) => {
      if (!isRaw(token.mark)) return false;
      if (!batch.lineage.has(token.origin) && token.mark !== 'unread' && hazardOf(token.mark).washAlways) return true;
      if (batch.lineage.has(token.origin) && isToBeRaw(facts, each, token.mark)) return false;
      return !cookedLater(facts, each, token.mark);
    });
    if (raw.length > 0)
      report(
        'raw-crossing',
        each,
        surface,
        raw,
        eatersOf(facts, each).map((guest) => guest.id),
      );
  }

  /** What never comes clean and is kept free of one thing may have met any other: it is for nobody who must not have a trace of that. */
  function checkPast(each: StepFacts, surface: string): void {
    const unit = occasion.kitchen.kit.find(({ id }) => id === surface);
    if (!unit || unit.keptFreeOf.length === 0 || cleaningOf(unit.material).comesClean) return;
    const kept = new Set<ResidueMark>(unit.keptFreeOf.flatMap(nearTo));
    for (const guest of eatersOf(facts, each)) {
      const feared = [...forbiddenTo(guest)].filter((mark) => mark !== 'unread' && !kept.has(mark));
      if (feared.length > 0)
        report(
          'unclean-past',
          each,
          surface,
          feared.map((mark) => ({ mark, origin: past, from: past })),
          [guest.id],
        );
    }
  }

  /**
   * Kit kept free of something must not meet it, its group, its relatives or what nobody has read: not in the food by then, not from hands
   * or other kit of the same step.
   */
  function checkKept(each: StepFacts, tokens: readonly Token[]): void {
    for (const unit of occasion.kitchen.kit) {
      if (unit.keptFreeOf.length === 0 || !each.task.units.includes(unit.id)) continue;
      const kept = new Set<ResidueMark>(unit.keptFreeOf.flatMap(nearTo));
      const barred = tokens.filter(({ mark }) => kept.has(mark));
      if (barred.length > 0) report('kept-free', each, unit.id, barred, []);
    }
  }

  function report(
    code: Finding['code'],
    each: StepFacts,
    surface: string,
    bad: readonly Token[],
    guests: readonly GuestId[],
  ): void {
    const marks = [...new Set(bad.map((token) => markName(token.mark)))];
    const from = bad[0]!.from;
    const once = `${code}/${each.task.id}/${surface}/${guests.join()}`;
    if (reported.has(once)) return;
    reported.add(once);
    const isHere = from === each.task.id;
    const source = isHere ? undefined : facts.steps.find((other) => other.task.id === from);
    const names =
      guests.length > 0 && guests.length <= 4
        ? ` for ${guests.map((id) => occasion.guests.find((guest) => guest.id === id)?.name ?? id).join(', ')}`
        : '';
    const where = surface.startsWith('hands:')
      ? `the hands of ${occasion.kitchen.cooks.find((cook) => `hands:${cook.id}` === surface)?.name ?? surface}`
      : (occasion.kitchen.kit.find((unit) => unit.id === surface)?.name ?? surface);
    const some = marks.length > 5 ? `${marks.slice(0, 5).join(', ')} and more` : marks.join(', ');
    const came = isHere ? '' : ` from ${source ? named(occasion, source) : past}`;
    const to = `${isHere ? 'it in ' : ''}${named(occasion, each)}`;
    findings.push({
      code,
      message: `${where}: ${some}${came} ${marks.length > 1 ? 'reach' : 'reaches'} ${to}${names}.`,
      tasks: source ? [source.task.id, each.task.id] : [each.task.id],
      guests,
    });
  }

  function served(each: StepFacts, tokens: readonly Token[]): void {
    const { batch, step: last, task } = each;
    if (!batch.served) return;
    if (batch.recipe.steps.some((other) => linksOf(batch.recipe, other).some((link) => link.step === last.id))) return;
    const raw = tokens.filter(
      (token) =>
        isRaw(token.mark) && batch.lineage.has(token.origin) && !isServedSo(batch.recipe, last, token.mark, occasion),
    );
    if (raw.length > 0) {
      const names = [...new Set(raw.map((token) => markName(token.mark)))].join(', ');
      findings.push({
        code: 'raw-served',
        message: `${batch.dishName} goes out at ${clock(occasion, task.endMin)} with ${names} that no step has cooked.`,
        tasks: [task.id],
        guests: batch.eaters.map((guest) => guest.id),
      });
    }
  }

  for (const event of events) event.run();
  return {
    findings: [...findings, ...auditFlour(facts, food)],
    surfaces: timeline,
    followed: on.size,
    foodOf: (task) => food.get(task) ?? [],
  };
}

/**
 * Whether what is served has a raw-food risk on purpose: every line that brings it is cooked, or meant to be raw, on its way to the last step; and one
 * at least is meant.
 */
function isServedSo(recipe: Recipe, last: Step, mark: ResidueMark, occasion: Facts['occasion']): boolean {
  const way = upTo(recipe, last);
  const settlers = way.filter((step) => cooksAway(mark, step) || leavesRaw(mark, step));
  const bringers = way.filter((step) =>
    broughtInto(recipe, step).some((line) => residueOf(recipe, line, occasion).includes(mark)),
  );
  const settledIn = (from: Step) => settlers.filter((each) => upTo(recipe, each).includes(from));
  return (
    bringers.every((from) => settledIn(from).length > 0) &&
    bringers.some((from) => settledIn(from).some((each) => leavesRaw(mark, each)))
  );
}

/** The steps of the finished recipes in which what is made here goes on, with the recipe of each. */
function placesOf(facts: Facts, each: StepFacts): readonly { readonly recipe: Recipe; readonly at: readonly Step[] }[] {
  const takers = [...facts.batches.values()].filter(
    (batch) => batch !== each.batch && batch.lineage.has(each.batch.planned.id),
  );
  // A base and a component are eaten as what is made of them; a dish that another takes from is eaten itself too.
  const isEaten = ({ planned }: BatchFacts) =>
    !planned.component && ![...facts.batches.values()].some((other) => other.planned.base === planned.id);
  const eaten = [each.batch, ...takers].filter(isEaten);
  const finishing = eaten.length === 0 ? [each.batch] : eaten;
  // A step of a component cooked once has another name in each recipe it goes into, and may stand there more than once.
  const places = finishing.map((batch) => ({
    batch,
    recipe: batch.recipe,
    at: batch.recipe.steps.filter((step) => allDoing(facts, batch, step.id).includes(each)),
  }));
  // What a dish does after another has taken its share is none of that other's.
  return places.filter(({ batch, at }) => at.length > 0 || batch.taken.size === 0 || batch.dish === each.batch.dish);
}

/** A step and all that follow from it. */
function fromOn(recipe: Recipe, from: Step): readonly Step[] {
  const reached = new Set<string>([from.id]);
  for (const step of recipe.steps)
    if (linksOf(recipe, step).some((link) => reached.has(link.step))) reached.add(step.id);
  return recipe.steps.filter((step) => reached.has(step.id));
}

/** Whether this step, or one that must come after it, in every version made of it, cooks a raw risk away. */
const cookedLater = (facts: Facts, each: StepFacts, mark: ResidueMark): boolean =>
  placesOf(facts, each).every(
    ({ recipe, at }) => at.length > 0 && at.every((from) => fromOn(recipe, from).some((step) => cooksAway(mark, step))),
  );

/** Whether a raw risk is to be in every version made of it: what it meets of its own adds nothing. */
const isToBeRaw = (facts: Facts, each: StepFacts, mark: ResidueMark): boolean =>
  placesOf(facts, each).every(
    ({ recipe, at }) =>
      at.length > 0 &&
      at.every((from) =>
        [...fromOn(recipe, from), ...upTo(recipe, from)].some(
          (step) => leavesRaw(mark, step) && !cooksAway(mark, step),
        ),
      ),
  );

/** The moments at which a wash has cleaned something: hands and kit at its end, what is in the dishwasher when that has run. */
function washUp(
  occasion: Facts['occasion'],
  wash: PlannedWash,
  on: ReadonlyMap<string, Token[]>,
  set: (surface: string, tokens: Token[], at: number, by: string) => void,
): readonly { readonly at: number; readonly run: () => void }[] {
  const kitAt = Math.max(wash.endMin, wash.machineUntilMin ?? wash.endMin);
  const hands = () => {
    if (wash.hands) set(`hands:${wash.cook}`, [], wash.endMin, wash.id);
  };
  const kit = () => {
    for (const id of wash.units) {
      const unit = occasion.kitchen.kit.find((each) => each.id === id);
      const clean = unit && cleaningOf(unit.material).comesClean;
      set(id, clean ? [] : [...(on.get(id) ?? [])], kitAt, wash.id);
    }
  };
  return [
    { at: wash.endMin, run: hands },
    { at: kitAt, run: kit },
  ];
}

/** Loose flour in the air, over open work that must stay free of it, until it has settled. */
function auditFlour(facts: Facts, food: ReadonlyMap<string, readonly Token[]>): Finding[] {
  const { occasion } = facts;
  return facts.steps
    .filter((each) => each.step.looseFlour)
    .flatMap((cloud) => {
      const { recipe, planned } = cloud.batch;
      const picked = (food.get(cloud.task.id) ?? []).filter((token) => token.origin === planned.id);
      const own = upTo(recipe, cloud.written).flatMap((step) => {
        const origin = doing(facts, cloud.batch, step.id)?.batch.planned.id ?? planned.id;
        return broughtInto(recipe, step).flatMap((line) =>
          residueOf(recipe, line, occasion).map((mark): Token => ({ mark, origin, from: cloud.task.id })),
        );
      });
      const dust = [...picked, ...own].filter((token) => token.mark !== 'unread');
      return facts.steps.flatMap((open): Finding[] => {
        if (
          open.step.hands !== 'on' ||
          open.task.startMin >= endOf(cloud) + rules.flourSettlesMin ||
          open.task.endMin <= cloud.task.startMin
        )
          return [];
        const bad = dust.filter((token) => !isRaw(token.mark) && !open.batch.lineage.has(token.origin));
        const guests = eatersOf(facts, open).filter((guest) => bad.some((token) => forbiddenTo(guest).has(token.mark)));
        if (guests.length === 0) return [];
        return [
          {
            code: 'flour',
            message: `Flour from ${named(occasion, cloud)} is in the air over ${named(occasion, open)}, which ${guests.map((guest) => guest.name).join(', ')} eat.`,
            tasks: [cloud.task.id, open.task.id],
            guests: guests.map((guest) => guest.id),
          },
        ];
      });
    });
}
