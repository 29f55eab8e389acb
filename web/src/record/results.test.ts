import { expect, it } from "vitest";
import { readResults, sayResult } from "./results";

it("reads times, watts and speeds", () => {
  expect(readResults("3:20, 3:16.5")).toEqual({ unit: "SECONDS", efforts: [200, 196.5] });
  expect(readResults("310 W; 305 W")).toEqual({ unit: "WATTS", efforts: [310, 305] });
  expect(readResults(" ")).toBeNull();
});

it("says them as they are read", () => {
  for (const text of ["3:20", "310 W", "4.5 m/s"]) {
    const read = readResults(text);
    expect(sayResult(read?.efforts[0] ?? 0, read?.unit)).toBe(text);
  }
});
