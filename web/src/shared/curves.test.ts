import { describe, expect, it } from "vitest";
import type { Readiness } from "../api/types";
import { band, endsAt, path, readingAt, warmthAt, warmthPoints } from "./curves";

const readiness = {
  step: 15,
  warmth: [0, 100, 200, 180],
  warmthLow: [0, 80, 160, 120],
  warmthHigh: [0, 120, 250, 240],
  freshness: [100, 100, 80, 95],
  heart: [60, 110, 150, 90],
  reserve: [100, 100, 80, 95],
} as unknown as Readiness;

describe("the curves above the axis", () => {
  it("end at the start, each figure its step before the next", () => {
    const line = warmthPoints(readiness.warmth, 15, 60);
    expect(line.at(-1)?.x).toBe(1);
    expect(line[0]?.x).toBeCloseTo(0.25);
    expect(line[1]?.x).toBeCloseTo(0.5);
  });

  it("stand where the mark for the wanted warmth stands", () => {
    const line = warmthPoints([200], 15, 60);
    expect(line[0]?.y).toBeCloseTo(warmthAt(2));
  });

  it("stay in the picture whatever the figure", () => {
    for (const p of warmthPoints([-500, 9000], 15, 60)) {
      expect(p.y).toBeGreaterThanOrEqual(0);
      expect(p.y).toBeLessThanOrEqual(1);
    }
  });

  it("close a band between two lines", () => {
    const lower = warmthPoints(readiness.warmthLow, 15, 60);
    const upper = warmthPoints(readiness.warmthHigh, 15, 60);
    const closed = band(upper, lower, 1000, 80);
    expect(closed.match(/[ML]/g)).toHaveLength(8);
    expect(closed.endsWith("Z")).toBe(true);
    expect(path([], 10, 10)).toBe("");
  });
});

describe("the names of the curves", () => {
  it("never touch each other or the flag below, whatever the state", () => {
    for (let freshness = 0; freshness <= 100; freshness += 5) {
      for (let warmth = 0; warmth <= 4; warmth += 0.5) {
        const { fresh, warm } = endsAt(freshness, warmth);
        expect(Math.abs(fresh - warm)).toBeGreaterThan(0.199);
        expect(Math.min(fresh, warm)).toBeGreaterThanOrEqual(0);
        expect(Math.max(fresh, warm)).toBeLessThan(0.72);
      }
    }
  });

  it("stand at the ends of the curves where there is room", () => {
    expect(endsAt(104, 2)).toEqual({ fresh: 0, warm: warmthAt(2) });
  });
});

describe("a reading on the axis", () => {
  it("is what stands at that second", () => {
    expect(readingAt(readiness, 60, 1)).toEqual({
      before: 0,
      warmth: 2,
      freshness: 95,
      heart: 90,
    });
    expect(readingAt(readiness, 60, 0.75)?.heart).toBe(150);
  });

  it("is nothing before the warm-up begins", () => {
    expect(readingAt(readiness, 60, 0.1)).toBeUndefined();
  });
});
