import "./Curves.css";
import { memo, useState } from "react";
import type { PlanView, Readiness } from "../api/types";
import { band, endsAt, path, points, readingAt, warmthAt, warmthPoints } from "./curves";
import { axisSpan } from "./staircase";
import { clock } from "./units";

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
    <div className="curves">
      <div
        className="curves-field"
        onPointerMove={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          setAt((event.clientX - box.left) / box.width);
        }}
        onPointerLeave={() => setAt(undefined)}
      >
        <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" aria-hidden>
          <path
            className="curve-band"
            d={band(
              warmthPoints(readiness.warmthHigh, step, span),
              warmthPoints(readiness.warmthLow, step, span),
              WIDTH,
              HEIGHT,
            )}
          />
          <line className="curve-wanted" x1={0} x2={WIDTH} y1={wanted} y2={wanted} />
          {ghost && (
            <path
              className="curve-ghost"
              d={path(warmthPoints(ghost.warmth, ghost.step, span), WIDTH, HEIGHT)}
            />
          )}
          <path
            className="curve-fresh"
            d={path(points(readiness.freshness, step, span, 104), WIDTH, HEIGHT)}
          />
          <path
            className="curve-warm"
            d={path(warmthPoints(readiness.warmth, step, span), WIDTH, HEIGHT)}
          />
        </svg>
        <span className="curves-wanted" style={{ top: `${(100 * wanted) / HEIGHT}%` }}>
          warmth this session wants
        </span>
        {reading && at !== undefined && (
          <>
            <span className="curves-scrub" style={{ left: `${100 * at}%` }} />
            <span
              className={at > 0.7 ? "curves-reading left" : "curves-reading"}
              style={{ left: `${100 * at}%` }}
            >
              <b>T−{clock(reading.before)}</b> muscle +{reading.warmth} °C · fresh{" "}
              {reading.freshness} %{reading.heart > 0 && ` · about ${reading.heart} beats/min`}
            </span>
          </>
        )}
      </div>
      <div className="curves-ends" aria-hidden>
        <span style={{ top: `${100 * ends.fresh}%` }}>fresh</span>
        <span style={{ top: `${100 * ends.warm}%` }}>warm</span>
      </div>
    </div>
  );
});
