// One athlete's block: each ladder a climb across the weeks. A step can be dragged to another week.
import { useRef, useState } from "react";
import type { AthleteBlock, BlockView } from "../api/types";
import { BUILD, climbsOf, type Climb, type Step } from "./climbs";
import { LEFT, LaneName, columns } from "./Weeks";
import clsx from "clsx";
import css from "./block.module.css";

const LANE = 66;
const PAD = 24;

export function Climbs({
  block,
  athlete,
  width,
  chosen,
  onMove,
}: {
  block: BlockView;
  athlete: AthleteBlock;
  width: number;
  chosen: number;
  /** A rung dragged to the week with this index. */
  onMove: (ladder: string, step: number, name: string, week: number) => void;
}) {
  const { moving, steady } = climbsOf(block, athlete);
  const place = columns(block.weeks.length, width);
  const frozenX = LEFT + daysInto(block, block.frozenFrom) * (place.each / 7);
  return (
    <figure>
      {moving.length === 0 && athlete.weeks.length > 0 && (
        <p className={css.soft}>
          No ladder moves in this block: nothing in use has a next version yet.
        </p>
      )}
      {moving.map((c) => (
        <Lane
          key={c.ladder}
          climb={c}
          block={block}
          width={width}
          chosen={chosen}
          frozenX={frozenX}
          onMove={onMove}
        />
      ))}
      {steady.length > 0 && <figcaption>Steady: {steady.join(", ")}.</figcaption>}
    </figure>
  );
}

function daysInto(block: BlockView, date: string): number {
  const first = block.weeks[0]?.firstDay ?? date;
  return (Date.parse(date) - Date.parse(first)) / 86_400_000;
}

function Lane({
  climb,
  block,
  width,
  chosen,
  frozenX,
  onMove,
}: {
  climb: Climb;
  block: BlockView;
  width: number;
  chosen: number;
  frozenX: number;
  onMove: (ladder: string, step: number, name: string, week: number) => void;
}) {
  const svg = useRef<SVGSVGElement>(null);
  const [dragged, setDragged] = useState<{ step: Step; week: number }>();
  const place = columns(block.weeks.length, width);
  const rise = (LANE - PAD - 12) / Math.max(1, climb.highest - climb.lowest);
  const y = (rung: number) => LANE - 12 - (rung - climb.lowest) * rise;
  let path = "";
  climb.rungs.forEach((rung, i) => {
    if (rung === undefined) return;
    const from = climb.rungs[i - 1];
    path += from === undefined ? `M${place.left(i)} ${y(rung)}` : `V${y(rung)}`;
    path += `H${place.left(i + 1)}`;
  });
  function weekAt(clientX: number): number {
    const box = svg.current?.getBoundingClientRect();
    return box ? place.at(((clientX - box.left) / box.width) * width) : 0;
  }
  return (
    <div className={css.lane}>
      <LaneName name={climb.first} />
      <svg ref={svg} className={css.climb} viewBox={`0 0 ${width} ${LANE}`} role="group">
        <title>{climb.first}</title>
        <rect
          className={css.chosen}
          x={place.left(chosen)}
          width={place.each}
          y="0"
          height={LANE}
        />
        <rect className={css.frozen} x={frozenX} y="0" width={width - frozenX - 26} height={LANE} />
        <line className={css.base} x1="0" x2={width} y1={LANE - 0.5} y2={LANE - 0.5} />
        <path className={css.line} d={path} />
        {climb.doses.map((week) => (
          <g key={week} className={css.dose}>
            <title>A little more of the same</title>
            <circle cx={place.left(week) + 9} cy={y(climb.rungs[week] ?? 1)} r="4" />
            <text x={place.left(week) + 18} y={y(climb.rungs[week] ?? 1) - 6}>
              more
            </text>
          </g>
        ))}
        {climb.steps.map((step) => {
          const week = dragged?.step === step ? dragged.week : step.week;
          const x = place.left(week) + 9;
          // Words at the right edge are set to the left of their step.
          const atEdge = x > width - 220;
          return (
            <g
              key={`${step.week} ${step.step}`}
              className={clsx(
                css.step,
                !step.isUp && (climb.ladder === BUILD ? css.build : css.down),
                step.isProvisional && css.provisional,
              )}
              tabIndex={step.isUp ? 0 : undefined}
              role={step.isUp ? "slider" : undefined}
              aria-label={`${step.name}, week`}
              aria-valuenow={step.week + 1}
              aria-valuemin={1}
              aria-valuemax={block.weeks.length}
              aria-valuetext={`week ${step.week + 1} of ${block.weeks.length}`}
              onKeyDown={(e) => {
                const by = e.key === "ArrowRight" ? 1 : e.key === "ArrowLeft" ? -1 : 0;
                const next = step.week + by;
                if (by === 0 || !step.isUp || next < 1 || next >= block.weeks.length) return;
                e.preventDefault();
                onMove(climb.ladder, step.step, step.name, next);
              }}
              onPointerDown={(e) => {
                if (!step.isUp) return;
                e.currentTarget.setPointerCapture(e.pointerId);
                setDragged({ step, week: step.week });
              }}
              onPointerMove={(e) => {
                if (dragged?.step === step) setDragged({ step, week: weekAt(e.clientX) });
              }}
              onPointerUp={() => {
                if (dragged && dragged.week !== step.week) {
                  onMove(climb.ladder, step.step, step.name, dragged.week);
                }
                setDragged(undefined);
              }}
              onPointerCancel={() => setDragged(undefined)}
            >
              <title>
                {step.isProvisional
                  ? `${step.name}, if what comes before is mastered by then`
                  : step.name}
              </title>
              <rect className={css.grip} x={x - 12} y={y(step.step) - 14} width="24" height="28" />
              <circle cx={x} cy={y(step.step)} r="6" />
              <text
                x={atEdge ? x - 12 : x + 12}
                y={y(step.step) - 7}
                textAnchor={atEdge ? "end" : undefined}
              >
                {step.name}
              </text>
            </g>
          );
        })}
      </svg>
    </div>
  );
}
