import { describe, expect, it } from "vitest";
import type { FollowItem, Segment } from "../api/types";
import { moveTo, pause, seconds, start, STOPPED } from "../running/stopwatch";
import { beatAt, endOf, nextItemAt, previousItemAt, repetition, timeline } from "./timeline";

const work = (s: number, side: Segment["side"], count = 0): Segment => ({
  kind: "WORK",
  seconds: s,
  side,
  count,
  note: "",
});

const item = (id: string, ...segments: Segment[]): FollowItem =>
  ({ id, segments }) as unknown as FollowItem;

const beats = timeline([
  item("jog", work(60, "BOTH")),
  item("swings", work(13, "LEFT", 10), work(2, "BOTH"), work(13, "RIGHT", 10)),
  item("settle", work(30, "BOTH")),
]);

describe("following a warm-up", () => {
  it("shows each second of it exactly one thing to do", () => {
    for (let s = 0; s < endOf(beats); s++) {
      expect(beats.filter((b) => b.from <= s && s < b.to)).toHaveLength(1);
      expect(beatAt(beats, s)?.from).toBeLessThanOrEqual(s);
    }
    expect(beatAt(beats, endOf(beats))).toBeUndefined();
  });

  it("works both sides in turn and counts every repetition", () => {
    const left = beatAt(beats, 60);
    expect(left?.segment.side).toBe("LEFT");
    expect(beatAt(beats, 76)?.segment.side).toBe("RIGHT");
    expect(left && repetition(left, 60)).toBe(1);
    expect(left && repetition(left, 72.9)).toBe(10);
  });

  it("skips to the next item and goes back to the start of this one or the one before", () => {
    const right = beatAt(beats, 80);
    if (!right) throw new Error("no beat");
    expect(nextItemAt(beats, right)).toBe(88);
    expect(previousItemAt(beats, right, 80)).toBe(60);
    expect(previousItemAt(beats, right, 61)).toBe(0);
  });
});

describe("the stopwatch", () => {
  it("does not drift over half an hour of uneven ticks", () => {
    let watch = start(STOPPED, 1_000);
    let now = 1_000;
    for (let i = 0; i < 20_000; i++) {
      now += 90 + (i % 7) * 1.3;
      if (i === 5_000) watch = start(pause(watch, now), now);
      seconds(watch, now);
    }
    expect(Math.abs(seconds(watch, now) - (now - 1_000) / 1000)).toBeLessThan(0.05);
  });

  it("stands still while paused and moves where it is told", () => {
    const paused = pause(start(STOPPED, 0), 5_000);
    expect(seconds(paused, 90_000)).toBe(5);
    expect(seconds(moveTo(paused, 42, 90_000), 95_000)).toBe(42);
    expect(seconds(start(moveTo(paused, 42, 0), 1_000), 3_000)).toBe(44);
  });
});
