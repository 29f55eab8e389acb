import { Link } from "react-router";
import type { RecordView } from "../api/types";
import { Engraving } from "../shared/Engraving";
import type { EngravedStep } from "../shared/engraving";
import { READY } from "../logbook/done";
import { dayAndMonth } from "../shared/dates";
import css from "./learning.module.css";

/** The latest warm-ups as small staircases, the newest first, with how they felt. */
export function LastOnes({ records }: { records: readonly RecordView[] }) {
  return (
    <div className={css.shelf}>
      {records.map((record) => (
        <Link
          key={record.prescriptionId}
          to={`/prescriptions/${record.prescriptionId}`}
          className={css.record}
        >
          <span className={css.when}>
            <b>{dayAndMonth(record.startsAt.slice(0, 10))}</b>
            <Felt felt={record.felt ?? undefined} />
          </span>
          <div className={css.steps}>
            <Engraving steps={stepsOf(record)} pixels={160} />
          </div>
          <div className={css.title} title={record.title}>
            {Math.round(record.done.total / 60)} min · {record.title}
          </div>
        </Link>
      ))}
    </div>
  );
}

/** How ready it felt: five places, filled as far as it went. */
export function Felt({ felt }: { felt: number | undefined }) {
  if (felt === undefined) return null;
  return (
    <span className={css.felt} role="img" aria-label={`felt ${READY[felt - 1]}, ${felt} of 5`}>
      {"●".repeat(felt)}
      {"○".repeat(5 - felt)}
    </span>
  );
}

/** What was done of it, ending at the start. */
export function stepsOf(record: Pick<RecordView, "items">): EngravedStep[] {
  const done = record.items.filter((i) => i.seconds > 0);
  const whole = Math.max(
    1,
    done.reduce((sum, i) => sum + i.seconds, 0),
  );
  let at = 0;
  return done.map((item) => {
    const from = at / whole;
    at += item.seconds;
    return { from, to: at / whole, effort: item.effort, isStroke: item.block === "BUILD" };
  });
}
