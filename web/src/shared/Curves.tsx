import { memo, useState } from "react";
import type { PlanView, Readiness } from "../api/types";
import { band, endsAt, path, points, readingAt, warmthAt, warmthPoints } from "./curves";
import { axisSpan } from "./staircase";
import { clock } from "./units";
import clsx from "clsx";
import css from "./Curves.module.css";

const WIDTH = 1000;
const HEIGHT = 84;

interface Props {
  plan: PlanView;
  readiness: Readiness;
  /** The plan before the last change, drawn as a ghost. */
  former?: PlanView;
}

/** Warmth and freshness above the countdown axis; point at them to read everything there. */
export const Curves = memo(function Curves({ plan, readiness, former }: Props) {
  const span = axisSpan(plan.seconds);
  const [at, setAt] = useState<number>();
  const reading = at === undefined ? undefined : readingAt(readiness, span, at);
  const { step, verdict } = readiness;
  const ghost = former?.readiness;
  const wanted = HEIGHT * warmthAt(verdict.wanted);
  const ends = endsAt(verdict.freshness, verdict.warmth);
  return (
    <div className={css.curves}>
      <div
        className={css.curvesField}
        onPointerMove={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          setAt((event.clientX - box.left) / box.width);
        }}
        onPointerLeave={() => setAt(undefined)}
      >
        <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" aria-hidden>
          <path
            className={css.curveBand}
            d={band(
              warmthPoints(readiness.warmthHigh, step, span),
              warmthPoints(readiness.warmthLow, step, span),
              WIDTH,
              HEIGHT,
            )}
          />
          <line className={css.curveWanted} x1={0} x2={WIDTH} y1={wanted} y2={wanted} />
          {ghost && (
            <path
              className={css.curveGhost}
              d={path(warmthPoints(ghost.warmth, ghost.step, span), WIDTH, HEIGHT)}
            />
          )}
          <path
            className={css.curveFresh}
            d={path(points(readiness.freshness, step, span, 104), WIDTH, HEIGHT)}
          />
          <path
            className={css.curveWarm}
            d={path(warmthPoints(readiness.warmth, step, span), WIDTH, HEIGHT)}
          />
        </svg>
        <span className={css.curvesWanted} style={{ top: `${(100 * wanted) / HEIGHT}%` }}>
          warmth this session wants
        </span>
        {reading && at !== undefined && (
          <>
            <span className={css.curvesScrub} style={{ left: `${100 * at}%` }} />
            <span
              className={at > 0.7 ? clsx(css.curvesReading, css.left) : css.curvesReading}
              style={{ left: `${100 * at}%` }}
            >
              <b>T−{clock(reading.before)}</b> muscle +{reading.warmth} °C · fresh{" "}
              {reading.freshness} %{reading.heart > 0 && ` · about ${reading.heart} beats/min`}
            </span>
          </>
        )}
      </div>
      <div className={css.curvesEnds} aria-hidden>
        <span style={{ top: `${100 * ends.fresh}%` }}>fresh</span>
        <span style={{ top: `${100 * ends.warm}%` }}>warm</span>
      </div>
    </div>
  );
});
