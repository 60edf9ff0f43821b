import * as v from 'valibot';
import { rules } from '../reference/index.ts';
import {
  type CourseId,
  DishId,
  type GuestId,
  type Occasion,
  type Recipe,
  type RecipeId,
  type Step,
  type StepId,
  type VersionId,
  BatchId,
  batchOf,
  type PlannedBatch,
  type Dish,
} from '../model/index.ts';
import { inVessels, isVessel, vesselNeed, type ScaledVersion, type VesselNeed } from '../scale/index.ts';
import {
  ancestry,
  elsewhereOf,
  followsOf,
  kitOfPart,
  linesInto,
  partKeepsMin,
  recipeOf,
  sourceOf,
  stepsOfPart,
  versionParts,
  type VersionPart,
} from '../versions/index.ts';

/** Where a component that is cooked once goes: the batch that takes it, and its place in that batch's recipe. */
export interface PartUse {
  readonly batch: BatchId;
  readonly dish: DishId;
  readonly versions: readonly VersionId[];
  readonly part: VersionPart;
}

/** Food really made in one go. */
export interface Batch {
  readonly id: BatchId;
  /** The dish it is for; of a component cooked once, the first it goes into. */
  readonly dish: DishId;
  readonly versions: readonly VersionId[];
  /** The batch this one is taken from at a split. */
  readonly base?: BatchId | undefined;
  /** A component cooked once: what it goes into. Empty for a dish. */
  readonly into: readonly PartUse[];
  readonly portions: number;
  readonly factor: number;
  /** The size of the whole dish, all versions together, as a multiple of the recipe. */
  readonly dishFactor: number;
  readonly eaters: readonly GuestId[];
  readonly recipe: Recipe;
  /** What it is baked in; undefined where its recipe does not say. */
  readonly vessel: VesselNeed | undefined;
  /** The steps that are done for this batch and no other. */
  readonly steps: readonly StepId[];
  /** For each step of the recipe, the batch and the step of that batch's recipe that do it. */
  readonly doneIn: ReadonlyMap<StepId, { readonly batch: BatchId; readonly step: StepId }>;
  /** Kit named by the recipe that holds the food of another batch, and what it is called there. */
  readonly heldIn: ReadonlyMap<string, { readonly batch: BatchId; readonly as: string }>;
  /** What it goes on in of the base it is taken from, when the others have taken theirs: the names of the pieces. */
  readonly inherits?: { readonly base: BatchId; readonly names: ReadonlySet<string> } | undefined;
  /** This batch and all it takes food from. */
  readonly lineage: readonly BatchId[];
}

/** A recipe made once as it is written, for nobody yet. */
export function aloneBatch(recipe: Recipe): Batch {
  const id = v.parse(BatchId, 'alone');
  const steps = recipe.steps.map((step) => step.id);
  return {
    id,
    dish: v.parse(DishId, 'alone'),
    versions: [],
    into: [],
    portions: recipe.portions,
    factor: 1,
    dishFactor: 1,
    eaters: [],
    recipe,
    vessel: undefined,
    steps,
    doneIn: new Map(steps.map((step) => [step, { batch: id, step }])),
    heldIn: new Map(),
    lineage: [id],
  };
}

/** A component that is the same in several places, and so could be cooked once for them. */
export interface Shareable {
  readonly recipe: RecipeId;
  readonly name: string;
  readonly dishes: readonly DishId[];
  /** Cooked for each by itself, because the cook wants it so. */
  readonly apart: boolean;
}

/** The steps that several versions can share: up to a split point, and before any line that differs. */
function sharedSteps(recipe: Recipe, swapped: ReadonlySet<string>): ReadonlySet<StepId> {
  const before = ancestry(recipe);
  const same = (id: StepId) =>
    recipe.steps.every(
      (step, index) => !before.get(id)!.has(step.id) || linesInto(recipe, index).every((line) => !swapped.has(line)),
    );
  const shared = new Set<StepId>();
  for (const point of recipe.steps.filter((step) => step.splitPoint)) {
    for (const id of before.get(point.id)!) if (same(id)) shared.add(id);
  }
  return shared;
}

