import { randomUUID } from 'node:crypto';
import type * as v from 'valibot';
import {
  fit,
  progressOf,
  rehearsedDevices,
  tasksOf,
  type DeviceFault,
  type DeviceReading,
  type Occasion,
  type PutReading,
  type TaskNetwork,
  type Plan,
} from '@lupin/core';
import type { DayStore } from './dayStore.ts';
import { Problem } from './problems.ts';

type Sent = v.InferOutput<typeof PutReading>;

/** A device that has said nothing for so long, in ms, does not answer. */
const silentAfterMs = 120_000;
/** A kitchen has so many devices at most; what pushes more is no kitchen. */
const mostDevices = 20;

/**
 * The devices of a day. In a rehearsal they are simulated, from the day's own events; on a real day they are whatever has pushed a reading.
 * What was pushed is not kept over a restart: an old temperature is worse than none.
 */
export class Devices {
  private readonly pushed = new Map<
    string,
    Map<string, { readonly sent: Sent; readonly at: number; readonly atMin: number }>
  >();
  private readonly networks = new WeakMap<Plan, TaskNetwork>();

  constructor(
    private readonly days: DayStore,
    private readonly now: () => Date,
  ) {}

  private networkOf(occasion: Occasion, plan: Plan): TaskNetwork {
    const known = this.networks.get(plan) ?? tasksOf(occasion, fit(occasion), plan.batches);
    this.networks.set(plan, known);
    return known;
  }

  /** What every device of the day says now, and how fast the day goes. */
  async readings(
    id: string,
  ): Promise<{ readonly speed: number; readonly isOver: boolean; readonly devices: readonly DeviceReading[] }> {
    const { day, mode, ended, clock, occasion, plan, events } = await this.days.forDevices(id);
    if (mode === 'rehearsal')
      return {
        speed: clock.speed,
        isOver: ended,
        devices: ended
          ? []
          : rehearsedDevices(occasion, plan, progressOf(events), clock.nowMin, day, this.networkOf(occasion, plan)),
      };
    const devices = [...(this.pushed.get(`${id}/${day}`) ?? [])].map(([device, { sent, at, atMin }]): DeviceReading => {
      const silent = this.now().getTime() - at > silentAfterMs;
      const silentSinceMin = silent ? atMin : null;
      if (sent.kind === 'probe')
        return {
          kind: 'probe',
          device,
          name: sent.name,
          atMin,
          task: silent ? null : sent.task,
          coreC: silent ? null : sent.coreC,
          silentSinceMin,
        };
      const there = !silent && sent.setC !== null && Math.abs(sent.shownC - sent.setC) <= 10 ? 0 : null;
      return {
        kind: 'cavity',
        device,
        name: sent.name,
        oven: sent.oven,
        atMin,
        setC: silent ? null : sent.setC,
        shownC: silent ? null : sent.shownC,
        isHeating: !silent && sent.isHeating,
        isOpen: !silent && sent.isOpen,
        thereInMin: there,
        silentSinceMin,
      };
    });
    return { speed: clock.speed, isOver: ended, devices };
  }

  /** A device in the kitchen says what it reads. */
  async push(id: string, device: string, sent: Sent): Promise<void> {
    const { day, mode, ended, clock, plan } = await this.days.forDevices(id);
    if (mode === 'rehearsal') throw new Problem('a-rehearsal', 'Readings are taken on a real day.');
    if (ended) throw new Problem('day-ended', 'No readings are taken any more.');
    if (sent.kind === 'probe' && sent.task !== null && !plan.tasks.some((task) => task.id === sent.task))
      throw new Problem('invalid-field', `There is no step "${sent.task}" in the plan.`, {
        errors: [{ pointer: '/task', message: 'No step of the plan has this id.' }],
      });
    const key = `${id}/${day}`;
    const known = this.pushed.get(key) ?? new Map();
    if (!known.has(device) && known.size >= mostDevices)
      throw new Problem('invalid-field', `At most ${mostDevices} devices.`);
    this.pushed.set(
      key,
      known.set(device, { sent, at: this.now().getTime(), atMin: Math.round(clock.nowMin * 100) / 100 }),
    );
  }

  /** Has a simulated device fail, or work again: an event of the rehearsal like any other. */
  async fail(id: string, device: string, fault: DeviceFault | null): Promise<void> {
    const { day, mode } = await this.days.forDevices(id);
    if (mode !== 'rehearsal') throw new Problem('not-a-rehearsal', 'Only simulated devices fail on demand.');
    if (!(await this.readings(id)).devices.some((each) => each.device === device))
      throw new Problem('unknown-device', `The rehearsal has no "${device}".`);
    await this.days.add(id, day, [{ id: randomUUID(), device, agoMin: 0, what: { kind: 'fault', device, fault } }]);
  }
}
