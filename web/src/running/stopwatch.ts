// A stopwatch that cannot drift: it keeps when it was started, never a running sum of ticks.

export interface Stopwatch {
  /** Clock time at which zero would have been, ms; undefined while stopped. */
  readonly zero: number | undefined;
  /** Seconds shown while stopped. */
  readonly held: number;
}

export const STOPPED: Stopwatch = { zero: undefined, held: 0 };

export function seconds(watch: Stopwatch, now: number): number {
  return watch.zero === undefined ? watch.held : (now - watch.zero) / 1000;
}

export function start(watch: Stopwatch, now: number): Stopwatch {
  return watch.zero === undefined ? { zero: now - watch.held * 1000, held: 0 } : watch;
}

export function pause(watch: Stopwatch, now: number): Stopwatch {
  return { zero: undefined, held: seconds(watch, now) };
}

export function moveTo(watch: Stopwatch, target: number, now: number): Stopwatch {
  return watch.zero === undefined
    ? { zero: undefined, held: target }
    : { zero: now - target * 1000, held: 0 };
}
