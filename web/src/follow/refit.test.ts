import { expect, it } from "vitest";
import type { FollowItem, InHandView } from "../api/types";
import { rungsOf } from "./refit";

const item = (drillId: string, seconds: number) =>
  ({ id: "lunge", drillId, seconds, segments: [] }) as unknown as FollowItem;

const PLANNED = [item("lunge", 60)];
const IN_HAND = {
  rungs: [{ itemId: "lunge", easier: item("squat", 55), harder: item("jump", 50) }],
} as unknown as InHandView;

const rungs = (present: FollowItem) => {
  const { easier, harder } = rungsOf(IN_HAND, PLANNED, present);
  return [easier?.drillId, harder?.drillId];
};

it("leads down and up, and back to what was planned", () => {
  expect(rungs(item("lunge", 60))).toEqual(["squat", "jump"]);
  expect(rungs(item("lunge", 75))).toEqual(["squat", "jump"]);
  expect(rungs(item("squat", 55))).toEqual([undefined, "lunge"]);
  expect(rungs(item("jump", 50))).toEqual(["lunge", undefined]);
});

it("offers nothing that takes longer than what is left for it", () => {
  expect(rungs(item("lunge", 30))).toEqual([undefined, undefined]);
  expect(rungs(item("squat", 30))).toEqual([undefined, undefined]);
  expect(rungsOf(undefined, PLANNED, item("lunge", 60))).toEqual({});
});
