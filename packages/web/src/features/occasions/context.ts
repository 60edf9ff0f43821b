import { createContext, useContext } from 'react';
import type { FitTable, Occasion, OpenCheck, Plan, ShownVerdict } from '@lupin/core';
import type { PlanState } from '../../planner/slice.ts';

/** What every station works from: the occasion, what follows from it, and how to change it. */
export interface OccasionView {
  readonly occasion: Occasion;
  readonly table: FitTable;
  readonly shown: ReadonlyMap<string, ShownVerdict>;
  /** Everything that is open, what decides most first. */
  readonly checks: readonly OpenCheck[];
  readonly plan: PlanState | undefined;
  readonly planIsCurrent: boolean;
  readonly stopPlanning: () => void;
  readonly planAgain: () => void;
  /** Before an edit: the plan that was shown for what it leads to, so that the cook gets just that one. */
  readonly offerPlan: (plan: Plan) => void;
  /** Changes and saves at once; returns the fault where the change makes no sense, and then changes nothing. */
  readonly edit: (change: (occasion: Occasion) => Occasion) => string | undefined;
}

export const OccasionContext = createContext<OccasionView | undefined>(undefined);

export function useOccasionView(): OccasionView {
  const view = useContext(OccasionContext);
  if (!view) throw new Error('A station is only shown inside an occasion');
  return view;
}
