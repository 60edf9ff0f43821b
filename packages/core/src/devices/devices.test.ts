import { demo } from '../../test-support/demo.ts';
import { asPlanned, events } from '../../test-support/day.ts';
import { progressOf } from '../state/index.ts';
import { entryOf, laterLooks, type Happening, type PlannedStep } from '../model/index.ts';
import { planned } from '../../test-support/planned.ts';
import { coldCavity, isThere, stepCavity, tauOf, thereInMin, type CavityAction } from './cavity.ts';
import { rehearsedDevices, type CavityReading, type ProbeReading } from './rehearsed.ts';

const spec = { heatsCPerMin: 11, coolsCPerMin: 5, offsetC: 0 };
const on = (dialC: number, atMin = 0): CavityAction => ({ kind: 'dial', atMin, dialC });
const run = (untilMin: number, ...actions: readonly CavityAction[]) =>
  stepCavity(spec, coldCavity(0), actions, untilMin);

describe('an oven', () => {
  test('heats about as fast as was measured, then keeps its temperature within the swing of its thermostat', () => {
    const there = thereInMin(spec, run(0, on(200)))!;
    expect(there).toBeGreaterThan(12);
    expect(there).toBeLessThan(22);
    for (let minute = there + 5; minute < there + 90; minute++)
      expect(Math.abs(run(minute, on(200)).shownC - 200)).toBeLessThanOrEqual(10);
  });

  test('turned down, it cools with its door ajar about as fast as was measured, and is not ready before', () => {
    const hot = run(60, on(230));
    const down = stepCavity(spec, hot, [on(160, 60)], 61);
    expect(isThere(down)).toBe(false);
    const minutes = thereInMin(spec, down)!;
    expect(minutes).toBeGreaterThan(6);
    expect(minutes).toBeLessThan(25);
  });

  test('an open door and a full load cost heat, and it recovers', () => {
    const hot = run(60, on(200));
    const opened = stepCavity(spec, hot, [{ kind: 'door', atMin: 60 }], 60.5);
    expect(opened.cavityC).toBeLessThan(hot.cavityC - 10);
    expect(isThere(stepCavity(spec, opened, [], 70))).toBe(true);
    const full = stepCavity(spec, hot, [{ kind: 'in', atMin: 60, load: 'a', racks: 2, tauMin: 60 }], 63);
    expect(full.cavityC).toBeLessThan(opened.cavityC + 40);
  });

  test('what is in it reaches its core temperature after the time that its time constant stands for', () => {
    const tauMin = tauOf(50, 200, 74);
    const load: CavityAction = { kind: 'in', atMin: 60, load: 'bird', racks: 1, tauMin };
    const coreAt = (minute: number) => run(minute, on(200), load).loads.get('bird')!.coreC;
    expect(coreAt(60.1)).toBeLessThan(8);
    expect(coreAt(100)).toBeLessThan(74);
    expect(coreAt(118)).toBeGreaterThan(74);
  });

  test('is slow, stuck, drifting or silent where that is asked for', () => {
    const fails = (fault: 'slow' | 'stuck' | 'drifting', atMin = 0): CavityAction => ({ kind: 'fault', atMin, fault });
    expect(thereInMin(spec, run(0.1, on(200), fails('slow')))!).toBeGreaterThan(
      1.7 * thereInMin(spec, run(0, on(200)))!,
    );
    // Stuck before it was turned on, it stays cold; stuck while heating, it passes its dial.
    expect(thereInMin(spec, run(1, fails('stuck'), on(200, 0.5)))).toBeUndefined();
    expect(run(60, on(200), fails('stuck', 10)).shownC).toBeGreaterThan(230);
    const drifted = run(120, on(200), fails('drifting', 60));
    expect(Math.abs(drifted.shownC - 200)).toBeLessThan(12);
    expect(drifted.cavityC).toBeLessThan(175);
  });

  test('stepped in pieces it is the same as in one', () => {
    const actions: CavityAction[] = [
      on(200),
      { kind: 'in', atMin: 30, load: 'a', racks: 1, tauMin: 80 },
      { kind: 'fault', atMin: 41, fault: 'slow' },
    ];
    const whole = run(80, ...actions);
    const first = run(35, ...actions);
    const pieces = stepCavity(
      spec,
      first,
      actions.filter((each) => each.atMin > 35),
      80,
    );
    expect(pieces.cavityC).toBeCloseTo(whole.cavityC, 6);
    expect(pieces.loads.get('a')!.coreC).toBeCloseTo(whole.loads.get('a')!.coreC, 6);
  });
});

