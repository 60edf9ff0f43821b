import { id } from '../../test-support/id.ts';
import { demo } from '../../test-support/demo.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import {
  movedTo,
  type Occasion,
  type Plan,
  type PlannedOven,
  type PlannedStep,
  type PlannedWash,
} from '../model/index.ts';
import { makePlan } from '../plan/index.ts';
import { planned } from '../../test-support/planned.ts';
import { audit } from './audit.ts';
import { rulesOfAudit, type FindingCode } from './finding.ts';

const planOf = (one: Occasion): Plan => planned(one);

const lantern = demo('lantern-supper');
const lanternPlan = planOf(lantern);
const sunday = demo('sunday-lunch');
const sundayPlan = planOf(sunday);

/** A copy of a plan with one thing changed. */
function changed(plan: Plan, change: (copy: Plan, stepOf: (id: string) => PlannedStep) => void): Plan {
  const copy = structuredClone(plan);
  change(copy, (id) => {
    const found = copy.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.id === id);
    if (!found) throw new Error(`No step ${id}`);
    return found;
  });
  return copy;
}

const codes = (one: Occasion, plan: Plan): FindingCode[] => [
  ...new Set(audit(one, plan).findings.map((finding) => finding.code)),
];

test('the plans of both demo occasions pass, with everything counted', () => {
  for (const [one, plan] of [
    [lantern, lanternPlan],
    [sunday, sundayPlan],
  ] as const) {
    const report = audit(one, plan);
    expect(report.findings).toEqual([]);
    expect(report.passed).toBe(true);
    expect(report.checked.steps).toBe(plan.tasks.filter((task) => task.kind === 'step' && !task.rest).length);
    expect(report.checked.rules).toHaveLength(Object.keys(rulesOfAudit).length);
  }
});

