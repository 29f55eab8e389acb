import { expect, it } from "vitest";
import type { RecordingView } from "../api/types";
import { readResults } from "../record/results";
import { paired, placed, span } from "./axis";
import { formatOf, refused } from "./files";

const VIEW = {
  beginsBefore: 600,
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

it("pairs one stretch and leaves the others", () => {
  expect(paired(VIEW, 2, 2)).toEqual([0, 1, 2]);
  expect(paired(VIEW, 0, undefined)).toEqual([-1, 1, -1]);
});

it("knows files by their end and refuses what is too large", () => {
  expect(formatOf("run.GPX")).toBe("GPX");
  expect(formatOf("run.exe")).toBeUndefined();
  expect(refused({ name: "a.tcx", size: 10 })).toBe("");
  expect(refused({ name: "a.gpx", size: 100_000_000 })).toContain("100 MB");
});

it("reads times, watts and speeds", () => {
  expect(readResults("3:20, 3:16.5")).toEqual({ unit: "SECONDS", efforts: [200, 196.5] });
  expect(readResults("310 W; 305 W")).toEqual({ unit: "WATTS", efforts: [310, 305] });
  expect(readResults(" ")).toBeNull();
});
