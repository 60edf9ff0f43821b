import { byHand } from '../../test-support/byHand.ts';
import { demo } from '../../test-support/demo.ts';
import { dish, guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { movedTo, type Occasion, type Plan, type PlannedStep, type PlannedWash } from '../model/index.ts';
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

describe('a report', () => {
  const one = occasion({
    guests: [guest('ana'), guest('ben', noTrace('milk'))],
    recipes: [
      recipe('salad', [line('it', 'carrot'), line('odd', undefined)], [step('toss', { uses: ['it', 'odd'] })]),
      recipe('roots', [line('it', 'carrot')], [step('toss', { uses: ['it'] })]),
    ],
  });
  const plan = byHand(one, { 'roots.plain.toss': [-40, -35], 'salad.plain.toss': [-20, -15] });
  test('is of a plan of this occasion as it stands now', () => {
    expect(codes(one, plan)).toEqual([]);
    expect(audit(one, plan).passed).toBe(true);
    for (const other of [{ basis: '0'.repeat(16) }, { occasion: 'other' }]) {
      const report = audit(one, { ...plan, ...other } as Plan);
      expect(report.findings).toEqual([
        {
          code: 'stale',
          message: 'The occasion has changed since this plan was made.',
          tasks: [],
          guests: [],
        },
      ]);
      expect(report.passed).toBe(false);
      expect(report.checked.rules.filter(({ findings }) => findings > 0)).toEqual([
        { code: 'stale', rule: rulesOfAudit.stale, findings: 1 },
      ]);
    }
  });
  test('says which plates still rest on a question, and what it looked at', () => {
    const report = audit(one, plan);
    expect(report.openPlates).toEqual([{ guest: 'ben', dishes: ['salad'] }]);
    expect(report.checked).toMatchObject({ steps: 2, washes: 0, plates: 2, surfaces: 1 });
    expect([...report.surfaces.keys()]).toEqual(['hands:cook']);
  });
});

describe('the washes of a plan', () => {
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
});
