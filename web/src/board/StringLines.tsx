import { useEffect, useRef, type KeyboardEvent, type PointerEvent } from "react";
import type { BoardAthlete, BoardSession, BoardState, BoardView, Crossing } from "../api/types";
import { sayTime } from "../shared/calendar";
import { BLOCKS, PLACES } from "../shared/words";
import {
  axisOf,
  bandsOf,
  heightAt,
  lineOf,
  lineUntil,
  STATIONS,
  STEPS,
  ticksOf,
  type Axis,
  type Band,
  type Corner,
} from "./lines";
import { standingOf } from "./standing";
import clsx from "clsx";
import css from "./board.module.css";

/** Height of a band, px: six steps and its name. */
const BAND = 132;
const FOOT = 8;
const HEAD = 26;

interface Props {
  view: BoardView;
  crossings: readonly Crossing[];
  now: number;
  dragged: { sessionId: string; minutes: number } | undefined;
  onDrag: (dragged: { sessionId: string; minutes: number } | undefined) => void;
  onDrop: (session: BoardSession, minutes: number) => void;
}

/** Time to the right, places below each other, each warm-up a line that climbs to its start. */
export function StringLines({ view, crossings, now, dragged, onDrag, onDrop }: Props) {
  const axis = axisOf(view);
  const bands = bandsOf(view.sessions);
  const states = new Map(view.live.states.map((s) => [s.prescriptionId, s]));
  const share = (at: number) => (100 * (at - axis.from)) / (axis.to - axis.from);
  const scroll = useRef<HTMLDivElement>(null);
  const isToday = now > axis.from && now < axis.to;
  useEffect(() => {
    // Once: now stands a third from the left, however long the day is.
    const box = scroll.current;
    if (!box || !isToday) return;
    const width = box.firstElementChild?.clientWidth ?? 0;
    box.scrollLeft = (width * (now - axis.from)) / (axis.to - axis.from) - box.clientWidth / 3;
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [isToday, view.date]);
  return (
    <div className={css.scroll} ref={scroll}>
      <div
        className={css.chart}
        style={{ minWidth: `${Math.round((axis.to - axis.from) / 12_000)}px` }}
      >
        <div className={css.clock} aria-hidden>
          {ticksOf(axis).map((tick) => (
            <span key={tick} style={{ left: `${share(tick)}%` }}>
              {sayTime(timeIn(view, tick))}
            </span>
          ))}
        </div>
        {bands.map((band) => (
          <BandRow
            key={band.place}
            band={band}
            axis={axis}
            view={view}
            states={states}
            crossings={crossings}
            now={now}
            dragged={dragged}
            onDrag={onDrag}
            onDrop={onDrop}
          />
        ))}
        {isToday && (
          <div className={css.now} style={{ left: `${share(now)}%` }}>
            <span>{sayTime(timeIn(view, now))}</span>
          </div>
        )}
      </div>
    </div>
  );
}

/** The clock on the wall where the club is: every time of the board has its offset. */
export function timeIn(view: Pick<BoardView, "now">, at: number): string {
  const offset = view.now.slice(-6);
  const [hours = 0, minutes = 0] = offset.slice(1).split(":").map(Number);
  const sign = offset.startsWith("-") ? -1 : 1;
  const ahead = offset.endsWith("Z") ? 0 : sign * (60 * hours + minutes);
  return new Date(at + 60_000 * ahead).toISOString().slice(11, 16);
}

function BandRow({
  band,
  axis,
  view,
  states,
  crossings,
  now,
  dragged,
  onDrag,
  onDrop,
}: Omit<Props, "view"> & {
  band: Band;
  axis: Axis;
  view: BoardView;
  states: ReadonlyMap<string, BoardState>;
}) {
  const share = (at: number) => (100 * (at - axis.from)) / (axis.to - axis.from);
  const y = (height: number) => BAND - FOOT - ((BAND - FOOT - HEAD) * height) / STEPS;
  const path = (line: readonly Corner[]) =>
    line.map((c, i) => `${i === 0 ? "M" : "L"}${(10 * share(c.at)).toFixed(1)} ${y(c.y)}`).join("");
  const own = new Set(band.sessions.map((s) => s.id));
  return (
    <section className={css.band} aria-label={PLACES[band.place]}>
      <svg viewBox={`0 0 1000 ${BAND}`} preserveAspectRatio="none" aria-hidden>
        {STATIONS.map((station, i) => (
          <line
            key={station}
            x1={0}
            x2={1000}
            y1={y(i)}
            y2={y(i)}
            className={i === 0 ? css.ground : css.station}
          />
        ))}
        {ticksOf(axis).map((tick) => (
          <line
            key={tick}
            x1={10 * share(tick)}
            x2={10 * share(tick)}
            y1={0}
            y2={BAND}
            className={css.station}
          />
        ))}
        {crossings
          .filter((c) => c.sessionIds.some((id) => own.has(id)))
          .map((c) => (
            <rect
              key={`${c.kit ?? "coach"} ${c.from}`}
              x={10 * share(Date.parse(c.from))}
              width={10 * (share(Date.parse(c.until)) - share(Date.parse(c.from)))}
              y={HEAD / 2}
              height={BAND - HEAD / 2}
              className={css.crossing}
            />
          ))}
        {band.sessions.flatMap((session) =>
          session.athletes.map((athlete) => {
            const line = lineOf(athlete);
            const state = states.get(athlete.prescriptionId ?? "");
            const { kind } = standingOf(athlete, state, now);
            return (
              <g key={athlete.athleteId}>
                <path d={path(line)} className={css.line} />
                {state?.begunAt && (
                  <path
                    d={path(lineUntil(line, reached(athlete, state, now)))}
                    className={clsx(css.walked, kind === "LATE" && css.behind)}
                  />
                )}
              </g>
            );
          }),
        )}
      </svg>
      <div className={css.names}>
        <b>{PLACES[band.place]}</b>
        {STATIONS.map((station, i) => (
          <span key={station} className={css.stationName} style={{ top: y(i + 0.5) }} aria-hidden>
            {BLOCKS[station]}
          </span>
        ))}
      </div>
      {band.sessions.map((session) =>
        session.athletes.map((athlete) => {
          const state = states.get(athlete.prescriptionId ?? "");
          if (!state?.begunAt || state.endedAt) return null;
          return (
            <i
              key={athlete.athleteId}
              className={css.dot}
              title={`${athlete.name}: ${standingOf(athlete, state, now).words}`}
              style={{
                left: `${share(now)}%`,
                top: y(heightAt(lineOf(athlete), reached(athlete, state, now))),
              }}
            />
          );
        }),
      )}
      {band.sessions.map((session, i) => (
        <StartHandle
          key={session.id}
          session={session}
          left={share(Date.parse(session.startsAt))}
          row={rowOf(band.sessions, i, axis)}
          axis={axis}
          label={`${sayTime(timeIn(view, Date.parse(session.startsAt)))} ${session.title}`}
          minutes={dragged?.sessionId === session.id ? dragged.minutes : 0}
          onDrag={onDrag}
          onDrop={onDrop}
        />
      ))}
    </section>
  );
}

/** How far an athlete is, as the plan's own time: before now for whoever is behind. */
function reached(athlete: BoardAthlete, state: BoardState, now: number): number {
  const start = Date.parse(athlete.startsAt);
  if (state.endedAt) return start;
  const since = now - Date.parse(state.itemAt ?? state.begunAt ?? "");
  const planned = start - 1000 * (state.before ?? athlete.seconds);
  return Math.min(start, planned + Math.max(0, since));
}

/** Labels that would lie over each other go a row down. */
function rowOf(sessions: readonly BoardSession[], index: number, axis: Axis): number {
  const span = axis.to - axis.from;
  const here = Date.parse(sessions[index]?.startsAt ?? "");
  const before = sessions
    .slice(0, index)
    .filter((s) => Math.abs(Date.parse(s.startsAt) - here) < 0.16 * span).length;
  return before % 4;
}

interface HandleProps {
  session: BoardSession;
  left: number;
  row: number;
  axis: Axis;
  label: string;
  minutes: number;
  onDrag: Props["onDrag"];
  onDrop: Props["onDrop"];
}

/** A start, to be dragged or moved with the arrow keys. */
function StartHandle({ session, left, row, axis, label, minutes, onDrag, onDrop }: HandleProps) {
  const grip = useRef<{ x: number; width: number; moved: number }>(undefined);
  const down = (e: PointerEvent<HTMLButtonElement>) => {
    const chart = e.currentTarget.closest(`.${css.chart}`);
    if (!chart) return;
    e.currentTarget.setPointerCapture(e.pointerId);
    grip.current = { x: e.clientX, width: chart.getBoundingClientRect().width, moved: 0 };
  };
  const move = (e: PointerEvent<HTMLButtonElement>) => {
    if (!grip.current) return;
    const share = (e.clientX - grip.current.x) / grip.current.width;
    const by = Math.round((share * (axis.to - axis.from)) / 60_000);
    if (by === grip.current.moved) return;
    grip.current.moved = by;
    onDrag({ sessionId: session.id, minutes: by });
  };
  const up = () => {
    const moved = grip.current?.moved ?? 0;
    grip.current = undefined;
    if (moved !== 0) onDrop(session, moved);
    else onDrag(undefined);
  };
  const key = (e: KeyboardEvent) => {
    const step = e.shiftKey ? 5 : 1;
    if (e.key === "ArrowRight" || e.key === "ArrowLeft") {
      e.preventDefault();
      const by = minutes + (e.key === "ArrowRight" ? step : -step);
      onDrag(by === 0 ? undefined : { sessionId: session.id, minutes: by });
    } else if (e.key === "Enter" && minutes !== 0) {
      e.preventDefault();
      onDrop(session, minutes);
    } else if (e.key === "Escape") {
      onDrag(undefined);
    }
  };
  return (
    <button
      type="button"
      className={clsx(css.handle, minutes !== 0 && css.dragging, left > 80 && css.leftwards)}
      style={{ left: `${left}%`, top: 2 + 21 * row }}
      aria-label={`Start of ${session.title}, ${label}${
        minutes === 0 ? "" : `, moved by ${minutes} min: Enter takes it, Escape leaves it`
      }`}
      aria-describedby="how-to-move"
      onPointerDown={down}
      onPointerMove={move}
      onPointerUp={up}
      onPointerCancel={() => {
        grip.current = undefined;
        onDrag(undefined);
      }}
      onKeyDown={key}
    >
      {label}
      {minutes !== 0 && <b> {minutes > 0 ? `+${minutes}` : `−${-minutes}`} min</b>}
    </button>
  );
}
