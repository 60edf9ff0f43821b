import { events } from '../../test-support/day.ts';
import { id } from '../../test-support/id.ts';
import type { Happening, PlannedWash, WashItem } from '../model/index.ts';
import { progressOf } from './progress.ts';
import { cleaned, leftDirty, washItems, washPassed } from './washes.ts';

const wash = (more: Partial<PlannedWash> = {}): PlannedWash => ({
  kind: 'wash',
  id: id('w'),
  startMin: -20,
  endMin: -12,
  cook: id('one'),
  units: [id('board-1'), id('knife-1')],
  hands: true,
  because: [],
  ...more,
});
const inMachine = wash({ machineUntilMin: 30 });
const items = (...list: string[]) => list as unknown as WashItem[];

/** What happened at the wash: what is clean, and what was left out. */
const after = (clean: readonly string[], left: readonly string[] = []) =>
  progressOf(
    events(
      ...items(...clean).map((item) => [-12, { kind: 'clean', wash: id('w'), item }] as const),
      ...(left.length > 0
        ? [[-11, { kind: 'skip', wash: id('w'), items: items(...left), reason: 'no time' } as Happening] as const]
        : []),
    ),
  );

test('the order of a cook’s hands: water first, or the machine after it is loaded; a cloth, and the hands last', () => {
  expect(washItems(wash())).toEqual(['water', 'board-1', 'knife-1', 'cloth', 'hands']);
  expect(washItems(inMachine)).toEqual(['board-1', 'knife-1', 'machine', 'cloth', 'hands']);
  expect(washItems(wash({ hands: false }))).toEqual(['water', 'board-1', 'knife-1', 'cloth']);
});

test('it is passed when every item is clean or left out for a reason, and not one before', () => {
  const all = ['water', 'board-1', 'knife-1', 'cloth', 'hands'];
  expect(washPassed(wash(), progressOf([]))).toBe(false);
  expect(washPassed(wash(), after(all))).toBe(true);
  for (const item of all) {
    const others = all.filter((each) => each !== item);
    expect([item, washPassed(wash(), after(others))]).toEqual([item, false]);
    expect([item, washPassed(wash(), after(others, [item]))]).toEqual([item, true]);
  }
});

describe('what was really cleaned', () => {
  const both = ['board-1', 'knife-1'];
  test.each<[string, PlannedWash, string[], { units: string[]; hands: boolean; machineUntilMin?: number }]>([
    ['by hand, all of it', wash(), [], { units: both, hands: true }],
    ['by hand, a piece left', wash(), ['knife-1'], { units: ['board-1'], hands: true }],
    ['by hand, in old water', wash(), ['water'], { units: [], hands: false }],
    ['by hand, with an old cloth', wash(), ['cloth'], { units: [], hands: false }],
    ['by hand, hands left', wash(), ['hands'], { units: both, hands: false }],
    ['by hand, hands were not to be', wash({ hands: false }), ['knife-1'], { units: ['board-1'], hands: false }],
    ['in the machine, all of it', inMachine, [], { units: both, hands: true, machineUntilMin: 30 }],
    [
      'in the machine, a piece left out',
      inMachine,
      ['knife-1'],
      { units: ['board-1'], hands: true, machineUntilMin: 30 },
    ],
    ['in the machine, which was not started', inMachine, ['machine'], { units: [], hands: true }],
    ['in the machine, both pieces left out', inMachine, both, { units: [], hands: true }],
    [
      'in the machine, an old cloth for the hands',
      inMachine,
      ['cloth'],
      { units: both, hands: false, machineUntilMin: 30 },
    ],
    ['in the machine, hands left', inMachine, ['hands'], { units: both, hands: false, machineUntilMin: 30 }],
  ])('%s', (_, planned, left, expected) => {
    const clean = washItems(planned).filter((item) => !left.includes(item));
    const { units, hands, machineUntilMin } = cleaned(planned, after(clean, left));
    expect({ units, hands, ...(machineUntilMin === undefined ? {} : { machineUntilMin }) }).toEqual(expected);
  });

  test('what was left out and cleaned after all is clean', () => {
    expect(cleaned(wash(), after(['water', 'board-1', 'knife-1', 'cloth', 'hands'], ['knife-1']))).toEqual(wash());
  });
});

test('what is left dirty is named by its wash; hands alone have no pieces; a wash that was done leaves none', () => {
  const others = (...left: string[]) => washItems(wash()).filter((item) => !left.includes(item));
  expect(leftDirty([wash()], after(others()))).toEqual([]);
  expect(leftDirty([wash()], after(others('knife-1'), ['knife-1']))).toEqual([{ wash: 'w', units: ['knife-1'] }]);
  expect(leftDirty([wash()], after(others('hands'), ['hands']))).toEqual([{ wash: 'w', units: [] }]);
  const oven = { kind: 'oven', id: id('o'), oven: 0, startMin: 0, endMin: 1, untilMin: 2, temperatureC: 200 } as const;
  expect(leftDirty([oven], after([]))).toEqual([]);
});
