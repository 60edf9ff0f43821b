import { withLookIds, type Step } from '@lupin/core';

type Moments = Step['looks'];

/** At most so many in one step: more is standing by. */
export const mostMoments = 12;

/** The moments of a step that takes another time: those from its end keep their distance to it, and none lies outside it. */
export const looksWithin = (looks: Moments, beforeMin: number, nowMin: number): Moments =>
  looks.map((look) => {
    const atMin = look.fromEnd ? look.atMin + nowMin - beforeMin : look.atMin;
    return { ...look, atMin: Math.max(1, Math.min(atMin, Math.max(1, nowMin - 1))) };
  });

/** The same thing every so often, from the start to before the end; what there is besides stays. */
export function everySoOften(looks: Moments, everyMin: number, likelyMin: number, what: string): Moments {
  const times = Array.from(
    { length: Math.max(0, Math.ceil(likelyMin / everyMin) - 1) },
    (_, at) => (at + 1) * everyMin,
  );
  const fresh = times
    .filter((atMin) => !looks.some((look) => look.atMin === atMin))
    .slice(0, Math.max(0, mostMoments - looks.length))
    .map((atMin) => ({ atMin, takesMin: 1, what }));
  return withLookIds([...looks, ...fresh]).sort((a, b) => a.atMin - b.atMin);
}
