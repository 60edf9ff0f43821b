import { demo } from '../../test-support/demo.ts';
import { id } from '../../test-support/id.ts';
import { asPlanned, events } from '../../test-support/day.ts';
import { accountOf, keepEntry, standingOf, withNeedsOf } from '../day/index.ts';
import { progressOf } from '../state/index.ts';
import { fit } from '../fit/index.ts';
import { rules, type HazardId } from '../reference/index.ts';
import {
  Need,
  Occasion,
  type Happening,
  type Leftover,
  type PlannedStep,
  endingLook,
  entryOf,
  laterLooks,
} from '../model/index.ts';
import { planned } from '../../test-support/planned.ts';
import { questionsAbout } from '../asking/index.ts';
import * as v from 'valibot';
import { anewFrom } from './anew.ts';
import { learnedMin, sourceOfStep, timedOn, withLearned } from './learned.ts';
import { boxEntry, dayLater, leftoversOf } from './leftovers.ts';

const sunday = demo('sunday-lunch');
const plan = planned(sunday);
const chicken = sunday.dishes.find((dish) => dish.id === 'chicken')!;
const version = chicken.versions[0]!.id;
const whole = asPlanned(plan, 10);
const box = (more: Partial<Leftover> = {}): Leftover => ({
  id: 'box-1',
  dish: chicken.id,
  version,
  portions: 2,
  where: 'fridge',
  box: 'glass box',
  keptBack: true,
  warmRoom: false,
  putMin: 60,
  ...more,
});
const judged = (nowMin: number, ...more: readonly (readonly [number, Happening])[]) =>
  leftoversOf({ occasion: sunday, plan, begun: sunday, progress: progressOf(events(...whole, ...more)), nowMin });
const put = (leftover: Leftover): readonly [number, Happening] => [leftover.putMin, { kind: 'leftover', leftover }];
const ready = standingOf(sunday, plan, progressOf(events(...whole)), 30).find((each) => each.dish === chicken.id)!;

