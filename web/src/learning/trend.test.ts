import { expect, it } from "vitest";
import type { AthletePageView } from "../api/types";
import { median, trends } from "./trend";

const point = (day: string, felt: number | null) =>
  ({
    day,
    felt,
    seconds: 1200,
    efforts: 3,
    waited: null,
    bestEffort: null,
  }) as unknown as AthletePageView["points"][number];

it("takes the middle one, or the middle of two", () => {
  expect(median([5, 1, 3])).toBe(3);
  expect(median([4, 1, 2, 3])).toBe(2.5);
});

it("sets the last four weeks against what was before, and each four weeks by themselves", () => {
  const days = ["01", "08", "15", "22", "29"].map((d) => `2026-09-${d}`);
  const points = [
    ...days.map((d) => point(d, 2)),
    point("2026-10-30", 4),
    point("2026-10-31", 5),
    point("2026-11-01", null),
  ];
  const [felt, length, efforts, ...others] = trends(points);
  expect(others).toEqual([]);
  expect(felt).toMatchObject({ name: "How ready it felt", lately: 4.5, before: 2 });
  expect(felt?.months.map((m) => m.value)).toEqual([2, 2, 4.5]);
  expect(felt?.months.map((m) => m.until).at(-1)).toBe(1);
  expect(felt?.months[0]?.from).toBe(0);
  expect(felt?.seen.every((s) => s.at > 0 && s.at < 1)).toBe(true);
  expect(length).toMatchObject({ lately: 20, before: 20 });
  expect(efforts?.lately).toBe(3);
});

it("says nothing of fewer than six", () => {
  expect(trends([])).toEqual([]);
  expect(trends(Array.from({ length: 5 }, () => point("2026-09-01", 3)))).toEqual([]);
});