/** A batch of a dish before it is known which of its components come from elsewhere. */
type DishBatch = Omit<Batch, 'doneIn' | 'heldIn' | 'inherits' | 'lineage' | 'into'>;

/** With the recipe as it is done in the vessels that so much of it needs. */
function vesselled(occasion: Occasion, batch: Omit<DishBatch, 'vessel'>): DishBatch {
  const vessel = vesselNeed(batch.recipe, batch.factor, occasion.kitchen);
  return { ...batch, vessel, recipe: inVessels(batch.recipe, vessel, occasion.kitchen, batch.factor) };
}

/** The batches that a day has been begun with: what was taken from one pot, or cooked once for several, stays so, whoever leaves. */
export type Begun = readonly PlannedBatch[];

/** The versions of a dish that are taken from one base: those that are made, or, on a day, those that were when it was begun and are not made by themselves since. */
function versionsOfBase(dish: Dish, made: readonly ScaledVersion[], begun: Begun | undefined): readonly VersionId[] {
  const before = begun?.filter((batch) => batch.dish === dish.id && !batch.component) ?? [];
  if (before.length === 0) return made.length > 1 ? made.map((each) => each.version) : [];
  const base = before.find((batch) => batch.id === batchOf(dish.id, 'base'));
  const isApart = (version: VersionId) =>
    before.some((batch) => batch.id === batchOf(dish.id, version) && batch.base === undefined);
  return base?.versions.filter((version) => !isApart(version)) ?? [];
}

function dishBatches(
  occasion: Occasion,
  made: readonly ScaledVersion[],
  begun: Begun | undefined,
): readonly DishBatch[] {
  return occasion.dishes.flatMap((dish) => {
    const versions = made.filter((each) => each.dish === dish.id);
    if (versions.length === 0) return [];
    const recipe = recipeOf(occasion, dish);
    const ofBase = versionsOfBase(dish, versions, begun);
    const swapped = new Set(
      dish.versions
        .filter((each) => ofBase.includes(each.id))
        .flatMap((each) => each.swaps.map((swap) => swap.line as string)),
    );
    const shared = ofBase.length > 0 ? sharedSteps(recipe, swapped) : new Set<StepId>();
    const taking = versions.filter((each) => ofBase.includes(each.version));
    const base: DishBatch[] =
      shared.size === 0 || taking.length === 0
        ? []
        : [
            vesselled(occasion, {
              id: batchOf(dish.id, 'base'),
              dish: dish.id,
              versions: taking.map((each) => each.version),
              portions: taking.reduce((sum, each) => sum + each.portions, 0),
              factor: taking.reduce((sum, each) => sum + each.factor, 0),
              dishFactor: taking[0]!.dishFactor,
              eaters: taking.flatMap((each) => each.eaters),
              recipe,
              steps: recipe.steps.filter((step) => shared.has(step.id)).map((step) => step.id),
            }),
          ];
    return [
      ...base,
      ...versions.map((each) =>
        vesselled(occasion, {
          id: batchOf(dish.id, each.version),
          dish: dish.id,
          versions: [each.version],
          base: ofBase.includes(each.version) ? base[0]?.id : undefined,
          portions: each.portions,
          factor: each.factor,
          dishFactor: each.dishFactor,
          eaters: each.eaters,
          recipe: each.recipe,
          steps: each.recipe.steps
            .filter((step) => !ofBase.includes(each.version) || !shared.has(step.id))
            .map((step) => step.id),
        }),
      ),
    ];
  });
}

