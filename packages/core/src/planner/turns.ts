/** Runs long work to its end at once. */
export function toEnd<Result>(work: Generator<unknown, Result>): Result {
  for (;;) {
    const next = work.next();
    if (next.done) return next.value;
  }
}

/** Runs long work to its end, handing over between steps whenever `pause` says so, so that a server goes on answering. */
export async function inTurns<Result>(
  work: Generator<unknown, Result>,
  pause: () => Promise<void>,
  everyMs: number,
  now: () => number,
): Promise<Result> {
  for (let since = now(); ;) {
    const next = work.next();
    if (next.done) return next.value;
    if (now() - since < everyMs) continue;
    await pause();
    since = now();
  }
}
