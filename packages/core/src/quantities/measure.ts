import type { Amount } from '../model/index.ts';

export type MeasureSystem = 'metric' | 'us';
export type TemperatureScale = 'C' | 'F';

/** Volumes in ml. @source US customary: cup 236.588, tbsp 14.787, tsp 4.929; metric spoons 15 and 5 */
const spoonsMl = { metric: { tbsp: 15, tsp: 5 }, us: { cup: 236.588, tbsp: 14.787, tsp: 4.929 } } as const;
export const gramsPerOunce = 28.3495;

const fractions: readonly [number, string][] = [
  [0, ''],
  [0.125, '⅛'],
  [0.25, '¼'],
  [1 / 3, '⅓'],
  [0.5, '½'],
  [2 / 3, '⅔'],
  [0.75, '¾'],
  [1, ''],
];

/** A number as a cook says it, to the nearest of ¼ ⅓ ½ ⅔ ¾: 1.52 → "1½". An eighth only where less than a quarter is meant. */
export function inFractions(value: number): { readonly text: string; readonly value: number } {
  const whole = Math.floor(value);
  const rest = value - whole;
  const [part, sign] = fractions
    .filter(([part]) => part !== 0.125 || whole === 0)
    .reduce((best, each) => (Math.abs(each[0] - rest) < Math.abs(best[0] - rest) ? each : best));
  if (part === 1) return { text: String(whole + 1), value: whole + 1 };
  return { text: whole === 0 ? sign || '0' : `${whole}${sign}`, value: whole + part };
}

/** A number with no more digits than are meant: three significant ones, no trailing zeros. */
export function plainNumber(value: number): string {
  if (value === 0) return '0';
  const digits = Math.max(0, 2 - Math.floor(Math.log10(Math.abs(value))));
  return String(Number(value.toFixed(Math.min(digits, 2))));
}

export interface Measured {
  /** What the cook can measure. */
  readonly text: string;
  /** The exact figure. */
  readonly exact: string;
  /** (measured − exact) ÷ exact; absent where nothing is rounded. */
  readonly error?: number | undefined;
}

const roundTo = (value: number, step: number) => Math.round(value / step) * step;

/** How fine a cook weighs: 1 g to 50 g, 5 g to 500 g, 10 g to 2 kg, 50 g above. */
const scaleStepG = (massG: number) => (massG < 50 ? 1 : massG < 500 ? 5 : massG < 2000 ? 10 : 50);

function mass(massG: number, system: MeasureSystem): Measured {
  if (system === 'us') {
    const ounces = massG / gramsPerOunce;
    const exact = `${plainNumber(ounces)} oz`;
    if (ounces >= 16) {
      const rounded = roundTo(ounces, ounces > 64 ? 1 : 0.5);
      const pounds = Math.floor(rounded / 16);
      const rest = inFractions(rounded - pounds * 16);
      return {
        text: rest.value === 0 ? `${pounds} lb` : `${pounds} lb ${rest.text} oz`,
        exact,
        error: rounded / ounces - 1,
      };
    }
    const some = inFractions(ounces);
    return some.value === 0
      ? { text: 'a pinch', exact }
      : { text: `${some.text} oz`, exact, error: some.value / ounces - 1 };
  }
  const exact = massG >= 1000 ? `${plainNumber(massG / 1000)} kg` : `${plainNumber(massG)} g`;
  if (massG < 0.5) return { text: 'a pinch', exact };
  const rounded = Math.max(1, roundTo(massG, scaleStepG(massG)));
  return {
    text: rounded >= 1000 ? `${plainNumber3(rounded / 1000)} kg` : `${rounded} g`,
    exact,
    error: rounded / massG - 1,
  };
}

const plainNumber3 = (value: number) => String(Number(value.toFixed(2)));

