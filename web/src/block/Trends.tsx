// Small figures week by week, in register with the climbs above.
import type { AthleteBlock, BlockView } from "../api/types";
import { trendsOf, type Trend } from "./climbs";
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
  const bar = place.each * (trend.other ? 0.26 : 0.4);
  return (
    <div className={css.lane}>
      <LaneName name={trend.label} unit={trend.unit} />
      <svg className={css.trend} viewBox={`0 0 ${width} ${HEIGHT}`} role="img">
        <title>
          {`${trend.label}, ${trend.unit}: ${trend.values.map((v) => (v === undefined ? "none" : Math.round(v))).join(", ")}`}
        </title>
        <rect className={css.chosen} x={place.left(chosen)} width={place.each} height={HEIGHT} />
        {trend.values.map((value, i) => {
          if (value === undefined) return null;
          const other = trend.other?.[i];
          const x = place.middle(i) - (other === undefined ? bar / 2 : bar);
          return (
            <g key={i}>
              <rect
                className={css.bar}
                x={x}
                y={HEIGHT - 2 - height(value)}
                width={bar}
                height={height(value)}
              />
              <text x={x + bar / 2} y={HEIGHT - 6 - height(value)} textAnchor="middle">
                {Math.round(value)}
              </text>
              {other !== undefined && (
                <>
                  <rect
                    className={clsx(css.bar, css.second)}
                    x={x + bar + 2}
                    y={HEIGHT - 2 - height(other)}
                    width={bar}
                    height={height(other)}
                  />
                  <text x={x + 1.5 * bar + 2} y={HEIGHT - 6 - height(other)} textAnchor="middle">
                    {Math.round(other)}
                  </text>
                </>
              )}
            </g>
          );
        })}
        <line className={css.base} x1="0" x2={width} y1={HEIGHT - 1.5} y2={HEIGHT - 1.5} />
      </svg>
    </div>
  );
}
