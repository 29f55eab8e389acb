import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { NOTHING_SAID, toSend, withPlace } from "./answers";
import { CheckInOutbox, isHeld, type Standing } from "./outbox";

class Store {
  readonly kept = new Map<string, string>();
  isFull = false;
  getItem(key: string): string | null {
    return this.kept.get(key) ?? null;
  }
  setItem(key: string, value: string): void {
    if (this.isFull) throw new DOMException("full", "QuotaExceededError");
    this.kept.set(key, value);
  }
  removeItem(key: string): void {
    this.kept.delete(key);
  }
}

const STANDING = { state: "OPEN", isHeld: false };
let standing: Standing;
let store: Store;

beforeEach(() => {
  vi.useFakeTimers();
  store = new Store();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

function opened(): CheckInOutbox {
  return new CheckInOutbox("t", (s) => (standing = s), store);
}

function told(alarms: "CHEST"[] = []) {
  return { id: "1", toldAt: 1, answers: toSend({ ...NOTHING_SAID, alarms }) };
}

function answers(status: number, body: unknown) {
  return vi.fn(() => Promise.resolve(Response.json(body, { status })));
}

it("keeps what was told until the server has it, and tells it once", async () => {
  vi.stubGlobal("fetch", () => Promise.reject(new TypeError("no network")));
  opened().tell(told());
  await vi.advanceTimersByTimeAsync(100);
  expect(standing.waits?.id).toBe("1");
  expect(store.kept.size).toBe(1);
  // The page is closed and opened again, and there is a network.
  const fetched = answers(200, STANDING);
  vi.stubGlobal("fetch", fetched);
  const again = opened();
  await again.send();
  expect(standing).toMatchObject({ standing: STANDING, waits: undefined });
  expect(store.kept.size).toBe(0);
  await again.send();
  expect(fetched.mock.calls.filter((call) => (call as unknown[])[1] !== undefined)).toHaveLength(1);
});

it("says why it was refused, and waits for a server that is away", async () => {
  vi.stubGlobal("fetch", answers(503, {}));
  const outbox = opened();
  outbox.tell(told());
  await vi.advanceTimersByTimeAsync(100);
  expect(standing.waits?.id).toBe("1");
  vi.stubGlobal("fetch", answers(409, { detail: "This session is over.", status: 409 }));
  await vi.advanceTimersByTimeAsync(16_000);
  expect(standing.waits).toBeUndefined();
  expect(standing.refused).toContain("This session is over.");
});

it("holds the warm-up without a network too, and where nothing can be kept", () => {
  vi.stubGlobal("fetch", () => Promise.reject(new TypeError("no network")));
  store.isFull = true;
  opened().tell(told(["CHEST"]));
  expect(isHeld(standing)).toBe(true);
  expect(isHeld({ standing: undefined, waits: told(), refused: undefined })).toBe(false);
});

it("tells places once each, as stiff, sore or hurting", () => {
  let all = withPlace(NOTHING_SAID, "CALVES LEFT", {
    state: "SORE",
    intensity: 3,
    since: "TODAY",
  });
  all = withPlace(all, "KNEES RIGHT", { state: "HURTS", intensity: 4, since: "WEEKS" });
  all = withPlace(all, "CALVES LEFT", undefined);
  const sent = toSend(all);
  expect(sent.aches).toEqual([]);
  expect(sent).toMatchObject({
    hurts: true,
    pains: [{ region: "KNEES", side: "RIGHT", intensity: 4, since: "WEEKS" }],
  });
});
