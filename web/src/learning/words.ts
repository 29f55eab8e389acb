// What is learned, in words. None of them says that one thing made another.
import type { AthletePageView, UsualMeasure } from "../api/types";

export const MEASURES: Record<UsualMeasure, { name: string; unit: string; one: string }> = {
  MOBILITY: { name: "Exercises for range", unit: "", one: "exercise for range" },
  DRILLS: { name: "Drills", unit: "", one: "drill" },
  EFFORTS: { name: "Graded efforts", unit: "", one: "graded effort" },
  CONTACTS: { name: "Ground contacts", unit: "", one: "contact" },
  TOP: { name: "Hardest effort", unit: "of 100", one: "point at the top" },
  MINUTES: { name: "Length", unit: "min", one: "minute" },
  WAIT: { name: "Wait before the start", unit: "min", one: "minute of waiting" },
};

const NUMBERS = ["no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine"];

/** A small count as one says it. */
export function count(n: number): string {
  return NUMBERS[n] ?? `${n}`;
}

const rounded = (figure: number) =>
  Math.abs(figure - Math.round(figure)) < 0.05 ? `${Math.round(figure)}` : figure.toFixed(1);

export { rounded as figure };

/** "two graded efforts fewer" than somebody is used to. */
export function differs(difference: {
  measure: UsualMeasure;
  now: number;
  median: number;
}): string {
  const by = Math.abs(Math.round(difference.now - difference.median));
  const { one } = MEASURES[difference.measure];
  const isMore = difference.now > difference.median;
  const what = by === 1 ? one : plural(one);
  const more = isMore ? "more" : "fewer";
  return `${count(by)} ${what} ${more}`;
}

const PLURALS: Record<string, string> = {
  "exercise for range": "exercises for range",
  "graded effort": "graded efforts",
  "point at the top": "points at the top",
  "minute of waiting": "minutes of waiting",
};

function plural(one: string): string {
  return PLURALS[one] ?? `${one}s`;
}

/** "After four graded efforts, best on effort 2 to 3 (6 sessions)". */
export function best(known: AthletePageView["best"][number]): string {
  const range = known.from === known.until ? `${known.from}` : `${known.from} to ${known.until}`;
  const efforts =
    known.efforts === 1 ? "one graded effort" : `${count(known.efforts)} graded efforts`;
  return `After ${efforts} the best came on effort ${range}`;
}

/** What a body shows, in a sentence. */
export function bodyWords(body: AthletePageView["body"]): string {
  if (body.moments === 0) return "";
  const minutes = Math.round(body.jacketOff / 60);
  const later = body.moments - body.sooner;
  const isSooner = body.sooner >= later;
  return (
    `Jacket off after ${minutes} min, ${isSooner ? "sooner" : "later"} than the usual body ` +
    `${isSooner ? body.sooner : later} times of ${body.moments}.`
  );
}

/** "one drill more", "wait 6 min longer". */
export function drifts({ measure, by }: { measure: UsualMeasure; by: number }): string {
  const size = Math.abs(Math.round(by));
  const isMore = by > 0;
  switch (measure) {
    case "WAIT":
      return `wait ${size} min ${isMore ? "longer" : "shorter"}`;
    case "MINUTES":
      return `${size} min ${isMore ? "longer" : "shorter"}`;
    case "TOP":
      return `${size} of 100 ${isMore ? "higher" : "lower"} at the top`;
    default: {
      const { one } = MEASURES[measure];
      return `${count(size)} ${size === 1 ? one : plural(one)} ${isMore ? "more" : "fewer"}`;
    }
  }
}
