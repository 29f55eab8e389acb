import { beforeEach, describe, expect, it, vi } from "vitest";
import { Problem } from "../api/problem";
import type { LeadState } from "../api/types";
import { Leader, type Leading } from "./leader";

const BEGUN: LeadState = {
  leadId: "lead",
  number: 1,
  device: "mine",
  zero: null,
  heldMillis: 0,
  added: [0, 0],
  isEnded: false,
};

/** As the server does: takes the next change and no other. */
class Server {
  state = BEGUN;
  isAway = false;
  put = (next: LeadState): Promise<unknown> => {
    if (this.isAway) return Promise.reject(new Problem(0, "away", []));
    if (next.number !== this.state.number + 1) {
      return Promise.reject(new Problem(409, "another has led on", []));
    }
    this.state = next;
    return Promise.resolve(next);
  };
}

let server: Server;
let shown: Leading;
const onConflict = vi.fn();
const leader = () =>
  new Leader(
    BEGUN,
    "mine",
    (s) => server.put(s),
    (leading) => (shown = leading),
    onConflict,
  );

beforeEach(() => {
  vi.useFakeTimers();
  server = new Server();
  onConflict.mockReset();
});

describe("the device that leads", () => {
  it("counts here at once, and several changes reach the server as it can take them", async () => {
    const mine = leader();
    mine.change({ zero: 1000 });
    mine.change({ added: [15, 0] });
    mine.change({ added: [30, 0] });
    expect(shown.state).toMatchObject({ zero: 1000, added: [30, 0] });
    await vi.runAllTimersAsync();
    expect(server.state).toMatchObject({ zero: 1000, added: [30, 0], device: "mine" });
  });

  it("goes on without a network, and tells the last when there is one", async () => {
    const mine = leader();
    server.isAway = true;
    mine.change({ zero: 1000 });
    mine.change({ zero: null, heldMillis: 500 });
    await vi.advanceTimersByTimeAsync(5000);
    expect(shown).toMatchObject({ waits: true, state: { heldMillis: 500 } });
    server.isAway = false;
    await vi.advanceTimersByTimeAsync(2000);
    expect(server.state).toMatchObject({ zero: null, heldMillis: 500, number: 2 });
    expect(shown.waits).toBe(false);
  });

  it("gives way to another device that led on, and may take the lead again", async () => {
    const mine = leader();
    const theirs = { ...BEGUN, number: 2, device: "theirs", zero: 7 };
    server.state = theirs;
    mine.change({ zero: 1000 });
    await vi.advanceTimersByTimeAsync(10);
    expect(onConflict).toHaveBeenCalledOnce();
    mine.adopt(theirs);
    expect(shown.state.device).toBe("theirs");
    mine.change({ zero: 9 });
    await vi.advanceTimersByTimeAsync(10);
    expect(server.state).toMatchObject({ number: 3, device: "mine", zero: 9 });
    mine.hear({ ...theirs, number: 2 });
    expect(shown.state.zero).toBe(9);
  });
});
