import { useEffect, useMemo, useRef } from 'react';
import {
  dueMoments,
  endingLook,
  fit,
  lookEntry,
  playedMoments,
  tasksOf,
  type CavityReading,
  type DeviceReading,
  type Happening,
  type Moment,
  type Occasion,
  type Plan,
  type Progress,
  type TaskId,
} from '@lupin/core';

interface Playing {
  readonly occasion: Occasion;
  readonly plan: Plan;
  readonly progress: Progress;
  readonly nowMin: number;
  readonly devices: readonly DeviceReading[];
  readonly noteAt: (list: readonly { readonly atMin: number; readonly what: Happening }[]) => void;
}

/**
 * Plays a rehearsal by itself: cooks who keep to the plan, while everything takes as long as its range lets it. Nothing goes into an oven
 * that is not there yet, nothing comes out before its core is; what was ticked by hand stays so.
 */
export function usePlays(plays: boolean, { occasion, plan, progress, nowMin, devices, noteAt }: Playing): void {
  const moments = useMemo(() => (plays ? playedMoments(occasion, plan) : []), [plays, occasion, plan]);
  const network = useMemo(
    () => (plays ? tasksOf(occasion, fit(occasion), plan.batches) : undefined),
    [plays, occasion, plan],
  );
  const from = useRef<number>(undefined);
  if (!plays) from.current = undefined;
  else from.current ??= nowMin;
  // What was noted a moment ago may not be in the progress yet.
  const noted = useRef<{ readonly of: readonly Moment[]; readonly keys: Set<string>; readonly held: Set<string> }>({
    of: [],
    keys: new Set(),
    held: new Set(),
  });
  useEffect(() => {
    if (!network || moments.length === 0) return;
    if (noted.current.of !== moments) noted.current = { of: moments, keys: new Set(), held: new Set() };
    const { keys, held } = noted.current;
    const steps = new Map(network.tasks.map((task) => [task.id, task]));
    const keyOf = ({ task, what, atMin }: Moment) => `${task}/${atMin}/${what.kind === 'clean' ? what.item : ''}`;
    const isHeld = ({ task, what }: Moment): boolean => {
      const planned = plan.tasks.find((each) => each.id === task);
      if (planned?.kind !== 'step' || what.kind !== 'tick') return false;
      if (what.entry === task && planned.racks.length > 0) {
        const cavity = devices.find(
          (each): each is CavityReading => each.kind === 'cavity' && each.oven === planned.oven,
        );
        return cavity !== undefined && cavity.silentSinceMin === null && cavity.thereInMin !== 0;
      }
      const core = coreOf(task, planned, what.entry);
      return core !== undefined && core.readC !== undefined && core.readC < core.limitC;
    };
    const holds = (moment: Moment): boolean => {
      const now = isHeld(moment);
      if (now) held.add(keyOf(moment));
      return now;
    };
    const coreOf = (task: TaskId, planned: Plan['tasks'][number], entry: string) => {
      const limitC = steps.get(task)?.step.coreC;
      const last = planned.kind === 'step' ? endingLook(planned) : undefined;
      if (limitC === undefined || last === undefined || entry !== lookEntry(task, last.look)) return undefined;
      const probe = devices.find((each) => each.kind === 'probe' && each.task === task);
      return { limitC, readC: probe?.kind === 'probe' ? (probe.coreC ?? undefined) : undefined };
    };
    const due = dueMoments(network, plan, moments, progress, nowMin, holds, from.current).filter(
      (moment) => !keys.has(keyOf(moment)),
    );
    if (due.length === 0) return;
    for (const moment of due) keys.add(keyOf(moment));
    noteAt(
      due.flatMap((moment) => {
        const { task, what } = moment;
        // What a device held comes when it lets go; all else at its own moment, however fast the day goes by.
        const atMin = held.has(keyOf(moment)) ? nowMin : moment.dueMin;
        const planned = plan.tasks.find((each) => each.id === task)!;
        const core = what.kind === 'tick' ? coreOf(task, planned, what.entry) : undefined;
        return core?.readC === undefined
          ? [{ atMin, what }]
          : [
              {
                atMin,
                what: { kind: 'measure' as const, entry: task, measured: 'core' as const, celsius: core.readC },
              },
              { atMin, what },
            ];
      }),
    );
  }, [network, moments, plan, progress, nowMin, devices, noteAt]);
}
