import { asPlanned, events } from '../../../../core/test-support/day.ts';
import { demo } from '../../../../core/test-support/demo.ts';
import { id } from '../../../../core/test-support/id.ts';
import { noTrace } from '../../../../core/test-support/small.ts';
import { planned } from '../../../../core/test-support/planned.ts';
import { rules, type CavityReading, type Happening, type PlannedStep, type PlannedWash } from '@lupin/core';
import { alertsOf } from './alerts.ts';
import { benchView, dayAt, sheetOf } from './benchView.ts';
import { cleaned, undone } from './notes.ts';
import { atWork, pickedOn, screenAfter, type Move } from './screen.ts';

const sunday = demo('sunday-lunch');
const plan = planned(sunday);
const sheet = sheetOf(sunday, plan);
const firstMin = Math.min(...plan.tasks.map((task) => task.startMin));
const at = (minute: number, ...more: readonly (readonly [number, Happening])[]) =>
  dayAt(sheet, events(...asPlanned(plan, minute), ...more), minute);
const oven: CavityReading = {
  kind: 'cavity',
  device: 'oven-0',
  name: 'Oven',
  oven: 0,
  atMin: 0,
  setC: 200,
  shownC: 60,
  isHeating: true,
  isOpen: false,
  thereInMin: 12,
  silentSinceMin: null,
};

describe('the view of one device', () => {
  test('before anything is done the first thing comes up, the second next', () => {
    const { now, next, mine, lastDone } = benchView(dayAt(sheet, [], firstMin - 30), 'all', undefined, []);
    expect(now!.startMin).toBe(firstMin);
    expect(next!.startMin).toBeGreaterThanOrEqual(firstMin);
    expect(mine).toHaveLength(sheet.entries.length);
    expect(lastDone).toBeUndefined();
  });

  test('what is not due yet may be begun when all that it waits for is done, and not before', () => {
    const second = plan.tasks
      .filter((task) => task.kind === 'step' && task.cook !== undefined)
      .sort((a, b) => a.startMin - b.startMin)
      .find((task) => {
        const piece = sheet.net.pieces.find((each) => each.id === task.id)!;
        return piece.earlyMin >= 4 && piece.waits.some(({ leastMin, fromStart }) => leastMin === 0 && !fromStart);
      })!;
    const minute = second.startMin - 3;
    const all = asPlanned(plan, second.startMin);
    const before = dayAt(sheet, events(...all), minute);
    expect(benchView(before, 'all', second.id, []).isEarly).toBe(true);
    expect(benchView(dayAt(sheet, [], minute), 'all', second.id, []).isEarly).toBe(false);
    const tooSoon = second.startMin - sheet.net.pieces.find((each) => each.id === second.id)!.earlyMin - 1;
    expect(benchView(dayAt(sheet, events(...all), tooSoon), 'all', second.id, []).isEarly).toBe(false);
  });

  test('what is early waits all the same while an oven must stay shut, or where a plate would be lost', () => {
    const ahead = plan.tasks.filter((task): task is PlannedStep => {
      const piece = sheet.net.pieces.find((each) => each.id === task.id);
      return task.kind === 'step' && piece !== undefined && piece.earlyMin >= 1;
    });
    /** The day a minute before a step, all else done by the plan. */
    const early = (step: PlannedStep) =>
      dayAt(
        sheet,
        events(
          ...asPlanned(plan, step.startMin).filter(([, what]) => !('entry' in what && what.entry?.startsWith(step.id))),
        ),
        step.startMin - 1,
      );
    const isEarly = (step: PlannedStep, day = early(step)) => {
      const view = benchView(day, 'all', step.id, []);
      return view.now?.id === step.id && view.isEarly;
    };
    const bake = ahead.find((step) => step.racks.length > 0 && isEarly(step))!;
    const day = early(bake);
    const other = plan.tasks.find((task) => task.kind === 'step' && task.racks.length > 0 && task.id !== bake.id)!;
    const shutDoors = [{ oven: bake.oven, task: other.id, untilMin: bake.startMin + 5 }] as never;
    expect(isEarly(bake, { ...day, kitchen: { ...day.kitchen, shutDoors } })).toBe(false);
    // The topping was rubbed, against the plan, with what tosses the beans, and somebody may have no trace of its flour.
    const [toss, rub] = ['beans.as-written.toss', 'crumble.as-written.rub'].map(
      (task) => plan.tasks.find((each) => each.id === task) as PlannedStep,
    ) as [PlannedStep, PlannedStep];
    const { slipped, ...rest } = early(toss);
    const guests = sunday.guests.map((guest) => ({ ...guest, needs: [{ ...noTrace('gluten'), exceptions: [] }] }));
    const dayWith = (units: readonly string[]) => {
      const tasks = plan.tasks.map((task) => (task.id === rub.id ? { ...rub, units } : task));
      const standpoint = { ...slipped.standpoint, plan: { ...plan, tasks } };
      return { ...rest, slipped: { ...slipped, occasion: { ...sunday, guests }, standpoint } } as never;
    };
    expect(isEarly(toss, dayWith([]))).toBe(true);
    expect(isEarly(toss, dayWith(toss.units))).toBe(false);
  });

  test('a list of one cook holds what they do or set going, and what nobody does', () => {
    const cook = sunday.kitchen.cooks[0]!.id;
    const { mine } = benchView(at(firstMin), cook, undefined, []);
    expect(mine.length).toBeGreaterThan(0);
    for (const entry of mine)
      expect([undefined, cook]).toContain(entry.cook ?? (entry.kind === 'step' ? entry.setBy : undefined));
  });

  test('what was picked is shown while it is open, and no longer', () => {
    const later = sheet.entries.at(-1)!;
    expect(benchView(at(firstMin), 'all', later.id, []).now!.id).toBe(later.id);
    const over = at(0, [0, { kind: 'tick', entry: later.id }]);
    expect(benchView(over, 'all', later.id, []).now?.id).not.toBe(later.id);
  });

  test('late by what should be over; what goes by itself, by when it should have been set going', () => {
    const roast = plan.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.racks.length > 0)!;
    const hands = plan.tasks.find((task): task is PlannedStep => task.kind === 'step' && task.cook !== undefined)!;
    const minute = Math.max(roast.endMin, hands.endMin) + 7;
    const day = dayAt(sheet, [], minute);
    expect(benchView(day, 'all', roast.id, []).lateMin).toBe(minute - roast.startMin);
    expect(benchView(day, 'all', hands.id, []).lateMin).toBe(minute - hands.endMin);
  });

  test('the core temperature that ends a bake is asked for when it is taken out, not when it goes in', () => {
    const roast = sheet.entries.find(
      (entry) => entry.kind === 'step' && entry.hands === 'off' && entry.coreC !== undefined,
    )!;
    const out = sheet.entries.find((entry) => entry.kind === 'look' && entry.of === roast.id && entry.last)!;
    const probe = {
      kind: 'probe',
      device: 'p',
      name: 'Probe',
      atMin: 0,
      task: id<never>(roast.id),
      coreC: 61.5,
      silentSinceMin: null,
    } as const;
    expect(benchView(at(firstMin), 'all', roast.id, [probe])).toMatchObject({ core: undefined, probeC: undefined });
    expect(benchView(at(firstMin), 'all', out.id, [probe])).toMatchObject({ core: { entry: roast.id }, probeC: 61.5 });
  });
});

