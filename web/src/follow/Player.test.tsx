// @vitest-environment jsdom
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { FollowItem, FollowView, InHandView, Segment } from "../api/types";
import { sayTime } from "../shared/calendar";
import type { Happening, Place } from "./keeping";
import { Player } from "./Player";
import * as signals from "../running/signals";
import { localTime } from "../running/starttime";
import type { Sensors } from "./useSensors";

vi.mock("../running/clock", () => ({ now: () => Date.now() }));
vi.mock("../running/signals", () => ({
  nextItem: vi.fn(),
  changeSides: vi.fn(),
  changeComes: vi.fn(),
  countIn: vi.fn(),
  speak: vi.fn(),
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
    kit: [],
    drillId: id,
    seconds: segments.reduce((sum, s) => sum + s.seconds, 0),
    segments,
    ...more,
  }) as unknown as FollowItem;

const VIEW = {
  startWindow: { from: -120, to: 600 },
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
      { caution: "Hold on.", kit: ["LONG_BAND"] },
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

const IN_HAND = {
  revision: 1,
  rungs: [
    {
      itemId: "swings",
      easier: item("small", "Small swings", [segment("WORK", 20)], { drillId: "small-swings" }),
    },
  ],
  late: [2, 5].map((minutesLost) => ({
    from: "settle",
    minutesLost,
    items: [item("short", "Settle", [segment("WORK", 3700 - 60 * minutesLost)])],
    dropped: [],
    shortened: ["Settle"],
  })),
  slipped: [{ minutes: 10, items: [item("jog-again", "Easy jog", [segment("WORK", 300)])] }],
} as unknown as InHandView;

/** What was told since, in short. */
let told: string[] = [];
let kept: Place | undefined;

function play(
  beforeStart = 3818,
  place?: Place,
  onSlipped?: (minutes: number) => void,
  view = VIEW,
  sensors?: Sensors,
) {
  vi.setSystemTime(START - 1000 * beforeStart);
  told = [];
  const onLeave = vi.fn();
  const tell = ({ kind, item, seconds, reason, value }: Omit<Happening, "at">) =>
    told.push([kind, item, reason, seconds, value].filter((x) => x != null).join(" "));
  render(
    <Player
      view={view}
      sensors={sensors}
      start={START}
      onLeave={onLeave}
      place={place}
      inHand={IN_HAND}
      tell={tell}
      {...(onSlipped ? { onSlipped } : {})}
      keepPlace={(at) => {
        kept = at;
      }}
    />,
  );
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
    expect(count()).toBe("Left1of 10, then right");
    pass(9);
    expect(count()).toBe("Left10of 10, then right");
    pass(1);
    expect(count()).toBe("change sides3seconds");
    pass(3);
    expect(count()).toBe("Right1of 10");
    pass(10);
    expect([heading(), count()]).toEqual(["Settle", "\u00a01:01:40h"]);
  });

  it("tells what is next, and what to mind", () => {
    play();
    expect(screen.getByText(/^Next:/).textContent).toBe(
      "Next: Leg swings, dose of swings. Fetch: long band",
    );
    press("Skip");
    expect(screen.getByText("Hold on.")).toBeTruthy();
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
    expect(count()).toBe("Left4of 10, then right");
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

  it("counts a lane out and back, and the strokes of a short effort with a rate", () => {
    const lane = item(
      "skips",
      "A-skips",
      [
        segment("WORK", 10),
        segment("SWITCH", 2),
        segment("RECOVER", 13),
        segment("WORK", 10, { note: "again" }),
        segment("SWITCH", 2),
        segment("RECOVER", 13),
      ],
      { dose: { text: "2 × {0}, walk back", figures: [{ kind: "LENGTH", value: 20 }] } },
    );
    const step = item("step", "Pressure step", [segment("WORK", 30)], {
      target: { ratePerMinute: 20, metric: "FEEL" },
    } as Partial<FollowItem>);
    play(3600, undefined, undefined, { ...VIEW, items: [lane, step] });
    expect(count()).toBe("out 1 of 220m, then turn; about 10 s left");
    pass(26);
    expect(count()).toBe("out 2 of 220m, then turn; about 9 s left");
    pass(24.5);
    expect(count()).toContain("1of 10 strokes");
    pass(29);
    expect(count()).toContain("10of 10 strokes");
  });

  it("shows what a strap says, keeps it, and lets the body end the raise", async () => {
    const strap: Sensors = {
      worn: [{ name: "Strap", state: "ON", isMadeUp: false }],
      problem: "",
      putOn: vi.fn(),
      takeOff: vi.fn(),
      read: () => ({ heartRate: 101 }),
      isSettled: () => true,
      rangeOf: () => ({ itemId: "jog", low: 103, high: 114 }),
      ask: vi.fn(),
    };
    play(3818, undefined, undefined, VIEW, strap);
    await act(() => vi.dynamicImportSettled());
    expect(screen.getByLabelText("Sensors").textContent).toBe("HR101 of 103–114below");
    for (let second = 0; second < 31; second++) pass(1);
    expect(told).toContain("SIGNALS");
    expect(screen.queryByText(/your body says/)).toBeNull();
    press("Jacket off");
    press("Go on");
    expect(heading()).toBe("Leg swings");
    expect(told).toContain("ITEM_DONE jog 31");
    expect(told.filter((t) => t.startsWith("ITEM_DONE jog"))).toHaveLength(1);
  });

  it("ends with the way to the start and how long there is", () => {
    const onLeave = play(3900);
    press("Skip");
    press("Skip");
    press("Skip");
    expect(heading()).toBe("Ready. Go to the start.");
    expect(screen.getByTestId("wait").textContent).toBe(
      `first effort in1:05:00what you did holds until ${sayTime(localTime(START - 3_900_000 + 600_000))}`,
    );
    expect(screen.getByText(/Warm things back on/)).toBeTruthy();
    pass(601);
    expect(heading()).toBe("You have cooled down. Top up.");
    pass(3310);
    expect(screen.getByTestId("wait").textContent).toContain("the start is now");
    press("Close");
    expect(onLeave).toHaveBeenCalledOnce();
  });

  it("tells what was done, skipped and why, and what it felt like", () => {
    play();
    pass(90.1);
    press("Jacket off");
    press("Pause");
    pass(30);
    press("Resume");
    press("Skip");
    press("Sore");
    expect(screen.queryByText(/skipped. Why/)).toBeNull();
    press("Skip");
    press("The first effort begins now");
    press("4 ready");
    press("Effort 3");
    expect(told).toEqual([
      "BEGUN",
      "ITEM_STARTED jog",
      "ITEM_DONE jog 90",
      "ITEM_STARTED swings",
      "JACKET_OFF",
      "PAUSED",
      "RESUMED",
      "SKIPPED swings UNSAID 0",
      "ITEM_STARTED settle",
      "SKIPPED swings SORE 0",
      "SKIPPED settle UNSAID 0",
      "ENDED",
      "START_GIVEN",
      "FELT 4",
      "BEST_EFFORT 3",
    ]);
  });

  it("tops up when the start slips after the warm-up", () => {
    const onSlipped = vi.fn();
    play(3900, undefined, onSlipped);
    press("Skip");
    press("Skip");
    press("Skip");
    press("+10 min");
    expect(onSlipped).toHaveBeenCalledWith(10);
    expect([heading(), count()]).toEqual(["Easy jog", "\u00a05:00min"]);
    pass(300.1);
    expect(heading()).toBe("Ready. Go to the start.");
    expect(told.slice(-3)).toEqual(["ITEM_STARTED jog-again", "ITEM_DONE jog-again 300", "ENDED"]);
  });

  it("tells of all that passed while nobody looked", () => {
    play();
    vi.setSystemTime(Date.now() + 4_000_000);
    pass(0.1);
    expect(told.slice(2)).toEqual([
      "ITEM_DONE jog 90",
      "CHANGED_OVER swings 5",
      "ITEM_DONE swings 28",
      "ITEM_DONE settle 3700",
      "ENDED",
    ]);
  });

  it("says aloud what runs, what to fetch for the next, and the count", () => {
    play();
    pass(86);
    expect(vi.mocked(signals.speak).mock.calls.flat()).toEqual([
      "Easy jog, dose of jog",
      "Next: Leg swings. Fetch long band",
    ]);
    expect(screen.getByText(/Fetch: long band/)).toBeTruthy();
  });

  it("takes another rung from its beginning, and more time, in one touch", () => {
    play();
    expect(screen.getByRole("button", { name: /Easier/ }).hasAttribute("disabled")).toBe(true);
    press("+15 s");
    pass(104);
    expect(heading()).toBe("Easy jog");
    pass(1.1);
    pass(12);
    fireEvent.click(screen.getByRole("button", { name: /Easier/ }));
    expect([heading(), count()]).toEqual(["Small swings", "\u00a020seconds"]);
    expect(told.at(-1)).toBe("RUNG_CHANGED swings 12");
    pass(20.1);
    expect(told.at(-2)).toBe("ITEM_DONE swings 20");
  });

  it("begins at once for whoever is in place, and tells how long getting there took", () => {
    play();
    pass(90);
    pass(2.2);
    press("In place: begin");
    expect(screen.queryByRole("button", { name: "In place: begin" })).toBeNull();
    expect(count()).toContain("1of 10");
    expect(screen.getByRole("button", { name: /Easier/ }).hasAttribute("disabled")).toBe(false);
    watch(23.1);
    expect(told.slice(-3)).toEqual([
      "CHANGED_OVER swings 2",
      "ITEM_DONE swings 25",
      "ITEM_STARTED settle",
    ]);
  });

  it("fits in what is left when one is behind, and says what goes", () => {
    play(3818);
    expect(screen.queryByText(/min lost/)).toBeNull();
    press("Pause");
    pass(200);
    expect(screen.getByText("5 min lost: what is left shortens Settle.")).toBeTruthy();
    press("Resume");
    press("Fit what is left");
    expect(heading()).toBe("Easy jog");
    expect(screen.queryByText(/min lost/)).toBeNull();
    expect(screen.getByText("1:40 in hand before the start")).toBeTruthy();
  });

  it("goes on where it was when the page was closed", () => {
    play();
    pass(100);
    const place = kept;
    cleanup();
    play(3715, place);
    expect(heading()).toBe("Leg swings");
    expect(told).toEqual(["RESUMED", "ITEM_STARTED swings"]);
  });

  it("goes on where it was last seen when the page was closed for long", () => {
    play(5000);
    pass(101);
    const place = kept;
    cleanup();
    play(5000 - 101 - 1800, place);
    expect(heading()).toBe("Leg swings");
    expect(screen.getByText(/^T−/).textContent).toMatch(/^T−1:01:5[78]$/);
    expect(told).toEqual(["RESUMED", "ITEM_STARTED swings"]);
  });

  it("keeps time when the browser does not call it for ten minutes", () => {
    play();
    vi.setSystemTime(Date.now() + 110_000);
    pass(0.1);
    expect(heading()).toBe("Leg swings");
  });
});
