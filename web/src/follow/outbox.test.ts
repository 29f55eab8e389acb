import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { EventBatch } from "../api/types";
import { Remembered } from "./keeping";
import { Outbox, type OutboxState } from "./outbox";

/** A server that keeps each event once, on a line that breaks as it is told. */
function line() {
  const got = new Map<string, EventBatch["events"][number]>();
  let breaks: "not" | "before" | "after" = "not";
  let sent = 0;
  vi.stubGlobal("fetch", (_: string, init: { body: string }) => {
    sent += 1;
    if (breaks === "before") return Promise.reject(new TypeError("no network"));
    const batch = JSON.parse(init.body) as EventBatch;
    for (const e of batch.events) {
      const key = `${batch.device} ${e.sequence}`;
      if (!got.has(key)) got.set(key, e);
    }
    if (breaks === "after") return Promise.reject(new TypeError("the answer was lost"));
    return Promise.resolve(Response.json({ now: 0, revision: 3, isLive: true }));
  });
  return { got, sent: () => sent, breaks: (how: typeof breaks) => (breaks = how) };
}

beforeEach(() => vi.useFakeTimers());
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe("the outbox", () => {
  it("brings everything once, in order, whatever breaks on the way", async () => {
    const server = line();
    const states: OutboxState[] = [];
    const outbox = new Outbox(
      "t",
      new Remembered(),
      () => 2,
      (s) => states.push(s),
    );
    server.breaks("before");
    for (let i = 0; i < 700; i++) await outbox.tell({ kind: "PAUSED", seconds: i });
    await vi.advanceTimersByTimeAsync(60_000);
    expect(server.got.size).toBe(0);
    expect(states.at(-1)?.waits).toBe(true);
    server.breaks("after");
    await vi.advanceTimersByTimeAsync(60_000);
    server.breaks("not");
    await vi.advanceTimersByTimeAsync(60_000);
    const events = [...server.got.values()];
    expect(events.map((e) => e.seconds)).toEqual(Array.from({ length: 700 }, (_, i) => i));
    expect(events.map((e) => e.sequence)).toEqual(Array.from({ length: 700 }, (_, i) => i + 1));
    expect(states.at(-1)).toMatchObject({ waits: false, received: { revision: 3 } });
    const sent = server.sent();
    await vi.advanceTimersByTimeAsync(600_000);
    expect(server.sent()).toBe(sent);
  });

  it("remembers on the page when storage is full, and loses nothing", async () => {
    const server = line();
    const full = new Remembered();
    const add = vi.spyOn(full, "add");
    const states: OutboxState[] = [];
    const outbox = new Outbox(
      "t",
      full,
      () => 1,
      (s) => states.push(s),
    );
    await outbox.tell({ kind: "BEGUN" });
    add.mockRejectedValue(new DOMException("full", "QuotaExceededError"));
    await outbox.tell({ kind: "PAUSED" });
    await outbox.tell({ kind: "RESUMED" });
    await vi.advanceTimersByTimeAsync(1000);
    expect([...server.got.values()].map((e) => e.kind)).toEqual(["BEGUN", "PAUSED", "RESUMED"]);
    expect(states.at(-1)?.isForgetful).toBe(true);
  });
});
