import { memo, useState, type CSSProperties, type PointerEvent } from "react";
import type { AxisItem, Block } from "../api/types";
import { Engraving } from "./Engraving";
import {
  axisSpan,
  bands,
  endingAtStart,
  engraved,
  placesTo,
  ticks,
  treads,
  type Tread,
} from "./staircase";
import { about, clock, say } from "./units";
import { BLOCKS } from "./words";
import clsx from "clsx";
import css from "./Countdown.module.css";

const percent = (fraction: number) => `${(100 * fraction).toFixed(3)}%`;

/** Shares of the axis below which a band shows its name, or its time, only on hover. */
const ROOM = {
  wide: { name: 0.052, time: 0.1 },
  half: { name: 0.08, time: 0.15 },
  narrow: { name: 0.21, time: 0.36 },
};

/** The way to the start and from place to place are where they are. */
const FIXED: Block[] = ["TRANSITION", "TRANSFER"];

/** Lower axes are drawn where half the width is to be had. */
const LOW = 120;

interface CountdownProps {
  plan: { seconds: number; firstEffort: number; items: readonly AxisItem[] };
  /** Clock time of the start, "06:45". */
  startsAt: string;
  chosen?: string;
  onChoose?: (item: AxisItem) => void;
  /** Called with the places an item was dragged by; without it nothing can be dragged. */
  onMove?: (item: AxisItem, by: number) => void;
  /** Called while it is on its way, and with 0 when it is let go. */
  onMoving?: (item: AxisItem, by: number) => void;
  height?: number;
  /** On a phone fewer names fit. */
  narrow?: boolean;
}

/** The countdown axis: effort over time, ending at the start line on the right. */
export const Countdown = memo(function Countdown({
  plan,
  startsAt,
  chosen,
  onChoose,
  onMove,
  onMoving,
  height = 168,
  narrow = false,
}: CountdownProps) {
  const span = axisSpan(plan.seconds);
  const room = narrow ? ROOM.narrow : height < LOW ? ROOM.half : ROOM.wide;
  const pixels = narrow ? 330 : height < LOW ? 600 : 980;
  const steps = treads(plan.items, span);
  const [drag, setDrag] = useState<Drag>();
  const by = drag ? placesTo(steps, drag.id, drag.at) : 0;
  const dragTo = (item: AxisItem) => (next?: Drag) => {
    setDrag(next);
    const places = next ? placesTo(steps, next.id, next.at) : 0;
    if (places !== by) onMoving?.(item, places);
  };
  return (
    <div className={css.countdown} style={{ "--stairs": `${height}px` } as CSSProperties}>
      <div className={css.flag}>
        T−0
        <small>{startsAt}</small>
      </div>
      <div className={css.stairs}>
        <div className={css.aim} style={{ bottom: percent(plan.firstEffort / 100) }}>
          <span>first effort of the session</span>
        </div>
        <Engraving steps={engraved(plan.items, span, pixels)} pixels={pixels} />
        {steps.map((tread) => (
          <TreadBox
            key={tread.item.id}
            tread={tread}
            chosen={tread.item.id === chosen}
            shift={tread.item.id === drag?.id ? drag.at - drag.from : 0}
            onChoose={onChoose}
            onDrag={onMove && !FIXED.includes(tread.item.block) ? dragTo(tread.item) : undefined}
            onDrop={() => {
              if (by !== 0) onMove?.(tread.item, by);
              onMoving?.(tread.item, 0);
              setDrag(undefined);
            }}
          />
        ))}
        {drag && by !== 0 && (
          <div className={css.landing} style={{ left: percent(landing(steps, drag.id, by)) }} />
        )}
      </div>
      <div className={css.bands}>
        {bands(plan.items, span).map((band) => {
          const width = band.to - band.from;
          return (
            <div
              key={band.from}
              className={css.band}
              style={{ left: percent(band.from), width: percent(width) }}
              title={`${BLOCKS[band.block]}, ${clock(band.seconds)}`}
            >
              {width > room.name && BLOCKS[band.block]}
              {width > room.time && <small> {about(band.seconds)}</small>}
            </div>
          );
        })}
      </div>
      <div className={css.ticks} aria-hidden>
        {ticks(span).map((minute) => (
          <span key={minute} style={{ left: percent(1 - (60 * minute) / span) }}>
            {minute === 0 ? "0" : `−${minute}`}
          </span>
        ))}
      </div>
    </div>
  );
});

/** An item on its way: where on the axis the pointer took hold of it, and where it is now. */
interface Drag {
  id: string;
  from: number;
  at: number;
}

/** Pixels that tell a drag from a click. */
const FIRM = 5;

/** Where on the axis an item will begin or end when it moves by so many places. */
function landing(steps: Tread[], id: string, by: number): number {
  const target = steps[steps.findIndex((t) => t.item.id === id) + by];
  return (by < 0 ? target?.from : target?.to) ?? 0;
}

interface TreadProps {
  tread: Tread;
  chosen: boolean;
  /** How far it is dragged, as a fraction of the axis. */
  shift: number;
  onChoose?: (item: AxisItem) => void;
  onDrag?: (drag?: Drag) => void;
  onDrop: () => void;
}

/** A button where one can choose, a picture where one can only look. */
function TreadBox({ tread, chosen, shift, onChoose, onDrag, onDrop }: TreadProps) {
  const { item } = tread;
  const [held, setHeld] = useState<number>();
  const [moved, setMoved] = useState(false);
  const shared = {
    className: clsx(css.tread, chosen && css.chosen, shift !== 0 && css.dragged),
    style: { left: percent(tread.from + shift), width: percent(tread.to - tread.from) },
    title: `${item.name}, ${say(item.dose)}, T−${clock(item.startsBefore)}`,
  };
  if (!onChoose) {
    return <div {...shared} />;
  }
  return (
    <button
      type="button"
      // The list below is the way by keyboard; the axis would only double it.
      tabIndex={-1}
      aria-label={`${item.name}, ${say(item.dose)}`}
      onClick={() => {
        if (!moved) onChoose(item);
      }}
      onPointerDown={(event) => {
        setMoved(false);
        if (!onDrag || event.button !== 0) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        setHeld(event.clientX);
      }}
      onPointerMove={(event) => {
        if (!onDrag || held === undefined) return;
        if (!moved && Math.abs(event.clientX - held) < FIRM) return;
        setMoved(true);
        onDrag({ id: item.id, from: along(event, held), at: along(event, event.clientX) });
      }}
      onPointerUp={() => {
        setHeld(undefined);
        if (moved) onDrop();
      }}
      onPointerCancel={() => {
        setHeld(undefined);
        onDrag?.(undefined);
      }}
      {...shared}
    />
  );
}

/** A place on the screen as a fraction of the axis. */
function along(event: PointerEvent<HTMLElement>, x: number): number {
  const axis = event.currentTarget.parentElement?.getBoundingClientRect();
  return axis ? (x - axis.left) / axis.width : 0;
}

/** The same, small: for a day's list. The axis is given, so that neighbours share it. */
export function MiniCountdown({
  steps,
  span,
}: {
  steps: readonly { seconds: number; effort: number }[];
  span: number;
}) {
  return (
    <div className={css.mini} aria-hidden>
      <Engraving steps={endingAtStart(steps, span)} pixels={480} />
    </div>
  );
}
