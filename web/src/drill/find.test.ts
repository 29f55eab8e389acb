import { expect, test } from "vitest";
import type { DrillView } from "../api/types";
import { adds, EVERYTHING, matches } from "./find";

const skip = {
  name: "A-skip",
  aliases: ["skipping A"],
  serves: ["knee lift and quick recovery"],
  sports: ["RUN"],
  block: "DRILL",
  kit: [],
  wetSafe: false,
  contacts: true,
  level: "INTERMEDIATE",
  effort: 55,
  position: "TRAVELLING",
} as unknown as DrillView;
const march = {
  ...skip,
  name: "A-march",
  aliases: [],
  contacts: false,
  level: "NOVICE",
  effort: 40,
};

test("found by name, alias and purpose, in any order of words", () => {
  for (const text of ["a-skip", "skipping", "recovery knee"]) {
    expect(matches(skip, { ...EVERYTHING, text })).toBe(true);
  }
  expect(matches(skip, { ...EVERYTHING, text: "shoulder" })).toBe(false);
});

test("filters leave out what cannot be done here", () => {
  expect(matches(skip, { ...EVERYTHING, wetDeck: true })).toBe(false);
  expect(matches(skip, { ...EVERYTHING, noContacts: true })).toBe(false);
  const banded = { ...skip, kit: ["MINI_BAND"] } as DrillView;
  expect(matches(banded, { ...EVERYTHING, kit: [] })).toBe(false);
  expect(matches(banded, { ...EVERYTHING, kit: ["MINI_BAND"] })).toBe(true);
});

test("a rung says what it adds", () => {
  expect(adds(march as DrillView, undefined)).toBe("where everyone begins");
  expect(adds(skip, march as DrillView)).toContain("ground contacts");
});
