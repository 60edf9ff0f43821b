import { events } from '../../test-support/day.ts';
import { id } from '../../test-support/id.ts';
import type { Happening, Plan, PlannedOven, PlannedStep, PlannedTask, PlannedWash, UnitId } from '../model/index.ts';
import { happened } from './happened.ts';
import { progressOf } from './progress.ts';

const step = (name: string, startMin: number, endMin: number, more: Partial<PlannedStep> = {}): PlannedStep => ({
  kind: 'step',
  id: id(name),
  batch: id('b'),
  step: id(name),
  startMin,
  endMin,
  cook: id('one'),
  units: [],
  oven: 0,
  racks: [],
  bentC: 0,
  looks: [],
  ...more,
});
const look = (name: string, startMin: number, endMin: number) => ({
  look: id<never>(name),
  startMin,
  endMin,
  cook: id<never>('one'),
  what: name,
});
const alone = (name: string, startMin: number, endMin: number, ...looks: ReturnType<typeof look>[]): PlannedStep => {
  const { cook: _cook, ...rest } = step(name, startMin, endMin, { looks });
  return rest;
};
const wash = (name: string, startMin: number, endMin: number, ...units: string[]): PlannedWash => ({
  kind: 'wash',
  id: id(name),
  startMin,
  endMin,
  cook: id('one'),
  units: units.map((unit) => id(unit)),
  hands: true,
  because: [],
});
const oven = (startMin: number, endMin: number, untilMin: number): PlannedOven => ({
  kind: 'oven',
  id: id('oven'),
  oven: 0,
  startMin,
  endMin,
  untilMin,
  temperatureC: 200,
});
const planOf = (...tasks: PlannedTask[]): Plan =>
  ({ batches: [{ id: 'b', dish: 'b', versions: [], portions: 1 }], tasks }) as unknown as Plan;
type Told = readonly [number, object];
const at = (now: number, tasks: readonly PlannedTask[], ...told: Told[]) =>
  happened(planOf(...tasks), progressOf(events(...(told as unknown as (readonly [number, Happening])[]))), now);
const placeOf = ({ plan }: ReturnType<typeof at>, name: string) => {
  const task = plan.tasks.find((each) => each.id === name)!;
  return [task.startMin, task.endMin];
};
const tick = (entry: string) => ({ kind: 'tick', entry });

describe('work by hand', () => {
  const [peel, chop] = [step('peel', -60, -50), step('chop', -40, -30)];

  test('that is ticked took as long as planned, up to the tick; from when it was begun, where that was said', () => {
    const late = at(-20, [peel, chop], [-45, tick('peel')]);
    expect([...late.done]).toEqual(['peel']);
    expect(placeOf(late, 'peel')).toEqual([-55, -45]);
    expect(placeOf(at(-20, [peel], [-48.4, { kind: 'begin', entry: 'peel' }], [-45, tick('peel')]), 'peel')).toEqual([
      -48, -45,
    ]);
  });

  test('of one pair of hands cannot have been twice at once', () => {
    const both = at(-20, [peel, chop], [-45, tick('peel')], [-43, tick('chop')]);
    expect(placeOf(both, 'chop')).toEqual([-45, -43]);
    const inOneMinute = at(-20, [peel, chop], [-45, tick('peel')], [-45, tick('chop')]);
    expect([placeOf(inOneMinute, 'peel'), placeOf(inOneMinute, 'chop')]).toEqual([
      [-56, -46],
      [-46, -45],
    ]);
  });

  test('that was begun goes on to its end, to what was said, or at least to the next minute', () => {
    const begun = { kind: 'begin', entry: 'peel' };
    expect(placeOf(at(-50, [peel], [-55, begun]), 'peel')).toEqual([-55, -45]);
    expect(placeOf(at(-20, [peel], [-55, begun]), 'peel')).toEqual([-55, -19]);
    expect(placeOf(at(-50, [peel], [-55, begun], [-52, { kind: 'until', entry: 'peel', atMin: -30 }]), 'peel')).toEqual(
      [-55, -30],
    );
    expect(placeOf(at(-50, [peel], [-52, { kind: 'until', entry: 'peel', atMin: -30 }]), 'peel')).toEqual([-60, -30]);
  });

  test('is taken to be in hand from its time on, when all before it is done, and nothing else is', () => {
    const first = at(-55, [peel, chop]);
    expect([...first.running]).toEqual(['peel']);
    expect([...first.assumed.keys()]).toEqual(['peel']);
    expect(placeOf(first, 'peel')).toEqual([-60, -50]);
    expect([...at(-60, [peel, chop]).running]).toEqual([]);
    expect([...at(-35, [peel, chop]).running]).toEqual(['peel']);
    const next = at(-35, [peel, chop], [-38, tick('peel')]);
    expect([...next.running]).toEqual(['chop']);
    expect(placeOf(next, 'chop')).toEqual([-38, -28]);
    const said = at(-35, [peel, chop], [-36, { kind: 'begin', entry: 'chop' }]);
    expect([...said.running]).toEqual(['chop']);
    expect([...said.assumed.keys()]).toEqual([]);
  });

  test('is not assumed after a wash that was left out, on what is dirty from it', () => {
    const tasks = [wash('w', -60, -55, 'board-1'), step('slice', -50, -40, { units: [id('board-1')] })];
    const clean = (...items: string[]): Told[] =>
      items.map((item) => [-55, { kind: 'clean', wash: 'w', item }] as const);
    const skip = (...items: string[]): Told => [-54, { kind: 'skip', wash: 'w', items, reason: 'no' }];
    expect([...at(-45, tasks, ...clean('water', 'board-1', 'cloth', 'hands')).running]).toEqual(['slice']);
    const dirty = at(-45, tasks, ...clean('water', 'cloth', 'hands'), skip('board-1'));
    expect([...dirty.running]).toEqual([]);
    expect(dirty.skipped).toEqual([{ wash: 'w', units: ['board-1'] }]);
    expect([...at(-45, tasks, ...clean('water', 'cloth', 'board-1'), skip('hands')).running]).toEqual([]);
  });
});