/** Every component that one batch makes from its first step to its last. What others bring with them is made elsewhere. */
function usesOf(occasion: Occasion, batches: readonly DishBatch[]): readonly PartUse[] {
  return batches.flatMap((batch) => {
    const dish = occasion.dishes.find((each) => each.id === batch.dish)!;
    if (dish.brought) return [];
    const version = dish.versions.find((each) => each.id === batch.versions[0])!;
    return versionParts(occasion, dish, version)
      .filter(
        (part) =>
          part.made.steps.length > 0 && [...stepsOfPart(part).keys()].every((step) => batch.steps.includes(step)),
      )
      .map((part): PartUse => ({ batch: batch.id, dish: batch.dish, versions: batch.versions, part }));
  });
}

/** Uses of one component that can be met by cooking it once: it still keeps when the last of their courses is served. */
function clustersOf(uses: readonly PartUse[], servedAt: (dish: DishId) => number): PartUse[][] {
  const clusters: PartUse[][] = [];
  for (const use of [...uses].sort((a, b) => servedAt(a.dish) - servedAt(b.dish))) {
    const open = clusters.at(-1);
    if (
      open &&
      servedAt(use.dish) - servedAt(open[0]!.dish) + rules.sharedKeepsLongerMin <= partKeepsMin(use.part.recipe)
    )
      open.push(use);
    else clusters.push([use]);
  }
  return clusters.filter((cluster) => cluster.length > 1);
}

/** How many components deep a component is made. */
const depthOf = (recipe: Recipe, find: (id: string) => Recipe | undefined): number =>
  1 +
  Math.max(
    0,
    ...recipe.lines.flatMap((line) => {
      const part = line.component && find(line.component);
      return part ? [depthOf(part, find)] : [];
    }),
  );

/** Uses of a component that one batch of it meets, and what that batch is called. */
interface Group {
  readonly id: BatchId;
  readonly uses: readonly PartUse[];
}

/** What was cooked once when a day was begun stays so for those that still take it; what was begun for each by itself stays by itself. */
function groupsAsBegun(uses: readonly PartUse[], begun: Begun): readonly Group[] {
  return begun.flatMap(({ id, component, lost }): Group[] => {
    if (!component || lost) return [];
    const mine = uses.filter((use) =>
      component.into.some(
        ({ dish, version, path }) =>
          dish === use.dish && use.versions.includes(version) && use.part.path.join() === path.join(),
      ),
    );
    return mine.length === 0 ? [] : [{ id, uses: mine }];
  });
}

/**
 * The components that several batches need alike, each group cooked once: the same recipe with the same swaps and ways.
 * What is made of others is gathered first; what lies within something gathered is cooked along with it.
 */
function groupsOf(occasion: Occasion, all: readonly PartUse[]): readonly Group[] {
  const find = (id: string) => occasion.recipes.find((each) => each.id === id);
  const offsets = new Map<CourseId, number>(occasion.courses.map((course) => [course.id, course.offsetMin]));
  const servedAt = (id: DishId) => offsets.get(occasion.dishes.find((dish) => dish.id === id)!.course)!;
  const bySame = new Map<string, PartUse[]>();
  for (const use of all) bySame.set(use.part.sameAs, [...(bySame.get(use.part.sameAs) ?? []), use]);
  const order = [...bySame.values()]
    .filter((uses) => uses.length > 1)
    .map((uses) => ({ uses, depth: depthOf(uses[0]!.part.recipe, find) }))
    .sort((a, b) => b.depth - a.depth);
  const gathered: PartUse[] = [];
  const within = (use: PartUse) =>
    gathered.some(
      (outer) =>
        outer.batch === use.batch &&
        outer.part.path.length < use.part.path.length &&
        outer.part.path.every((line, at) => line === use.part.path[at]),
    );
  const taken = new Set<BatchId>();
  return order.flatMap(({ uses }) =>
    clustersOf(
      uses.filter((use) => !within(use)),
      servedAt,
    ).map((cluster): Group => {
      if (!isApart(occasion, cluster)) gathered.push(...cluster);
      const { id: made } = cluster[0]!.part.made;
      let id = `shared:${made}` as BatchId;
      for (let n = 2; taken.has(id); n++) id = `shared:${made}-${n}` as BatchId;
      if (!isApart(occasion, cluster)) taken.add(id);
      return { id, uses: cluster };
    }),
  );
}

