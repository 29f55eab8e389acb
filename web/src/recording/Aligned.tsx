import { Box } from "@chakra-ui/react";
import { useRef, useState, type PointerEvent } from "react";
import type { RecordingView } from "../api/types";
import { hatching, outline } from "../shared/engraving";
import { SelectField } from "../shared/fields";
import { Soft } from "../shared/panels";
import { clock } from "../shared/units";
import { placed, span, top } from "./axis";
import { options, sayFigure } from "./words";
import css from "./recording.module.css";

const WIDTH = 1000;
const HALF = 110;
const BETWEEN = 40;
const HEIGHT = 2 * HALF + BETWEEN;

/** How high what has no pace is drawn. */
const DRILLS = 0.12;

interface Props {
  view: RecordingView;
  onPair: (stretch: number, step: number | undefined) => void;
}

/** Prescription above, recording below; what is tied wrong is dragged, or chosen, to its step. */
export function Aligned({ view, onPair }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [chosen, setChosen] = useState<number>();
  const [at, setAt] = useState<number>();
  const steps = placed(view);
  const [first, last] = span(view);
  const most = top(view) * 1.08;
  const x = (second: number) => (WIDTH * (second - first)) / (last - first);
  const asked = steps.map(({ index, from, until }) => {
    const figure = view.steps[index]?.figure;
    const height = figure == null ? DRILLS : figure / most;
    return { from: x(from) / WIDTH, to: x(until) / WIDTH, effort: 100 * height, height };
  });
  const down = (figure: number) => HALF + BETWEEN + HALF - (HALF * figure) / most;
  const second = (event: PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    return box ? first + ((last - first) * (event.clientX - box.left)) / box.width : 0;
  };
  const stepAt = (s: number) => steps.find((p) => s >= p.from && s < p.until)?.index;
  const stretch = chosen === undefined ? undefined : view.stretches[chosen];
  return (
    <>
      <figure className={css.axis}>
        <svg
          ref={svg}
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          preserveAspectRatio="none"
          role="group"
          aria-label="What was prescribed above, what was recorded below"
          onPointerMove={(e) => at !== undefined && setAt(second(e))}
          onPointerUp={(e) => {
            if (at !== undefined && chosen !== undefined) {
              const step = stepAt(second(e));
              if (step !== view.stretches[chosen]?.step) onPair(chosen, step);
            }
            setAt(undefined);
          }}
        >
          {hatching(asked, WIDTH, HALF, WIDTH).map(({ weight, path }) => (
            <path key={weight} className={css.hatch} strokeWidth={weight} d={path} />
          ))}
          <path className={css.asked} d={outline(asked, WIDTH, HALF)} />
          {steps.map(({ index, from, until }) => {
            const step = view.steps[index];
            if (!step) return null;
            const isUnder = at !== undefined && stepAt(at) === index;
            return (
              <rect
                key={index}
                className={isUnder ? css.chosen : css.step}
                x={x(from)}
                width={Math.max(1, x(until) - x(from))}
                y="0"
                height={HALF}
              >
                <title>
                  {step.name}, {clock(step.seconds)}
                  {step.figure == null ? "" : `, ${sayFigure(step.figure, view.measure)}`}
                </title>
              </rect>
            );
          })}
          <path className={css.figures} d={figures(view, x, down)} />
          {view.stretches.map((s, i) => {
            const to = s.step == null ? undefined : steps[s.step];
            return (
              <g key={i}>
                <path className={css.stretch} d={`M${x(s.from)} ${down(s.mean)}H${x(s.until)}`} />
                {to && (
                  <path
                    className={css.tie}
                    d={`M${(x(to.from) + x(to.until)) / 2} ${HALF}L${(x(s.from) + x(s.until)) / 2} ${down(s.mean)}`}
                  />
                )}
                <rect
                  className={i === chosen ? css.chosen : css.touch}
                  x={x(s.from)}
                  width={Math.max(2, x(s.until) - x(s.from))}
                  y={HALF + BETWEEN}
                  height={HALF}
                  role="button"
                  tabIndex={0}
                  aria-label={`${clock(s.until - s.from)} at ${sayFigure(s.mean, view.measure)}`}
                  aria-pressed={i === chosen}
                  onPointerDown={(e) => {
                    setChosen(i);
                    setAt(second(e));
                  }}
                  onKeyDown={(e) => {
                    if (e.key === "Enter" || e.key === " ") {
                      e.preventDefault();
                      setChosen(i);
                    }
                  }}
                />
              </g>
            );
          })}
          <path className={css.start} d={`M${x(view.beginsBefore)} 0V${HEIGHT}`}>
            <title>the start</title>
          </path>
        </svg>
        <div className={css.legend}>
          <span>T−{clock(Math.max(0, view.beginsBefore - first))}</span>
          <span>prescribed above, recorded below; the upright line is the start</span>
          <span>T+{clock(Math.max(0, last - view.beginsBefore))}</span>
        </div>
      </figure>
      {stretch && chosen !== undefined ? (
        <Box w="min(100%, 420px)">
          <SelectField
            label={`${clock(stretch.until - stretch.from)} at ${sayFigure(stretch.mean, view.measure)} was`}
            options={options([
              ["-1", "none of it"],
              ...view.steps.map((s, i) => [
                `${i}`,
                `${i + 1}. ${s.name}, ${clock(s.seconds)}${i < view.warmUp ? "" : " (session)"}`,
              ]),
            ])}
            value={`${stretch.step ?? -1}`}
            onChange={(value) => onPair(chosen, value === "-1" ? undefined : Number(value))}
          />
        </Box>
      ) : (
        <Soft>Drag a stretch to the step it was, or touch it and choose.</Soft>
      )}
    </>
  );
}

function figures(
  view: RecordingView,
  x: (second: number) => number,
  y: (figure: number) => number,
): string {
  return view.figures
    .map((f, i) => `${i === 0 ? "M" : "L"}${x(i * view.every).toFixed(1)} ${y(f / 100).toFixed(1)}`)
    .join("");
}
