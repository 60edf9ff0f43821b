export { offersFor, adaptable, applyOffer, cellKey, type LineOffer, type LineOption, type Offer, type Scope, type ShownVerdict } from './offers.ts';
