export {
  offersFor,
  adaptable,
  applyOffer,
  choicesAt,
  cellKey,
  roleOf,
  swapsAt,
  linesWithout,
  type LineOffer,
  type LineOption,
  type Offer,
  type Scope,
  type ShownVerdict,
} from './offers.ts';
export { adviseMenu, policies, type AdviceCost, type MenuAdvice, type MenuChange, type Policy } from './advice.ts';
export { insteadOf, takeInstead, type Instead } from './instead.ts';
export { takeableFor, type Takeable, type TakeSource } from './takeable.ts';
