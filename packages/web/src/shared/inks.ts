import { inkNames, type Inks } from '../app/tokens.ts';

export type { Inks };

/** The house's colours as they are now, for what cannot be drawn with CSS variables. */
export function inks(element: Element): Inks {
  const style = getComputedStyle(element);
  return Object.fromEntries(inkNames.map((name) => [name, style.getPropertyValue(`--${name}`).trim()])) as Inks;
}
