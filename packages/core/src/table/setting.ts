import { foodOf, hazardOf, hazards, meantWords, membersOf, type HazardId, type Region } from '../reference/index.ts';
import {
  listed,
  type Course,
  type CourseId,
  type DishId,
  type GuestId,
  type KitUnit,
  type Occasion,
  type Plan,
  type VersionId,
} from '../model/index.ts';
import type { Evidence } from '../exposure/index.ts';
import { fit, noTraceHazards, type FitTable, type MadeVersion, type Verdict } from '../fit/index.ts';

/** Something that stands on the table: one version of a dish. */
export interface Served {
  readonly dish: DishId;
  readonly version: VersionId;
  readonly course: CourseId;
  readonly name: string;
  /** "with coconut custard"; empty where the dish has one version. */
  readonly versionName: string;
  /** What is in it, in words, most first where amounts are known; each food once. */
  readonly ingredients: readonly string[];
  /** Allergens it holds, and those that it may hold: traces, labels unread or too old. */
  readonly contains: readonly HazardId[];
  readonly mayContain: readonly HazardId[];
  /** What in it is raw, soft or pink as it is meant: "raw or soft egg". */
  readonly raw: readonly string[];
  /** Something in it is not known for sure: a label unread, words not understood, a kitchen nobody knows. */
  readonly unsure: boolean;
  readonly clearFor: readonly GuestId[];
  readonly checkFor: readonly GuestId[];
  /** Those of its eaters who may not have a trace of something. */
  readonly protectedFor: readonly GuestId[];
  /** Kit it is made on, where a plan says so. */
  readonly madeOn: readonly string[];
  readonly holdMin: number;
  readonly holdHow: string;
}

/** Two things that must not stand side by side, and what could come over. */
export interface Apart {
  readonly kept: string;
  readonly from: string;
  readonly hazards: readonly HazardId[];
  readonly guests: readonly GuestId[];
}

export interface SetCourse {
  readonly course: Course;
  /** In the order in which it goes out: what must be kept from others before those, what is protected first. */
  readonly dishes: readonly Served[];
  readonly apart: readonly Apart[];
  /** Versions whose plates are filled in the kitchen, before anything else is served. */
  readonly plated: readonly string[];
}

/** What one guest may eat of each course. */
export interface GuestSheet {
  readonly guest: GuestId;
  readonly rows: readonly {
    readonly course: CourseId;
    readonly dish: string;
    readonly verdict: Verdict | 'left-out';
    readonly why: string;
  }[];
}

const isAllergen = (hazard: HazardId): boolean => hazardOf(hazard).kind === 'allergen';

/** The name to call it by where several versions of a dish stand on one table. */
export const servedName = ({ name, versionName }: Served): string => (versionName ? `${name}, ${versionName}` : name);

function hazardsOf(evidence: readonly Evidence[]): {
  readonly contains: readonly HazardId[];
  readonly mayContain: readonly HazardId[];
  readonly raw: readonly string[];
  readonly unsure: boolean;
} {
  const contains = new Set<HazardId>();
  const may = new Set<HazardId>();
  for (const { about, level } of evidence)
    if (about.kind === 'hazard' && isAllergen(about.hazard))
      (level === 'contained' || level === 'carried' ? contains : may).add(about.hazard);
  return {
    contains: hazards.flatMap(({ id }) => (contains.has(id) ? [id] : [])),
    mayContain: hazards.flatMap(({ id }) => (may.has(id) && !contains.has(id) ? [id] : [])),
    raw: hazards.flatMap(({ id, meant }) =>
      meant &&
      evidence.some(({ about, level }) => about.kind === 'hazard' && about.hazard === id && level === 'contained')
        ? [meantWords(id)]
        : [],
    ),
    unsure: evidence.some(
      ({ about }) =>
        about.kind === 'unread' || about.kind === 'unknown' || about.kind === 'kitchen' || about.kind === 'unlisted',
    ),
  };
}

function ingredientsOf({ recipe }: MadeVersion): readonly string[] {
  const weight = (line: MadeVersion['recipe']['lines'][number]) =>
    line.amount.kind === 'mass'
      ? line.amount.massG
      : line.amount.kind === 'volume'
        ? line.amount.volumeMl
        : line.amount.kind === 'count'
          ? line.amount.count * 50
          : 0;
  return [
    ...new Set(
      [...recipe.lines]
        .sort((a, b) => weight(b) - weight(a))
        .map((line) => (line.food ? foodOf(line.food)?.name : undefined) ?? line.text),
    ),
  ];
}

