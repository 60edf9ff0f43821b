import { alone } from '../../test-support/alone.ts';
import { readRecipes } from '../recipes/index.ts';
import type { PlannedStep } from '../model/index.ts';
import { auditedPlanning, toEnd } from './index.ts';

const squid = `Chilli salt squid
Serves 4

Ingredients
600 g squid, cleaned
100 g cornflour
1 tbsp sea salt
1 tsp chilli flakes
500 ml sunflower oil
1 lime

Method
Toast the salt and chilli flakes in a dry frying pan for 2 minutes.
Toss the squid with the cornflour and half the spiced salt in a large bowl.
Fry the squid in the oil in a deep pan for 3 minutes until cooked through.
Sprinkle with the remaining spiced salt and serve at once with the lime.`;

test('a share that goes to raw food is taken out first: the rest is not in use meanwhile, and comes to the table', () => {
  const [reading] = readRecipes(squid).recipes;
  const result = toEnd(auditedPlanning(alone(reading!.recipe), { seconds: 0.05, firstSeconds: 3 }));
  expect(result.kind).toBe('plan');
  if (result.kind !== 'plan') return;
  const steps = result.plan.tasks.filter((task): task is PlannedStep => task.kind === 'step');
  const [toasted, tossed] = ['toast', 'toss'].map((word) => steps.find(({ id }) => id.includes(`.${word}`))!);
  const pan = toasted!.units.find((unit) => unit.includes('pan'));
  expect(pan).toBeDefined();
  expect(tossed!.units).not.toContain(pan);
});
