// A strap is believed as far as a heart can do what it says, and the raise is done when the body
// says so.

/** A heart changes no faster than this, beats/min a second; the rest is a fault of the strap. */
const FASTEST = 3;

/** What is off for longer than this was not the fault, but what was believed before, s. */
const STUBBORN = 15;

/** So long it is remembered what half of a doubled rate would be, s. */
const REMEMBERED = 60;

/** Of what is shown these seconds count. */
const SMOOTHED = 5;

export interface Believed {
  at: number;
  heartRate: number;
}

/** Takes what a strap says and keeps what can be true. */
export class Strap {
  private taken: Believed[] = [];
  private doubted: Believed[] = [];

  /** Whether it was believed. */
  take(at: number, heartRate: number): boolean {
    if (heartRate < 30 || heartRate > 230) return false;
    const last = this.taken.at(-1);
    // Some straps count each beat twice for a while.
    const isDoubled =
      last && at - last.at < REMEMBERED && Math.abs(heartRate / 2 - last.heartRate) <= 12;
    if (isDoubled) return false;
    const isPossible =
      !last || Math.abs(heartRate - last.heartRate) <= 12 + FASTEST * (at - last.at);
    if (!isPossible) {
      this.doubted.push({ at, heartRate });
      const since = this.doubted[0]?.at ?? at;
      if (at - since < STUBBORN) return false;
      this.taken = [];
    }
    this.doubted = [];
    this.taken.push({ at, heartRate });
    this.taken = this.taken.filter((one) => at - one.at <= 90);
    return true;
  }

  /** beats/min over the last few seconds; undefined where nothing is heard. */
  at(now: number): number | undefined {
    const heard = this.taken.filter((one) => now - one.at <= SMOOTHED);
    if (heard.length === 0) return undefined;
    return Math.round(heard.reduce((sum, one) => sum + one.heartRate, 0) / heard.length);
  }

  /**
   * Whether the heart has settled between two rates: there for the last 45 s, but for a few beats,
   * and no longer rising by more than 4 beats/min in 20 s.
   */
  isSettled(now: number, low: number, high: number): boolean {
    const recent = this.taken.filter((one) => now - one.at <= 45);
    const first = recent[0];
    if (!first || now - first.at < 40 || recent.length < 20) return false;
    const inRange = recent.filter((one) => one.heartRate >= low - 2 && one.heartRate <= high + 4);
    if (inRange.length < 0.9 * recent.length) return false;
    return mean(recent, now - 10, now) - mean(recent, now - 30, now - 20) <= 4;
  }
}

function mean(all: readonly Believed[], from: number, to: number): number {
  const some = all.filter((one) => one.at >= from && one.at <= to);
  return some.reduce((sum, one) => sum + one.heartRate, 0) / Math.max(1, some.length);
}
