const names = [
  'paper',
  'card',
  'line',
  'line-strong',
  'ink',
  'ink-soft',
  'violet',
  'violet-soft',
  'leaf',
  'leaf-soft',
  'straw',
  'straw-soft',
  'clay',
  'clay-soft',
  'wash',
  'shade',
] as const;

export type Inks = Readonly<Record<(typeof names)[number], string>>;

/** The house's colours as they are now, for what cannot be drawn with CSS variables. */
export function inks(element: Element): Inks {
  const style = getComputedStyle(element);
  return Object.fromEntries(names.map((name) => [name, style.getPropertyValue(`--${name}`).trim()])) as Inks;
}
