import { id } from '../../test-support/id.ts';
import { demo } from '../../test-support/demo.ts';
import { oneSieve } from '../../test-support/dishwasher.ts';
import {
  basisOf,
  type Occasion,
  type Plan,
  type PlannedOven,
  type PlannedStep,
  type PlannedWash,
} from '../model/index.ts';
import { planned } from '../../test-support/planned.ts';
import { audit } from './audit.ts';
import { rulesOfAudit, type FindingCode } from './finding.ts';

/** A small generator of its own, so that the audit's tests lean on nothing of the scheduler's. */
function dice(seed: number): (sides: number) => number {
  let state = seed;
  return (sides) => {
    state = (Math.imul(state, 1103515245) + 12345) >>> 0;
    return (state >>> 8) % sides;
  };
}

function planOf(occasion: Occasion): Plan {
  return planned(occasion);
}

/** Sunday lunch with a child who helps but touches no knife, an old board, and two things fixed. */
function wished(): Occasion {
  const sunday = demo('sunday-lunch');
  const child = {
    ...sunday.kitchen.cooks[0]!,
    id: id('kim'),
    name: 'Kim',
    leaves: ['knives', 'heat', 'raw', 'washing-up'] as const,
  };
  const starts = planOf(sunday)
    .tasks.filter((task) => task.kind === 'step' && fixed.has(task.id))
    .map((task) => ({ task: task.id, startsAtMin: task.startMin }));
  const board = sunday.kitchen.kit.find((unit) => unit.kind === 'board')!;
  return {
    ...sunday,
    kitchen: {
      ...sunday.kitchen,
      kit: [...sunday.kitchen.kit, { ...board, id: id('board-old'), name: 'The old board', material: 'wood' }],
      cooks: [...sunday.kitchen.cooks, child as unknown as Occasion['kitchen']['cooks'][number]],
    },
    wishes: { ...sunday.wishes, pins: starts },
  };
}

const fixed = new Set(['crumble.as-written.rub', 'potatoes.as-written.cut']);
const plans = [demo('sunday-lunch'), demo('lantern-supper'), wished(), oneSieve({ cycleMin: 60, places: 4 })].map(
  (occasion): [Occasion, Plan] => [Object.freeze(occasion), planOf(occasion)],
);
/** Mutation testing runs all of them for each of its own mutants, and is content with a few. */
const seeds = process.env['LUPIN_MUTATION'] ? 3 : 16;

const loads = (plan: Plan) =>
  plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash' && task.machineUntilMin !== undefined);
const steps = (plan: Plan) => plan.tasks.filter((task): task is PlannedStep => task.kind === 'step' && !task.rest);
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

/** A mutation, and the codes of which it must raise one: nothing else that the audit says of it stands in for them. */
interface Mutant {
  readonly codes: readonly FindingCode[];
  readonly mutate: Mutation;
}
const raising = (...given: readonly [...FindingCode[], Mutation]): Mutant => ({
  codes: given.slice(0, -1) as FindingCode[],
  mutate: given.at(-1) as Mutation,
});

