import { id } from '../../test-support/id.ts';
import { demo } from '../../test-support/demo.ts';
import { oneBowl } from '../../test-support/dishwasher.ts';
import {
  basisOf,
  type Occasion,
  type Plan,
  type PlannedOven,
  type PlannedStep,
  type PlannedWash,
} from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { audit } from './audit.ts';
import { rulesOfAudit } from './finding.ts';

/** A small generator of its own, so that the audit's tests lean on nothing of the scheduler's. */
function dice(seed: number): (sides: number) => number {
  let state = seed;
  return (sides) => {
    state = (Math.imul(state, 1103515245) + 12345) >>> 0;
    return (state >>> 8) % sides;
  };
}

function planOf(occasion: Occasion): Plan {
  const result = makePlan(occasion, { seconds: 0.2 });
  if (result.kind === 'none') throw new Error(`${result.reason.what} ${result.reason.why}`);
  return result.plan;
}

/** Sunday lunch with a child who helps but touches no knife, and with two things fixed. */
function wished(): Occasion {
  const sunday = demo('sunday-lunch');
  const child = {
    ...sunday.kitchen.cooks[0]!,
    id: id('kim'),
    name: 'Kim',
    leaves: ['knives', 'heat', 'raw'] as const,
  };
  const starts = planOf(sunday)
    .tasks.filter((task) => task.kind === 'step' && fixed.has(task.id))
    .map((task) => ({ task: task.id, startsAtMin: task.startMin }));
  return {
    ...sunday,
    kitchen: {
      ...sunday.kitchen,
      cooks: [...sunday.kitchen.cooks, child as unknown as Occasion['kitchen']['cooks'][number]],
    },
    wishes: { ...sunday.wishes, pins: starts },
  };
}

const fixed = new Set(['crumble.as-written.rub', 'potatoes.as-written.cut']);
const plans = [demo('sunday-lunch'), demo('lantern-supper'), wished(), oneBowl({ cycleMin: 60, places: 4 })].map(
  (occasion): [Occasion, Plan] => [Object.freeze(occasion), planOf(occasion)],
);
let total = 0;

const loads = (plan: Plan) =>
  plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash' && task.machineUntilMin !== undefined);
const steps = (plan: Plan) => plan.tasks.filter((task): task is PlannedStep => task.kind === 'step');
/** Thrown where a plan has nothing of the kind that is to be broken. */
const nothing = new Error('nothing to break');
function pick<T>(list: readonly T[], roll: (sides: number) => number): T {
  if (list.length === 0) throw nothing;
  return list[roll(list.length)]!;
}
function broken(mutate: Mutation, plan: Plan, occasion: Occasion, roll: (sides: number) => number): boolean {
  try {
    return mutate(plan, occasion, roll);
  } catch (error) {
    if (error === nothing) return false;
    throw error;
  }
}

type Mutation = (plan: Plan, occasion: Occasion, roll: (sides: number) => number) => boolean;

