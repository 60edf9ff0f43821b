import { warmHelpers } from './warm.ts';

function started() {
  const list: {
    readonly name: number;
    ended: boolean;
    broken: boolean;
    terminate: () => void;
    isBroken: () => boolean;
  }[] = [];
  const helpers = warmHelpers(() => {
    const helper = {
      name: list.length,
      ended: false,
      broken: false,
      terminate: () => (helper.ended = true),
      isBroken: (): boolean => helper.broken,
    };
    list.push(helper);
    return helper;
  });
  return { list, ...helpers };
}

test('what is done is left to the next; two at a time are two, of which one is kept', () => {
  const { list, lease } = started();
  const first = lease();
  first.done();
  const [second, third] = [lease(), lease()];
  expect([second.helper.name, third.helper.name]).toEqual([0, 1]);
  second.done();
  third.done();
  expect(list.map((each) => each.ended)).toEqual([false, true]);
  expect(lease().helper.name).toBe(0);
});

test('what is stopped is ended at once, and another made ready', () => {
  const { list, lease } = started();
  const first = lease();
  first.stop();
  expect(list.map((each) => each.ended)).toEqual([true, false]);
  expect(lease().helper.name).toBe(1);
});

test('a lease ends once: stopped after it is done, it does not end what somebody else has now', () => {
  const { list, lease } = started();
  const first = lease();
  first.done();
  const second = lease();
  first.stop();
  first.done();
  expect(second.helper.name).toBe(0);
  expect(list.map((each) => each.ended)).toEqual([false]);
});

test('one is made ready, and not two', () => {
  const { list, warm, lease } = started();
  warm();
  warm();
  expect(list).toHaveLength(1);
  expect(lease().helper.name).toBe(0);
});

test('one that could not be loaded is nobody’s: neither taken from those that stand ready, nor left to the next', () => {
  const { list, warm, lease } = started();
  warm();
  list[0]!.broken = true;
  const second = lease();
  expect(second.helper.name).toBe(1);
  list[1]!.broken = true;
  second.done();
  expect(lease().helper.name).toBe(2);
});
