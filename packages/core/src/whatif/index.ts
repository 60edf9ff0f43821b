export { allChanged, changed, changeWords, type Change } from './changes.ts';
export {
  comparePlans,
  stepChanges,
  type Comparison,
  type Planned,
  type PlanMeasures,
  type StepChange,
  type StepPlace,
} from './compare.ts';
