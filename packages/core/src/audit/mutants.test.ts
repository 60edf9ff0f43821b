import { demo } from '../../test-support/demo.ts';
import { basisOf, type Occasion, type Plan, type PlannedStep, type PlannedWash } from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { audit } from './audit.ts';

/** A small generator of its own, so that the audit's tests lean on nothing of the scheduler's. */
function dice(seed: number): (sides: number) => number {
  let state = seed;
  return (sides) => {
    state = (Math.imul(state, 1103515245) + 12345) >>> 0;
    return (state >>> 8) % sides;
  };
}

const plans = (['sunday-lunch', 'lantern-supper'] as const).map((name): [Occasion, Plan] => {
  const occasion = demo(name);
  const result = makePlan(occasion, { seconds: 0.2 });
  if (result.kind === 'none') throw new Error(name);
  return [occasion, result.plan];
});

const steps = (plan: Plan) => plan.tasks.filter((task): task is PlannedStep => task.kind === 'step');
const pick = <T,>(list: readonly T[], roll: (sides: number) => number): T => list[roll(list.length)]!;

type Mutation = (plan: Plan, occasion: Occasion, roll: (sides: number) => number) => boolean;

/** Each breaks a rule for certain, or says that it found nothing to break. */
const mutations: Readonly<Record<string, Mutation>> = {
  'a step is lost': (plan, _, roll) => { const gone = pick(steps(plan), roll); plan.tasks = plan.tasks.filter((task) => task !== gone); return true; },
  'a wash is forgotten': (plan, _, roll) => { const washes = plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'); const gone = pick(washes, roll); plan.tasks = plan.tasks.filter((task) => task !== gone); return true; },
  'a wash comes too late': (plan, _, roll) => { const wash = pick(plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'), roll); const length = wash.endMin - wash.startMin; wash.startMin = 300; wash.endMin = 300 + length; return true; },
  'a step is halved under its least time': (plan, _, roll) => { const step = pick(steps(plan).filter((each) => each.endMin - each.startMin >= 8), roll); step.endMin = step.startMin + 1; return true; },
  'a step comes after serving': (plan, _, roll) => { const step = pick(steps(plan), roll); step.startMin += 400; step.endMin += 400; return true; },
  'the cook is somebody else, who is busy': (plan, _, roll) => {
    const hands = steps(plan).filter((each) => each.cook);
    const step = pick(hands, roll);
    const other = hands.find((each) => each !== step && each.cook !== step.cook && each.startMin < step.endMin && each.endMin > step.startMin);
    if (!other) return false;
    step.cook = other.cook;
    return true;
  },
  'nobody does it': (plan, _, roll) => { delete pick(steps(plan).filter((each) => each.cook), roll).cook; return true; },
  'food changes its pan without being moved': (plan, occasion, roll) => {
    const holding = steps(plan).filter((each) => occasion.recipes.some((recipe) => recipe.steps.some((one) => one.id === each.step && one.kit.some((use) => use.as) && steps(plan).some((two) => two !== each && two.batch === each.batch && two.units.some((unit) => each.units.includes(unit))))));
    const step = pick(holding, roll);
    const shared = step.units.findIndex((unit) => steps(plan).some((two) => two !== step && two.batch === step.batch && two.units.includes(unit)));
    const kind = occasion.kitchen.kit.find((unit) => unit.id === step.units[shared])!.kind;
    const recipe = occasion.recipes.find((each) => each.steps.some((one) => one.id === step.step && one.kit[shared]?.as && one.kit[shared].kind === kind));
    const other = occasion.kitchen.kit.find((unit) => unit.kind === kind && unit.id !== step.units[shared]);
    if (!recipe || !other) return false;
    step.units[shared] = other.id;
    return true;
  },
  'a piece of kit of another kind': (plan, occasion, roll) => { const step = pick(steps(plan).filter((each) => each.units.length > 0), roll); step.units[0] = occasion.kitchen.kit.find((unit) => unit.kind !== occasion.kitchen.kit.find((one) => one.id === step.units[0])!.kind)!.id; return true; },
  'the oven is cold': (plan) => { plan.tasks = plan.tasks.filter((task) => task.kind !== 'oven'); return true; },
  'the oven is 60 degrees too hot': (plan) => { for (const task of plan.tasks) if (task.kind === 'oven') task.temperatureC += 60; return true; },
  'a load has no rack': (plan, _, roll) => { pick(steps(plan).filter((each) => each.racks.length > 0), roll).racks = []; return true; },
  'nobody comes to look': (plan, _, roll) => { pick(steps(plan).filter((each) => each.attention.length > 0), roll).attention = []; return true; },
  'a wash nobody has time for': (plan, _, roll) => { const wash = pick(plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'), roll); wash.endMin = wash.startMin; return true; },
};

test.each(Object.entries(mutations))('%s: found in every mutant', (_, mutate) => {
  let planted = 0;
  for (const [occasion, plan] of plans) {
    expect(plan.basis).toBe(basisOf(occasion));
    for (let seed = 1; seed <= 12; seed++) {
      const mutant = structuredClone(plan);
      if (!mutate(mutant, occasion, dice(seed * 7919))) continue;
      planted++;
      expect(audit(occasion, mutant).passed).toBe(false);
    }
  }
  expect(planted).toBeGreaterThan(3);
});
