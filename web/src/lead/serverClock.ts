// What the server's clock says, known from a few questions (Cristian, Probabilistic clock
// synchronization, Distributed Computing 3, 1989): an answer was given somewhere between asking and
// hearing, so half of the time between is the most by which its middle can be wrong, and the
// fastest answer tells best.

/** One question: when it was asked and heard by the own clock, ms, and what the server's said. */
export interface Sample {
  readonly sent: number;
  readonly server: number;
  readonly received: number;
}

/** The clocks of two phones part by no more than this share of the time: 100 in a million. */
const DRIFT = 1e-4;

export class ServerClock {
  private best: Sample | undefined;

  /** Keeps the answer where it tells more than what was known. */
  take(sample: Sample): void {
    if (!this.best || halfWay(sample) <= this.within(sample.received)) this.best = sample;
  }

  /** Whether anything is known yet. */
  get isSet(): boolean {
    return this.best !== undefined;
  }

  /** ms to add to the own clock to get the server's. */
  get offset(): number {
    return this.best ? this.best.server - (this.best.sent + this.best.received) / 2 : 0;
  }

  /** By how much the offset is wrong at most, ms, at a time of the own clock. */
  within(now: number): number {
    if (!this.best) return Number.POSITIVE_INFINITY;
    return halfWay(this.best) + DRIFT * Math.max(0, now - this.best.received);
  }
}

function halfWay({ sent, received }: Sample): number {
  return (received - sent) / 2;
}
