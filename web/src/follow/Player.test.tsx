// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { FollowItem, FollowView, Segment } from "../api/types";
import { Player } from "./Player";
import * as signals from "./signals";

vi.mock("./signals", () => ({
  nextItem: vi.fn(),
  changeSides: vi.fn(),
  countIn: vi.fn(),
  keepAwake: () => Promise.resolve(() => undefined),
}));

const segment = (kind: Segment["kind"], seconds: number, more: Partial<Segment> = {}): Segment => ({
  kind,
  seconds,
  side: "BOTH",
  count: 0,
  note: "",
  ...more,
});

const item = (
  id: string,
  name: string,
  segments: Segment[],
  more: Partial<FollowItem> = {},
): FollowItem =>
  ({
    id,
    name,
    block: "MOBILISE",
    dose: { text: `dose of ${id}`, figures: [] },
    effort: 20,
    cues: [`cue of ${id}`],
    caution: "",
    segments,
    ...more,
  }) as unknown as FollowItem;

const VIEW = {
  items: [
    item("jog", "Easy jog", [segment("WORK", 90)], { block: "RAISE" }),
    item(
      "swings",
      "Leg swings",
      [
        segment("CHANGE", 5),
        segment("WORK", 10, { side: "LEFT", count: 10 }),
        segment("SWITCH", 3),
        segment("WORK", 10, { side: "RIGHT", count: 10 }),
      ],
      { caution: "Hold on.", easier: "Small swings" },
    ),
    item("settle", "Settle", [segment("WORK", 3700)], { block: "TRANSITION" }),
  ],
} as unknown as FollowView;

const START = Date.UTC(2026, 10, 26, 17, 30);
const count = () => screen.getByTestId("count").textContent;
const heading = () => screen.getByRole("heading").textContent;
const pass = (seconds: number) => {
  act(() => {
    vi.advanceTimersByTime(1000 * seconds);
  });
};
/** The same, with every picture in between. */
const watch = (seconds: number) => {
  for (let tenths = 0; tenths < 10 * seconds; tenths++) pass(0.1);
};
const press = (name: string) => fireEvent.click(screen.getByRole("button", { name }));

function play(beforeStart = 3818) {
  vi.setSystemTime(START - 1000 * beforeStart);
  const onLeave = vi.fn();
  render(<Player view={VIEW} start={START} onLeave={onLeave} />);
  return onLeave;
}

describe("the player", () => {
  beforeEach(() => {
    vi.useFakeTimers();
    vi.clearAllMocks();
  });
  afterEach(() => {
    cleanup();
    vi.useRealTimers();
  });

  it("counts minutes, seconds and repetitions, each with its unit", () => {
    play();
    expect([heading(), count()]).toEqual(["Easy jog", "\u00a01:30min"]);
    pass(31);
    expect(count()).toBe("\u00a059seconds");
    pass(58);
    expect(count()).toBe("\u00a01second");
    pass(1);
    expect([heading(), count()]).toEqual(["Leg swings", "get ready5seconds"]);
    pass(5);
    expect(count()).toBe("Left1of 10");
    pass(9);
    expect(count()).toBe("Left10of 10");
    pass(1);
    expect(count()).toBe("change sides3seconds");
    pass(3);
    expect(count()).toBe("Right1of 10");
    pass(10);
    expect([heading(), count()]).toEqual(["Settle", "\u00a01:01:40h"]);
  });

  it("tells what is next, what to mind and what would be easier", () => {
    play();
    expect(screen.getByText(/^Next:/).textContent).toBe("Next: Leg swings, dose of swings");
    press("Skip");
    expect(screen.getByText("Hold on.")).toBeTruthy();
    expect(screen.getByText("Easier: Small swings")).toBeTruthy();
    expect(screen.getByText("cue of swings")).toBeTruthy();
    press("Skip");
    expect(screen.getByText(/^Next:/).textContent).toBe("Next: the start");
  });

  it("calls each drill once, the change of sides, and the last three seconds", () => {
    play();
    expect(signals.nextItem).toHaveBeenCalledTimes(1);
    watch(86);
    expect(signals.countIn).not.toHaveBeenCalled();
    watch(3.5);
    expect(signals.countIn).toHaveBeenCalledTimes(3);
    watch(1);
    expect(signals.nextItem).toHaveBeenCalledTimes(2);
    watch(18);
    expect(signals.changeSides).toHaveBeenCalledTimes(1);
    watch(12);
    expect(signals.nextItem).toHaveBeenCalledTimes(3);
    expect(signals.changeSides).toHaveBeenCalledTimes(1);
  });

  it("stands still while paused, in silence, and loses nothing", () => {
    play();
    pass(30);
    press("Pause");
    vi.clearAllMocks();
    pass(600);
    expect(count()).toBe("\u00a01:00min");
    expect(signals.countIn).not.toHaveBeenCalled();
    press("Resume");
    pass(10);
    expect(count()).toBe("\u00a050seconds");
  });

  it("goes back to the start of a drill, and from there to the one before", () => {
    play();
    press("Skip");
    pass(8);
    expect(count()).toBe("Left4of 10");
    press("Back");
    expect(count()).toBe("get ready5seconds");
    press("Back");
    expect(heading()).toBe("Easy jog");
    press("Back");
    expect(count()).toBe("\u00a01:30min");
  });

  it("says how late or early one is against the start", () => {
    play(3818);
    expect(screen.queryByText(/behind|in hand/)).toBeNull();
    press("Pause");
    pass(65);
    expect(screen.getByText("1:05 behind the start time")).toBeTruthy();
    press("Resume");
    press("Skip");
    expect(screen.getByText("0:25 in hand before the start")).toBeTruthy();
  });

  it("ends with the way to the start and how long there is", () => {
    const onLeave = play(3900);
    press("Skip");
    press("Skip");
    press("Skip");
    expect(heading()).toBe("Ready. Go to the start.");
    expect(screen.getByText("First effort in 1:05:00. Keep moving, keep warm.")).toBeTruthy();
    pass(3901);
    expect(screen.queryByText(/First effort in/)).toBeNull();
    press("Close");
    expect(onLeave).toHaveBeenCalledOnce();
  });

  it("keeps time when the browser does not call it for ten minutes", () => {
    play();
    vi.setSystemTime(Date.now() + 110_000);
    pass(0.1);
    expect(heading()).toBe("Leg swings");
  });
});
