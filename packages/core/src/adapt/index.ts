export {
  offersFor,
  adaptable,
  applyOffer,
  choicesAt,
  cellKey,
  roleOf,
  swapsAt,
  type LineOffer,
  type LineOption,
  type Offer,
  type Scope,
  type ShownVerdict,
} from './offers.ts';
export { adviseMenu, policies, type AdviceCost, type MenuAdvice, type MenuChange, type Policy } from './advice.ts';
