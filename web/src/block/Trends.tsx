// Small figures week by week, in register with the climbs above.
import type { AthleteBlock, BlockView } from "../api/types";
import { trendsOf, type Trend } from "./climbs";
import { hatching, outline } from "../shared/engraving";
import { columns, LaneName } from "./Weeks";
import clsx from "clsx";
import css from "./block.module.css";

const HEIGHT = 44;

export function Trends({
  block,
  athletes,
  width,
  chosen,
}: {
  block: BlockView;
  athletes: AthleteBlock[];
  width: number;
  chosen: number;
}) {
  return (
    <div className={css.trends}>
      {trendsOf(block, athletes).map((trend) => (
        <TrendLine key={trend.label} trend={trend} width={width} chosen={chosen} />
      ))}
    </div>
  );
}

function TrendLine({ trend, width, chosen }: { trend: Trend; width: number; chosen: number }) {
  const place = columns(trend.values.length, width);
  const known = [...trend.values, ...(trend.other ?? [])].filter((v) => v !== undefined);
  const most = Math.max(1, ...known);
  const height = (value: number) => (value / most) * (HEIGHT - 20);
  const stepsOf = (values: readonly (number | undefined)[]) =>
    values.flatMap((value, i) =>
      value === undefined
        ? []
        : [
            {
              from: place.left(i) / width,
              to: (place.left(i) + place.each) / width,
              effort: (100 * value) / most,
              height: height(value) / HEIGHT,
            },
          ],
    );
  const steps = stepsOf(trend.values);
  const others = stepsOf(trend.other ?? []);
  return (
    <div className={css.lane}>
      <LaneName name={trend.label} unit={trend.unit} />
      <svg className={css.trend} viewBox={`0 0 ${width} ${HEIGHT}`} role="img">
        <title>
          {`${trend.label}, ${trend.unit}: ${trend.values.map((v) => (v === undefined ? "none" : Math.round(v))).join(", ")}`}
        </title>
        <rect className={css.chosen} x={place.left(chosen)} width={place.each} height={HEIGHT} />
        {hatching(steps, width, HEIGHT, width).map(({ weight, path: lines }) => (
          <path key={weight} className={css.hatch} strokeWidth={weight} d={lines} />
        ))}
        <path className={css.outline} d={outline(steps, width, HEIGHT)} />
        {others.length > 0 && (
          <path className={clsx(css.outline, css.second)} d={outline(others, width, HEIGHT)} />
        )}
        {trend.values.map((value, i) => {
          if (value === undefined) return null;
          const other = trend.other?.[i];
          return (
            <text
              key={i}
              x={place.middle(i)}
              y={HEIGHT - 5 - height(Math.max(value, other ?? 0))}
              textAnchor="middle"
            >
              {Math.round(value)}
              {other !== undefined && ` / ${Math.round(other)}`}
            </text>
          );
        })}
        <line className={css.base} x1="0" x2={width} y1={HEIGHT - 1.5} y2={HEIGHT - 1.5} />
      </svg>
    </div>
  );
}
