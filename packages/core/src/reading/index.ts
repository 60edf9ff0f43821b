export { readLabel, type LabelHazard, type LabelReading } from './label.ts';
export { readIngredient, type IngredientReading, type ReadClaim, type ReadHazard, type Span, type UnknownWord } from './ingredient.ts';