/** Each breaks a rule for certain, or says that it found nothing to break. */
const mutations: Readonly<Record<string, Mutant>> = {
  'a step is lost': raising('missing-step', (plan, _, roll) => {
    const gone = pick(steps(plan), roll);
    plan.tasks = plan.tasks.filter((task) => task !== gone);
    return true;
  }),
  'a wash is forgotten': raising('crossing', 'raw-crossing', 'kept-free', 'oven-drip', (plan, _, roll) => {
    const washes = plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash');
    const gone = pick(washes, roll);
    plan.tasks = plan.tasks.filter((task) => task !== gone);
    return true;
  }),
  'a wash comes too late': raising(
    'crossing',
    'raw-crossing',
    'kept-free',
    'oven-drip',
    'cook-away',
    (plan, _, roll) => {
      const wash = pick(
        plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'),
        roll,
      );
      const length = wash.endMin - wash.startMin;
      wash.startMin = 300;
      wash.endMin = 300 + length;
      return true;
    },
  ),
  'a step is halved under its least time': raising('too-short', (plan, _, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.endMin - each.startMin >= 8),
      roll,
    );
    step.endMin = step.startMin + 1;
    return true;
  }),
  'a step comes after serving': raising('late', 'order', (plan, _, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.startMin > -300),
      roll,
    );
    step.startMin += 400;
    step.endMin += 400;
    return true;
  }),
  'the cook is somebody else, who is busy': raising('cook-twice', (plan, _, roll) => {
    const hands = steps(plan).filter((each) => each.cook);
    const step = pick(hands, roll);
    const other = hands.find(
      (each) => each !== step && each.cook !== step.cook && each.startMin < step.endMin && each.endMin > step.startMin,
    );
    if (!other) return false;
    step.cook = other.cook;
    return true;
  }),
  'nobody does it': raising('cook-missing', (plan, _, roll) => {
    delete pick(
      steps(plan).filter((each) => each.cook),
      roll,
    ).cook;
    return true;
  }),
  'food changes its pan without being moved': raising('kit', (plan, occasion, roll) => {
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
  }),
  'a piece of kit of another kind': raising('kit', (plan, occasion, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.units.length > 0),
      roll,
    );
    step.units[0] = occasion.kitchen.kit.find(
      (unit) => unit.kind !== occasion.kitchen.kit.find((one) => one.id === step.units[0])!.kind,
    )!.id;
    return true;
  }),
  'the oven is cold': raising('oven-temperature', (plan) => {
    if (!plan.tasks.some((task) => task.kind === 'oven')) return false;
    plan.tasks = plan.tasks.filter((task) => task.kind !== 'oven');
    return true;
  }),
  'the oven is 60 degrees too hot': raising('oven-temperature', (plan) => {
    if (!plan.tasks.some((task) => task.kind === 'oven')) return false;
    for (const task of plan.tasks) if (task.kind === 'oven') task.temperatureC += 60;
    return true;
  }),
  'a load has no rack': raising('oven-room', (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.racks.length > 0),
      roll,
    ).racks = [];
    return true;
  }),
  'nobody comes to look': raising('look', (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.looks.length > 0),
      roll,
    ).looks = [];
    return true;
  }),
  'a wash nobody has time for': raising('wash-too-short', (plan, _, roll) => {
    const wash = pick(
      plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'),
      roll,
    );
    wash.endMin = wash.startMin;
    return true;
  }),
  'the plan is for another state of the occasion': raising('stale', (plan, _, roll) => {
    plan.basis = `${roll(9)}`.repeat(16);
    return true;
  }),
  'a cook nobody knows': raising('unknown-name', (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.cook),
      roll,
    ).cook = id('stranger');
    return true;
  }),
  'kit nobody has': raising('unknown-name', (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.units.length > 0),
      roll,
    ).units[0] = id('nothing');
    return true;
  }),
  'an oven nobody has': raising('unknown-name', (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.racks.length > 0),
      roll,
    ).oven = 3;
    return true;
  }),
  'a step is done twice': raising('missing-step', (plan, _, roll) => {
    plan.tasks.push({ ...pick(steps(plan), roll), id: id('again') });
    return true;
  }),
  'a step is done three hours before the cook comes in': raising('cook-away', (plan, occasion, roll) => {
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
  }),
  'a step begins before what it follows has ended': raising('order', (plan, occasion, roll) => {
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
  }),
  'two loads stand on one rack': raising('oven-room', (plan, _, roll) => {
    const loads = steps(plan).filter((each) => each.racks.length > 0);
    const one = pick(loads, roll);
    const other = loads.find(
      (each) => each !== one && each.oven === one.oven && each.startMin < one.endMin && each.endMin > one.startMin,
    );
    if (!other) return false;
    other.racks = [...one.racks];
    return true;
  }),
  'what is baked is in a dish too small for it': raising('vessel', (plan, occasion) => {
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
  }),
  'the oven is opened on what would fall': raising('oven-door', (plan, occasion, roll) => {
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
  }),
  'a rack that is not there': raising('oven-room', (plan, occasion, roll) => {
    pick(
      steps(plan).filter((each) => each.racks.length > 0),
      roll,
    ).racks = [occasion.kitchen.oven.racks];
    return true;
  }),
  'the oven is not given time to get hot': raising('oven-temperature', (plan, _, roll) => {
    const oven = pick(
      plan.tasks.filter((task): task is PlannedOven => task.kind === 'oven' && task.endMin - task.startMin > 4),
      roll,
    );
    oven.startMin = oven.endMin - 1;
    return true;
  }),
  'a bake bent further than a time can be guessed for': raising('way', (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.racks.length > 0),
      roll,
    ).bentC = -45;
    return true;
  }),
  'something baked hotter that is not baked': raising('way', (plan, _, roll) => {
    pick(
      steps(plan).filter((each) => each.racks.length === 0),
      roll,
    ).bentC = 10;
    return true;
  }),
  'a way no recipe has': raising('unknown-name', (plan, _, roll) => {
    pick(steps(plan), roll).way = id('otherwise');
    return true;
  }),
  'two washes at one sink': raising('sink', (plan, _, roll) => {
    const washes = plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash');
    const one = pick(washes, roll);
    plan.tasks.push({ ...structuredClone(one), id: id('wash-again') });
    return true;
  }),
  'the dishwasher is stopped before it has finished': raising('dishwasher', (plan, _, roll) => {
    const load = pick(loads(plan), roll);
    load.machineUntilMin = load.endMin + 1 + roll(20);
    return true;
  }),
  'two loads in one dishwasher at once': raising('dishwasher', (plan, _, roll) => {
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
  }),
  'what must be washed by hand is in the dishwasher': raising('dishwasher', (plan, occasion, roll) => {
    const load = pick(loads(plan), roll);
    load.units.push(
      pick(
        occasion.kitchen.kit.filter((unit) => unit.kind === 'knife' || unit.material === 'wood'),
        roll,
      ).id,
    );
    return true;
  }),
  'a dishwasher nobody has': raising('dishwasher', (plan, occasion, roll) => {
    if (occasion.kitchen.dishwasher) return false;
    const wash = pick(
      plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'),
      roll,
    );
    wash.machineUntilMin = wash.endMin + 60;
    return true;
  }),
  'a wash with nobody to do it': raising('unknown-name', (plan, _, roll) => {
    pick(
      plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'),
      roll,
    ).cook = id('stranger');
    return true;
  }),
  'what was fixed is moved': raising('pin', (plan, occasion, roll) => {
    const step = pick(
      steps(plan).filter((each) =>
        occasion.wishes.pins.some((pin) => pin.task === each.id && pin.startsAtMin !== undefined),
      ),
      roll,
    );
    step.startMin -= 3;
    step.endMin -= 3;
    return true;
  }),
  'somebody does what they leave to others': raising('chore', (plan, occasion, roll) => {
    const able = occasion.kitchen.cooks.find((cook) => cook.leaves.includes('knives'));
    if (!able) return false;
    pick(
      steps(plan).filter((each) => each.cook && each.units.some((unit) => unit.startsWith('knife'))),
      roll,
    ).cook = able.id;
    return true;
  }),
  'both looks come in the first minutes': raising('look-time', (plan, _, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.looks.length > 2 && each.endMin - each.startMin > 20),
      roll,
    );
    step.looks = step.looks.map((look, at) =>
      at === 0 || at === step.looks.length - 1
        ? look
        : { ...look, startMin: step.startMin + at, endMin: step.startMin + at + look.endMin - look.startMin },
    );
    return true;
  }),
  'nobody puts it in': raising('look', (plan, _, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.looks.length > 0),
      roll,
    );
    step.looks = step.looks.filter(({ look }) => look !== 'start');
    return true;
  }),
  'nobody takes it out, or off the heat': raising('look', (plan, _, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.looks.some(({ look }) => look === 'end')),
      roll,
    );
    step.looks = step.looks.filter(({ look }) => look !== 'end');
    return true;
  }),
  'it is taken out long before its end': raising('look-time', (plan, _, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.looks.some(({ look }) => look === 'end') && each.endMin - each.startMin > 10),
      roll,
    );
    step.looks = step.looks.map((look) =>
      look.look === 'end' ? { ...look, startMin: look.startMin - 8, endMin: look.endMin - 8 } : look,
    );
    return true;
  }),
  'one look stands for two': raising('look', (plan, _, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.looks.length > 2),
      roll,
    );
    step.looks[1] = { ...step.looks[1]!, look: step.looks[2]!.look };
    return true;
  }),
  'a look takes no time': raising('look-time', (plan, _, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.looks.length > 0),
      roll,
    );
    const look = pick(step.looks, roll);
    look.endMin = look.startMin;
    return true;
  }),
  'a look is by somebody nobody knows': raising('unknown-name', (plan, _, roll) => {
    pick(
      pick(
        steps(plan).filter((each) => each.looks.length > 0),
        roll,
      ).looks,
      roll,
    ).cook = id('stranger');
    return true;
  }),
  'the oven goes off an hour between two heats': raising('oven-temperature', (plan, _, roll) => {
    const ovens = plan.tasks.filter((task): task is PlannedOven => task.kind === 'oven');
    const second = pick(
      ovens.filter((each) => ovens.some((other) => other.oven === each.oven && other.endMin < each.startMin)),
      roll,
    );
    const first = ovens.filter((each) => each.oven === second.oven && each.endMin < second.startMin).at(-1)!;
    first.untilMin = second.startMin - 60;
    return Math.abs(second.endMin - second.startMin) < 8 && second.temperatureC > 150;
  }),
  'somebody is away for a moment': raising('cook-away', (plan, occasion, roll) => {
    const step = pick(
      steps(plan).filter((each) => each.cook),
      roll,
    );
    const windows = occasion.kitchen.cooks.find((cook) => cook.id === step.cook)!.windows;
    step.endMin = Math.max(...windows.map((each) => each.toMin)) + 1;
    return true;
  }),
  "a wash beyond its pieces' names": raising('unknown-name', (plan, _, roll) => {
    pick(
      plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash'),
      roll,
    ).units.push(id('nothing'));
    return true;
  }),
  'somebody washes up who leaves that to others': raising('chore', (plan, occasion, roll) => {
    const leaves = occasion.kitchen.cooks.find((cook) => cook.leaves.includes('washing-up'));
    if (!leaves) return false;
    const startMin = -20 - 5 * roll(40);
    const unit = pick(occasion.kitchen.kit, roll);
    plan.tasks.push({
      kind: 'wash',
      id: id('wash-99'),
      startMin,
      endMin: startMin + unit.washMin + 1,
      cook: leaves.id,
      units: [unit.id],
      hands: true,
      because: [],
    });
    return true;
  }),
  'wood is washed': raising('wash-in-vain', (plan, occasion, roll) => {
    const wash = pick(
      plan.tasks.filter((task): task is PlannedWash => task.kind === 'wash' && task.machineUntilMin === undefined),
      roll,
    );
    wash.units.push(
      pick(
        occasion.kitchen.kit.filter((unit) => unit.material === 'wood'),
        roll,
      ).id,
    );
    return true;
  }),
};

