import type { AthletePageView } from "../api/types";
import { Soft } from "../shared/panels";
import { dayAndMonth } from "../shared/dates";
import css from "./learning.module.css";

/** Of many ladders these are shown. */
const SHOWN = 12;

/** Where they stand on the ladders they climbed last, and since when. */
export function Ladders({ ladders }: { ladders: AthletePageView["ladders"] }) {
  if (ladders.length === 0) return <Soft>No drill of a ladder was done yet.</Soft>;
  return (
    <div className={css.ladders}>
      {ladders.slice(0, SHOWN).map((ladder) => (
        <div key={ladder.ladder}>
          <b>{ladder.name}</b>{" "}
          <span
            className={css.rungs}
            role="img"
            aria-label={`rung ${ladder.rung} of ${ladder.top}`}
          >
            {"▮".repeat(ladder.rung)}
            {"▯".repeat(Math.max(0, ladder.top - ladder.rung))}
          </span>
          <br />
          <small>
            since {dayAndMonth(ladder.since)},{" "}
            {ladder.times === 1 ? "once" : `${ladder.times} times`}
          </small>
        </div>
      ))}
    </div>
  );
}
