import { Box, Button, Flex } from "@chakra-ui/react";
import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { RecordingView } from "../api/types";
import { hatching, outline } from "../shared/engraving";
import { SelectField } from "../shared/fields";
import { Soft } from "../shared/panels";
import { clock } from "../shared/units";
import {
  begun,
  bounds,
  joined,
  placed,
  span,
  split,
  tied,
  top,
  type Arrangement,
  type Placed,
} from "./axis";
import { options, sayFigure } from "./words";
import css from "./recording.module.css";

const WIDTH = 1000;
const HALF = 110;
const BETWEEN = 40;
const HEIGHT = 2 * HALF + BETWEEN;

/** How high what has no pace is drawn. */
const DRILLS = 0.12;

/** How high an edge is held: above it, what is narrow can be touched. */
const GRIP = 36;

/** Less is a touch, not a drag; share of the whole width. */
const TOUCH = 0.01;

interface Props {
  view: RecordingView;
  onArrange: (arrangement: Arrangement) => void;
}

/** What is dragged, from which second and to which: a stretch to its step, or where it begins. */
interface Drag {
  what: "STRETCH" | "BEGINNING";
  stretch: number;
  from: number;
  to: number;
}

/**
 * Prescription above, recording below. A stretch that is tied wrong is dragged, or chosen, to its
 * step; where it begins is dragged, or moved by arrow keys.
 */
export function Aligned({ view, onArrange }: Props) {
  const svg = useRef<SVGSVGElement>(null);
  const [touched, setTouched] = useState<number>();
  const [drag, setDrag] = useState<Drag>();
  const steps = placed(view);
  const [first, last] = span(view);
  const most = top(view) * 1.08;
  const x = (second: number) => (WIDTH * (second - first)) / (last - first);
  const down = (figure: number) => HALF + BETWEEN + HALF - (HALF * figure) / most;
  const second = (event: PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    return box ? first + ((last - first) * (event.clientX - box.left)) / box.width : 0;
  };
  const stepAt = (s: number) => steps.find((p) => s >= p.from && s < p.until)?.index;
  const isFar = ({ from, to }: Drag) => Math.abs(to - from) > TOUCH * (last - first);
  const over =
    drag?.what === "STRETCH" && isFar(drag) ? { step: stepAt(drag.to) } : { step: undefined };
  // Joined with the one before it, the last stretch is no more.
  const chosen = touched !== undefined && touched < view.stretches.length ? touched : undefined;

  const grab = (what: Drag["what"], stretch: number, event: PointerEvent) => {
    event.stopPropagation();
    svg.current?.setPointerCapture(event.pointerId);
    setTouched(stretch);
    setDrag({ what, stretch, from: second(event), to: second(event) });
  };
  const drop = (dragged: Drag) => {
    setDrag(undefined);
    const { what, stretch, to } = dragged;
    if (what === "BEGINNING") {
      onArrange(begun(view, stretch, Math.round(to)));
    } else if (isFar(dragged) && stepAt(to) !== (view.stretches[stretch]?.step ?? undefined)) {
      onArrange(tied(view, stretch, stepAt(to)));
    }
  };

  return (
    <>
      <figure className={css.axis}>
        <svg
          ref={svg}
          viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
          preserveAspectRatio="none"
          role="group"
          aria-label="What was prescribed above, what was recorded below"
          onPointerMove={(e) => drag && setDrag({ ...drag, to: second(e) })}
          onPointerUp={(e) => drag && drop({ ...drag, to: second(e) })}
          onPointerCancel={() => setDrag(undefined)}
        >
          <Prescribed view={view} steps={steps} most={most} x={x} over={over.step} />
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
                  onPointerDown={(e) => grab("STRETCH", i, e)}
                  onKeyDown={(e) => {
                    if (e.key === "Enter" || e.key === " ") {
                      e.preventDefault();
                      setTouched(i);
                    }
                  }}
                />
              </g>
            );
          })}
          {view.stretches.map((s, i) =>
            i === 0 ? null : (
              <Beginning
                key={i}
                view={view}
                stretch={i}
                x={x}
                at={
                  drag?.what === "BEGINNING" && drag.stretch === i
                    ? (begun(view, i, drag.to).begins[i] ?? s.from)
                    : s.from
                }
                onGrab={(e) => grab("BEGINNING", i, e)}
                onMove={(to) => onArrange(begun(view, i, to))}
              />
            ),
          )}
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
      {chosen === undefined ? (
        <Soft>
          Drag a stretch to the step it was, or its edge to where it began; or touch it and choose.
        </Soft>
      ) : (
        <Chosen view={view} stretch={chosen} onArrange={onArrange} />
      )}
    </>
  );
}

