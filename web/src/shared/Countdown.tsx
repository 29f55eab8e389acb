import "./Countdown.css";
import type { CSSProperties } from "react";
import type { Item, PlanView } from "../api/types";
import { ember } from "./ember";
import { axisSpan, bands, ticks, treads, type Tread } from "./staircase";
import { about, clock } from "./units";
import { BLOCKS } from "./words";

const percent = (fraction: number) => `${(100 * fraction).toFixed(3)}%`;

/** A band narrower than this shows its name only on hover. */
const ROOM_FOR_NAME = 0.052;
const ROOM_FOR_TIME = 0.1;

interface CountdownProps {
  plan: PlanView;
  /** Clock time of the start, "06:45". */
  startsAt: string;
  chosen?: string;
  onChoose?: (item: Item) => void;
  height?: number;
}

/** The countdown axis: effort over time, ending at the start line on the right. */
export function Countdown({ plan, startsAt, chosen, onChoose, height = 168 }: CountdownProps) {
  const span = axisSpan(plan.seconds);
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
          <button
            key={tread.item.id}
            type="button"
            tabIndex={-1}
            className={tread.item.id === chosen ? "tread chosen" : "tread"}
            style={{ left: percent(tread.from), width: percent(tread.to - tread.from) }}
            title={`${tread.item.name}, ${tread.item.dose}, T−${clock(tread.item.startsBefore)}`}
            aria-label={`${tread.item.name}, ${tread.item.dose}`}
            onClick={() => onChoose?.(tread.item)}
          >
            <Steps tread={tread} />
          </button>
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
              {width > ROOM_FOR_NAME && BLOCKS[band.block]}
              {width > ROOM_FOR_TIME && <small> {about(band.seconds)}</small>}
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
