import { expect, it } from "vitest";
import type { RecordingView } from "../api/types";
import { begun, joined, placed, span, split, tied } from "./axis";
import { formatOf, refused } from "./files";

const VIEW = {
  beginsBefore: 600,
  every: 10,
  figures: Array.from({ length: 120 }, (_, i) =>
    i < 50 ? 270 : i < 60 ? 500 : i < 90 ? 300 : 460,
  ),
  seconds: 1200,
  warmUp: 2,
  steps: [
    { name: "Easy jog", seconds: 300, figure: 2.8, isWork: false, inTarget: null },
    { name: "Stride", seconds: 60, figure: 5, isWork: true, inTarget: null },
    { name: "1 km", seconds: 200, figure: 4.5, isWork: true, inTarget: null },
  ],
  stretches: [
    { from: 0, until: 500, mean: 2.7, step: 0 },
    { from: 500, until: 600, mean: 5, step: 1 },
    { from: 600, until: 1200, mean: 4.4, step: null },
  ],
} as unknown as RecordingView;

it("ends the warm-up at the start and begins the session there", () => {
  const steps = placed(VIEW);
  expect(steps[1]?.until).toBe(VIEW.beginsBefore);
  expect(steps[2]?.from).toBe(VIEW.beginsBefore);
  expect(span(VIEW)).toEqual([0, 1200]);
});

it("ties one stretch and leaves the others", () => {
  expect(tied(VIEW, 2, 2).stepOf).toEqual([0, 1, 2]);
  expect(tied(VIEW, 0, undefined)).toEqual({ begins: [0, 500, 600], stepOf: [-1, 1, -1] });
});

it("moves an edge no further than to a second of the stretches beside it", () => {
  expect(begun(VIEW, 1, 480).begins).toEqual([0, 480, 600]);
  expect(begun(VIEW, 1, -30).begins).toEqual([0, 1, 600]);
  expect(begun(VIEW, 2, 4000).begins).toEqual([0, 500, 1199]);
});

it("splits where the figures change most, and joins again", () => {
  const halves = split(VIEW, 2);
  expect(halves).toEqual({ begins: [0, 500, 600, 900], stepOf: [0, 1, -1, -1] });
  expect(joined(VIEW, 0)).toEqual({ begins: [0, 600], stepOf: [0, -1] });
  expect(split({ ...VIEW, every: 700 }, 1)).toBeUndefined();
});

it("knows files by their end and refuses what is too large", () => {
  expect(formatOf("run.GPX")).toBe("GPX");
  expect(formatOf("run.exe")).toBeUndefined();
  expect(refused({ name: "a.tcx", size: 10 })).toBe("");
  expect(refused({ name: "a.gpx", size: 100_000_000 })).toContain("100 MB");
});