/** The table as it is set: what goes out in which order, what stands apart from what, what is filled in the kitchen. */
export function setTable(occasion: Occasion, plan?: Plan, table: FitTable = fit(occasion)): readonly SetCourse[] {
  const guests = new Map(occasion.guests.map((guest) => [guest.id, guest]));
  const unitName = new Map<string, KitUnit>(occasion.kitchen.kit.map((unit) => [unit.id, unit]));
  const all = table.rows.flatMap(({ dish, versions, cells }) =>
    versions
      .filter((made) => made.eaters.length > 0)
      .map((made): Served => ({
        dish: dish.id,
        version: made.version.id,
        course: dish.course,
        name: made.recipe.name,
        versionName: dish.versions.length > 1 ? made.version.name : '',
        ingredients: ingredientsOf(made),
        ...hazardsOf(made.evidence),
        clearFor: made.eaters.filter((id) => cells.get(id)!.judgement.verdict === 'clear'),
        checkFor: made.eaters.filter((id) => cells.get(id)!.judgement.verdict !== 'clear'),
        protectedFor: made.eaters.filter((id) => noTraceHazards(guests.get(id)!).size > 0),
        madeOn: madeOn(plan, dish.id, made.version.id).flatMap((unit) => unitName.get(unit)?.name ?? []),
        holdMin: made.recipe.hold.mostMin,
        holdHow: made.recipe.hold.how,
      })),
  );
  return occasion.courses.map((course): SetCourse => {
    const mine = all.filter((each) => each.course === course.id);
    const apart = mine.flatMap((kept) =>
      mine.flatMap((other): Apart[] => {
        if (kept === other) return [];
        // What the dish itself only may hold is a question; it is no reason to let more of it come over.
        const over = (id: GuestId) =>
          dangersTo(occasion, id, other).filter((hazard) => !kept.contains.includes(hazard));
        const harmed = kept.protectedFor.filter((id) => over(id).length > 0);
        return harmed.length === 0
          ? []
          : [
              {
                kept: servedName(kept),
                from: servedName(other),
                hazards: [...new Set(harmed.flatMap(over))],
                guests: harmed,
              },
            ];
      }),
    );
    // What others must be kept from goes out after them; what it holds for certain before what it only may hold.
    const endangers = (each: Served, certain: boolean) =>
      apart.filter(
        (one) =>
          one.from === servedName(each) && (!certain || one.hazards.some((hazard) => each.contains.includes(hazard))),
      ).length;
    const here = [...mine].sort(
      (a, b) =>
        endangers(a, true) - endangers(b, true) ||
        endangers(a, false) - endangers(b, false) ||
        b.protectedFor.length - a.protectedFor.length ||
        a.contains.length - b.contains.length ||
        (servedName(a) < servedName(b) ? -1 : 1),
    );
    return {
      course,
      dishes: here,
      apart,
      plated: here.filter((each) => apart.some((one) => one.kept === servedName(each))).map(servedName),
    };
  });
}

/** What a served thing holds, or may hold, that a guest may not have a trace of. */
function dangersTo(occasion: Occasion, id: GuestId, served: Served): readonly HazardId[] {
  const kept = noTraceHazards(occasion.guests.find((guest) => guest.id === id)!);
  return [...served.contains, ...served.mayContain].filter((hazard) => kept.has(hazard));
}

const madeOn = (plan: Plan | undefined, dish: DishId, version: VersionId): readonly string[] => {
  const batches = new Set(
    plan?.batches
      .filter(
        (batch) =>
          batch.lost !== true &&
          (batch.component
            ? batch.component.into.some((each) => each.dish === dish && each.version === version)
            : batch.dish === dish && batch.versions.includes(version)),
      )
      .map((batch) => batch.id),
  );
  return [
    ...new Set(
      plan?.tasks.flatMap((task) => (task.kind === 'step' && batches.has(task.batch) ? task.units : [])) ?? [],
    ),
  ];
};

/** The allergens that a region's law asks to be declared, of those given: named as the law names them, a group by its members. */
export function declaredIn(
  region: Region,
  found: readonly HazardId[],
): { readonly declared: readonly HazardId[]; readonly besides: readonly HazardId[] } {
  const asked = (hazard: HazardId) =>
    region.declares.some((each) => each === hazard || membersOf(each).includes(hazard));
  return { declared: found.filter(asked), besides: found.filter((hazard) => !asked(hazard)) };
}

/** Guest by guest, what of each course they may eat, what must be asked first, and what is not for them. */
export function guestSheets(occasion: Occasion, table: FitTable = fit(occasion)): readonly GuestSheet[] {
  return occasion.guests.map((guest): GuestSheet => ({
    guest: guest.id,
    rows: occasion.courses.flatMap((course) =>
      table.rows
        .filter((row) => row.dish.course === course.id)
        .map((row) => {
          const cell = row.cells.get(guest.id)!;
          const made = row.versions.find((each) => each.version.id === cell.version)!;
          const dish = row.dish.versions.length > 1 ? `${made.recipe.name}, ${made.version.name}` : made.recipe.name;
          const verdict = cell.served
            ? cell.judgement.verdict
            : cell.judgement.verdict === 'conflict'
              ? 'conflict'
              : 'left-out';
          const [first] = cell.judgement.reasons;
          return {
            course: course.id,
            dish,
            verdict,
            why:
              verdict === 'clear'
                ? ''
                : verdict === 'left-out'
                  ? 'Not planned for them.'
                  : first
                    ? first.chain.slice(1).join(' ') || first.chain.join(' ')
                    : '',
          };
        }),
    ),
  }));
}

/** Hazards in words, a list. */
export const hazardWords = (found: readonly HazardId[]): string => listed(found.map((hazard) => hazardOf(hazard).name));
