import type { CSSProperties } from "react";
import type { FollowItem } from "../api/types";
import { clock, figures } from "../shared/units";
import { powerOf, speedOf } from "./asked";
import type { Sensors } from "./useSensors";
import clsx from "clsx";
import css from "./follow.module.css";

interface Gauge {
  name: string;
  figure: string;
  unit: string;
  value: number;
  /** What is wanted; without it there is only the figure. */
  range?: { low: number; high: number };
  words?: Record<Side, string>;
}

type Side = "under" | "on" | "over";

/** A power within this share of its target is on it. */
const ON_TARGET = 0.05;

/** And a pace. */
const ON_PACE = 0.03;

/** What sensors say against what is wanted, at a glance. */
export function Gauges({ sensors, item }: { sensors: Sensors; item: FollowItem }) {
  const isLost = sensors.worn.every((one) => one.state === "LOST");
  const all = gaugesOf(sensors, item);
  return (
    <section className={css.gauges} aria-label="Sensors">
      {all.length === 0 && (
        <p>{isLost ? "The sensor is not heard; it goes on by the clock." : "Nothing heard yet."}</p>
      )}
      {all.map((gauge) => (
        <p key={gauge.name} className={clsx(css.gauge, css[sideOf(gauge)])}>
          <span>{gauge.name}</span>
          <b>{gauge.figure}</b> <span>{gauge.unit}</span>
          {gauge.range && (
            <>
              <i style={{ "--at": placeOf(gauge, gauge.range) } as CSSProperties} aria-hidden />
              <em>{(gauge.words ?? WORDS)[sideOf(gauge)]}</em>
            </>
          )}
        </p>
      ))}
    </section>
  );
}

const WORDS: Record<Side, string> = { under: "below", on: "in range", over: "above" };

function gaugesOf(sensors: Sensors, item: FollowItem): Gauge[] {
  const { heartRate, power, split, speed } = sensors.read();
  const gauges: Gauge[] = [];
  if (heartRate !== undefined) {
    const range = sensors.rangeOf(item);
    gauges.push({
      name: "HR",
      figure: String(heartRate),
      unit: range ? `of ${range.low}–${range.high}` : "beats/min",
      value: heartRate,
      ...(range ? { range } : {}),
    });
  }
  const wanted = powerOf(item);
  if (power !== undefined) {
    gauges.push({
      name: "Power",
      figure: String(Math.round(power)),
      unit: wanted === undefined ? "W" : `of ${Math.round(wanted)} W`,
      value: power,
      ...(wanted === undefined
        ? {}
        : { range: { low: wanted * (1 - ON_TARGET), high: wanted * (1 + ON_TARGET) } }),
    });
  }
  const pace = speedOf(item);
  if (speed !== undefined && pace !== undefined && item.target) {
    const { main, unit } = figures({ ...item.target, value: speed, heartLow: 0, heartHigh: 0 });
    gauges.push({
      name: "Pace",
      figure: main,
      unit,
      value: speed,
      range: { low: pace * (1 - ON_PACE), high: pace * (1 + ON_PACE) },
      words: { under: "slow", on: "in range", over: "fast" },
    });
  }
  if (split !== undefined && gauges.length < 2) {
    gauges.push({ name: "Split", figure: clock(split), unit: "/500 m", value: split });
  }
  return gauges;
}

function sideOf({ value, range }: Gauge): Side {
  if (!range || (value >= range.low && value <= range.high)) return "on";
  return value < range.low ? "under" : "over";
}

/** Where on a bar whose middle half is the range. */
function placeOf({ value }: Gauge, { low, high }: { low: number; high: number }): number {
  const share = 0.25 + (0.5 * (value - low)) / Math.max(1, high - low);
  return Math.max(0.02, Math.min(0.98, share));
}
