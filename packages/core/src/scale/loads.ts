import { piecewiseWords, rules } from '../reference/index.ts';
import type { VesselNeed } from './vessels.ts';
import { withLookIds, type Recipe, type Step } from '../model/index.ts';

/** More loads than this are no way to fry for a table. */
const mostLoads = 20;

/** Whether a step fries pieces that lie side by side: as many as the pan has room for, and no more. */
const isPieceByPiece = (step: Step): boolean =>
  step.burner &&
  step.kit.some(({ kind }) => kind === 'frying-pan' || kind === 'skillet') &&
  piecewiseWords.test(`${step.title} ${step.text} ${step.until}`);

/**
 * In how many loads, one after the other, a step is done on the hob for so many times its recipe: as many more as there is more. Pieces that are
 * fried side by side are taken to fill the recipe's pan, or nearly. 1 for what goes on all at once. `need`: the pans that the recipe is measured for.
 */
export function loadsOf(step: Step, factor: number, need?: VesselNeed): number {
  // What its pan is reckoned for goes on in as many pans at once.
  if (need && need.units.length > 0 && step.kit.some(({ kind, as }) => kind === need.kind && as === need.as))
    return loadsAsWritten(step);
  const isCounted = step.loads !== undefined;
  if (!step.burner || !(factor > 0) || (!isCounted && !isPieceByPiece(step))) return 1;
  const room = isCounted ? rules.fullerLoad : rules.fullerPan;
  return Math.max(1, Math.min(mostLoads, Math.ceil((factor * (step.loads ?? 1)) / room - 1e-9)));
}

/** What the recipe itself says of it. */
const loadsAsWritten = (step: Step): number => (step.burner ? (step.loads ?? 1) : 1);

/** A recipe's steps with the time and the moments of all the loads that so many times of it take; what goes as the recipe has it stays as it is. */
export function inLoads(recipe: Recipe, factor: number, need?: VesselNeed): Recipe {
  const isMore = (step: Step) => loadsOf(step, factor, need) !== loadsAsWritten(step);
  return recipe.steps.some(isMore)
    ? {
        ...recipe,
        steps: recipe.steps.map((step) => (isMore(step) ? oneAfterTheOther(step, loadsOf(step, factor, need)) : step)),
      }
    : recipe;
}

function oneAfterTheOther(step: Step, loads: number): Step {
  const written = loadsAsWritten(step);
  const all = (minutes: number) => Math.max(1, Math.round((minutes / written) * loads));
  const likely = all(step.durationMin.likely);
  const each = likely / loads;
  // The moments of the recipe's own first load come in every one.
  const own = step.looks.filter(({ atMin }) => atMin < each);
  const looks = Array.from({ length: loads }, (_, load) => [
    ...(load === 0
      ? []
      : [
          {
            atMin: Math.max(1, Math.round(load * each) - rules.nextRoundMin),
            takesMin: rules.nextRoundMin,
            what: `one load out, load ${load + 1} of ${loads} in`,
          },
        ]),
    ...own.map(({ atMin, takesMin, what }) => ({ atMin: Math.round(atMin + load * each), takesMin, what })),
  ]).flat();
  return {
    ...step,
    title: loads === 1 ? step.title : `${step.title.slice(0, 60)}, in ${loads} loads`,
    text: `${step.text} ${waysOf(step, loads)}`.trim(),
    durationMin: {
      least: Math.min(likely, all(step.durationMin.least)),
      likely,
      most: Math.max(likely, all(step.durationMin.most)),
    },
    looks: step.hands === 'off' ? withLookIds(looks) : step.looks,
  };
}

function waysOf({ coreC }: Step, loads: number): string {
  if (loads === 1) return 'So much goes in at once.';
  const meanwhile = coreC === undefined ? '' : '; what waits for its turn stays in the fridge';
  return `Here in ${loads} loads, one after the other; keep what is done warm${meanwhile}.`;
}
