import { describe, expect, it } from "vitest";
import { hatching, outline, strokes, strokeWeight, type EngravedStep } from "./engraving";

const at = (from: number, to: number, effort: number, isStroke = false): EngravedStep => ({
  from,
  to,
  effort,
  isStroke,
});

/** Lines of the hatching under a step of that effort. */
const lines = (effort: number, pixels = 1000) =>
  hatching([at(0, 1, effort)], 1000, 100, pixels)
    .map((h) => h.path.split("M").length - 1)
    .reduce((sum, n) => sum + n, 0);

describe("the engraving", () => {
  it("is the denser the harder", () => {
    const counts = [5, 20, 35, 45, 55, 70, 80, 95].map((effort) => lines(effort));
    expect(counts).toEqual(counts.toSorted((a, b) => a - b));
    expect(counts.at(-1)).toBeGreaterThan(4 * (counts[0] ?? 0));
  });

  it("is as dense on a phone as on a desk", () => {
    expect(lines(70, 330) / 330).toBeCloseTo(lines(70, 1000) / 1000, 2);
  });

  it("has one line that steps and ends on the base", () => {
    expect(outline([at(0, 0.5, 20), at(0.5, 1, 80)], 1000, 100)).toBe("M0 100V80H500V20H1000V100");
    expect(outline([at(0, 0.2, 50), at(0.6, 1, 50)], 1000, 100)).toBe(
      "M0 100V50H200V100M600 100V50H1000V100",
    );
    expect(outline([], 1000, 100)).toBe("");
  });

  it("leaves no short effort without a line", () => {
    expect(hatching([at(0.5, 0.504, 30)], 1000, 100, 1000)).toHaveLength(1);
  });

  it("keeps strokes apart on a phone", () => {
    const efforts = [at(0.7, 0.714, 70, true), at(0.714, 0.728, 75, true)];
    expect(strokeWeight(efforts, 330)).toBeLessThan(0.014 * 330);
    expect(strokeWeight(efforts, 980)).toBe(5);
  });

  it("strikes each graded effort as high as it reaches", () => {
    expect(strokes([at(0, 0.2, 40), at(0.2, 0.4, 75, true)], 1000, 100)).toBe("M300 100V25");
  });
});
