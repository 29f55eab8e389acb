// Keeps what was told on the device until the server has it.
import type { CheckInInput, CheckInStanding } from "../api/types";
import { problemOf } from "../api/problem";
import { Sender } from "../running/sender";
import { needsTheCoachFirst } from "./answers";

export interface Told {
  id: string;
  toldAt: number;
  answers: CheckInInput;
}

export interface Standing {
  /** What the server said last; undefined until it was reached. */
  standing: CheckInStanding | undefined;
  /** Told, and not at the server yet. */
  waits: Told | undefined;
  /** Why it was not taken. */
  refused: string | undefined;
}

/** How long until it is tried again, ms. */
const AGAIN = 15_000;

const KEY = "jubilee-check-in ";

type Store = Pick<Storage, "getItem" | "setItem" | "removeItem">;

/** One device's check-ins for one link: the last told counts. */
export class CheckInOutbox {
  private readonly sender = new Sender(() => this.sendOrAsk(), AGAIN);
  private state: Standing;

  constructor(
    private readonly token: string,
    private onChange: (standing: Standing) => void,
    private readonly store: Store | undefined = storage(),
  ) {
    this.state = { standing: undefined, waits: this.kept(), refused: undefined };
    onChange(this.state);
  }

  tell(told: Told): void {
    try {
      this.store?.setItem(KEY + this.token, JSON.stringify(told));
    } catch {
      // Full or closed: the page remembers.
    }
    this.say({ waits: told, refused: undefined });
    void this.send();
  }

  /** Sends what waits, or asks how things stand. */
  send(): Promise<void> {
    return this.sender.send();
  }

  private async sendOrAsk(): Promise<void> {
    const told = this.state.waits;
    const path = `/api/follow/${encodeURIComponent(this.token)}/check-in`;
    const response = await fetch(
      path,
      told && {
        method: "POST",
        headers: { "Content-Type": "application/json" },
        body: JSON.stringify(told),
        keepalive: true,
      },
    );
    if (response.ok) {
      const standing = (await response.json()) as CheckInStanding;
      if (this.state.waits === told) this.forget(told);
      this.say({ standing, ...(this.state.waits === told ? { waits: undefined } : {}) });
    } else if (told && response.status < 500 && response.status !== 429) {
      const problem = await problemOf(response);
      this.forget(told);
      this.say({ waits: undefined, refused: problem.message });
    } else {
      throw new Error();
    }
    // What was told meanwhile.
    if (this.state.waits && this.state.waits !== told) await this.sendOrAsk();
  }

  close(): void {
    this.onChange = () => undefined;
    this.sender.close();
  }

  private kept(): Told | undefined {
    try {
      const kept = this.store?.getItem(KEY + this.token);
      return kept ? (JSON.parse(kept) as Told) : undefined;
    } catch {
      return undefined;
    }
  }

  private forget(told: Told | undefined): void {
    if (!told) return;
    try {
      this.store?.removeItem(KEY + this.token);
    } catch {
      // Told once more later, and counted once.
    }
  }

  private say(change: Partial<Standing>): void {
    this.state = { ...this.state, ...change };
    this.onChange(this.state);
  }
}

function storage(): Store | undefined {
  try {
    return window.localStorage;
  } catch {
    return undefined;
  }
}

/** Whether the coach is to be spoken with before anything else, network or not. */
export function isHeld({ standing, waits }: Standing): boolean {
  return (standing?.isHeld ?? false) || (waits !== undefined && needsTheCoachFirst(waits.answers));
}
