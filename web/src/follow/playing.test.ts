import { describe, expect, it } from "vitest";
import type { LeadState, LeadStep } from "../api/types";
import { day, ITEMS, VIEW, type Moment } from "../testing/following";
import { begin, hereOf, itemsOf, step, type Happening, type Playing, type Touch } from "./playing";
import { endOf } from "./timeline";

const TOUCHES = ["SKIP", "HOLD", "MORE", "IN_PLACE", "JACKET_OFF", "RAISED"] as const;

const isStill = (playing: Playing) => playing.watch.zero === undefined;

/** Plays through; looked at every so many ms, or at touches alone as by a phone that slept. */
function play(moments: readonly Moment[], every: number) {
  const told: (Happening & { at: number })[] = [];
  let playing = begin(VIEW, undefined, undefined, 0);
  let now = 0;
  const take = (touch: Touch, at: number) => {
    now = at;
    const was = hereOf(playing, at);
    const next = step(playing, touch, at);
    if (touch.kind === "TIME") expect(hereOf(next.player, at).at).toBe(was.at);
    playing = next.player;
    told.push(...next.told.map((h) => ({ ...h, at })));
  };
  take({ kind: "TIME" }, 0);
  for (const { at, touch } of moments) {
    if (every > 0) for (let t = now + every; t < at; t += every) take({ kind: "TIME" }, t);
    take(touch, at);
  }
  if (isStill(playing)) take({ kind: "HOLD" }, now + 1000);
  take({ kind: "TIME" }, now + 10_000_000);
  take({ kind: "TIME" }, now + 10_000_000);
  return { told, playing };
}

const words = (told: readonly Happening[]) =>
  told.map((h) => [h.kind, h.item, h.seconds].filter((x) => x != null).join(" "));

describe.each(Array.from({ length: 40 }, (_, i) => i + 1))("touches of chance, %i", (seed) => {
  it("tell of each item once how it ended, in order, and of the end once", () => {
    const { told } = play(day(seed, TOUCHES), 500);
    expect(told[0]?.kind).toBe("BEGUN");
    for (const kind of ["BEGUN", "ENDED"]) {
      expect(told.filter((h) => h.kind === kind)).toHaveLength(1);
    }
    for (const { id } of ITEMS) {
      const ends = told.filter(
        (h) => h.item === id && (h.kind === "ITEM_DONE" || h.kind === "SKIPPED"),
      );
      expect(ends.map((h) => h.kind)).toHaveLength(1);
      const began = told.findIndex((h) => h.item === id && h.kind === "ITEM_STARTED");
      expect(ends[0] && told.indexOf(ends[0])).toBeGreaterThan(began);
    }
    expect(told.map((h) => h.at)).toEqual(told.map((h) => h.at).toSorted((a, b) => a - b));
  });

  it("tell the same to a phone that slept between them, but for what began in its sleep", () => {
    const asleep = play(day(seed, TOUCHES), 0);
    const awake = play(day(seed, TOUCHES), 100);
    const lasting = (told: readonly Happening[]) =>
      words(told.filter((h) => h.kind !== "ITEM_STARTED"));
    expect(lasting(asleep.told)).toEqual(lasting(awake.told));
    expect(itemsOf(asleep.playing.beats)).toEqual(itemsOf(awake.playing.beats));
  });

  it("stand still while it is held, and are held and let go in turn", () => {
    let playing = begin(VIEW, undefined, undefined, 0);
    let held: number | undefined;
    const holds: string[] = [];
    for (const { at, touch } of day(seed, ["HOLD", "TIME", "JACKET_OFF"])) {
      if (held !== undefined) expect(hereOf(playing, at).at).toBeCloseTo(held, 6);
      const next = step(playing, touch, at);
      playing = next.player;
      holds.push(...words(next.told).filter((w) => w === "PAUSED" || w === "RESUMED"));
      held = isStill(playing) ? hereOf(playing, at).at : undefined;
    }
    expect(holds).toEqual(holds.map((_, i) => (i % 2 === 0 ? "PAUSED" : "RESUMED")));
  });

  it("go on where they were when the page is opened again", () => {
    const moments = day(seed, ["HOLD", "TIME", "MORE"]);
    let playing = begin(VIEW, undefined, undefined, 0);
    for (const { at, touch } of moments) playing = step(playing, touch, at).player;
    const now = moments.at(-1)?.at ?? 0;
    const { watch, at } = hereOf(playing, now);
    const left = { revision: 1, items: playing.items, watch, at, seenAt: now };
    const again = begin(
      VIEW,
      { ...left, isJacketOff: false, isOver: false },
      undefined,
      now + 1_000_000,
    );
    expect(hereOf(again, now + 1_000_000).at).toBeCloseTo(at, 6);
    expect(words(step(again, { kind: "TIME" }, now + 1_000_000).told)[0]).toBe("RESUMED");
  });
});

describe("a player that is led", () => {
  const steps = ITEMS.map(
    ({ id, block, seconds }) =>
      ({ block, name: id, seconds, itemIds: [id], rows: [id] }) as unknown as LeadStep,
  );
  const led = (number: number, second: number, now: number) => ({
    steps,
    state: { number, added: [] } as unknown as LeadState,
    watch: { zero: now - 1000 * second, held: 0 },
    within: 5,
  });

  it("is where the leader is, and tells what the leader goes over as skipped", () => {
    let { player: playing, told } = step(
      begin(VIEW, undefined, led(1, 0, 0), 0),
      { kind: "TIME" },
      0,
    );
    expect(words(told)).toEqual(["BEGUN", "ITEM_STARTED jog"]);
    // The leader goes on to the third item; the phone draws it a second late.
    ({ player: playing, told } = step(playing, { kind: "LED", led: led(2, 277, 11_000) }, 11_000));
    expect(words(told)).toEqual(["SKIPPED jog 11", "SKIPPED swings 0", "ITEM_STARTED skips"]);
    expect(hereOf(playing, 11_000).at).toBe(277);
    ({ player: playing, told } = step(playing, { kind: "LED", led: undefined }, 12_000));
    expect(hereOf(playing, 12_000).at).toBe(12);
    expect(endOf(playing.beats)).toBe(ITEMS.reduce((sum, i) => sum + i.seconds, 0));
  });
});
