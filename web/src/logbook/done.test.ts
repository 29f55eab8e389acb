import { expect, it } from "vitest";
import type { FollowedView } from "../api/types";
import { differs, doneOf, facts } from "./done";

type Item = FollowedView["items"][number];

const item = (more: Partial<Item>): Item => ({
  id: "i",
  block: "MOBILISE",
  name: "Leg swings",
  planned: 60,
  state: "DONE",
  seconds: 60,
  ...more,
});

it("says of each item only what was otherwise than planned", () => {
  expect(differs(item({}))).toBe("");
  expect(differs(item({ state: "NOT_REACHED", seconds: 0 }))).toBe("");
  expect(differs(item({ state: "SKIPPED", seconds: 0, reason: "NO_KIT" }))).toBe(
    "Leg swings left out, no kit",
  );
  expect(differs(item({ state: "PARTLY", seconds: 25, reason: "UNSAID" }))).toBe(
    "Leg swings for 0:25 of 1:00",
  );
  expect(differs(item({ drill: "Held swings" }))).toBe("Held swings in place of Leg swings");
  expect(differs(item({ planned: 0 }))).toBe("Leg swings in place of others");
});

it("counts what was planned alone", () => {
  expect(doneOf([item({}), item({ state: "PARTLY" }), item({ planned: 0 })])).toEqual([1, 2]);
});

it("tells what is known, and of a clock that was wrong", () => {
  const view: FollowedView = {
    begun: "2026-11-27T06:12:30+01:00",
    jacketOffSeconds: 430,
    waitedSeconds: 0,
    pausedSeconds: 0,
    items: [],
    looks: [],
    measured: [],
    devices: [
      { number: 1, clockSeconds: 2, itemsDone: 4 },
      { number: 2, clockSeconds: -600, itemsDone: 4 },
    ],
  };
  expect(facts(view)).toEqual([
    "begun at 06:12",
    "jacket off after 7:10",
    "0:00 to the first effort",
    "the clock of device 2 was 10:00 fast, and is set right here",
  ]);
});
