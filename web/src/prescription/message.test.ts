import { expect, it } from "vitest";
import type { PrescriptionView } from "../api/types";
import { messageOf } from "./message";

const item = (block: string, name: string, startsBefore: number, seconds: number, more = {}) => ({
  block,
  name,
  startsBefore,
  seconds,
  dose: { text: "60 s", figures: [] },
  target: null,
  recoverySeconds: 0,
  ...more,
});

const VIEW = {
  athlete: { name: "Edda Vollmar" },
  session: { title: "2 km test" },
  startsAt: "2026-11-27T06:45:00",
  plan: {
    seconds: 600,
    items: [
      item("RAISE", "Light row", 600, 300, {
        target: {
          metric: "POWER",
          value: 101,
          spread: 0,
          percentOfTop: 20,
          heartLow: 120,
          heartHigh: 131,
          ratePerMinute: 0,
          exertion: 2,
        },
      }),
      item("MOBILISE", "Hip hinge", 300, 60),
      item("MOBILISE", "Thread the needle", 240, 120),
      item("TRANSITION", "Settle", 120, 120),
    ],
  },
} as unknown as PrescriptionView;

it("says what, when, block by block, and where to follow it", () => {
  expect(messageOf(VIEW, "https://club.example/f/abc").split("\n")).toEqual([
    "Edda, your warm-up for “2 km test”, Friday 27 November.",
    "Begin 06:35, first effort 06:45 (10:00).",
    "",
    "Raise, 5 min: Light row 60 s at 101 W",
    "Mobilise, 3 min: Hip hinge 60 s; Thread the needle 60 s",
    "Transition, 2 min: Settle 60 s",
    "",
    "Follow it here: https://club.example/f/abc",
    "Pain means stop that movement.",
  ]);
});

it("tells a chat nothing of the athlete's heart", () => {
  expect(messageOf(VIEW, "x")).not.toMatch(/HR|120|131/);
});