describe('what something was tipped out of when it was set going', () => {
  const pan = id<UnitId>('pan');
  const roast = {
    ...alone('roast', -60, -20, look('start', -60, -59), look('end', -21, -20)),
    units: [pan],
    emptied: [pan],
  };
  const gravy = step('gravy', -50, -40, { units: [pan] });

  test('is in other use only after that, and it was so before that, though all is ticked in one minute', () => {
    const day = at(0, [roast, gravy], [-55, tick('roast')], [-48, tick('gravy')], [-18, tick('roast@end')]);
    expect([placeOf(day, 'roast'), placeOf(day, 'gravy')]).toEqual([
      [-56, -18],
      [-55, -48],
    ]);
    const inOneMinute = at(0, [roast, gravy], [-10, tick('roast')], [-10, tick('gravy')], [-10, tick('roast@end')]);
    expect(placeOf(inOneMinute, 'roast')[0]).toBeLessThan(placeOf(inOneMinute, 'gravy')[0]!);
  });

  test('was in use before, where that was ticked before: the order of the day, and not of the plan', () => {
    const day = at(0, [roast, gravy], [-45, tick('gravy')], [-44, tick('roast')], [-18, tick('roast@end')]);
    expect([placeOf(day, 'roast'), placeOf(day, 'gravy')]).toEqual([
      [-44, -18],
      [-55, -45],
    ]);
  });
});

describe('what goes by itself', () => {
  const bake = alone('bake', -60, -20, look('start', -60, -59), look('turn', -40, -39), look('end', -21, -20));

  test('began when it was set going, or by the first look at it that was ticked', () => {
    expect(placeOf(at(-40, [bake], [-55, tick('bake')]), 'bake')).toEqual([-55, -15]);
    expect(placeOf(at(-30, [bake], [-35, tick('bake@turn')]), 'bake')).toEqual([-55, -15]);
    // Ticked only after the look, it was set going when the look says.
    expect(placeOf(at(-30, [bake], [-35, tick('bake@turn')], [-34, tick('bake')]), 'bake')).toEqual([-55, -15]);
    expect([...at(-30, [bake]).running]).toEqual([]);
  });

  test('is over when it is taken out, not when its time is', () => {
    expect([...at(5, [bake], [-60, tick('bake')]).running]).toEqual(['bake']);
    expect(placeOf(at(5, [bake], [-60, tick('bake')]), 'bake')[1]).toBe(6);
    expect([...at(5, [bake], [-60, tick('bake')], [-18, tick('bake@end')]).done]).toEqual(['bake']);
  });

  test('is ready when that is said, with the look that ends it', () => {
    const later = at(-30, [bake], [-60, tick('bake')], [-31, { kind: 'until', entry: 'bake', atMin: -10 }]);
    const [task] = later.plan.tasks as PlannedStep[];
    expect([task!.endMin, task!.looks.at(-1)!.startMin, task!.looks.at(-1)!.endMin]).toEqual([-9, -10, -9]);
    expect(task!.looks[1]!.startMin).toBe(-40);
  });

  test('is over by itself where nobody takes it out of anything', () => {
    const soak = alone('soak', -60, -20);
    expect([...at(-21, [soak], [-60, tick('soak')]).running]).toEqual(['soak']);
    expect([...at(-20, [soak], [-60, tick('soak')]).done]).toEqual(['soak']);
    const put = at(-20, [soak], [-60, tick('soak')], [-30, { kind: 'until', entry: 'soak', atMin: -5 }]);
    expect([...put.running]).toEqual(['soak']);
  });
});

describe('an oven', () => {
  const heat = oven(-80, -60, -20);
  const bake = { ...alone('bake', -60, -20, look('end', -21, -20)), racks: [0] };

  test('was on and hot, whatever was ticked, when something is in it', () => {
    const inIt = at(-50, [heat, bake], [-65, tick('bake')]);
    expect(inIt.done.has(id('oven'))).toBe(true);
    expect(placeOf(inIt, 'oven')).toEqual([-85, -65]);
    expect(placeOf(at(-70, [heat, bake], [-75, tick('oven')]), 'oven')).toEqual([-75, -55]);
  });

  test('keeps its heat for what is in it, and waits for what is not in yet', () => {
    const untilOf = (one: ReturnType<typeof at>) =>
      (one.plan.tasks.find(({ kind }) => kind === 'oven') as PlannedOven).untilMin;
    expect(untilOf(at(-50, [heat, bake], [-60, tick('bake')]))).toBe(-20);
    expect(untilOf(at(-10, [heat, bake], [-60, tick('bake')]))).toBe(-9);
    expect(untilOf(at(-10, [heat, bake], [-80, tick('oven')]))).toBe(-10);
    expect(untilOf(at(-10, [heat, bake]))).toBe(-20);
  });
});

test('what was lost is over, as it stood, and its time is nobody’s', () => {
  const plan = planOf(step('peel', -60, -50));
  const lost = { ...plan, batches: plan.batches.map((batch) => ({ ...batch, lost: true })) };
  const standpoint = happened(lost, progressOf([]), -55);
  expect([...standpoint.done]).toEqual(['peel']);
  expect(standpoint.running.size).toBe(0);
});
