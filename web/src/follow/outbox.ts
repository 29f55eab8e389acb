// Brings what a device keeps to the server: each event once, whatever breaks on the way.
import type { EventBatch, FollowEvent, Received } from "../api/types";
import { now } from "../running/clock";
import { Sender } from "../running/sender";
import { Remembered, type Happening, type Keeping, type Place } from "./keeping";

/** Events that are sent at once, and characters of them: the server takes no longer body. */
const MOST_AT_ONCE = 300;
const LONGEST = 48_000;

/** How long until it is tried again, ms. */
const AGAIN = 15_000;

/** What happens at once goes at once, ms. */
const SOON = 300;

export interface OutboxState {
  /** Whether the page alone remembers: it must stay open until all is sent. */
  isForgetful: boolean;
  /** What the server said last, if it was reached. */
  received?: Received;
  /** Whether something waits for a network. */
  waits: boolean;
}

export class Outbox {
  private chain: Promise<unknown> = Promise.resolve();
  private readonly sender = new Sender(
    () => this.sendAll(),
    AGAIN,
    () => this.say({ waits: true }),
  );
  private state: OutboxState;

  /** The last takes what is new; what the others hold is still to be sent. */
  private readonly keepings: Keeping[];

  constructor(
    private readonly token: string,
    keeping: Keeping,
    private readonly revision: () => number,
    private readonly onState: (state: OutboxState) => void = () => undefined,
  ) {
    this.keepings = [keeping];
    this.state = { isForgetful: !keeping.lasts, waits: false };
    onState(this.state);
  }

  /** Notes that something happened, now unless said otherwise. */
  tell(happening: Omit<Happening, "at">, at = now()): Promise<void> {
    const whole = { ...happening, at: Math.round(at) };
    return this.inTurn(async () => {
      try {
        await this.keepings.at(-1)?.add(whole);
      } catch {
        // Storage is full by now: what follows is remembered by the page, under another device.
        const remembered = new Remembered();
        this.keepings.push(remembered);
        this.say({ isForgetful: true });
        await remembered.add(whole);
      }
      this.sender.soon(SOON);
    });
  }

  /** Keeps where one is, never ahead of what was told before it. */
  keep(place: Place): Promise<void> {
    return this.inTurn(async () => this.keepings[0]?.keepPlace(place));
  }

  /** Sends what waits; what the server has is forgotten here. */
  send(): Promise<void> {
    return this.sender.send();
  }

  close(): void {
    this.sender.close();
  }

  private async sendAll(): Promise<void> {
    for (const keeping of this.keepings) {
      while (await this.sendSome(keeping));
    }
    this.say({ waits: false });
  }

  private async sendSome(keeping: Keeping): Promise<boolean> {
    const events = fitting(await keeping.pending(MOST_AT_ONCE));
    if (events.length === 0) return false;
    const batch: EventBatch = {
      device: keeping.device,
      run: keeping.run,
      sentAt: Math.round(now()),
      revision: this.revision(),
      events,
    };
    const response = await fetch(`/api/follow/${encodeURIComponent(this.token)}/events`, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify(batch),
      keepalive: true,
    });
    if (!response.ok) throw new Error();
    const received = (await response.json()) as Received;
    await keeping.forget(events.map((e) => e.sequence));
    this.say({ received });
    return true;
  }

  private say(change: Partial<OutboxState>): void {
    this.state = { ...this.state, ...change };
    this.onState(this.state);
  }

  /** One after another, in the order in which they happened. */
  private inTurn(work: () => Promise<void>): Promise<void> {
    const done = this.chain.then(work, work);
    this.chain = done.catch(() => undefined);
    return done;
  }
}

/** As many of the first as may be sent at once, and one at least. */
function fitting(events: FollowEvent[]): FollowEvent[] {
  let length = 0;
  const past = events.findIndex((event) => (length += JSON.stringify(event).length) > LONGEST);
  return past < 0 ? events : events.slice(0, Math.max(1, past));
}
