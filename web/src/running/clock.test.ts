import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { now, seen } from "./clock";

let wall = 0;
let even = 0;

beforeEach(() => {
  wall = 1_000_000;
  even = 0;
  vi.spyOn(Date, "now").mockImplementation(() => wall);
  vi.spyOn(performance, "now").mockImplementation(() => even);
  vi.spyOn(performance, "timeOrigin", "get").mockReturnValue(1_000_000);
});
afterEach(() => vi.restoreAllMocks());

const pass = (ms: number, asleep = 0) => {
  wall += ms;
  even += ms - asleep;
};

it("does not follow a device's clock that is set while one looks", () => {
  const before = now();
  pass(5000);
  wall += 600_000;
  expect(now() - before).toBe(5000);
  // Not when it is put away and comes back at once either.
  seen(false);
  pass(100);
  seen(true);
  expect(now() - before).toBe(5100);
});

it("catches up with the time for which the device slept", () => {
  const before = now();
  seen(false);
  pass(300_000, 290_000);
  seen(true);
  expect(now() - before).toBe(300_000);
});
