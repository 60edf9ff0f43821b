export { choicesOf, type Choice } from './choices.ts';
export { cookedIn } from './cooked.ts';
export { readLabel, type LabelHazard, type LabelReading } from './label.ts';
export {
  isTheOne,
  readIngredient,
  type AnimalOrigin,
  type IngredientReading,
  type ReadClaim,
  type ReadFood,
  type ReadForm,
  type ReadHazard,
  type Span,
  type SpanOfWords,
} from './ingredient.ts';
export { remembering } from './remembered.ts';
export { tokenise, singular, type Token } from './tokens.ts';
export { wholeFood } from './whole.ts';
export { slips } from './slips.ts';
