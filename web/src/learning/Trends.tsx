import { figure } from "./words";
import { trends, type Trend } from "./trend";
import css from "./learning.module.css";
import type { AthletePageView } from "../api/types";

/** How counts go over the weeks: a dot a warm-up, the step is the median of four weeks. */
export function Trends({ points }: { points: AthletePageView["points"] }) {
  return (
    <div className={css.range}>
      {trends(points).map((trend) => (
        <Row key={trend.name} trend={trend} />
      ))}
    </div>
  );
}

const WIDTH = 300;
const HEIGHT = 34;
const EDGE = 4;

function Row({ trend }: { trend: Trend }) {
  const values = trend.seen.map((s) => s.value);
  const least = Math.min(...values);
  const room = Math.max(1, Math.max(...values) - least);
  const x = (at: number) => WIDTH * at;
  const y = (value: number) => HEIGHT - EDGE - ((HEIGHT - 2 * EDGE) * (value - least)) / room;
  const words =
    trend.before === undefined
      ? `${figure(trend.lately)} ${trend.unit}`
      : `${figure(trend.lately)} ${trend.unit} in the last four weeks, ${figure(trend.before)} before`;
  return (
    <>
      <span>{trend.name}</span>
      <b>
        {figure(trend.lately)} {trend.unit && <small>{trend.unit}</small>}
        {trend.before !== undefined && (
          <small className={css.before}>before {figure(trend.before)}</small>
        )}
      </b>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        role="img"
        aria-label={words}
        className={css.trend}
      >
        <title>{words}</title>
        {trend.seen.map(({ at, value }, i) => (
          <path key={i} className={css.dot} d={`M${x(at)} ${y(value)}h0`} />
        ))}
        <path
          className={css.middle}
          d={trend.months.map((w) => `M${x(w.from)} ${y(w.value)}H${x(w.until)}`).join("")}
        />
      </svg>
    </>
  );
}
