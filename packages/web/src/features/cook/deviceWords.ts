import type { CavityReading, DeviceReading, PlannedStep } from '@lupin/core';

/** What an oven says of the step that is to go into it. `waits`: better not yet. */
export interface OvenHint {
  readonly words: string;
  readonly waits: boolean;
}

/** So far, in °C, may an oven be set from what is asked for without being asked about. */
const setWithinC = 10;

/** What the oven says before something goes in: undefined where it is as it should be, or no oven says anything. `dialC`: what its dial is to be at. */
export function ovenHint(
  step: PlannedStep,
  dialC: number,
  devices: readonly DeviceReading[],
  degrees: (celsius: number) => string,
  clock: (moment: number) => string,
): OvenHint | undefined {
  const cavity =
    step.racks.length === 0
      ? undefined
      : devices.find((each): each is CavityReading => each.kind === 'cavity' && each.oven === step.oven);
  if (!cavity) return undefined;
  if (cavity.silentSinceMin !== null)
    return {
      words: `${cavity.name} has not answered since ${clock(cavity.silentSinceMin)}. Look at its own dial and thermometer.`,
      waits: false,
    };
  if (cavity.setC === null) return { words: `${cavity.name} is off. ${degrees(dialC)} are asked for.`, waits: true };
  if (Math.abs(cavity.setC - dialC) > setWithinC)
    return { words: `${cavity.name} is set to ${degrees(cavity.setC)}; ${degrees(dialC)} are asked for.`, waits: true };
  if (cavity.thereInMin === 0) return undefined;
  return {
    words: `${cavity.name} shows ${degrees(cavity.shownC!)} of ${degrees(cavity.setC)}. ${cavity.thereInMin === null ? 'It is not getting there: is it heating?' : `About ${cavity.thereInMin} min more.`}`,
    waits: true,
  };
}

/** How an oven is, in a few words. */
export function cavityWords(
  cavity: CavityReading,
  degrees: (celsius: number) => string,
  clock: (moment: number) => string,
): { readonly words: string; readonly alarming: boolean } {
  if (cavity.silentSinceMin !== null)
    return { words: `no answer since ${clock(cavity.silentSinceMin)}`, alarming: true };
  if (cavity.setC === null) return { words: 'off', alarming: false };
  const door = cavity.isOpen ? ', door open' : '';
  if (cavity.thereInMin === 0) return { words: `at its ${degrees(cavity.setC)}${door}`, alarming: false };
  if (cavity.thereInMin === null)
    return { words: `set to ${degrees(cavity.setC)} and not getting there${door}`, alarming: true };
  return { words: `on the way to ${degrees(cavity.setC)}, about ${cavity.thereInMin} min${door}`, alarming: false };
}
