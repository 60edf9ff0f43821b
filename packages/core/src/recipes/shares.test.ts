import { readRecipes } from './readRecipe.ts';

const stepsOf = (lines: string, method: string) => {
  const [reading] = readRecipes(`A dish\nServes 4\n\nIngredients\n${lines}\n\nMethod\n${method}`).recipes;
  const { steps } = reading!.recipe;
  const told = (words: string) => {
    const at = steps.findIndex(({ text }) => text.includes(words));
    expect(at).toBeGreaterThanOrEqual(0);
    return steps[at]!;
  };
  /** Whether one step waits for another, through whatever lies between. */
  const waits = (late: string, early: string): boolean => {
    const seen = new Set<string>();
    const open = [told(late)];
    for (let each = open.pop(); each; each = open.pop()) {
      if (each.text.includes(early)) return true;
      if (seen.has(each.id)) continue;
      seen.add(each.id);
      open.push(...(each.after ?? []).map(({ step }) => steps.find(({ id }) => id === step)!));
    }
    return false;
  };
  return { told, waits, findings: reading!.findings };
};

const dumplings = stepsOf(
  '300 g pork mince\n1 bunch chives\n30 dumpling wrappers\n1 litre chicken stock\n2 tbsp oil',
  'Mix the pork with the chives. Put a spoonful of the filling on each wrapper and fold it shut.\nBring the stock to a simmer and cook half the dumplings in it for 4 minutes.\nHeat the oil in a frying pan and fry the rest of the dumplings for 8 minutes.',
);

test('of one base finished in two ways neither finish waits for the other, and both for the base', () => {
  expect(dumplings.waits('fry the rest', 'cook half')).toBe(false);
  expect(dumplings.waits('cook half', 'Put a spoonful')).toBe(true);
  expect(dumplings.waits('fry the rest', 'Put a spoonful')).toBe(true);
  expect(dumplings.waits('Put a spoonful', 'Mix the pork')).toBe(true);
});

const skewers = stepsOf(
  '600 g chicken breast, cubed\n200 g halloumi\n2 peppers\n200 g yogurt\n1 lemon\n1 tsp paprika',
  'Whisk the yogurt with the lemon juice and paprika. Spoon a third into a small bowl and set aside for the halloumi. Stir the chicken into the rest and chill for 2 hours.\nCut the halloumi and peppers into chunks. Toss the halloumi with the reserved yogurt.\nThread the halloumi and half the peppers on to skewers, then thread the chicken and the remaining peppers.\nGrill the halloumi skewers for 6 minutes. Grill the chicken skewers for 12 minutes.',
);

test('a share that was set aside before the raw meat meets none of it, nor is it warned of', () => {
  expect(skewers.waits('Toss the halloumi', 'Whisk the yogurt')).toBe(true);
  expect(skewers.waits('Toss the halloumi', 'Stir the chicken')).toBe(false);
  expect(skewers.waits('Grill the halloumi', 'Stir the chicken')).toBe(false);
  expect(skewers.waits('Grill the chicken', 'Grill the halloumi')).toBe(false);
  expect(skewers.findings.filter(({ code }) => code === 'touched-raw')).toEqual([]);
});

test('what was kept of a marinade that held raw meat is warned of', () => {
  const { findings } = stepsOf(
    '600 g chicken breast, cubed\n200 g yogurt\n1 lemon\n400 g rice',
    'Whisk the yogurt with the lemon juice. Marinate the chicken in it for 2 hours.\nGrill the chicken for 12 minutes until it reaches 74 °C.\nBoil the rice for 10 minutes and stir the reserved marinade through it.',
  );
  expect(findings.map(({ code }) => code)).toContain('touched-raw');
});

test('water that was kept does not make a gravy wait for the mash', () => {
  const { waits } = stepsOf(
    '1 kg potatoes\n50 g butter\n2 onions\n1 tbsp oil\n1 tbsp flour',
    'Boil the potatoes for 20 minutes. Save two cups of the potato water, drain, and mash with the butter.\nFry the onions in the oil for 15 minutes, stir in the flour, then pour in the potato water and simmer for 10 minutes.',
  );
  expect(waits('simmer for 10', 'Boil the potatoes')).toBe(true);
  expect(waits('simmer for 10', 'mash with')).toBe(false);
});