/** Whether the cook wants a component cooked for each dish by itself. */
const isApart = (occasion: Occasion, uses: readonly PartUse[]): boolean =>
  occasion.wishes.apart.includes(uses[0]!.part.recipe.id);

function shared(occasion: Occasion, { id, uses }: Group, batches: readonly DishBatch[]): Batch {
  const [first] = uses as [PartUse];
  const factor = uses.reduce(
    (sum, use) => sum + use.part.batches * batches.find((each) => each.id === use.batch)!.factor,
    0,
  );
  const made = inVessels(first.part.made, undefined, occasion.kitchen, factor);
  const eaters = new Set(uses.flatMap((use) => batches.find((each) => each.id === use.batch)!.eaters));
  return {
    id,
    dish: first.dish,
    versions: first.versions,
    into: uses,
    portions: factor * made.portions,
    factor,
    dishFactor: factor,
    eaters: occasion.guests.flatMap((guest) => (eaters.has(guest.id) ? [guest.id] : [])),
    recipe: made,
    vessel: undefined,
    steps: made.steps.map((step) => step.id),
    doneIn: new Map(made.steps.map((step) => [step.id, { batch: id, step: step.id }])),
    heldIn: new Map(),
    lineage: [id],
  };
}

/** Where the steps of a dish that another takes from are done: in the base that its versions share, or for its first version. Undefined where nobody eats that. */
function giverOf(occasion: Occasion, dishes: readonly DishBatch[], id: DishId, step: StepId): DishBatch | undefined {
  const first = occasion.dishes.find((dish) => dish.id === id)!.versions[0]!;
  const own = dishes.find((each) => each.id === batchOf(id, first.id));
  const base = own?.base === undefined ? undefined : dishes.find((each) => each.id === own.base);
  return base?.steps.includes(step) ? base : own;
}

/** Steps of a batch's recipe that are another dish's, and the batch of that dish that does them. */
function takenSteps(
  occasion: Occasion,
  dishes: readonly DishBatch[],
  batch: DishBatch,
): readonly { readonly step: StepId; readonly giver: DishBatch; readonly there: StepId }[] {
  const dish = occasion.dishes.find((each) => each.id === batch.dish)!;
  if (dish.takes.length === 0) return [];
  const elsewhere = elsewhereOf(dish.takes, (id) => sourceOf(occasion, id));
  return batch.recipe.steps.flatMap(({ id }) => {
    const found = elsewhere.get(id);
    const giver = found && giverOf(occasion, dishes, found.dish, found.step);
    return giver ? [{ step: id, giver, there: found.step }] : [];
  });
}

/** The batches of dishes with their components, and what they take from other dishes, done where those are cooked. */
function linkedAll(occasion: Occasion, dishes: readonly DishBatch[], components: readonly Batch[]): readonly Batch[] {
  const known = new Map<BatchId, Batch>();
  const link = (batch: DishBatch): Batch => {
    const before = known.get(batch.id);
    if (before) return before;
    const base = dishes.find((each) => each.id === batch.base);
    const taken = takenSteps(occasion, dishes, batch).map(({ step, giver, there }) => ({
      step,
      giver: link(giver),
      there,
    }));
    const made = linked(batch, base, components, taken);
    known.set(batch.id, made);
    return made;
  };
  return dishes.map(link);
}

