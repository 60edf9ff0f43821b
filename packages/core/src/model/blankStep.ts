import type { Step } from './recipe.ts';

/** A step of which nothing is known yet. */
export const blankStep: Omit<Step, 'id' | 'title'> = {
  text: '',
  uses: [],
  durationMin: { least: 2, likely: 5, most: 10 },
  hands: 'on',
  looks: [],
  grows: false,
  kit: [],
  burner: false,
  looseFlour: false,
  until: '',
  splitPoint: false,
  alternatives: [],
  leaves: [],
};