/** Each breaks a rule for certain, or says that it found nothing to break. */
const mutations: Readonly<Record<string, Mutation>> = {
  'a step is lost': (plan, _, roll) => {
    const gone = pick(steps(plan), roll);
    plan.tasks = plan.tasks.filter((task) => task !== gone);
    return true;
  },
  'a wash is forgotten': (plan, _, roll) => {
    const washes = plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash');
    const gone = pick(washes, roll);
    plan.tasks = plan.tasks.filter((task) => task !== gone);
    return true;
  },
  'a wash comes too late': (plan, _, roll) => {
    const wash = pick(
      plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'),
      roll,
    );
    const length = wash.endMin - wash.startMin;
    wash.startMin = 300;
    wash.endMin = 300 + length;
    return true;
  },
  'a step is halved under its least time': (plan, _, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.endMin - each.startMin >= 8),
      roll,
    );
    step.endMin = step.startMin + 1;
    return true;
  },
  'a step comes after serving': (plan, _, roll) => {
    const step = pick(steps(plan), roll);
    step.startMin += 400;
    step.endMin += 400;
    return true;
  },
  'the cook is somebody else, who is busy': (plan, _, roll) => {
    const hands = steps(plan).filter((each) => each.cook);
    const step = pick(hands, roll);
    const other = hands.find(
      (each) => each !== step && each.cook !== step.cook && each.startMin < step.endMin && each.endMin > step.startMin,
    );
    if (!other) return false;
    step.cook = other.cook;
    return true;
  },
  'nobody does it': (plan, _, roll) => {
    delete pick(
      steps(plan).filter((each) => each.cook),
      roll,
    ).cook;
    return true;
  },
  'food changes its pan without being moved': (plan, occasion, roll) => {
    const holding = steps(plan).filter((each) =>
      occasion.recipes.some((recipe) =>
        recipe.steps.some(
          (one) =>
            one.id === each.step &&
            one.kit.some((use) => use.as) &&
            steps(plan).some(
              (two) => two !== each && two.batch === each.batch && two.units.some((unit) => each.units.includes(unit)),
            ),
        ),
      ),
    );
    const step = pick(holding, roll);
    const shared = step.units.findIndex((unit) =>
      steps(plan).some((two) => two !== step && two.batch === step.batch && two.units.includes(unit)),
    );
    const kind = occasion.kitchen.kit.find((unit) => unit.id === step.units[shared])!.kind;
    const recipe = occasion.recipes.find((each) =>
      each.steps.some((one) => one.id === step.step && one.kit[shared]?.as && one.kit[shared].kind === kind),
    );
    const other = occasion.kitchen.kit.find((unit) => unit.kind === kind && unit.id !== step.units[shared]);
    if (!recipe || !other) return false;
    step.units[shared] = other.id;
    return true;
  },
  'a piece of kit of another kind': (plan, occasion, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.units.length > 0),
      roll,
    );
    step.units[0] = occasion.kitchen.kit.find(
      (unit) => unit.kind !== occasion.kitchen.kit.find((one) => one.id === step.units[0])!.kind,
    )!.id;
    return true;
  },
  'the oven is cold': (plan) => {
    if (!plan.tasks.some((task) => task.kind === 'oven')) return false;
    plan.tasks = plan.tasks.filter((task) => task.kind !== 'oven');
    return true;
  },
  'the oven is 60 degrees too hot': (plan) => {
    if (!plan.tasks.some((task) => task.kind === 'oven')) return false;
    for (const task of plan.tasks) if (task.kind === 'oven') task.temperatureC += 60;
    return true;
  },
  'a load has no rack': (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.racks.length > 0),
      roll,
    ).racks = [];
    return true;
  },
  'nobody comes to look': (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.looks.length > 0),
      roll,
    ).looks = [];
    return true;
  },
  'a wash nobody has time for': (plan, _, roll) => {
    const wash = pick(
      plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'),
      roll,
    );
    wash.endMin = wash.startMin;
    return true;
  },
  'the plan is for another state of the occasion': (plan, _, roll) => {
    plan.basis = `${roll(9)}`.repeat(16);
    return true;
  },
  'a cook nobody knows': (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.cook),
      roll,
    ).cook = id('stranger');
    return true;
  },
  'kit nobody has': (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.units.length > 0),
      roll,
    ).units[0] = id('nothing');
    return true;
  },
  'an oven nobody has': (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.racks.length > 0),
      roll,
    ).oven = 3;
    return true;
  },
  'a step is done twice': (plan, _, roll) => {
    plan.tasks.push({ ...pick(steps(plan), roll), id: id('again') });
    return true;
  },
  'a step is done three hours before the cook comes in': (plan, occasion, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.cook),
      roll,
    );
    const first = Math.min(
      ...occasion.kitchen.cooks.find((cook) => cook.id === step.cook)!.windows.map((shift) => shift.fromMin),
    );
    const length = step.endMin - step.startMin;
    step.startMin = first - 180;
    step.endMin = step.startMin + length;
    return true;
  },
  'a step begins before what it follows has ended': (plan, occasion, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.racks.length === 0),
      roll,
    );
    const recipe = occasion.recipes.find(
      (each) =>
        each.id ===
        occasion.dishes.find((dish) => dish.id === plan.batches.find((batch) => batch.id === step.batch)!.dish)!.recipe,
    )!;
    const at = recipe.steps.findIndex((each) => each.id === step.step);
    const links = recipe.steps[at]?.after ?? (at > 0 ? [{ step: recipe.steps[at - 1]!.id }] : []);
    const before = steps(plan).find(
      (each) => each.batch === step.batch && links.some((link) => link.step === each.step),
    );
    if (!before) return false;
    const length = step.endMin - step.startMin;
    step.startMin = before.startMin;
    step.endMin = before.startMin + length;
    return before.endMin > step.startMin;
  },
  'two loads stand on one rack': (plan, _, roll) => {
    const loads = steps(plan).filter((each) => each.racks.length > 0);
    const one = pick(loads, roll);
    const other = loads.find(
      (each) => each !== one && each.oven === one.oven && each.startMin < one.endMin && each.endMin > one.startMin,
    );
    if (!other) return false;
    other.racks = [...one.racks];
    return true;
  },
  'what is baked is in a dish too small for it': (plan, occasion) => {
    const small = occasion.kitchen.kit.filter(
      (unit) => unit.vessel?.shape === 'rectangle' && unit.vessel.lengthCm <= 18,
    );
    const big = occasion.kitchen.kit.filter(
      (unit) => small.some((each) => each.kind === unit.kind) && !small.includes(unit),
    );
    const baking = steps(plan).find(
      (each) => each.racks.length > 0 && each.units.some((unit) => big.some((one) => one.id === unit)),
    );
    const from = baking?.units.find((unit) => big.some((one) => one.id === unit));
    if (!baking || from === undefined) return false;
    for (const each of steps(plan))
      if (each.batch === baking.batch) each.units = each.units.map((unit) => (unit === from ? small[0]!.id : unit));
    return true;
  },
  'the oven is opened on what would fall': (plan, occasion, roll) => {
    const shut = steps(plan).find(
      (each) =>
        each.racks.length > 0 &&
        occasion.recipes.some((recipe) =>
          recipe.steps.some(
            (one) =>
              one.id === each.step &&
              one.oven?.shutMin !== undefined &&
              plan.batches.some(
                (batch) =>
                  batch.id === each.batch &&
                  batch.dish === occasion.dishes.find((dish) => dish.recipe === recipe.id)?.id,
              ),
          ),
        ),
    );
    const others = steps(plan).filter((each) => each !== shut && each.racks.length > 0 && each.oven === shut?.oven);
    if (!shut || others.length === 0) return false;
    pick(others, roll).looks.push({
      look: id('beside'),
      startMin: shut.startMin + 1 + roll(20),
      endMin: shut.startMin + 30,
      cook: occasion.kitchen.cooks[0]!.id,
      what: 'a look',
    });
    return true;
  },
  'a rack that is not there': (plan, occasion, roll) => {
    pick(
      steps(plan).filter((each) => each.racks.length > 0),
      roll,
    ).racks = [occasion.kitchen.oven.racks];
    return true;
  },
  'the oven is not given time to get hot': (plan, _, roll) => {
    const oven = pick(
      plan.tasks.filter((task): task is PlannedOven => task.kind === 'oven' && task.endMin - task.startMin > 4),
      roll,
    );
    oven.startMin = oven.endMin - 1;
    return true;
  },
  'a bake bent further than a time can be guessed for': (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.racks.length > 0),
      roll,
    ).bentC = -45;
    return true;
  },
  'something baked hotter that is not baked': (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.racks.length === 0),
      roll,
    ).bentC = 10;
    return true;
  },
  'a way no recipe has': (plan, _, roll) => {
    pick(steps(plan), roll).way = id('otherwise');
    return true;
  },
  'two washes at one sink': (plan, _, roll) => {
    const washes = plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash');
    const one = pick(washes, roll);
    plan.tasks.push({ ...structuredClone(one), id: id('wash-again') });
    return true;
  },
  'the dishwasher is stopped before it has finished': (plan, _, roll) => {
    const load = pick(loads(plan), roll);
    load.machineUntilMin = load.endMin + 1 + roll(20);
    return true;
  },
  'two loads in one dishwasher at once': (plan, _, roll) => {
    const load = pick(loads(plan), roll);
    plan.tasks.push({
      ...structuredClone(load),
      id: id('wash-beside'),
      units: [],
      startMin: load.endMin + 1 + roll(10),
      endMin: load.endMin + 15,
      machineUntilMin: load.endMin + 60,
    });
    return true;
  },
  'what must be washed by hand is in the dishwasher': (plan, occasion, roll) => {
    const load = pick(loads(plan), roll);
    load.units.push(
      pick(
        occasion.kitchen.kit.filter((unit) => unit.kind === 'knife' || unit.material === 'wood'),
        roll,
      ).id,
    );
    return true;
  },
  'a dishwasher nobody has': (plan, occasion, roll) => {
    if (occasion.kitchen.dishwasher) return false;
    const wash = pick(
      plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'),
      roll,
    );
    wash.machineUntilMin = wash.endMin + 60;
    return true;
  },
  'a wash with nobody to do it': (plan, _, roll) => {
    pick(
      plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'),
      roll,
    ).cook = id('stranger');
    return true;
  },
  'what was fixed is moved': (plan, occasion, roll) => {
    const step = pick(
      steps(plan).filter((each) =>
        occasion.wishes.pins.some((pin) => pin.task === each.id && pin.startsAtMin !== undefined),
      ),
      roll,
    );
    step.startMin -= 3;
    step.endMin -= 3;
    return true;
  },
  'somebody does what they leave to others': (plan, occasion, roll) => {
    const able = occasion.kitchen.cooks.find((cook) => cook.leaves.includes('knives'));
    if (!able) return false;
    pick(
      steps(plan).filter((each) => each.cook && each.units.some((unit) => unit.startsWith('knife'))),
      roll,
    ).cook = able.id;
    return true;
  },
};

test.each(Object.entries(mutations))('%s: found in every mutant', (_, mutate) => {
  let planted = 0;
  for (const [occasion, plan] of plans) {
    expect(plan.basis).toBe(basisOf(occasion));
    for (let seed = 1; seed <= 32; seed++) {
      const mutant = structuredClone(plan);
      if (!broken(mutate, mutant, occasion, dice(seed * 7919))) continue;
      planted++;
      expect(audit(occasion, mutant).passed).toBe(false);
    }
  }
  expect(planted).toBeGreaterThan(3);
  total += planted;
});

test('they were two thousand and more, and every rule has its own sentence', () => {
  expect(total).toBeGreaterThanOrEqual(2000);
  expect(new Set(Object.values(rulesOfAudit)).size).toBe(Object.keys(rulesOfAudit).length);
});