const planted = new Map<string, number>();

test.each(Object.entries(mutations))('%s: found in every mutant', (name, { codes, mutate }) => {
  let found = 0;
  for (const [occasion, plan] of plans) {
    expect(plan.basis).toBe(basisOf(occasion));
    for (let seed = 1; seed <= seeds; seed++) {
      const mutant = structuredClone(plan);
      if (!broken(mutate, mutant, occasion, dice(seed * 7919))) continue;
      found++;
      const report = audit(occasion, mutant);
      expect(report.passed).toBe(false);
      const raised = new Set(report.findings.map((finding) => finding.code));
      if (!codes.some((code) => raised.has(code)))
        throw new Error(`${name}, seed ${seed}: ${[...raised].join(', ')} instead of ${codes.join(' or ')}`);
    }
  }
  if (seeds === 16) expect(found).toBeGreaterThan(3);
  planted.set(name, found);
});

test('they were two thousand and more, and every rule has its own sentence', () => {
  const names = Object.keys(mutations);
  // Run alone, this asks for nothing.
  if (seeds === 16 && planted.size === names.length)
    expect([...planted.values()].reduce((sum, count) => sum + count, 0)).toBeGreaterThanOrEqual(2000);
  expect(new Set(Object.values(rulesOfAudit)).size).toBe(Object.keys(rulesOfAudit).length);
});
