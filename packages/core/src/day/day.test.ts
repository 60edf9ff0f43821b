import { id } from '../../test-support/id.ts';
import * as v from 'valibot';
import { demo } from '../../test-support/demo.ts';
import { asPlanned, events } from '../../test-support/day.ts';
import { guest, line, noTrace, occasion, recipe, step, unit } from '../../test-support/small.ts';
import { audit } from '../audit/index.ts';
import { fit } from '../fit/index.ts';
import {
  Need,
  type DayEvent,
  type Happening,
  type Occasion,
  type Plan,
  type PlannedStep,
  type PlannedWash,
  entryOf,
  lookEntry,
} from '../model/index.ts';
import { planned } from '../../test-support/planned.ts';
import { tasksOf } from '../tasks/index.ts';
import { washItems, happened } from '../state/index.ts';
import { judgeDay } from './judge.ts';
import { latest, mends, patienceCodes, type Mend } from './mend.ts';
import { progressOf } from '../state/index.ts';
import { dishesOut, guestGone, guestNeeds, leftOut, madeAgain, ovenDead, wantOven, type Slipped } from './slips.ts';

const planOf = (one: Occasion): Plan => {
  return planned(one);
};
const sunday = demo('sunday-lunch');
const lunch = planOf(sunday);
const standing = (plan: Plan, list: readonly DayEvent[], nowMin: number) => ({
  ...happened(plan, progressOf(list), nowMin),
  nowMin,
});
const step1 = (plan: Plan, id: string) =>
  plan.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.id === id)!;

type Moment = readonly [number, Happening];

/** Two dishes on one board: bread for everybody but Ada, then Ada's salad; a wash stands between. */
const kitchen = [
  unit('board-1', 'board', 'plastic'),
  unit('knife-1', 'knife'),
  unit('bowl-1', 'bowl'),
  unit('bowl-2', 'bowl'),
];
const shared = occasion({
  guests: [guest('ada', noTrace('wheat')), guest('bo')],
  recipes: [
    recipe(
      'toast',
      [line('bread', 'bread')],
      [
        step('slice', { uses: ['bread'], after: [], kit: [{ kind: 'board' }, { kind: 'knife' }] }),
        step('pile', { hands: 'on', kit: [{ kind: 'bowl' }] }),
      ],
      { hold: { mostMin: 30, how: 'covered' } },
    ),
    recipe(
      'salad',
      [line('plum', 'plum')],
      [
        step('cut', { uses: ['plum'], after: [], kit: [{ kind: 'board' }, { kind: 'knife' }] }),
        step('toss', { after: [{ step: 'cut', leastMin: 0, mostMin: 5 }], kit: [{ kind: 'bowl', as: 'salad' }] }),
      ],
      { hold: { mostMin: 5, how: 'cool' } },
    ),
  ],
  dishes: [
    {
      id: 'toast',
      course: 'main',
      recipe: 'toast',
      notFor: ['ada'],
      versions: [{ id: 'plain', name: 'as written', swaps: [], guests: [] }],
    },
    {
      id: 'salad',
      course: 'main',
      recipe: 'salad',
      versions: [{ id: 'plain', name: 'as written', swaps: [], guests: [] }],
    },
  ],
  kit: kitchen,
});
/** The bread first, in spite of the wash: a pin holds it there. */
const bread: Occasion = {
  ...shared,
  wishes: { ...shared.wishes, pins: [{ task: id('toast.plain.slice'), endsByMin: -20 }] },
};
const breadFirst = planOf(bread);
const wash = breadFirst.tasks.find((task): task is PlannedWash => task.kind === 'wash' && task.units.length > 0)!;

