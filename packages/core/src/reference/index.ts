export { HazardId, HazardKind, hazardIds, hazards, hazardOf, membersOf, bearingOf, type Hazard, type Bearing } from './hazards.ts';
export { diets, DietId, dietOf, type Diet } from './diets.ts';
export { FoodId, FoodKind, Storage, foods, foodOf, madeFrom, familiesOf, type Food, type PossibleHazard } from './foods.ts';
export { FamilyId, families, familyOf, type Family } from './families.ts';
export { substitutions, substitutionOf, Role, roleNames, type Substitution } from './substitutions.ts';
export { Material, materials, cleaningOf, type Cleaning } from './cleaning.ts';
export { regions, type Region } from './regions.ts';
export { rules } from './rules.ts';
export { wordEntries, claimEntries, plainWords, type WordEntry, type ClaimEntry } from './words.ts';
