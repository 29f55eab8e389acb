// How counts of an athlete’s warm-ups go over the weeks.
import type { AthletePageView } from "../api/types";

type Point = AthletePageView["points"][number];

export interface Trend {
  name: string;
  unit: string;
  /** Where in the time that is looked at, 0 to 1, and what it was. */
  seen: { at: number; value: number }[];
  /** The median of each four weeks that have any, counted back from the last day. */
  months: { from: number; until: number; value: number }[];
  /** Median of the last four weeks. */
  lately: number;
  /** Median of all before; absent where there is nothing before. */
  before: number | undefined;
}

const DAY = 86_400_000;
const LATELY = 28;

/** Of fewer nothing is drawn. */
const ENOUGH = 6;

const MEASURES: { name: string; unit: string; of: (point: Point) => number | null | undefined }[] =
  [
    { name: "How ready it felt", unit: "of 5", of: (p) => p.felt },
    { name: "Length", unit: "min", of: (p) => p.seconds / 60 },
    { name: "Graded efforts", unit: "", of: (p) => p.efforts },
    { name: "Wait before the start", unit: "min", of: (p) => p.waited && p.waited / 60 },
    { name: "Best effort of the session", unit: "", of: (p) => p.bestEffort },
  ];

export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length >> 1;
  const high = sorted[middle] ?? 0;
  return sorted.length % 2 === 1 ? high : (high + (sorted[middle - 1] ?? high)) / 2;
}

/** What was counted often enough, over the time from the first of these records to the last. */
export function trends(points: readonly Point[]): Trend[] {
  const days = points.map((p) => Date.parse(p.day) / DAY);
  const first = Math.min(...days);
  const last = Math.max(...days);
  const span = last - first + 1;
  return MEASURES.flatMap(({ name, unit, of }) => {
    const counted = points.flatMap((p, i) => {
      const value = of(p);
      return value == null ? [] : [{ day: (days[i] ?? 0) - first, value }];
    });
    if (counted.length < ENOUGH) return [];
    const isLate = ({ day }: { day: number }) => day > last - first - LATELY;
    const earlier = counted.filter((c) => !isLate(c)).map((c) => c.value);
    const later = counted.filter(isLate).map((c) => c.value);
    return {
      name,
      unit,
      seen: counted.map(({ day, value }) => ({ at: (day + 0.5) / span, value })),
      months: Array.from({ length: Math.ceil(span / LATELY) }, (_, back) => {
        const until = span - LATELY * back;
        const from = Math.max(0, until - LATELY);
        const own = counted.filter(({ day }) => day >= from && day < until).map((c) => c.value);
        return own.length === 0
          ? []
          : [{ from: from / span, until: until / span, value: median(own) }];
      })
        .flat()
        .reverse(),
      lately: median(later.length > 0 ? later : counted.map((c) => c.value)),
      before: earlier.length > 0 ? median(earlier) : undefined,
    };
  });
}