describe('what happened', () => {
  test('the same event twice is one; of two ticks the first counts; an untick takes both back', () => {
    const list = events([-50, { kind: 'tick', entry: 'a' }], [-45, { kind: 'tick', entry: 'a' }]);
    expect(progressOf([...list, ...list]).ticked.get('a')).toMatchObject({ atMin: -50 });
    expect(
      progressOf([...list, { seq: 9, id: 'event-9', device: 'b', atMin: -40, what: { kind: 'untick', entry: 'a' } }])
        .ticked.size,
    ).toBe(0);
    // The order that counts is the server's, however they arrive.
    expect(progressOf([...list].reverse()).ticked.get('a')).toMatchObject({ atMin: -50 });
  });

  test('a day kept to the minute is the plan itself, and the audit says what it said', () => {
    const { plan, done } = happened(lunch, progressOf(events(...asPlanned(lunch, 60))), 60);
    expect(done.size).toBe(lunch.tasks.length);
    expect(audit(sunday, plan).findings).toEqual([]);
    // A pan is off the heat with the last look at it, within the minute.
    for (const task of lunch.tasks)
      if (task.kind === 'step') expect(Math.abs(step1(plan, task.id).endMin - task.endMin)).toBeLessThanOrEqual(1);
  });

  test('what goes by itself is under way from its tick, longer by what it was given, and over at the last look', () => {
    const bake = lunch.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.racks.length > 0)!;
    const look = entryOf(bake, bake.looks.at(-1)!);
    const upTo = events(
      [bake.startMin + 5, { kind: 'tick', entry: bake.id }],
      [bake.endMin, { kind: 'until', entry: bake.id, atMin: bake.looks.at(-1)!.startMin + 12 }],
    );
    const under = standing(lunch, upTo, bake.endMin);
    expect(under.running.has(bake.id)).toBe(true);
    expect(step1(under.plan, bake.id)).toMatchObject({ startMin: bake.startMin + 5, endMin: bake.endMin + 12 });
    const out = standing(
      lunch,
      [
        ...upTo,
        {
          seq: 8,
          id: 'event-8',
          device: 'bench',
          atMin: bake.endMin + 9,
          what: { kind: 'tick', entry: look },
        },
      ],
      bake.endMin + 10,
    );
    expect(out.done.has(bake.id)).toBe(true);
    expect(step1(out.plan, bake.id).endMin).toBe(bake.endMin + 9);
  });

  test('hands do one thing at a time: two ticks together are one after the other', () => {
    const { plan } = happened(
      breadFirst,
      progressOf(
        events([-30, { kind: 'tick', entry: 'toast.plain.slice' }], [-29, { kind: 'tick', entry: 'toast.plain.pile' }]),
      ),
      -20,
    );
    expect(step1(plan, 'toast.plain.pile')).toMatchObject({ startMin: -30, endMin: -29 });
  });
});

