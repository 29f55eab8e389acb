import { describe, expect, it } from "vitest";
import type { Item } from "../api/types";
import { bands, placesTo, ticks, treads } from "./staircase";

const item = (id: string, block: Item["block"], startsBefore: number, seconds: number) =>
  ({ id, block, startsBefore, seconds, effort: 30 }) as Item;

// 10 min: four of raise, two drills of two, two to the start.
const plan = [
  item("jog", "RAISE", 600, 240),
  item("swings", "MOBILISE", 360, 120),
  item("skips", "DRILL", 240, 120),
  item("settle", "TRANSITION", 120, 120),
];
const steps = treads(plan, 600);

describe("the countdown axis", () => {
  it("ends at the start, without gaps", () => {
    expect(steps[0]?.from).toBeCloseTo(0);
    expect(steps.at(-1)?.to).toBeCloseTo(1);
    steps.slice(1).forEach((t, i) => {
      expect(t.from).toBeCloseTo(steps[i]?.to ?? NaN);
    });
  });

  it("joins neighbours of one block only", () => {
    const twice = treads([...plan.slice(0, 2), item("more", "MOBILISE", 240, 120)], 600);
    expect(
      bands(
        twice.map((t) => t.item),
        600,
      ).map((b) => b.seconds),
    ).toEqual([240, 240]);
  });

  it("labels at most about twelve minutes, the start among them", () => {
    for (const minutes of [3, 12, 13, 40, 60]) {
      const labels = ticks(60 * minutes);
      expect(labels[0]).toBe(0);
      expect(labels.length).toBeLessThanOrEqual(13);
    }
  });
});

describe("an item let go on the axis", () => {
  it("stays where it is let go over itself", () => {
    expect(placesTo(steps, "swings", 0.5)).toBe(0);
  });

  it("goes before what it is let go in front of", () => {
    expect(placesTo(steps, "skips", 0.05)).toBe(-2);
    expect(placesTo(steps, "jog", 0.55)).toBe(1);
  });

  it("never goes behind the way to the start", () => {
    expect(placesTo(steps, "jog", 1)).toBe(2);
  });
});
