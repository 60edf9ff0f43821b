/** The house's colours, by day and by night: style sheets, components and charts all have them from here. */

export const inkNames = [
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
  'wash-soft',
  'shade',
] as const;

export type Inks = Readonly<Record<(typeof inkNames)[number], string>>;

export const inksByDay: Inks = {
  paper: '#faf6ee',
  card: '#fffdf8',
  line: '#e4dccb',
  'line-strong': '#cfc4ae',
  ink: '#2b2236',
  'ink-soft': '#5f566b',
  violet: '#5b3f9a',
  'violet-soft': '#ece5f8',
  leaf: '#3f7048',
  'leaf-soft': '#e3eddf',
  straw: '#8f5c00',
  'straw-soft': '#fbeec9',
  clay: '#a5402a',
  'clay-soft': '#f8e0d6',
  wash: '#3f6f80',
  'wash-soft': '#e3eff3',
  shade: '#f1e9da',
};

export const inksByNight: Inks = {
  paper: '#1d1822',
  card: '#272030',
  line: '#3a3145',
  'line-strong': '#4f455c',
  ink: '#f1eaf6',
  'ink-soft': '#b9aec6',
  violet: '#b39ae8',
  'violet-soft': '#3a2f52',
  leaf: '#8cc398',
  'leaf-soft': '#24382a',
  straw: '#e0b65a',
  'straw-soft': '#43361a',
  clay: '#ea9a80',
  'clay-soft': '#4a2a22',
  wash: '#8fc0d2',
  'wash-soft': '#223842',
  shade: '#2e2638',
};

/** The colours as CSS variables that follow the system; put into the page when it is built, so that it is never shown without. */
export function inkSheet(): string {
  const rules = (inks: Inks, scheme: 'light' | 'dark') =>
    `:root{color-scheme:${scheme};${inkNames.map((name) => `--${name}:${inks[name]}`).join(';')}}`;
  return `${rules(inksByDay, 'light')}@media (prefers-color-scheme:dark){${rules(inksByNight, 'dark')}}`;
}