describe('a wash', () => {
  const upToWash = asPlanned(breadFirst, wash.startMin);
  const cleaned = (items: readonly string[]): Moment[] =>
    items.map((item) => [wash.endMin, { kind: 'clean', wash: wash.id, item: id(item) }]);

  test('is passed item by item, water and cloth and hands among them', () => {
    expect(washItems(wash)).toEqual(['water', ...wash.units, 'cloth', 'hands']);
    const some = standing(breadFirst, events(...upToWash, ...cleaned(['water', 'cloth', 'hands'])), wash.endMin);
    expect(some.done.has(wash.id)).toBe(false);
    const all = standing(breadFirst, events(...upToWash, ...cleaned(washItems(wash))), wash.endMin);
    expect(all.done.has(wash.id)).toBe(true);
    expect(judgeDay(bread, all)).toMatchObject({ lost: [], ahead: [], objections: [] });
  });

  const skip = (items: readonly string[]): Moment => [
    wash.endMin,
    { kind: 'skip', wash: wash.id, items: items as never, reason: 'no time' },
  ];

  test('skipped names at once whose plate is not clear any more, if nothing else is done', () => {
    const skipped = standing(
      breadFirst,
      events(...upToWash, ...cleaned(['water', 'cloth', 'hands']), skip(wash.units)),
      wash.endMin,
    );
    const { lost, ahead } = judgeDay(bread, skipped);
    expect(lost).toEqual([]);
    expect(ahead).toMatchObject([{ guest: 'ada', dish: 'salad' }]);
    expect(ahead[0]!.why).toMatch(/wheat/);
  });

  test('in old water nothing is clean, the hands neither', () => {
    const skipped = standing(
      breadFirst,
      events(...upToWash, ...cleaned([...wash.units, 'cloth', 'hands']), skip(['water'])),
      wash.endMin,
    );
    expect(skipped.plan.tasks.find((task) => task.id === wash.id)).toMatchObject({ units: [], hands: false });
    expect(judgeDay(bread, skipped).ahead).toMatchObject([{ guest: 'ada', dish: 'salad' }]);
  });

  test('left open, and nobody has said that the work went on: nothing is called lost that may not be', () => {
    const cut = step1(breadFirst, 'salad.plain.cut');
    const later = standing(
      breadFirst,
      events(...upToWash, ...cleaned(['water', 'cloth', 'hands']), skip(wash.units)),
      cut.endMin + 5,
    );
    expect(judgeDay(bread, later)).toMatchObject({ lost: [], ahead: [{ guest: 'ada', dish: 'salad' }] });
  });

  test('is mended by another wash before it matters, and nobody loses a plate', () => {
    const skipped = standing(
      breadFirst,
      events(...upToWash, ...cleaned(['water', 'cloth', 'hands']), skip(wash.units)),
      wash.endMin,
    );
    const mend = mends(bread, skipped).find((each) => each.kind === 'same-order');
    expect(mend).toMatchObject({ lost: [], otherwise: 0 });
    const washes = mend!.plan.tasks.filter(
      (task): task is PlannedWash => task.kind === 'wash' && task.startMin >= wash.endMin,
    );
    expect(new Set(washes.flatMap((wash) => wash.units))).toEqual(new Set(wash.units));
    expect(washes.map((wash) => wash.id)).not.toContain(wash.id);
  });

  test('skipped and gone on with, the plate is lost: the mend takes it from its guest', () => {
    const cut = step1(breadFirst, 'salad.plain.cut');
    const wrong = standing(
      breadFirst,
      events(...upToWash, skip(washItems(wash)), [cut.endMin, { kind: 'tick', entry: cut.id }]),
      cut.endMin,
    );
    expect(judgeDay(bread, wrong).lost).toMatchObject([{ guest: 'ada', dish: 'salad' }]);
    const [mend] = mends(bread, wrong);
    expect(mend!.lost).toMatchObject([{ guest: 'ada', dish: 'salad' }]);
    expect(mend!.occasion.dishes.find((dish) => dish.id === 'salad')!.notFor).toEqual(['ada']);
    expect(mend!.words).toMatch(/ada gets no salad/);
    expect(mend!.plan.tasks.some((task) => task.kind === 'wash' && task.startMin >= cut.endMin)).toBe(false);
  });
});