describe('planted violations, one at a time in a valid plan', () => {
  const plant: readonly [string, FindingCode, (copy: Plan, stepOf: (id: string) => PlannedStep) => void][] = [
    [
      'a step left out',
      'missing-step',
      (copy) => {
        copy.tasks = copy.tasks.filter((task) => task.id !== 'chicken.as-written.carve');
      },
    ],
    [
      'a step done twice',
      'missing-step',
      (copy, stepOf) => {
        copy.tasks.push({ ...stepOf('crumble.as-written.rub'), id: id('again') });
      },
    ],
    [
      'a roast cut short',
      'too-short',
      (_, stepOf) => {
        const roast = stepOf('chicken.as-written.roast');
        roast.startMin = roast.endMin - 30;
      },
    ],
    [
      'gravy before the roast is out',
      'order',
      (_, stepOf) => {
        const gravy = stepOf('chicken.as-written.gravy');
        const length = gravy.endMin - gravy.startMin;
        gravy.startMin = stepOf('chicken.as-written.roast').startMin;
        gravy.endMin = gravy.startMin + length;
      },
    ],
    [
      'beans tossed long after they were boiled',
      'waits-too-long',
      (_, stepOf) => {
        const boil = stepOf('beans.as-written.boil');
        boil.startMin -= 90;
        boil.endMin -= 90;
      },
    ],
    [
      'potatoes ready after serving',
      'late',
      (_, stepOf) => {
        const roast = stepOf('potatoes.as-written.roast');
        roast.startMin += 60;
        roast.endMin += 60;
      },
    ],
    [
      'potatoes standing for an hour',
      'stands-too-long',
      (_, stepOf) => {
        const roast = stepOf('potatoes.as-written.roast');
        roast.startMin -= 60;
        roast.endMin -= 60;
      },
    ],
    [
      'a board swapped for a knife',
      'kit',
      (_, stepOf) => {
        stepOf('potatoes.as-written.cut').units[0] = id('knife-1');
      },
    ],
    [
      'the cook in two places',
      'cook-twice',
      (_, stepOf) => {
        const carve = stepOf('chicken.as-written.carve');
        const gravy = stepOf('chicken.as-written.gravy');
        const length = carve.endMin - carve.startMin;
        carve.startMin = gravy.startMin;
        carve.endMin = gravy.startMin + length;
      },
    ],
    [
      'the cook called in from the garden',
      'cook-away',
      (_, stepOf) => {
        const top = stepOf('beans.as-written.top');
        top.startMin = -900;
        top.endMin = -890;
      },
    ],
    [
      'nobody to carve',
      'cook-missing',
      (_, stepOf) => {
        delete stepOf('chicken.as-written.carve').cook;
      },
    ],
    [
      'nobody to turn the potatoes',
      'look',
      (_, stepOf) => {
        const roast = stepOf('potatoes.as-written.roast');
        roast.looks = roast.looks.filter((point) => !/turn/.test(point.what));
      },
    ],
    [
      'an oven set too low',
      'oven-temperature',
      (copy) => {
        copy.tasks
          .filter((task): task is PlannedOven => task.kind === 'oven')
          .forEach((oven) => {
            oven.temperatureC = 140;
          });
      },
    ],
    [
      'an oven that was never preheated',
      'oven-temperature',
      (copy) => {
        const oven = copy.tasks.find((task): task is PlannedOven => task.kind === 'oven')!;
        oven.startMin = oven.endMin;
      },
    ],
    [
      'two loads on one rack',
      'oven-room',
      (_, stepOf) => {
        stepOf('potatoes.as-written.roast').racks = [...stepOf('chicken.as-written.roast').racks];
      },
    ],
    [
      'a wash of no time',
      'wash-too-short',
      (copy) => {
        const wash = copy.tasks.find((task): task is PlannedWash => task.kind === 'wash')!;
        wash.endMin = wash.startMin;
      },
    ],
    [
      'raw poultry not washed off',
      'raw-crossing',
      (copy) => {
        copy.tasks = copy.tasks.filter((task) => task.kind !== 'wash');
      },
    ],
    [
      'a cook nobody knows',
      'unknown-name',
      (_, stepOf) => {
        stepOf('chicken.as-written.carve').cook = id('stranger');
      },
    ],
    [
      'a plan for another evening',
      'stale',
      (copy) => {
        copy.basis = '0'.repeat(16);
      },
    ],
  ];

  test.each(plant)('%s', (_, code, change) => {
    expect(codes(sunday, changed(sundayPlan, change))).toContain(code);
  });

  test('what a wash says is on a thing is on it, as the audit follows it', () => {
    const report = audit(lantern, lanternPlan);
    for (const wash of lanternPlan.tasks.filter((task): task is PlannedWash => task.kind === 'wash')) {
      for (const why of wash.because) {
        const states = report.surfaces.get(why.unit === 'hands' ? `hands:${wash.cook}` : why.unit) ?? [];
        const there = states.filter((state) => state.fromMin < wash.endMin).at(-1)?.marks ?? [];
        for (const mark of why.hazards) expect(there).toContain(mark);
      }
    }
  });

  test('every wash of the plan is needed: without any one of them something crosses', () => {
    for (const wash of lanternPlan.tasks.filter((task): task is PlannedWash => task.kind === 'wash')) {
      const without = { ...lanternPlan, tasks: lanternPlan.tasks.filter((task) => task !== wash) };
      expect(codes(lantern, without)).not.toEqual([]);
    }
  });
});