describe('leftovers', () => {
  test('what was put away in time is kept: two days from when it was ready, or as long as the recipe says if that is less', () => {
    const [kept] = judged(90, put(box()));
    expect(kept).toMatchObject({ verdict: 'keep', stoodMin: 60 - ready.readyMin, eatBy: dayLater(sunday.date, 2) });
    const shorter = {
      ...sunday,
      recipes: sunday.recipes.map((recipe) =>
        recipe.id === chicken.recipe ? { ...recipe, keeps: [{ where: 'fridge' as const, days: 1 }] } : recipe,
      ),
    };
    expect(
      leftoversOf({
        occasion: shorter,
        plan,
        begun: shorter,
        progress: progressOf(events(...whole, put(box()))),
        nowMin: 90,
      })[0]!.eatBy,
    ).toBe(dayLater(sunday.date, 1));
  });

  test('cooked rice keeps until tomorrow', () => {
    const withRice = {
      ...sunday,
      recipes: sunday.recipes.map((recipe) =>
        recipe.id === chicken.recipe
          ? { ...recipe, lines: recipe.lines.map((line, at) => (at === 0 ? { ...line, food: id('rice') } : line)) }
          : recipe,
      ),
    };
    const [kept] = leftoversOf({
      occasion: withRice,
      plan,
      begun: withRice,
      progress: progressOf(events(...whole, put(box()))),
      nowMin: 90,
    });
    expect([kept!.eatBy, kept!.why.join(' ')]).toEqual([
      dayLater(sunday.date, 1),
      expect.stringContaining('cooked rice in it'),
    ]);
  });

  test('what was served soft on purpose keeps until tomorrow', () => {
    const withRaw = (hazard: string) => ({
      ...sunday,
      recipes: sunday.recipes.map((recipe) =>
        recipe.id === chicken.recipe
          ? {
              ...recipe,
              steps: recipe.steps.map((step, at) => (at === 0 ? { ...step, meantRaw: [id<HazardId>(hazard)] } : step)),
            }
          : recipe,
      ),
    });
    const daysOf = (hazard: string) => {
      const occasion = withRaw(hazard);
      const progress = progressOf(events(...whole, put(box())));
      return leftoversOf({ occasion, plan, begun: occasion, progress, nowMin: 90 })[0]!.eatBy;
    };
    expect(daysOf('raw-egg')).toBe(dayLater(sunday.date, rules.rawFridgeDays));
    expect(daysOf('raw-cut')).toBe(dayLater(sunday.date, rules.boxFridgeDays));
  });

  test('over two hours between hot and cold it is thrown away; in a warm room over one', () => {
    expect(judged(200, put(box({ putMin: ready.readyMin + 120 })))[0]!.verdict).toBe('keep');
    const late = judged(200, put(box({ putMin: ready.readyMin + 121 })))[0]!;
    expect(late.verdict).toBe('throw-away');
    expect(late.eatBy).toBeUndefined();
    expect(late.why.join(' ')).toContain('2 h 01');
    expect(judged(200, put(box({ putMin: ready.readyMin + 61, warmRoom: true })))[0]!.verdict).toBe('throw-away');
  });

  test('a reading hot enough starts the clock again; after one that was not, none does', () => {
    const measured = (atMin: number, celsius: number): readonly [number, Happening] => [
      atMin,
      { kind: 'measure', entry: keepEntry(chicken.id, version), measured: 'hot', celsius },
    ];
    const late = put(box({ putMin: ready.readyMin + 150 }));
    expect(judged(300, measured(ready.readyMin + 60, 61), late)[0]).toMatchObject({ verdict: 'keep', stoodMin: 90 });
    expect(judged(300, measured(ready.readyMin + 40, 50), measured(ready.readyMin + 60, 61), late)[0]!.verdict).toBe(
      'throw-away',
    );
  });

  test('on the counter it waits for the fridge, and not for ever', () => {
    expect(judged(60, put(box({ where: 'counter' })))[0]!.verdict).toBe('put-away');
    expect(judged(ready.readyMin + 121, put(box({ where: 'counter' })))[0]!.verdict).toBe('throw-away');
  });

  test('a box that cools too slowly is thrown away; one that is cold says so', () => {
    const measured = (after: number, celsius: number): readonly [number, Happening] => [
      60 + after,
      { kind: 'measure', entry: boxEntry('box-1'), measured: 'cooling', celsius },
    ];
    expect(judged(400, put(box()), measured(100, 30))[0]!.cooling.state).toBe('on-its-way');
    expect(judged(400, put(box()), measured(130, 30))[0]).toMatchObject({
      verdict: 'throw-away',
      cooling: { state: 'too-slow' },
    });
    expect(judged(400, put(box()), measured(100, 20), measured(300, 4))[0]).toMatchObject({
      verdict: 'keep',
      cooling: { state: 'cold' },
    });
    expect(judged(600, put(box()), measured(100, 20), measured(370, 8))[0]!.cooling.state).toBe('too-slow');
  });

  test('what stood on the table may hold what stood beside it, and is not clear for who may have no trace of that', () => {
    const lantern = demo('lantern-supper');
    const table = fit(lantern);
    const progress = (keptBack: boolean) =>
      progressOf(
        events(
          ...lantern.dishes
            .filter((dish) => dish.course === 'mains' || dish.course === 'sides')
            .map((dish, at) =>
              put(box({ id: `box-${at + 1}`, dish: dish.id, version: dish.versions[0]!.id, keptBack })),
            ),
        ),
      );
    const boxes = (keptBack: boolean) =>
      leftoversOf(
        {
          occasion: lantern,
          plan: { ...plan, tasks: [], batches: [] },
          begun: lantern,
          progress: progress(keptBack),
          nowMin: 90,
        },
        table,
      );
    const clear = (keptBack: boolean) => boxes(keptBack).reduce((sum, each) => sum + each.clearFor.length, 0);
    expect(boxes(false).length).toBeGreaterThan(3);
    expect(clear(false)).toBeLessThan(clear(true));
    expect(
      boxes(false).some(
        (each) =>
          each.mayContain.length >
          boxes(true).find((other) => other.leftover.id === each.leftover.id)!.mayContain.length,
      ),
    ).toBe(true);
  });

  test('a plate that the day lost is not clear in the box either', () => {
    // Nobody ticked it ready: counted from the plan, and said so.
    const taken = {
      ...sunday,
      dishes: sunday.dishes.map((dish) =>
        dish.id === chicken.id ? { ...dish, notFor: [sunday.guests[0]!.id] } : dish,
      ),
    };
    const [lost] = leftoversOf({
      occasion: taken,
      plan,
      begun: sunday,
      progress: progressOf(events(put(box()))),
      nowMin: 90,
    });
    expect(lost!.notAnyMoreFor).toContain(sunday.guests[0]!.id);
    expect(lost!.why.join(' ')).toContain('not ticked');
  });

  test('said again it is corrected, taken back it is gone', () => {
    expect(judged(90, put(box()), put(box({ portions: 5 })))).toMatchObject([{ leftover: { portions: 5 } }]);
    expect(judged(90, put(box()), [70, { kind: 'leftover-off', leftover: 'box-1' }])).toEqual([]);
  });
});