/** What must hold for every mend: what has been stands, nothing is planned before now, and the audit objects to nothing but patience. */
function expectSound(mend: Mend, from: Slipped['standpoint'], noted: readonly DayEvent[]): void {
  const now = from.nowMin;
  // Read again with all that was noted, as every device and the server will, it is the same day.
  const back = mend.again.flatMap((task): Moment[] => [
    [now, { kind: 'untick', entry: task }],
    ...['start', 'end', 'look', 'look-2'].map((look): Moment => [
      now,
      { kind: 'untick', entry: lookEntry(task, id(look)) },
    ]),
  ]);
  const reread = {
    ...happened(
      mend.plan,
      progressOf([
        ...noted,
        ...back.map(([atMin, what], at): DayEvent => ({
          seq: 10_000 + at,
          id: `again-${at}`,
          device: 'a mend',
          atMin,
          what,
        })),
      ]),
      now,
    ),
    nowMin: now,
  };
  const rejudged = judgeDay(mend.occasion, reread);
  expect(rejudged.ahead).toEqual([]);
  expect(rejudged.objections.filter((finding) => !patienceCodes.has(finding.code))).toEqual([]);
  for (const task of mend.plan.tasks) {
    if (task.kind !== 'step') continue;
    // What is only taken to be in hand may be let wait.
    if (from.assumed?.has(task.id)) continue;
    const open = !from.done.has(task.id) && !from.running.has(task.id);
    expect([task.id, !reread.done.has(task.id) && !reread.running.has(task.id)]).toEqual([task.id, open]);
    if (from.running.has(task.id)) expect(step1(reread.plan, task.id).endMin).toBe(task.endMin);
  }
  const judged = judgeDay(mend.occasion, { ...from, plan: mend.plan });
  expect(judged.ahead).toEqual([]);
  expect(judged.objections.filter((finding) => !patienceCodes.has(finding.code))).toEqual([]);
  const tasks = new Map(mend.plan.tasks.map((task) => [task.id, task]));
  for (const task of from.plan.tasks) {
    if (from.assumed?.has(task.id)) continue;
    if (from.done.has(task.id) && task.kind !== 'oven')
      expect(tasks.get(task.id)).toMatchObject({ startMin: task.startMin, endMin: task.endMin });
    if (from.running.has(task.id))
      expect(tasks.get(task.id)).toMatchObject({ startMin: task.startMin, endMin: task.endMin });
  }
  for (const task of mend.plan.tasks)
    if (task.kind !== 'oven' && !from.done.has(task.id) && !from.running.has(task.id))
      expect(task.startMin).toBeGreaterThanOrEqual(now);
  const network = tasksOf(mend.occasion, fit(mend.occasion));
  for (const task of network.tasks) expect(tasks.has(task.id)).toBe(true);
}

