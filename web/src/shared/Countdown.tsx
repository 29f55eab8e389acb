import "./Countdown.css";
import type { CSSProperties } from "react";
import type { Item, PlanView } from "../api/types";
import { ember } from "./ember";
import { axisSpan, bands, ticks, treads, type Tread } from "./staircase";
import { about, clock } from "./units";
import { BLOCKS } from "./words";

const percent = (fraction: number) => `${(100 * fraction).toFixed(3)}%`;

/** Shares of the axis below which a band shows its name, or its time, only on hover. */
const ROOM = { wide: { name: 0.052, time: 0.1 }, narrow: { name: 0.17, time: 0.34 } };

interface CountdownProps {
  plan: PlanView;
  /** Clock time of the start, "06:45". */
  startsAt: string;
  chosen?: string;
  onChoose?: (item: Item) => void;
  height?: number;
  /** On a phone fewer names fit. */
  narrow?: boolean;
}

/** The countdown axis: effort over time, ending at the start line on the right. */
export function Countdown({
  plan,
  startsAt,
  chosen,
  onChoose,
  height = 168,
  narrow = false,
}: CountdownProps) {
  const span = axisSpan(plan.seconds);
  const room = narrow ? ROOM.narrow : ROOM.wide;
  return (
    <div className="countdown" style={{ "--stairs": `${height}px` } as CSSProperties}>
      <div className="flag">
        T−0
        <small>{startsAt}</small>
      </div>
      <div className="stairs">
        <div className="aim" style={{ bottom: percent(plan.firstEffort / 100) }}>
          <span>first effort of the session</span>
        </div>
        {treads(plan.items, span).map((tread) => (
          <TreadBox
            key={tread.item.id}
            tread={tread}
            chosen={tread.item.id === chosen}
            onChoose={onChoose}
          />
        ))}
      </div>
      <div className="bands">
        {bands(plan.items, span).map((band) => {
          const width = band.to - band.from;
          return (
            <div
              key={band.from}
              className="band"
              style={{ left: percent(band.from), width: percent(width) }}
              title={`${BLOCKS[band.block]}, ${clock(band.seconds)}`}
            >
              {width > room.name && BLOCKS[band.block]}
              {width > room.time && <small> {about(band.seconds)}</small>}
            </div>
          );
        })}
      </div>
      <div className="ticks" aria-hidden>
        {ticks(span).map((minute) => (
          <span key={minute} style={{ left: percent(1 - (60 * minute) / span) }}>
            {minute === 0 ? "0" : `−${minute}`}
          </span>
        ))}
      </div>
    </div>
  );
}

/** A button where one can choose, a picture where one can only look. */
function TreadBox({
  tread,
  chosen,
  onChoose,
}: {
  tread: Tread;
  chosen: boolean;
  onChoose?: (item: Item) => void;
}) {
  const { item } = tread;
  const shared = {
    className: chosen ? "tread chosen" : "tread",
    style: { left: percent(tread.from), width: percent(tread.to - tread.from) },
    title: `${item.name}, ${item.dose}, T−${clock(item.startsBefore)}`,
  };
  if (!onChoose) {
    return (
      <div {...shared}>
        <Steps tread={tread} />
      </div>
    );
  }
  return (
    <button
      type="button"
      // The list below is the way by keyboard; the axis would only double it.
      tabIndex={-1}
      aria-label={`${item.name}, ${item.dose}`}
      onClick={() => onChoose(item)}
      {...shared}
    >
      <Steps tread={tread} />
    </button>
  );
}

/** Changing over, working and recovering, each as wide as it is long. */
function Steps({ tread }: { tread: Tread }) {
  const { item, height } = tread;
  const total = Math.max(1, item.seconds);
  const change = item.changeSeconds / total;
  const recovery = item.recoverySeconds / total;
  return (
    <>
      {change > 0 && (
        <i style={{ left: 0, width: percent(change), height: "7%", background: ember(0) }} />
      )}
      <i
        className="work"
        style={{
          left: percent(change),
          width: percent(1 - change - recovery),
          height: percent(height),
          background: ember(item.effort),
        }}
      />
      {recovery > 0 && (
        <i style={{ right: 0, width: percent(recovery), height: "22%", background: ember(22) }} />
      )}
    </>
  );
}

/** The same, small: for a day's list. The axis is given, so that neighbours share it. */
export function MiniStairs({
  steps,
  span,
}: {
  steps: readonly { seconds: number; effort: number }[];
  span: number;
}) {
  const total = steps.reduce((sum, step) => sum + step.seconds, 0);
  const starts = steps.map((_, i) =>
    steps.slice(0, i).reduce((sum, step) => sum + step.seconds, span - total),
  );
  return (
    <div className="mini" aria-hidden>
      {steps.map((step, i) => (
        <i
          key={starts[i]}
          style={{
            left: percent((starts[i] ?? 0) / span),
            width: percent(step.seconds / span),
            height: percent(Math.max(0.06, step.effort / 100)),
            background: ember(step.effort),
          }}
        />
      ))}
    </div>
  );
}
