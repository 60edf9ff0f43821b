import * as fc from 'fast-check';
import * as v from 'valibot';
import { demoRecipes } from '../../test-support/demo.ts';
import { CheckedRecipe } from '../model/index.ts';
import { readRecipes } from './readRecipe.ts';
import { toJsonLd, toText } from './write.ts';

/** Whatever comes in: an answer, every recipe valid, every note inside its text. */
function holds(input: string): void {
  const { recipes, faults } = readRecipes(input);
  expect(recipes.length + faults.length).toBeGreaterThan(0);
  for (const reading of recipes) {
    expect(v.is(CheckedRecipe, reading.recipe)).toBe(true);
    expect(reading.lines.map((line) => line.id)).toEqual(reading.recipe.lines.map((line) => line.id));
    expect(reading.steps.map((step) => step.id)).toEqual(reading.recipe.steps.map((step) => step.id));
    reading.steps.forEach((step, i) => {
      for (const note of step.notes)
        expect(reading.recipe.steps[i]!.text.slice(note.start, note.end).trim()).toBe(note.words.trim());
    });
    for (const finding of reading.findings) if (finding.fix) expect(v.is(CheckedRecipe, finding.fix.recipe)).toBe(true);
    for (const line of reading.lines)
      expect(line.amountSpan.start >= 0 && line.amountSpan.end <= line.text.length).toBe(true);
  }
}

test('any text at all', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 400 }), (text) => holds(text)),
    { numRuns: 150 },
  );
});

test('any JSON at all', () => {
  fc.assert(
    fc.property(fc.json({ maxDepth: 6 }), (text) => holds(text)),
    { numRuns: 150 },
  );
});

test('recipes with their lines torn out, doubled and shuffled', () => {
  const texts = demoRecipes.map(toText);
  fc.assert(
    fc.property(fc.constantFrom(...texts), fc.array(fc.nat(60), { minLength: 1, maxLength: 40 }), (text, picks) => {
      const rows = text.split('\n');
      holds(picks.map((pick) => rows[pick % rows.length]).join('\n'));
    }),
    { numRuns: 80 },
  );
});

test('figures no kitchen has, anywhere in a recipe', () => {
  const big = fc.oneof(
    fc.double({ min: 0, max: 1e15, noNaN: true }),
    fc.nat(1e9),
    fc.constantFrom('1/0', '0/0', '99999999/3', '1e400', '-5'),
  );
  fc.assert(
    fc.property(
      big,
      fc.constantFrom('g', 'kg', 'cups', 'tins', 'eggs', 'x 400 g tins', 'minutes', 'hours', '°C', '°F', ''),
      (figure, unit) =>
        holds(
          `Soup\n\nServes ${figure}\nMakes ${figure} rolls\n\nIngredients\n${figure} ${unit} flour\n\nMethod\nBake at ${figure} °C for ${figure} ${unit}, stirring every ${figure} minutes, until ${figure} °C inside. Keeps for ${figure} days.`,
        ),
    ),
    { numRuns: 150 },
  );
});

test('linked data with its values put in each other’s place', () => {
  const nodes = demoRecipes.map((recipe) => toJsonLd(recipe));
  const odd = fc.oneof(
    fc.constant(null),
    fc.string(),
    fc.double(),
    fc.array(fc.string(), { maxLength: 4 }),
    fc.record({ '@type': fc.constantFrom('HowToStep', 'HowToSection', 'Recipe', 'Thing'), text: fc.string() }),
  );
  fc.assert(
    fc.property(
      fc.constantFrom(...nodes),
      fc.dictionary(
        fc.constantFrom(
          'name',
          'recipeYield',
          'recipeIngredient',
          'recipeInstructions',
          'totalTime',
          'recipeCategory',
          'description',
        ),
        odd,
      ),
      (node, swapped) => holds(JSON.stringify({ ...node, ...swapped })),
    ),
    { numRuns: 80 },
  );
});