describe('a mend', () => {
  const firstMin = Math.min(...lunch.tasks.map((task) => task.startMin));

  test('holds at any moment, however far behind', () => {
    let tried = 0;
    for (let now = firstMin + 10; now < 0; now += 37) {
      for (const behind of [0, 8, 25]) {
        const noted = events(...asPlanned(lunch, now - behind));
        const from = standing(lunch, noted, now);
        const found = mends(sunday, from);
        expect(found.length).toBeGreaterThan(0);
        for (const mend of found) expectSound(mend, from, noted);
        if (behind === 0) expect(latest(found[0]!)).toBe(0);
        tried++;
      }
    }
    expect(tried).toBeGreaterThan(9);
  });

  test('keeps the order where it can, and says how much later', () => {
    const now = Math.round(firstMin / 2);
    const from = standing(lunch, events(...asPlanned(lunch, now - 25)), now);
    const [mend] = mends(sunday, from);
    expect(mend!.words).toMatch(latest(mend!) > 0 ? /min later, at \d\d:\d\d/ : /still goes out in time/);
  });

  const middle = Math.round(firstMin / 2);
  const noted = events(...asPlanned(lunch, middle));
  const from: Slipped = { occasion: sunday, standpoint: standing(lunch, noted, middle) };

  test('burnt and made again: every step once more, the lost food still followed to what it touched', () => {
    // Somebody is there for longer than the lunch lasts: it takes two hours once more.
    const late: Occasion = {
      ...sunday,
      kitchen: {
        ...sunday.kitchen,
        cooks: sunday.kitchen.cooks.map((cook) => ({ ...cook, windows: [{ fromMin: -300, toMin: 240 }] })),
      },
    };
    const lunch = planOf(late);
    const roast = step1(lunch, 'chicken.as-written.roast');
    const batch = roast.batch;
    const at = roast.startMin + 10;
    const sofar = events(...asPlanned(lunch, at));
    const again = madeAgain({ occasion: late, standpoint: standing(lunch, sofar, at) }, batch)!;
    const [mend] = mends(again.occasion, again.standpoint);
    expectSound(mend!, again.standpoint, sofar);
    expect(mend!.again.length).toBeGreaterThan(0);
    expect(mend!.plan.batches.find((each) => each.id === `${batch}~1`)).toMatchObject({ lost: true });
    expect(
      mend!.plan.tasks
        .filter((task) => task.kind === 'step' && task.batch === batch)
        .every((task) => task.startMin >= at),
    ).toBe(true);
    expect(
      mend!.plan.tasks.some((task) => task.kind === 'step' && task.batch === `${batch}~1` && task.endMin <= at),
    ).toBe(true);
  });

  test('what was said of something in the oven is not counted twice, however often the day is mended', () => {
    const bake = lunch.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.racks.length > 0)!;
    const readyMin = bake.looks.at(-1)!.startMin + 20;
    const list = events(...asPlanned(lunch, bake.startMin + 10), [
      bake.startMin + 10,
      { kind: 'until', entry: bake.id, atMin: readyMin },
    ]);
    const at = bake.startMin + 11;
    const day = standing(lunch, list, at);
    const [first] = mends(sunday, day);
    expectSound(first!, day, list);
    const again = { ...happened(first!.plan, progressOf(list), at + 1), nowMin: at + 1 };
    const [second] = mends(first!.occasion, again);
    expect(step1(second!.plan, bake.id).endMin).toBe(readyMin + 1);
  });

  test('an oven that dies with something in it: that is baked again in the other, its ticks taken back', () => {
    const two: Occasion = {
      ...sunday,
      kitchen: { ...sunday.kitchen, moreOvens: [{ ...sunday.kitchen.oven, name: 'Second' as never }] },
    };
    const plan = planOf(two);
    const bake = plan.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.racks.length > 0)!;
    const at = bake.startMin + 5;
    const list = events(...asPlanned(plan, at));
    const dead = ovenDead({ occasion: two, standpoint: standing(plan, list, at) }, bake.oven);
    const [mend] = mends(dead.occasion, dead.standpoint);
    expectSound(mend!, dead.standpoint, list);
    expect(mend!.again).toContain(bake.id);
    expect(step1(mend!.plan, bake.id)).toMatchObject({ oven: 1 - bake.oven });
    expect(step1(mend!.plan, bake.id).startMin).toBeGreaterThanOrEqual(at);
  });

  test('left out: its guests do without, the rest goes on', () => {
    const { id, dish } = lunch.batches[0]!;
    const out = leftOut(from, id);
    const [mend] = mends(out.occasion, out.standpoint);
    expectSound(mend!, out.standpoint, noted);
    expect(latest(mend!)).toBe(0);
    expect(mend!.plan.tasks.some((task) => task.kind === 'step' && task.batch === id && task.startMin >= middle)).toBe(
      false,
    );
    expect(mend!.occasion.dishes.find((each) => each.id === dish)!.notFor.length).toBeGreaterThan(0);
  });

  test('a guest who does not come gets nothing more; a new allergy is guarded from now on, and what it cost is said', () => {
    const [one] = sunday.guests;
    const gone = guestGone(from, one!.id);
    expect(fit(gone.occasion).rows.every((row) => !row.cells.get(one!.id)!.served)).toBe(true);
    for (const mend of mends(gone.occasion, gone.standpoint)) expectSound(mend, gone.standpoint, noted);
    const needs = guestNeeds(
      from,
      one!.id,
      v.parse(Need, { id: 'late-celery', kind: 'hazard', hazard: 'celery', strictness: 'no-trace' }),
    );
    const [mend] = mends(needs.occasion, needs.standpoint);
    expectSound(mend!, needs.standpoint, noted);
    expect(mend!.occasion.guests[0]!.needs.some((need) => need.id === 'late-celery')).toBe(true);
  });

  test('a dead oven: what no other oven can bake is named, and left out the rest holds', () => {
    const dead = ovenDead(from, 0);
    const stuck = wantOven(dead);
    expect(stuck.length).toBeGreaterThan(0);
    expect(mends(dead.occasion, dead.standpoint)).toEqual([]);
    const out = dishesOut(dead, stuck);
    const found = mends(out.occasion, out.standpoint);
    expect(found.length).toBeGreaterThan(0);
    for (const mend of found) expectSound(mend, out.standpoint, noted);
  });

  test('same day, same moment: the same mends', () => {
    expect(mends(from.occasion, from.standpoint).map((mend) => mend.plan.tasks)).toEqual(
      mends(from.occasion, from.standpoint).map((mend) => mend.plan.tasks),
    );
  });
});
