export type { Page, Resource, ResourceKind, Use, Wait, WaitsFor } from './page.ts';
export type { Law } from './law.ts';
export { laws, ledgerOf, type Ledger } from './ledger.ts';
export { ovenPhases, type OvenPhases } from './phases.ts';
export { placeKinds, places, type PlaceKind } from './places.ts';
export { presenceOf } from './presence.ts';
export { opensTooSoonMin, type OvenStay } from './ovens.ts';
export { hits } from './residue.ts';
