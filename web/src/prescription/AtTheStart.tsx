import { memo } from "react";
import type { Readiness } from "../api/types";
import css from "../shared/Curves.module.css";

/** The state at the start in four words, each with its figure; told by word, not by colour. */
export const AtTheStart = memo(function AtTheStart({ readiness }: { readiness: Readiness }) {
  const v = readiness.verdict;
  const parts = [
    {
      word: v.isWarm ? "Warm" : "Not warm enough",
      figure: `muscle +${v.warmth} °C, ${v.warmthLow} to ${v.warmthHigh}`,
      good: v.isWarm,
    },
    { word: v.isFresh ? "Fresh" : "Not yet fresh", figure: `${v.freshness} %`, good: v.isFresh },
    {
      word: v.isRehearsed ? "Rehearsed" : "Not rehearsed",
      figure: v.isRehearsed ? "has been where it begins" : "build stays below the start",
      good: v.isRehearsed,
    },
    { word: "Ready", figure: windowWords(v.readyFrom, v.readyTo), good: v.readyFrom != null },
  ];
  return (
    <section className={css.verdict} aria-label="At the start">
      {parts.map((part) => (
        <div key={part.word} className={part.good ? undefined : css.lacking}>
          <strong>
            {part.good ? "" : "▲ "}
            {part.word}
          </strong>{" "}
          <span>{part.figure}</span>
        </div>
      ))}
    </section>
  );
});

function windowWords(from?: number | null, to?: number | null): string {
  if (from == null || to == null) return "at no start within 45 min";
  const minutes = (seconds: number) => Math.round(Math.abs(seconds) / 60);
  if (from > 30) return `from ${minutes(from)} to ${minutes(to)} min after the start`;
  return `from ${minutes(from)} min before to ${to >= 45 * 60 ? "45 min or more" : `${minutes(to)} min`} after`;
}