describe('the devices of a rehearsed day', () => {
  const sunday = demo('sunday-lunch');
  const plan = planned(sunday);
  const bird = plan.tasks.find((task): task is PlannedStep => task.id === 'chicken.as-written.roast')!;
  const at = (nowMin: number, ...more: readonly (readonly [number, Happening])[]) => {
    const progress = progressOf(events(...[...asPlanned(plan, nowMin), ...more].sort((a, b) => a[0] - b[0])));
    const [cavity, probe] = rehearsedDevices(sunday, plan, progress, nowMin, 'a day');
    return { cavity: cavity as CavityReading, probe: probe as ProbeReading };
  };

  test('the oven follows what was ticked: off, heating, hot when the bird goes in, off at the end', () => {
    const first = plan.tasks.find((task) => task.kind === 'oven')!;
    expect(at(first.startMin - 5).cavity).toMatchObject({ setC: null, shownC: 20, thereInMin: null });
    expect(at(first.startMin + 3).cavity).toMatchObject({ isHeating: true });
    const hot = at(bird.startMin).cavity;
    expect(Math.abs(hot.shownC! - hot.setC!)).toBeLessThan(15);
    expect(at(60).cavity.setC).toBeNull();
  });

  test('the probe is in the bird, rises, and is at its limit about when the plan has it out', () => {
    expect(at(bird.startMin - 1).probe.task).toBeNull();
    const early = at(bird.startMin + 10).probe;
    expect(early.task).toBe(bird.id);
    const late = at(bird.endMin - 2).probe;
    expect(late.coreC!).toBeGreaterThan(early.coreC! + 30);
    expect(late.coreC!).toBeGreaterThan(60);
    expect(late.coreC!).toBeLessThan(100);
  });

  test('what was looked at is in it, though nobody ticked that it went in', () => {
    const look = laterLooks(bird)[0]!;
    const now = look.endMin + 2;
    const noted = asPlanned(plan, now).filter(([, what]) => what.kind !== 'tick' || what.entry !== bird.id);
    const [, probe] = rehearsedDevices(sunday, plan, progressOf(events(...noted)), now, 'a day');
    expect(probe).toMatchObject({ task: bird.id });
    expect(noted.some(([, what]) => what.kind === 'tick' && what.entry === entryOf(bird, look))).toBe(true);
  });

  test('the same events give the same readings; a fault shows, and is over when it is mended', () => {
    const fault = (fault: 'disconnected' | null, when: number, device = 'cavity-1'): readonly [number, Happening] => [
      when,
      { kind: 'fault', device, fault },
    ];
    const now = bird.startMin + 20;
    expect(at(now)).toEqual(at(now));
    expect(at(now, fault('disconnected', now - 5)).cavity).toMatchObject({
      shownC: null,
      setC: null,
      thereInMin: null,
      silentSinceMin: expect.closeTo(now - 5, 0),
    });
    expect(at(now, fault('disconnected', now - 5), fault(null, now - 1)).cavity).toEqual(at(now).cavity);
    expect(at(now, fault('disconnected', now - 5, 'probe-1')).probe).toMatchObject({ coreC: null, task: null });
    const slow = at(now, [
      plan.tasks.find((task) => task.kind === 'oven')!.startMin,
      { kind: 'fault', device: 'cavity-1', fault: 'slow' },
    ]);
    expect(slow.probe.coreC!).toBeLessThan(at(now).probe.coreC!);
  });
});