describe('crossings', () => {
  const board = unit('board-1', 'board', 'plastic');
  const bread = recipe(
    'bread',
    [line('flour', 'breadcrumbs')],
    [step('crumb', { uses: ['flour'], kit: [{ kind: 'board' }] })],
  );
  const plums = recipe(
    'plums',
    [line('plums', 'plum')],
    [step('stone', { uses: ['plums'], kit: [{ kind: 'board' }] })],
  );
  const table = occasion({
    guests: [guest('ana'), guest('oriel', noTrace('gluten'))],
    recipes: [bread, plums],
    dishes: [dish('bread'), dish('plums')],
    kit: [board],
  });
  const good = planOf(table);

  test('what is free from wheat is cut first, or after a wash', () => {
    const [crumb, stone] = ['bread.plain.crumb', 'plums.plain.stone'].map((id) =>
      good.tasks.find((task) => task.id === id)!,
    );
    const washed = good.tasks.some(
      (task) => task.kind === 'wash' && task.startMin >= crumb!.endMin && task.endMin <= stone!.startMin,
    );
    expect(stone!.endMin <= crumb!.startMin || washed).toBe(true);
    expect(audit(table, good).findings).toEqual([]);
  });

  test('the other way round without a wash, wheat reaches Oriel, in a sentence that names board, dish and guest', () => {
    const swapped = changed(good, (copy, stepOf) => {
      copy.tasks = copy.tasks.filter((task) => task.kind !== 'wash');
      Object.assign(stepOf('bread.plain.crumb'), { startMin: -20, endMin: -15 });
      Object.assign(stepOf('plums.plain.stone'), { startMin: -10, endMin: -5 });
    });
    const finding = audit(table, swapped).findings.find(
      (each) => each.code === 'crossing' && /board-1/.test(each.message),
    )!;
    expect(finding.message).toMatch(/board-1: wheat.*crumb.*reach.*stone.*oriel/);
    expect(finding.guests).toEqual(['oriel']);
  });

  test('a wooden board is no board for a no-trace guest, washed or not', () => {
    const wooden = {
      ...table,
      kitchen: { ...table.kitchen, kit: table.kitchen.kit.map((each) => ({ ...each, material: 'wood' as const })) },
    };
    const plan = { ...good, basis: planBasis(wooden) };
    expect(codes(wooden, plan)).toContain('unclean-past');
    expect(makePlan(wooden, { seconds: 0.05 })).toMatchObject({ kind: 'none' });
  });

  test('wood kept free from nuts is for nobody who must be free from gluten', () => {
    const keptFrom = (hazard: string): Occasion => ({
      ...table,
      kitchen: {
        ...table.kitchen,
        kit: table.kitchen.kit.map((each) => ({ ...each, material: 'wood', keptFreeOf: [id<never>(hazard)] })),
      },
    });
    const onIt = (one: Occasion) => {
      const plan = changed(good, (copy) => {
        copy.tasks = copy.tasks.filter((task) => task.id === 'plums.plain.stone');
      });
      return codes(one, { ...plan, basis: planBasis(one) });
    };
    expect(onIt(keptFrom('tree-nut'))).toContain('unclean-past');
    expect(onIt(keptFrom('gluten'))).not.toContain('unclean-past');
  });

  test.each([
    ['pork', 'bacon'],
    ['honey', 'syrup'],
    ['meat', 'mince'],
  ])('no trace of %s is an allergen’s equal: it is kept off the board, and found on it', (origin, name) => {
    const food = { bacon: 'salami', syrup: 'honey', mince: 'salami' }[name]!;
    const holding = recipe(name, [line('it', food)], [step('cut', { uses: ['it'], kit: [{ kind: 'board' }] })]);
    const label = {
      food,
      product: 'Packet',
      readOn: '2027-01-01',
      contains: food === 'honey' ? [] : [origin],
      mayContain: [],
    };
    const one = occasion({
      guests: [guest('ana'), guest('yusuf', noTrace(origin))],
      recipes: [holding, plums],
      dishes: [dish(name), dish('plums')],
      kit: [board],
      labels: [label],
    });
    const plan = planOf(one);
    expect(audit(one, plan).findings).toEqual([]);
    const swapped = changed(plan, (copy, stepOf) => {
      copy.tasks = copy.tasks.filter((task) => task.kind !== 'wash');
      Object.assign(stepOf(`${name}.plain.cut`), { startMin: -20, endMin: -15 });
      Object.assign(stepOf('plums.plain.stone'), { startMin: -10, endMin: -5 });
    });
    expect(codes(one, swapped)).toContain('crossing');
  });

  test('flour in the air over open food of a no-trace guest', () => {
    const dusty = {
      ...table,
      recipes: table.recipes.map((each) =>
        each.id === 'bread' ? { ...each, steps: each.steps.map((one) => ({ ...one, looseFlour: true })) } : each,
      ),
    };
    const plan = planOf(dusty);
    expect(audit(dusty, plan).findings).toEqual([]);
    const close = changed(plan, (_, stepOf) => {
      Object.assign(stepOf('bread.plain.crumb'), { startMin: -30, endMin: -25 });
      Object.assign(stepOf('plums.plain.stone'), { startMin: -20, endMin: -15 });
    });
    expect(codes(dusty, close)).toContain('flour');
  });

  test('a burner too many, one pan for two dishes', () => {
    const hot = (id: string) =>
      recipe(
        id,
        [line('plums', 'plum')],
        [step('boil', { uses: ['plums'], hands: 'off', burner: true, kit: [{ kind: 'saucepan' }] })],
      );
    const two = occasion({
      guests: [guest('ana')],
      recipes: [hot('jam'), hot('sauce')],
      burners: 2,
      kit: [unit('saucepan-1', 'saucepan'), unit('saucepan-2', 'saucepan')],
    });
    const plan = changed(planOf(two), (_, stepOf) => {
      Object.assign(stepOf('jam.plain.boil'), { startMin: -10, endMin: -5 });
      Object.assign(stepOf('sauce.plain.boil'), {
        startMin: -10,
        endMin: -5,
        units: [...stepOf('jam.plain.boil').units],
      });
    });
    expect(codes(two, plan)).toContain('kit-twice');
    const fewer = { ...two, kitchen: { ...two.kitchen, burners: 1 } };
    expect(codes(fewer, { ...plan, basis: planBasis(fewer) })).toContain('burners');
  });

  describe('the oven', () => {
    const bake = (id: string, food: string, oven: object) =>
      recipe(
        id,
        [line('it', food)],
        [
          step('bake', {
            uses: ['it'],
            hands: 'off',
            kit: [{ kind: 'baking-tray' }],
            oven: { temperatureC: 200, ...oven },
          }),
        ],
      );
    const bakery = (oven: object) =>
      occasion({
        guests: [guest('ana'), guest('oriel', noTrace('gluten'))],
        recipes: [bake('loaf', 'breadcrumbs', oven), bake('roots', 'carrot', {})],
        kit: [unit('tray-1', 'baking-tray'), unit('tray-2', 'baking-tray')],
      });
    const together = (one: Occasion, loaf: number, roots: number) =>
      changed(planOf(one), (copy, stepOf) => {
        Object.assign(stepOf('loaf.plain.bake'), {
          startMin: -10,
          endMin: -5,
          racks: [loaf],
          units: ['tray-1'],
          looks: [
            { look: id('start'), startMin: -10, endMin: -9, cook: 'cook', what: 'in' },
            { look: id('end'), startMin: -6, endMin: -5, cook: 'cook', what: 'out' },
          ],
        });
        Object.assign(stepOf('roots.plain.bake'), {
          startMin: -9,
          endMin: -4,
          racks: [roots],
          units: ['tray-2'],
          looks: [
            { look: id('start'), startMin: -9, endMin: -8, cook: 'cook', what: 'in' },
            { look: id('end'), startMin: -5, endMin: -4, cook: 'cook', what: 'out' },
          ],
        });
        copy.tasks = [
          ...copy.tasks.filter((task) => task.kind !== 'oven'),
          { kind: 'oven', id: id('oven-1'), oven: 0, startMin: -40, endMin: -10, untilMin: 0, temperatureC: 200 },
        ];
      });
    test('open crumbs above a free-from tray drip on it; below it, or covered, they do not', () => {
      expect(codes(bakery({}), together(bakery({}), 0, 1))).toEqual(['oven-drip']);
      expect(codes(bakery({}), together(bakery({}), 1, 0))).toEqual([]);
      const covered = bakery({ covered: true });
      expect(codes(covered, together(covered, 0, 1))).toEqual([]);
    });
    test('while its door must stay shut it is not opened for another load, nor to look at one', () => {
      const shut = bakery({ shutMin: 4 });
      expect(codes(shut, together(shut, 1, 0))).toEqual(['oven-door']);
      const [finding] = audit(shut, together(shut, 1, 0)).findings;
      expect(finding!.message).toBe(
        '“bake” (loaf, 17:50) needs the oven shut until 17:54; at 17:51 it is opened for “bake” (roots, 17:51).',
      );
      // In together, and looked at when the minutes are over.
      const later = together(shut, 1, 0);
      for (const task of later.tasks)
        if (task.kind === 'step' && task.id === 'roots.plain.bake') {
          task.startMin = -10;
          task.looks = [{ look: id('end'), startMin: -6, endMin: -5, cook: id('cook'), what: 'out' }];
        }
      expect(codes(shut, later)).not.toContain('oven-door');
    });
    test('nothing shares the grill', () => {
      const grilled = bakery({ grill: true });
      expect(codes(grilled, together(grilled, 1, 0))).toEqual(['oven-room']);
    });
  });

  test('a wash of wood is in vain, and said to be', () => {
    const wooden = {
      ...table,
      guests: table.guests.slice(0, 1),
      kitchen: { ...table.kitchen, kit: table.kitchen.kit.map((each) => ({ ...each, material: 'wood' as const })) },
    };
    const plan = changed(planOf(wooden), (copy) => {
      copy.tasks.push({
        kind: 'wash',
        hands: true,
        id: id('wash-1'),
        startMin: -200,
        endMin: -190,
        cook: id('cook'),
        units: [id('board-1')],
        because: [],
      });
    });
    expect(codes(wooden, plan)).toEqual(['wash-in-vain']);
  });

  test('kit kept free meets what it is kept from neither in food mixed before nor on hands', () => {
    const kept = unit('kept', 'board', 'wood', { keptFreeOf: ['gluten'] });
    const dough = recipe(
      'dough',
      [line('it', 'breadcrumbs')],
      [step('mix', { uses: ['it'] }), step('roll', { kit: [{ kind: 'board' }] })],
    );
    const kitchen = occasion({
      guests: [guest('ana')],
      recipes: [dough, plums],
      dishes: [dish('dough'), dish('plums')],
      kit: [kept, board],
    });
    const plan = planOf(kitchen);
    expect(audit(kitchen, plan).findings).toEqual([]);
    const rolled = changed(plan, (_, stepOf) => {
      stepOf('dough.plain.roll').units = [id('kept')];
    });
    expect(codes(kitchen, rolled)).toContain('kept-free');
    const handled = changed(plan, (copy, stepOf) => {
      copy.tasks = copy.tasks.filter((task) => task.kind !== 'wash');
      Object.assign(stepOf('dough.plain.mix'), { startMin: -30, endMin: -25 });
      Object.assign(stepOf('plums.plain.stone'), { startMin: -20, endMin: -15, units: ['kept'] });
    });
    expect(codes(kitchen, handled)).toContain('kept-free');
  });

  test('what a recipe puts nowhere is on everything that its steps touch', () => {
    const one = (uses: string[]) =>
      occasion({
        guests: [guest('ana'), guest('ben', noTrace('milk'))],
        recipes: [
          recipe(
            'rice',
            [line('rice', 'rice'), line('butter', 'butter')],
            [step('chop', { uses: ['rice', ...uses], kit: [{ kind: 'board' }] })],
          ),
          recipe('plums', [line('plums', 'plum')], [step('cut', { uses: ['plums'], kit: [{ kind: 'board' }] })]),
        ],
        dishes: [dish('rice', 'rice', { notFor: ['ben'] }), dish('plums')],
        kit: [unit('board-1', 'board', 'plastic')],
      });
    const crossed = (occasion: Occasion) => {
      const plan = planOf(occasion);
      const at = (task: Plan['tasks'][number]) => (task.id === 'rice.plain.chop' ? -20 : -10);
      return {
        ...plan,
        tasks: plan.tasks.flatMap((task) => (task.kind === 'step' ? [movedTo(task, at(task), at(task) + 5)] : [])),
      };
    };
    for (const uses of [['butter'], []]) expect(codes(one(uses), crossed(one(uses)))).toContain('crossing');
  });

  test('raw poultry that no step brings to 74 °C is said, whatever else is well', () => {
    const seared = (coreC: number) =>
      occasion({
        guests: [guest('ana')],
        recipes: [recipe('duck', [line('duck', 'duck-leg')], [step('sear', { uses: ['duck'], coreC })])],
      });
    expect(codes(seared(60), planOf(seared(74)))).toEqual(['stale', 'raw-served']);
  });
});

function planBasis(one: Occasion): string {
  const { basisOf } = jest.requireActual<typeof import('../model/index.ts')>('../model/index.ts');
  return basisOf(one);
}
