export { HazardId, HazardKind, hazardIds, hazards, hazardOf, membersOf, bearingOf, type Hazard, type Bearing } from './hazards.ts';
export { diets, DietId, dietOf, type Diet } from './diets.ts';
export { FoodId, foods, foodOf, type Food } from './foods.ts';
export { substitutions, substitutionOf, Role, roleNames, type Substitution } from './substitutions.ts';
export { Material, materials, cleaningOf, type Cleaning } from './cleaning.ts';
export { rules } from './rules.ts';
export { wordEntries, claimEntries, plainWords, type WordEntry, type ClaimEntry } from './words.ts';