/** Spoons and cups that can be combined, at most two, with the least error. */
function spoons(volumeMl: number, system: MeasureSystem): { text: string; ml: number } {
  const sizes: readonly { name: string; ml: number; parts: readonly number[] }[] =
    system === 'us'
      ? [
          { name: 'cup', ml: spoonsMl.us.cup, parts: [0.25, 1 / 3, 0.5, 2 / 3, 0.75] },
          { name: 'tbsp', ml: spoonsMl.us.tbsp, parts: [0.5] },
          { name: 'tsp', ml: spoonsMl.us.tsp, parts: [0.125, 0.25, 0.5, 0.75] },
        ]
      : [
          { name: 'tbsp', ml: spoonsMl.metric.tbsp, parts: [0.5] },
          { name: 'tsp', ml: spoonsMl.metric.tsp, parts: [0.125, 0.25, 0.5, 0.75] },
        ];
  const singles = sizes.flatMap(({ name, ml, parts }, index) => {
    const least = Math.floor(volumeMl / ml);
    const wholes = [least, least + 1].filter((count) => count > 0);
    return [
      ...wholes,
      ...wholes.flatMap((count) => parts.filter((part) => part >= 0.25).map((part) => count + part)),
      ...parts,
    ].map((value) => spoonful(name, ml, index, value));
  });
  // More than eight tablespoons or three teaspoons is no measure but a chore.
  const mostOf: Readonly<Record<string, number>> = { tbsp: 8, tsp: 3 };
  const usable = singles.filter((single) => single.value < (mostOf[single.name] ?? Infinity) + 1);
  const pool = usable.length > 0 ? usable : singles;
  let best = pool[0]!;
  for (const one of pool) if (Math.abs(one.ml - volumeMl) < Math.abs(best.ml - volumeMl)) best = one;
  // A second spoon for a tenth of a teaspoon is a chore that nobody tastes.
  if (Math.abs(best.ml / volumeMl - 1) <= (volumeMl < 20 ? 0.09 : 0.03)) return best;
  const small = sizes.flatMap(({ name, ml, parts }, index) =>
    [...parts, 1, 2, 3].map((value) => spoonful(name, ml, index, value)),
  );
  let pair = { text: best.text, ml: best.ml };
  for (const one of pool) {
    for (const two of small) {
      const eighthMore = one.name === 'tsp' && two.name === 'tsp' && two.value === 0.125 && one.value >= 0.25;
      if (two.index <= one.index && !eighthMore) continue;
      const ml = one.ml + two.ml;
      if (Math.abs(ml - volumeMl) < Math.abs(pair.ml - volumeMl) - 1e-9)
        pair = { text: `${one.text} + ${two.text}`, ml };
    }
  }
  return pair;
}

function spoonful(name: string, ml: number, index: number, value: number) {
  return {
    name,
    index,
    value,
    ml: value * ml,
    text: `${inFractions(value).text} ${name}${value > 1 && name === 'cup' ? 's' : ''}`,
  };
}

function volume(volumeMl: number, system: MeasureSystem): Measured {
  const exact = volumeMl >= 1000 ? `${plainNumber(volumeMl / 1000)} l` : `${plainNumber(volumeMl)} ml`;
  if (volumeMl < 0.45) return { text: volumeMl < 0.2 ? 'a small pinch' : 'a pinch', exact };
  if (system === 'us' && volumeMl < 4 * 946) {
    const some = spoons(volumeMl, 'us');
    return { text: some.text, exact, error: some.ml / volumeMl - 1 };
  }
  if (system === 'us') {
    const quarts = volumeMl / 946.353;
    const some = inFractions(quarts);
    return { text: `${some.text} qt`, exact, error: some.value / quarts - 1 };
  }
  if (volumeMl <= 75) {
    const some = spoons(volumeMl, 'metric');
    return { text: some.text, exact, error: some.ml / volumeMl - 1 };
  }
  const rounded = roundTo(volumeMl, volumeMl < 250 ? 5 : volumeMl < 1000 ? 10 : 50);
  return {
    text: rounded >= 1000 ? `${plainNumber3(rounded / 1000)} l` : `${rounded} ml`,
    exact,
    error: rounded / volumeMl - 1,
  };
}

/** What nobody measures in quarters, once there is one of it. */
const uncut = /(?:^|\s)(?:sprigs?|lea(?:f|ves)|strands?|pods?|pinch(?:es)?)$/i;

function count(amount: Extract<Amount, { kind: 'count' }>, massG: number | undefined): Measured {
  const some =
    amount.count >= 1 && uncut.test(amount.piece)
      ? { value: Math.round(amount.count), text: `${Math.round(amount.count)}` }
      : inFractions(amount.count);
  const piece = amount.piece ? ` ${amount.piece}` : '';
  const weight = massG === undefined ? '' : `, about ${plainNumber(massG)} g`;
  const exact = `${plainNumber(amount.count)}${piece}${weight}`;
  return some.value === 0
    ? { text: `less than ¼${piece}`, exact }
    : { text: `${some.text}${piece}`, exact, error: some.value / amount.count - 1 };
}