/** A batch of a dish with its components and what it takes from other dishes taken from where they are cooked. */
function linked(
  batch: DishBatch,
  base: DishBatch | undefined,
  components: readonly Batch[],
  taken: readonly { readonly step: StepId; readonly giver: Batch; readonly there: StepId }[],
): Batch {
  const doneIn = new Map<StepId, { batch: BatchId; step: StepId }>(
    batch.recipe.steps.map((step) => [
      step.id,
      { batch: base?.steps.includes(step.id) ? base.id : batch.id, step: step.id },
    ]),
  );
  const heldIn = new Map<string, { batch: BatchId; as: string }>();
  const lineage = new Set([batch.id, ...(base ? [base.id] : [])]);
  for (const component of components) {
    for (const { batch: user, part } of component.into) {
      if (user !== batch.id && user !== base?.id) continue;
      lineage.add(component.id);
      for (const [step, own] of stepsOfPart(part)) doneIn.set(step, { batch: component.id, step: own });
      for (const [as, own] of kitOfPart(part)) heldIn.set(as, { batch: component.id, as: own });
    }
  }
  for (const { step, giver, there } of taken) {
    doneIn.set(step, giver.doneIn.get(there)!);
    for (const each of giver.lineage) lineage.add(each);
  }
  return {
    ...batch,
    into: [],
    steps: batch.steps.filter((step) => doneIn.get(step)!.batch === batch.id),
    doneIn,
    heldIn,
    lineage: [...lineage],
  };
}

/** The steps of a batch with which it takes from another. */
export const takingFrom = (batch: Batch, from: BatchId): readonly Step[] =>
  batch.recipe.steps.filter(
    (step, index) =>
      batch.steps.includes(step.id) &&
      followsOf(batch.recipe, index).some((link) => batch.doneIn.get(link.step)!.batch === from),
  );

/**
 * Who stays in the piece of a base: its dish's first version, where all others take theirs out by hand and it can wait for them. It is
 * the first and not the largest, so that nothing changes hands when somebody leaves.
 */
function heirOf(base: Batch, batches: readonly Batch[], dish: Dish): Batch | undefined {
  const takers = batches.filter((each) => each.base === base.id);
  const heir = takers.find((each) => each.versions.includes(dish.versions[0]!.id));
  const taken = takers.filter((each) => each !== heir).flatMap((each) => takingFrom(each, base.id));
  const isQuick = ({ hands, durationMin }: Step) => hands === 'on' && durationMin.likely <= rules.takenOutMostMin;
  return heir && takingFrom(heir, base.id).length > 0 && taken.every(isQuick) ? heir : undefined;
}

/** Each base's pieces given to one of its versions; what it is baked in is measured for the whole of it, and goes to nobody. */
function withHeirs(occasion: Occasion, batches: readonly Batch[]): readonly Batch[] {
  const inherited = new Map(
    batches.flatMap((base) => {
      const dish = occasion.dishes.find((each) => each.id === base.dish)!;
      const heir = heirOf(base, batches, dish);
      const names = base.recipe.steps
        .filter((step) => base.steps.includes(step.id))
        .flatMap((step) => step.kit)
        .flatMap((use) =>
          use.as === undefined || base.heldIn.has(use.as) || (base.vessel && isVessel(base.vessel, use)) ? [] : use.as,
        );
      return heir ? [[heir.id, { base: base.id, names: new Set(names) }] as const] : [];
    }),
  );
  return batches.map((batch) => {
    const inherits = inherited.get(batch.id);
    return inherits ? { ...batch, inherits } : batch;
  });
}

/** All batches that are really made, components cooked once before the dishes that take them, and what could be cooked once. */
export function batchesOf(
  occasion: Occasion,
  made: readonly ScaledVersion[],
  begun?: Begun,
): { readonly batches: readonly Batch[]; readonly shareable: readonly Shareable[] } {
  const dishes = dishBatches(occasion, made, begun);
  const uses = usesOf(occasion, dishes);
  const groups = begun ? groupsAsBegun(uses, begun) : groupsOf(occasion, uses);
  const components = groups.flatMap((group) =>
    begun || !isApart(occasion, group.uses) ? [shared(occasion, group, dishes)] : [],
  );
  return {
    batches: withHeirs(occasion, [...components, ...linkedAll(occasion, dishes, components)]),
    shareable: groups.map((group) => ({
      recipe: group.uses[0]!.part.recipe.id,
      name: group.uses[0]!.part.recipe.name,
      dishes: [...new Set(group.uses.map((use) => use.dish))],
      apart: isApart(occasion, group.uses),
    })),
  };
}