interface PrescribedProps {
  view: RecordingView;
  steps: readonly Placed[];
  most: number;
  x: (second: number) => number;
  /** The step that something is held over. */
  over: number | undefined;
}

function Prescribed({ view, steps, most, x, over }: PrescribedProps) {
  const asked = steps.map(({ index, from, until }) => {
    const figure = view.steps[index]?.figure;
    const height = figure == null ? DRILLS : figure / most;
    return { from: x(from) / WIDTH, to: x(until) / WIDTH, effort: 100 * height, height };
  });
  return (
    <>
      {hatching(asked, WIDTH, HALF, WIDTH).map(({ weight, path }) => (
        <path key={weight} className={css.hatch} strokeWidth={weight} d={path} />
      ))}
      <path className={css.asked} d={outline(asked, WIDTH, HALF)} />
      {steps.map(({ index, from, until }) => {
        const step = view.steps[index];
        if (!step) return null;
        return (
          <rect
            key={index}
            className={over === index ? css.chosen : css.step}
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
    </>
  );
}

interface BeginningProps {
  view: RecordingView;
  stretch: number;
  at: number;
  x: (second: number) => number;
  onGrab: (event: PointerEvent) => void;
  onMove: (second: number) => void;
}

/** Seconds by arrow key, and with the shift key. */
const KEYS = [1, 10] as const;

/** The edge between two stretches. */
function Beginning({ view, stretch, at, x, onGrab, onMove }: BeginningProps) {
  const [least, most] = bounds(view, stretch);
  const move = (e: KeyboardEvent) => {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[e.key];
    if (by === undefined) return;
    e.preventDefault();
    onMove(at + by * KEYS[e.shiftKey ? 1 : 0]);
  };
  return (
    <g>
      <path className={css.edge} d={`M${x(at)} ${HEIGHT - GRIP}V${HEIGHT}`} />
      <rect
        className={css.grip}
        x={x(at) - 4}
        width={8}
        y={HEIGHT - GRIP}
        height={GRIP}
        role="slider"
        tabIndex={0}
        aria-label={`Stretch ${stretch + 1} begins`}
        aria-valuemin={least}
        aria-valuemax={most}
        aria-valuenow={at}
        aria-valuetext={words(view, at)}
        onPointerDown={onGrab}
        onKeyDown={move}
      >
        <title>{words(view, at)}</title>
      </rect>
    </g>
  );
}

/** A second by the session’s start. */
function words(view: RecordingView, second: number): string {
  const to = view.beginsBefore - second;
  return to >= 0 ? `T−${clock(to)}` : `T+${clock(-to)}`;
}

/** What the stretch that was touched was, and whether it is two, or one with the next. */
function Chosen({
  view,
  stretch,
  onArrange,
}: {
  view: RecordingView;
  stretch: number;
  onArrange: (arrangement: Arrangement) => void;
}) {
  const one = view.stretches[stretch];
  if (!one) return null;
  const halves = split(view, stretch);
  return (
    <Flex gap="3" align="end" wrap="wrap">
      <Box w="min(100%, 420px)">
        <SelectField
          label={`${clock(one.until - one.from)} at ${sayFigure(one.mean, view.measure)} was`}
          options={options([
            ["-1", "none of it"],
            ...view.steps.map((s, i) => [
              `${i}`,
              `${i + 1}. ${s.name}, ${clock(s.seconds)}${i < view.warmUp ? "" : " (session)"}`,
            ]),
          ])}
          value={`${one.step ?? -1}`}
          onChange={(value) =>
            onArrange(tied(view, stretch, value === "-1" ? undefined : Number(value)))
          }
        />
      </Box>
      <Button
        variant="ghost"
        disabled={!halves}
        title="Where its figures change most"
        onClick={() => halves && onArrange(halves)}
      >
        Split in two
      </Button>
      <Button
        variant="ghost"
        disabled={stretch + 1 >= view.stretches.length}
        onClick={() => onArrange(joined(view, stretch))}
      >
        Join with the next
      </Button>
    </Flex>
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