describe('alerts', () => {
  test('a day kept to the minute has none', () => {
    for (const minute of [firstMin, Math.round(firstMin / 2), -5])
      expect(alertsOf(at(minute), [], undefined)).toEqual([]);
  });

  test('what was refused comes first', () => {
    expect(alertsOf(at(firstMin), [{ ...oven, thereInMin: null }], 'The day is over.').map(({ kind }) => kind)).toEqual(
      ['refused', 'oven'],
    );
  });

  test('an oven is spoken of while it answers, is on, and gets nowhere', () => {
    const kinds = (reading: CavityReading) => alertsOf(at(firstMin), [reading], undefined).map(({ kind }) => kind);
    expect(kinds(oven)).toEqual([]);
    expect(kinds({ ...oven, thereInMin: null })).toEqual(['oven']);
    expect(kinds({ ...oven, thereInMin: null, setC: null })).toEqual([]);
    expect(kinds({ ...oven, thereInMin: null, silentSinceMin: 3 })).toEqual([]);
  });

  test('food is spoken of before it has stood too long, and otherwise after', () => {
    const standing = (minute: number) => alertsOf(at(minute), [], undefined).find((alert) => alert.kind === 'standing');
    const readyMin = Math.min(
      ...at(20).standing.flatMap((food) => (food.keepsOutDays === undefined ? [food.sinceMin] : [])),
    );
    const overMin = readyMin + rules.standsMostMin;
    expect(standing(overMin - 30)).toBeUndefined();
    expect(standing(overMin - 5)).toMatchObject({ isOver: false });
    expect(standing(overMin + 60)).toMatchObject({ isOver: true });
  });
});

