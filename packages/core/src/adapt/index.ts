export { offersFor, adaptable, applyOffer, cellKey, roleOf, type LineOffer, type LineOption, type Offer, type Scope, type ShownVerdict } from './offers.ts';