describe('times learned', () => {
  const written = { least: 40, likely: 50, most: 60 };
  const days = (...minutes: number[]) =>
    minutes.map((each, at) => ({ day: `day-${at}`, on: '2026-11-01', minutes: each }));

  test('one odd day moves it little, many days move it nearly all the way', () => {
    expect(learnedMin(written, [])).toEqual(written);
    expect(learnedMin(written, days(70))).toEqual({ least: 40, likely: 55, most: 63 });
    expect(learnedMin(written, days(700)).likely).toBe(68);
    expect(learnedMin(written, days(...Array.from({ length: 60 }, () => 70))).likely).toBe(69);
    for (const list of [days(1), days(20, 90), days(60), days(400, 400)]) {
      const { least, likely, most } = learnedMin(written, list);
      expect(least).toBeLessThanOrEqual(likely);
      expect(likely).toBeLessThanOrEqual(most);
    }
  });

  test('only what was ticked at both ends says anything, at the size of its recipe', () => {
    expect(
      timedOn(
        sunday,
        plan,
        progressOf(events(...whole.filter(([, what]) => what.kind !== 'tick' || !what.entry.includes('@')))),
      ),
    ).toEqual([]);
    const roast = plan.tasks.find(
      (task): task is PlannedStep => task.kind === 'step' && task.racks.length > 0 && endingLook(task) !== undefined,
    )!;
    const ends = entryOf(roast, endingLook(roast)!);
    const longer = whole.map(([at, what]): readonly [number, Happening] =>
      what.kind === 'tick' && what.entry === ends ? [at + 20, what] : [at, what],
    );
    const step = roast.id.split('.').at(-1)!;
    const recipe = sunday.dishes.find((dish) => roast.batch.startsWith(dish.id))!.recipe;
    const [was, is] = [whole, longer].map((list) =>
      timedOn(sunday, plan, progressOf(events(...[...list].sort((a, b) => a[0] - b[0])))).find(
        (each) => each.recipe === recipe && each.step === step,
      )!,
    );
    expect(is!.tookMin).toBe(was!.tookMin + 20);
    expect(is!.minutes).toBeGreaterThan(was!.minutes);
  });

  test('said to go in only after somebody had looked at it, it says nothing: nobody knows how long it really took', () => {
    const bird = plan.tasks.find((task): task is PlannedStep => task.id === 'chicken.as-written.roast')!;
    const look = entryOf(bird, laterLooks(bird)[0]!);
    const lookedAt = whole.find(([, what]) => what.kind === 'tick' && what.entry === look)![0];
    const late = whole.map(([at, what]): readonly [number, Happening] =>
      what.kind === 'tick' && what.entry === bird.id ? [lookedAt + 1, what] : [at, what],
    );
    const learnt = (list: typeof whole) =>
      timedOn(sunday, plan, progressOf(events(...[...list].sort((a, b) => a[0] - b[0])))).some(
        (each) => each.recipe === chicken.recipe && each.step === 'roast',
      );
    expect([learnt(whole), learnt(late)]).toEqual([true, false]);
  });

  test('a learned time keeps what was written, goes on from there, and goes back to it', () => {
    const recipe = sunday.recipes.find((each) => each.id === chicken.recipe)!;
    const step = recipe.steps.find((each) => each.hands === 'off')!;
    const once = withLearned(recipe, step.id, days(step.durationMin.most + 10));
    const now = once.steps.find((each) => each.id === step.id)!;
    expect(now.learned).toEqual({ asWritten: step.durationMin, days: 1 });
    expect(now.durationMin.likely).toBeGreaterThan(step.durationMin.likely);
    expect(withLearned(once, step.id, [])).toEqual(recipe);
    // Not from what was learned, but from what was written: the same days give the same time.
    expect(withLearned(once, step.id, days(step.durationMin.most + 10))).toEqual(once);
  });

  test('a step of a component is learned for its own recipe', () => {
    const lantern = demo('lantern-supper');
    const find = (id: string) => lantern.recipes.find((each) => each.id === id);
    const holder = lantern.recipes.find((each) => each.lines.some((line) => line.component))!;
    const line = holder.lines.find((each) => each.component)!;
    const part = find(line.component!)!;
    expect(sourceOfStep(holder, `${line.id}--${part.steps[0]!.id}`, find)).toMatchObject({
      recipe: part.id,
      step: { id: part.steps[0]!.id },
    });
    expect(sourceOfStep(holder, 'nowhere', find)).toBeUndefined();
  });
});

