export {
  measure,
  upperEnd,
  temperature,
  inFractions,
  plainNumber,
  gramsPerOunce,
  type Measured,
  type MeasureSystem,
  celsiusOf,
  degreesIn,
  type TemperatureScale,
} from './measure.ts';
export { readAmount, type ReadAmount, type WrittenIn } from './readAmount.ts';
export { numberOf, numberSource, digitsSource } from './numbers.ts';
export { measureEggs, looseStart, type EggMeasure } from './kitchen.ts';
export { amountsIn, withAmounts, type AmountInText } from './inText.ts';
