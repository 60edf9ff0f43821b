import type { CookId, TaskId, UnitId } from '../model/index.ts';
import type { PlaceKind } from './places.ts';

/** Everything in a kitchen that two pieces of work may want at once: hands, units of kit, racks, an oven's heat and door, sink, dishwasher, air free of flour, and what there are so many places of. */
export type ResourceKind = 'hands' | 'kit' | 'rack' | 'oven' | 'sink' | 'dishwasher' | 'air' | PlaceKind;

/** One of them: whose hands, which unit, which rack of which oven; the others there are once. */
export type Resource =
  | { readonly kind: 'hands'; readonly cook: CookId }
  | { readonly kind: 'kit'; readonly unit: UnitId }
  | { readonly kind: 'rack'; readonly oven: number; readonly rack: number }
  | { readonly kind: 'oven'; readonly oven: number }
  | { readonly kind: 'sink' | 'dishwasher' | 'air' | PlaceKind };

/** A stretch of time in which a planned task has something. */
export interface Use {
  readonly task: TaskId;
  readonly startMin: number;
  readonly endMin: number;
  /** When it can be used again: its end, or later, as while the dishwasher runs. */
  readonly freeMin: number;
  readonly places: number;
  /** Nothing is done with it: food stays in it until the next step. */
  readonly keeps?: true;
  /** It is kept until that task begins: whatever else wants it waits for that. */
  readonly endedBy?: TaskId;
  /** It is free again so long after the task's start, not its end. */
  readonly fromStart?: true;
  /** Only its beginning needs the resource: it waits its turn, and nothing waits for it. */
  readonly begins?: true;
}

/** A resource with how many uses of it there can be at once, and all there are, in time order. */
export interface Page {
  readonly resource: Resource;
  readonly capacity: number;
  readonly uses: readonly Use[];
}

/** Why one thing waits for another: the recipe says so, or both want the same. */
export type WaitsFor = 'recipe' | ResourceKind;

/** What must be over before something else begins, or, with `fromStart`, how long after its beginning; and how much longer at least. */
export interface Wait {
  readonly first: TaskId;
  readonly second: TaskId;
  readonly leastMin: number;
  readonly fromStart?: true;
  readonly because: WaitsFor;
  readonly unit?: UnitId;
}
