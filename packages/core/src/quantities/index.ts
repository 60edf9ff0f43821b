export { measure, temperature, inFractions, plainNumber, gramsPerOunce, type Measured, type MeasureSystem, type TemperatureScale } from './measure.ts';