export interface MeasureOptions {
  readonly densityGPerMl?: number | undefined;
  /** How far the density may be off, as a share of it. */
  readonly densityDoubt?: number | undefined;
  readonly massG?: number | undefined;
}

/**
 * An amount as a cook can measure it, with the exact figure beside it.
 * In US measures a mass of something pourable is given by volume too when `densityGPerMl` is known.
 */
export function measure(amount: Amount, system: MeasureSystem, options: MeasureOptions = {}): Measured {
  const upper = upperEnd(amount);
  if (!upper) return measureOne(amount, system, options);
  const [low, high] = [
    measureOne(amount, system, options),
    measureOne(upper, system, { densityGPerMl: options.densityGPerMl }),
  ];
  // A range stays a range; neither end is more exact than it was meant.
  const unit = / [^\d]*$/.exec(high.text)?.[0] ?? '';
  const text =
    unit !== '' && low.text.endsWith(unit)
      ? `${low.text.slice(0, -unit.length)}–${high.text}`
      : `${low.text} – ${high.text}`;
  return { text, exact: `${low.exact} to ${high.exact}` };
}

/** The upper end of a range as an amount of its own; undefined where there is none. */
export function upperEnd(amount: Amount): Amount | undefined {
  switch (amount.kind) {
    case 'mass':
      return amount.toMassG === undefined ? undefined : { kind: 'mass', massG: amount.toMassG };
    case 'volume':
      return amount.toVolumeMl === undefined ? undefined : { kind: 'volume', volumeMl: amount.toVolumeMl };
    case 'count': {
      const { toCount, ...rest } = amount;
      return toCount === undefined ? undefined : { ...rest, count: toCount };
    }
    case 'batches':
    case 'words':
      return undefined;
    default:
      return amount satisfies never;
  }
}

function measureOne(amount: Amount, system: MeasureSystem, options: MeasureOptions): Measured {
  switch (amount.kind) {
    case 'mass': {
      if (amount.massG === 0) return { text: 'none', exact: '0 g' };
      const weighed = mass(amount.massG, system);
      if (system === 'us' && options.densityGPerMl) {
        const ml = amount.massG / options.densityGPerMl;
        if (ml >= 0.6) {
          const some = spoons(ml, 'us');
          const doubt =
            options.densityDoubt !== undefined && options.densityDoubt >= 0.05
              ? `; by the cup give or take ${Math.round(options.densityDoubt * 100)} %`
              : '';
          return {
            text: some.text,
            exact: `${weighed.exact}, ${plainNumber(amount.massG)} g${doubt}`,
            error: some.ml / ml - 1,
          };
        }
      }
      return system === 'us' ? { ...weighed, exact: `${weighed.exact}, ${plainNumber(amount.massG)} g` } : weighed;
    }
    case 'volume':
      return amount.volumeMl === 0 ? { text: 'none', exact: '0 ml' } : volume(amount.volumeMl, system);
    case 'count':
      return amount.count === 0 ? { text: 'none', exact: '0' } : count(amount, options.massG);
    case 'batches':
      return {
        text: `${inFractions(amount.batches).text} ${amount.batches > 1 ? 'batches' : 'batch'}`,
        exact: `${plainNumber(amount.batches)} × the recipe`,
      };
    case 'words':
      return { text: amount.words, exact: '' };
    default:
      return amount satisfies never;
  }
}

/** A temperature in °C as a figure on the chosen scale, not rounded. */
export const degreesIn = (celsius: number, scaleName: TemperatureScale): number =>
  scaleName === 'C' ? celsius : (celsius * 9) / 5 + 32;

/** A figure on the chosen scale in °C, not rounded. */
export const celsiusOf = (degrees: number, scaleName: TemperatureScale): number =>
  scaleName === 'C' ? degrees : ((degrees - 32) * 5) / 9;

/** A temperature on the chosen scale: °C to the degree, °F to the nearest 5 as ovens are marked (exact under 100 °C). */
export function temperature(celsius: number, scaleName: TemperatureScale): string {
  if (scaleName === 'C') return `${Math.round(celsius)} °C`;
  const fahrenheit = degreesIn(celsius, scaleName);
  return `${celsius < 100 ? Math.round(fahrenheit) : roundTo(fahrenheit, 5)} °F`;
}
