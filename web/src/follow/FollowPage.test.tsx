// @vitest-environment jsdom
import { fireEvent, render, screen, waitFor } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { EventBatch } from "../api/types";
import { FollowPage } from "./FollowPage";

vi.mock("../running/signals", () => ({
  allowSound: vi.fn(),
  nextItem: vi.fn(),
  changeSides: vi.fn(),
  changeComes: vi.fn(),
  countIn: vi.fn(),
  speak: vi.fn(),
  keepAwake: () => Promise.resolve(() => undefined),
}));

const item = (id: string, name: string) => ({
  id,
  drillId: id,
  name,
  block: "MOBILISE",
  dose: { text: "8 a side", figures: [] },
  startsBefore: 60,
  seconds: 60,
  effort: 20,
  recoveryEffort: 20,
  changeSeconds: 0,
  recoverySeconds: 0,
  kit: [],
  cues: [],
  caution: "",
  segments: [{ kind: "WORK", seconds: 60, side: "BOTH", count: 0, note: "" }],
});

const VIEW = {
  athleteName: "Edda Vollmar",
  sessionTitle: "6 x 1 km",
  sport: "RUN",
  kind: "INTERVALS",
  place: "the track",
  temperature: 6,
  startsAt: new Date(Date.now() + 3_600_000).toISOString(),
  hourCycle: "H24",
  measures: "METRIC",
  revision: 1,
  seconds: 120,
  firstEffort: 80,
  items: [item("swings", "Leg swings"), item("squat", "Squats")],
  cautions: [],
};

let sent: EventBatch[] = [];
/** What the server says of events; undefined where it is not reached. */
let answer: { now: number; revision: number; isLive: boolean } | undefined;

beforeEach(() => {
  sent = [];
  answer = { now: 0, revision: 1, isLive: true };
  vi.stubGlobal("fetch", (path: string, init?: { body: string }) => {
    if (path.endsWith("/events")) {
      if (!answer) return Promise.reject(new TypeError("no network"));
      sent.push(JSON.parse(init?.body ?? "{}") as EventBatch);
      return Promise.resolve(Response.json(answer));
    }
    if (path.endsWith("/in-hand")) return Promise.reject(new TypeError("no network"));
    return Promise.resolve(Response.json(VIEW));
  });
});
afterEach(() => vi.unstubAllGlobals());

const press = async (name: string | RegExp) => {
  const button = await screen.findByRole<HTMLButtonElement>("button", { name });
  await waitFor(() => expect(button.disabled).toBe(false));
  fireEvent.click(button);
};
const kinds = () => sent.flatMap((b) => b.events.map((e) => e.kind));

async function start() {
  render(<FollowPage token="t" print={false} />);
  await press("Start");
  await screen.findByTestId("count");
}

describe("a warm-up in hand", () => {
  it("goes on as it is when the coach changes it, and asks", async () => {
    await start();
    await waitFor(() => expect(kinds()).toContain("BEGUN"));
    expect(screen.queryByText(/has changed this warm-up/)).toBeNull();
    answer = { now: 0, revision: 2, isLive: true };
    await press("Pause");
    await screen.findByText(/has changed this warm-up/);
    expect(screen.getByRole("heading").textContent).toBe("Leg swings");
    expect(sent.every((b) => b.revision === 1)).toBe(true);
  });

  it("says when the device keeps nothing, and tells all the same", async () => {
    // jsdom has no IndexedDB, as a closed or full storage has none.
    render(<FollowPage token="t" print={false} />);
    await screen.findByText(/cannot keep anything/);
    await press("Start");
    await waitFor(() => expect(kinds()).toEqual(["BEGUN", "ITEM_STARTED"]));
  });

  it("goes on without a network and without what was to be sent along", async () => {
    answer = undefined;
    await start();
    await press("Skip");
    expect(screen.getByRole("heading").textContent).toBe("Squats");
    expect(screen.getByRole("button", { name: "Easier" }).hasAttribute("disabled")).toBe(true);
    await press("Skip");
    await screen.findByText("Ready. Go to the start.");
    expect(sent).toEqual([]);
    answer = { now: 0, revision: 1, isLive: true };
    fireEvent(window, new Event("online"));
    await waitFor(() =>
      expect(kinds()).toEqual([
        "BEGUN",
        "ITEM_STARTED",
        "SKIPPED",
        "ITEM_STARTED",
        "SKIPPED",
        "ENDED",
      ]),
    );
  });

  it("can be left and gone on with, and asked afterwards how it was", async () => {
    await start();
    await press("Skip");
    await new Promise((done) => setTimeout(done, 1300));
    await press("Leave the player");
    // A slow machine is a second or more behind.
    await press(/^Go on at 1:\d\d$/);
    expect((await screen.findByRole("heading")).textContent).toBe("Squats");
    await press("Skip");
    await press("Close");
    await press("Effort 2");
    await waitFor(() => expect(kinds().at(-1)).toBe("BEST_EFFORT"));
  });
});
