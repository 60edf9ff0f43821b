/** What runs beside the screen and can be ended. */
interface Helper {
  readonly terminate: () => void;
  /** It could not be loaded, or fell over: nobody else is given it. */
  readonly isBroken: () => boolean;
}

/** A helper taken for one piece of work: given back when that is done, or ended in the middle of it. */
export interface Lease<T extends Helper> {
  readonly helper: T;
  readonly done: () => void;
  readonly stop: () => void;
}

export interface WarmHelpers<T extends Helper> {
  /** Sees to it that one stands ready. */
  readonly warm: () => void;
  /** The one that stands ready, else a new one. */
  readonly lease: () => Lease<T>;
}

/** Helpers that are slow to start, of which one is kept ready: whoever is done with one leaves it to the next. */
export function warmHelpers<T extends Helper>(start: () => T): WarmHelpers<T> {
  let ready: T | undefined;
  const sound = () => (ready?.isBroken() ? undefined : ready);
  const warm = () => {
    ready = sound() ?? start();
  };
  return {
    warm,
    lease: () => {
      const helper = sound() ?? start();
      ready = undefined;
      let isOver = false;
      const once = (end: () => void) => () => {
        if (isOver) return;
        isOver = true;
        end();
      };
      return {
        helper,
        done: once(() => {
          if (sound()) helper.terminate();
          else ready = helper;
        }),
        // Whoever stops one is likely to want another soon.
        stop: once(() => {
          helper.terminate();
          warm();
        }),
      };
    },
  };
}
