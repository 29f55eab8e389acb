// @vitest-environment jsdom
import { renderHook } from "@testing-library/react";
import { expect, it } from "vitest";
import type { FollowItem } from "../api/types";
import { moveTo, start, STOPPED } from "../running/stopwatch";
import { timeline } from "./timeline";
import { useTelling } from "./useTelling";

const item = (id: string) =>
  ({
    id,
    drillId: id,
    seconds: 30,
    segments: [{ kind: "WORK", seconds: 30, side: "BOTH", count: 0, note: "" }],
  }) as unknown as FollowItem;

const BEATS = timeline([item("a"), item("b")]);

it("tells what the leader skipped as skipped, even where the phone draws late", () => {
  const told: string[] = [];
  let clock = 10_000;
  const watch = start(STOPPED, 0);
  const { rerender } = renderHook(
    ({ number, beat, led }) =>
      useTelling(
        BEATS,
        BEATS[beat],
        false,
        ({ kind, item: of }) => told.push([kind, of].filter(Boolean).join(" ")),
        { state: { number }, watch: led },
        () => clock,
      ),
    { initialProps: { number: 1, beat: 0, led: watch } },
  );
  // The leader goes on to the second item; what is drawn is still the first one, a second old.
  const moved = moveTo(watch, 30, clock);
  clock += 1000;
  rerender({ number: 2, beat: 0, led: moved });
  rerender({ number: 2, beat: 1, led: moved });
  expect(told).toEqual(["BEGUN", "ITEM_STARTED a", "SKIPPED a", "ITEM_STARTED b"]);
});