describe('a new one from an old one', () => {
  const lantern = demo('lantern-supper');
  const fresh = { id: 'next-year' as Occasion['id'], name: 'Next year', date: '2027-12-21', serveAt: '19:00' };

  test('is an occasion, with everything that was true of that day only to be confirmed again', () => {
    const next = v.parse(Occasion, anewFrom(lantern, fresh));
    expect(next.guests.every((guest) => questionsAbout(guest, next.date).length > 0 || guest.needs.length === 0)).toBe(
      true,
    );
    expect(next.labels.every((label) => label.carriedOver)).toBe(true);
    expect(next.shopping).toMatchObject({ ticked: [], have: [], shops: [] });
    // Doubt only grows: no plate is clearer than it was.
    const clear = (occasion: Occasion) =>
      fit(occasion)
        .rows.flatMap((row) => [...row.cells.values()])
        .filter((cell) => cell.judgement.verdict === 'clear').length;
    expect(clear(next)).toBeLessThanOrEqual(clear(lantern));
  });

  test('what a guest turned out to need on the day outlasts it, once', () => {
    const [first] = lantern.guests;
    const found = v.parse(Need, { id: 'found-today', kind: 'hazard', hazard: 'sesame', strictness: 'no-trace' });
    const day = {
      ...lantern,
      guests: lantern.guests.map((guest) => (guest === first ? { ...guest, needs: [...guest.needs, found] } : guest)),
    };
    const kept = withNeedsOf(lantern, day);
    expect(kept.guests[0]!.needs).toContainEqual(found);
    expect(kept.guests.slice(1)).toEqual(lantern.guests.slice(1));
    expect(withNeedsOf(kept, day)).toBe(kept);
    expect(withNeedsOf(lantern, lantern)).toBe(lantern);
  });

  test('takes the times that its recipes have learned, where the step is still the same', () => {
    const recipe = lantern.recipes.find((each) => each.steps.some((step) => step.hands === 'off'))!;
    const step = recipe.steps.find((each) => each.hands === 'off')!;
    const kept = withLearned(recipe, step.id, [{ day: 'a', on: '2026-12-21', minutes: step.durationMin.most + 30 }]);
    const timeOf = (occasion: Occasion) =>
      occasion.recipes.find((each) => each.id === recipe.id)!.steps.find((each) => each.id === step.id)!;
    expect(timeOf(anewFrom(lantern, fresh, [kept])).learned).toBeDefined();
    const otherStep = { ...kept, steps: kept.steps.map((each) => ({ ...each, text: `${each.text} Otherwise.` })) };
    expect(timeOf(anewFrom(lantern, fresh, [otherStep]))).toEqual(step);
    // What was learned and taken back is taken back here too.
    expect(timeOf(anewFrom(anewFrom(lantern, fresh, [kept]), fresh, [recipe]))).toEqual(step);
  });
});

test('a mend hides no lateness: the account is held against what the day was begun with', () => {
  const moved = {
    ...plan,
    tasks: plan.tasks.map((task) =>
      task.kind === 'step'
        ? {
            ...task,
            startMin: task.startMin + 15,
            endMin: task.endMin + 15,
            looks: task.looks.map((point) => ({
              ...point,
              startMin: point.startMin + 15,
              endMin: point.endMin + 15,
            })),
          }
        : { ...task, startMin: task.startMin + 15, endMin: task.endMin + 15 },
    ),
  };
  const later = {
    ...sunday,
    courses: sunday.courses.map((course) => ({ ...course, offsetMin: course.offsetMin + 15 })),
  };
  const account = accountOf(later, moved, progressOf(events(...asPlanned(moved, 60))), 60, { occasion: sunday, plan });
  expect(account.pace.length).toBeGreaterThan(5);
  expect(account.pace.filter((each) => Math.abs(each.reallyMin - each.plannedMin - 15) > 1)).toEqual([]);
  expect(account.dishes.some((dish) => dish.readyMin! > dish.atMin)).toBe(true);
});
