import { id } from '../../test-support/id.ts';
import { planned } from '../../test-support/planned.ts';
import { dish, guest, line, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { tight } from '../../test-support/tight.ts';
import { movedTo, type Occasion, type Plan, type PlannedStep, type PlannedWash } from '../model/index.ts';
import { audit } from './audit.ts';
import type { FindingCode } from './finding.ts';

const kitchen = tight();
const plan = planned(kitchen);
const stepOf = (of: Plan, name: string): PlannedStep => of.tasks.find((task) => task.id === name) as PlannedStep;
const codes = (one: Occasion, of: Plan): FindingCode[] => audit(one, of).findings.map((finding) => finding.code);
const saying = (one: Occasion, of: Plan, code: FindingCode): string =>
  audit(one, of)
    .findings.filter((finding) => finding.code === code)
    .map((finding) => finding.message)
    .join('\n');

/** The plan with one task begun at another time. */
const begunAt = (of: Plan, name: string, startMin: number): Plan => ({
  ...of,
  tasks: of.tasks.map((task) =>
    task.id === name ? movedTo(task, startMin, startMin + task.endMin - task.startMin) : task,
  ),
});

test('the plan of a kitchen that has one of everything passes', () => {
  expect(audit(kitchen, plan).findings).toEqual([]);
});

describe('what there is one of', () => {
  const cases: readonly [FindingCode, string, string, RegExp][] = [
    ['burners', 'soup.plain.boil', 'mash.plain.boil', /2 pots are on 1 burners/],
    ['cold-room', 'soup.plain.chill', 'jelly.plain.chill', /stand in the fridge, which has room for 1/],
    ['cold-room', 'mash.plain.chill', 'ice.plain.chill', /stand in the freezer, which has room for 1/],
  ];
  test.each(cases)('%s: %s and %s', (code, one, two, words) => {
    const first = stepOf(plan, one);
    const second = stepOf(plan, two);
    expect(saying(kitchen, begunAt(plan, two, first.endMin - 1), code)).toMatch(words);
    expect(saying(kitchen, begunAt(plan, two, first.startMin - (second.endMin - second.startMin) + 1), code)).toMatch(
      words,
    );
    expect(codes(kitchen, begunAt(plan, two, first.endMin))).not.toContain(code);
    expect(codes(kitchen, begunAt(plan, two, first.startMin - (second.endMin - second.startMin)))).not.toContain(code);
  });

  test('a fridge of which nobody has said how much it holds is not reckoned with', () => {
    const { fridgePlaces: _none, ...rest } = kitchen.kitchen;
    const first = stepOf(plan, 'soup.plain.chill');
    expect(codes({ ...kitchen, kitchen: rest }, begunAt(plan, 'jelly.plain.chill', first.startMin))).not.toContain(
      'cold-room',
    );
  });

  test('two washes are at the sink one after the other, to the minute', () => {
    const wash = (name: string, startMin: number, cook: string): PlannedWash => ({
      kind: 'wash',
      id: id(name),
      cook: id(cook),
      units: [],
      hands: true,
      because: [],
      startMin,
      endMin: startMin + 3,
    });
    const both = (startMin: number): Plan => ({
      ...plan,
      tasks: [...plan.tasks, wash('wash-x', -880, 'one'), wash('wash-y', startMin, 'two')],
    });
    expect(codes(kitchen, both(-878))).toEqual(['sink']);
    expect(codes(kitchen, both(-882))).toEqual(['sink']);
    expect(codes(kitchen, both(-883))).toEqual([]);
    expect(codes(kitchen, both(-877))).toEqual([]);
  });
});

describe('an oven', () => {
  test('is at one heat at a time, and the next begins when the one before is over', () => {
    const ovens = plan.tasks.filter((task) => task.kind === 'oven');
    expect(ovens.length).toBeGreaterThan(1);
    const [first, second] = [...ovens].sort((a, b) => a.startMin - b.startMin) as [
      (typeof ovens)[number],
      (typeof ovens)[number],
    ];
    const early = {
      ...plan,
      tasks: plan.tasks.map((task) => (task === second ? { ...second, startMin: first.untilMin - 1 } : task)),
    };
    expect(saying(kitchen, early, 'oven-temperature')).toMatch(/at once/);
  });

  /** One load in a heat, and another in the next that was off in between for so many minutes. */
  const after = (offMin: number, givenMin: number, nextC: number): readonly FindingCode[] => {
    const bake = (name: string, temperatureC: number) =>
      recipe(
        name,
        [line('it', 'carrot')],
        [
          step('bake', {
            hands: 'off',
            uses: ['it'],
            kit: [{ kind: 'baking-tray' }],
            oven: { temperatureC, toleranceC: 5 },
          }),
        ],
        { hold: { mostMin: 600, how: 'covered' } },
      );
    const one = occasion({
      guests: [guest('ana')],
      recipes: [bake('first', 220), bake('second', nextC)],
      kit: [unit('tray-1', 'baking-tray'), unit('tray-2', 'baking-tray')],
    });
    const made = planned(one);
    const firstEnds = -300;
    const start = firstEnds + offMin + givenMin;
    const moved = begunAt(begunAt(made, 'first.plain.bake', firstEnds - 5), 'second.plain.bake', start);
    const tasks = moved.tasks.filter((task) => task.kind === 'step');
    const heat = { kind: 'oven', oven: 0 } as const;
    return codes(one, {
      ...made,
      tasks: [
        ...tasks,
        { ...heat, id: id('oven-1'), startMin: -400, endMin: firstEnds - 5, untilMin: firstEnds, temperatureC: 220 },
        {
          ...heat,
          id: id('oven-2'),
          startMin: firstEnds + offMin,
          endMin: start,
          untilMin: start + 5,
          temperatureC: nextC,
        },
      ],
    });
  };
  test.each([
    // Five degrees a minute down with the door ajar, eleven up.
    ['a minute off and as hot again: one minute will do', 1, 1, 220, true],
    ['ten minutes off it may have lost fifty degrees, and needs five minutes', 10, 3, 220, false],
    ['', 10, 5, 220, true],
    ['an hour off it may be cold', 60, 17, 220, false],
    ['', 60, 19, 220, true],
    // With the door shut it may still be at 205 °C after ten minutes, and falls by five a minute when it is opened.
    ['ten minutes off it may hardly have cooled', 10, 8, 160, false],
    ['', 10, 9, 160, true],
  ])('%s (off %i min, given %i, to %i °C)', (_, offMin, givenMin, nextC, isReady) => {
    expect(after(offMin, givenMin, nextC).includes('oven-temperature')).toBe(!isReady);
  });
});

describe('a bake at another heat than written', () => {
  const baked = (
    oven: Record<string, unknown>,
    bentC: number,
    extra: Record<string, unknown> = {},
    offC: number = bentC,
  ): string => {
    const one = occasion({
      guests: [guest('ana')],
      recipes: [
        recipe(
          'pie',
          [line('it', 'carrot')],
          [
            step('bake', {
              hands: 'off',
              uses: ['it'],
              kit: [{ kind: 'baking-tray' }],
              oven: { toleranceC: 10, ...oven },
              ...extra,
            }),
          ],
        ),
      ],
      dishes: [dish('pie')],
      kit: [unit('tray-1', 'baking-tray')],
    });
    const grilling = { ...one, kitchen: { ...one.kitchen, oven: { ...one.kitchen.oven, grill: true } } };
    const made = planned(grilling);
    const bent: Plan = {
      ...made,
      tasks: made.tasks.map((task) => {
        if (task.kind === 'step') return { ...task, bentC };
        return task.kind === 'oven' ? { ...task, temperatureC: task.temperatureC + offC } : task;
      }),
    };
    return saying(grilling, bent, 'way');
  };
  test.each([
    ['as far as a time can be guessed', { temperatureC: 190 }, -20, {}, /^$/],
    ['a degree further', { temperatureC: 190 }, -21, {}, /more than the 20 °C/],
    ['hotter too', { temperatureC: 190 }, 21, {}, /more than the 20 °C/],
    ['under the grill', { temperatureC: 200, grill: true }, 5, {}, /grill/],
    ['a strict recipe', { temperatureC: 200, toleranceC: 9 }, 5, {}, /strict/],
    ['meat just not too cool', { temperatureC: 185 }, -20, { coreC: 74 }, /^$/],
    ['meat too cool', { temperatureC: 180 }, -20, { coreC: 74 }, /does not go under 163 °C/],
    ['no meat', { temperatureC: 170 }, -20, {}, /^$/],
  ])('%s', (_, oven, bentC, extra, words) => {
    expect(baked(oven, bentC, extra)).toMatch(words);
  });
  test.each([
    ['ten more, by what the oven may be off', -10, -20, /^$/],
    ['a degree too many in all', -10, -21, /more than the 20 °C/],
    ['to the other side', 10, 21, /more than the 20 °C/],
  ])('a bend and an oven that is off do not add up: %s', (_, bentC, offC, words) => {
    expect(baked({ temperatureC: 190 }, bentC, {}, offC)).toMatch(words);
  });
});
