// The device that leads: what its coach does counts here at once, and everywhere as soon as the
// server has it.
import { Problem } from "../api/problem";
import type { LeadState } from "../api/types";
import { Sender } from "../running/sender";

/** So long until it is tried again, ms. */
const AGAIN = 2000;

export interface Leading {
  state: LeadState;
  /** Whether something waits for a network. */
  waits: boolean;
}

export class Leader {
  private current: LeadState;
  /** The last change that the server has. */
  private known: number;
  private isDirty = false;
  private isClosed = false;
  private readonly sender = new Sender(() => this.putAll(), AGAIN);

  constructor(
    state: LeadState,
    private readonly device: string,
    private readonly put: (state: LeadState) => Promise<unknown>,
    private readonly onChange: (leading: Leading) => void,
    private readonly onConflict: () => void,
  ) {
    this.current = state;
    this.known = state.number;
  }

  /** Changes it for all; several changes before the server answers reach it as one. */
  change(next: Partial<LeadState>): void {
    this.current = { ...this.current, ...next, device: this.device };
    this.isDirty = true;
    this.say(false);
    void this.sender.send();
  }

  /** What the server says: another device may lead by now. */
  hear(told: LeadState): void {
    const isOwn = told.leadId === this.current.leadId && told.device === this.device;
    if (isOwn) this.known = Math.max(this.known, told.number);
    else if (told.leadId !== this.current.leadId || told.number > this.known) this.adopt(told);
  }

  /** Takes what counts, whatever was done here. */
  adopt(told: LeadState): void {
    this.current = told;
    this.known = told.number;
    this.isDirty = false;
    this.say(false);
  }

  close(): void {
    this.isClosed = true;
    this.sender.close();
  }

  private async putAll(): Promise<void> {
    try {
      while (this.isDirty && !this.isClosed) {
        this.isDirty = false;
        const number = this.known + 1;
        await this.put({ ...this.current, number });
        this.known = Math.max(this.known, number);
        this.say(false);
      }
    } catch (error) {
      if (error instanceof Problem && error.status === 409) {
        this.onConflict();
      } else {
        this.isDirty = true;
        this.say(true);
        throw error;
      }
    }
  }

  private say(waits: boolean): void {
    if (!this.isClosed) this.onChange({ state: this.current, waits });
  }
}
