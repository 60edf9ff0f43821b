export { allChanged, changed, changeWords, type Change } from './changes.ts';
export {
  comparePlans,
  type Comparison,
  type Planned,
  type PlanMeasures,
  type StepChange,
  type StepPlace,
} from './compare.ts';