describe('food between two steps that stands because nobody goes on', () => {
  const steps = plan.tasks.filter(
    (task): task is PlannedStep => task.kind === 'step' && !task.rest && task.cook !== undefined,
  );
  /** Everything as planned until something raw has been done with, and then nothing. */
  const left = (later: number, ...more: readonly (readonly [number, Happening])[]) =>
    steps.flatMap((step) => {
      const before = asPlanned(plan, step.endMin - 1);
      const day = dayAt(
        sheet,
        events(...before, [step.endMin, { kind: 'tick', entry: step.id }], ...more),
        step.endMin + later,
      );
      const alert = alertsOf(day, [], undefined).find((each) => each.kind === 'waiting');
      return alert?.kind === 'waiting' && alert.foods[0]!.after === step.id && alert.foods[0]!.isRaw ? [alert] : [];
    });

  test('is spoken of while it can be put away, and when it is too late', () => {
    const late = left(rules.rawWaitsMostMin + 5);
    expect(late.length).toBeGreaterThan(0);
    expect(late.map(({ isOver }) => isOver)).not.toContain(true);
    expect(left(rules.standsMostMin + 5).map(({ isOver }) => isOver)).toContain(true);
  });

  test('is not, while what comes next is about to begin, however early it was done', () => {
    const season = steps.find(({ id: task }) => task === 'chicken.as-written.ready')!;
    const roast = plan.tasks.find(({ id: task }) => task === 'chicken.as-written.roast')!;
    const waiting = (minute: number, doneMin: number) =>
      alertsOf(
        dayAt(
          sheet,
          events(...asPlanned(plan, season.startMin - 1), [doneMin, { kind: 'tick', entry: season.id }]),
          minute,
        ),
        [],
        undefined,
      ).some(({ kind }) => kind === 'waiting');
    const early = roast.startMin - 25;
    expect(waiting(roast.startMin - 10, early)).toBe(false);
    expect(waiting(roast.startMin - 11, early)).toBe(true);
    expect(waiting(roast.startMin + 1, early)).toBe(true);
  });

  test('what is to be thrown away is said before what can be put away, though its own time came later', () => {
    const food = (after: string, untilMin: number, spoiltMin: number) => ({
      batch: id<never>('b'),
      after: id<never>(after),
      next: id<never>('n'),
      sinceMin: -200,
      nextMin: -100,
      untilMin,
      spoiltMin,
      isRaw: true,
    });
    const day = { ...at(firstMin), minute: 0, waiting: [food('raw', -50, 40), food('old', -10, -10)] };
    const alert = alertsOf(day, [], undefined).find(({ kind }) => kind === 'waiting');
    expect(alert).toMatchObject({ isOver: true, foods: [{ after: 'old' }, { after: 'raw' }] });
  });

  test('is not, once somebody says that it is in the fridge', () => {
    const [first] = left(rules.rawWaitsMostMin + 5);
    const { after, sinceMin } = first!.foods[0]!;
    const away = left(rules.rawWaitsMostMin + 5, [sinceMin + 1, { kind: 'into-fridge', entry: id<never>(after) }]);
    expect(away.map(({ foods }) => foods[0]!.after)).not.toContain(after);
  });
});

describe('what the bench shows', () => {
  const after = (...moves: readonly Move[]) => moves.reduce(screenAfter, atWork);
  test('what was picked is still there after a look at what goes otherwise, and gone with its plan', () => {
    expect(after({ kind: 'pick', entry: 'a' }, { kind: 'slip' }, { kind: 'back' })).toEqual({
      kind: 'work',
      picked: 'a',
    });
    expect(pickedOn(after({ kind: 'pick', entry: 'a' }, { kind: 'replanned' }))).toBeUndefined();
    expect(after({ kind: 'slip' }, { kind: 'replanned' })).toEqual({ kind: 'slip', picked: undefined });
  });
  test('what stands is opened and closed with one button', () => {
    expect(after({ kind: 'stands' })).toEqual({ kind: 'standing' });
    expect(after({ kind: 'stands' }, { kind: 'stands' })).toEqual(atWork);
    expect(after({ kind: 'stands' }, { kind: 'replanned' })).toEqual({ kind: 'standing' });
  });
});

test('a wash is taken back item by item, anything else at once', () => {
  const wash = plan.tasks.find((task): task is PlannedWash => task.kind === 'wash')!;
  const day = at(firstMin, ...cleaned(wash, ['water', 'hands'], true).map((what) => [firstMin, what] as const));
  const entry = sheet.entries.find((each) => each.id === wash.id)!;
  expect(undone(entry, day.progress)).toEqual(cleaned(wash, ['water', 'hands'], false));
  const step = sheet.entries.find((each) => each.kind === 'step')!;
  expect(undone(step, day.progress)).toEqual([{ kind: 'untick', entry: step.id }]);
});
