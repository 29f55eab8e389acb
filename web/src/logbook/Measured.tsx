import type { FollowedView } from "../api/types";
import css from "./logbook.module.css";

type Figures = FollowedView["measured"];

const WIDTH = 600;
const HEIGHT = 90;

/** What sensors said while it was followed: heart rate as a line, power as another. */
export function Measured({ measured }: { measured: Figures }) {
  const hearts = measured.map((m) => m.heartRate).filter((h) => h > 0);
  const powers = measured.map((m) => m.power).filter((p) => p > 0);
  if (hearts.length + powers.length === 0) return null;
  // What was expected is drawn where a heart was heard, on the same scale.
  const beats = hearts.length > 0 ? [...hearts, ...heard(measured).map((m) => m.expected)] : [];
  const words = [
    range("Heart rate", hearts, "beats/min"),
    apart(measured),
    range("power", powers, "W"),
  ]
    .filter(Boolean)
    .join("; ");
  return (
    <figure className={css.measured}>
      <figcaption>{words}</figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        role="img"
        aria-label={words}
      >
        <path d={path(measured, "power", powers)} className={css.power} />
        <path d={path(measured, "expected", beats)} className={css.expected} />
        <path d={path(measured, "heartRate", beats)} className={css.heart} />
      </svg>
    </figure>
  );
}

function range(name: string, figures: readonly number[], unit: string): string {
  if (figures.length === 0) return "";
  const last = figures.at(-1) ?? 0;
  return `${name} ${Math.min(...figures)}–${Math.max(...figures)} ${unit}, ${last} at the end`;
}

const heard = (measured: Figures) => measured.filter((m) => m.heartRate > 0 && m.expected > 0);

/** By how much the heart was above or below what the model expected, in words. */
function apart(measured: Figures): string {
  const both = heard(measured);
  if (both.length < LEAST) return "";
  const mean = both.reduce((sum, m) => sum + m.heartRate - m.expected, 0) / both.length;
  const beats = Math.round(Math.abs(mean));
  if (beats === 0) return "as was expected";
  return `on average ${beats} ${mean > 0 ? "above" : "below"} what was expected (thin line)`;
}

/** Of fewer figures nothing is said of the whole. */
const LEAST = 12;

/** What was not heard for longer is a gap, s. */
const GAP = 30;

function path(
  measured: Figures,
  name: "heartRate" | "power" | "expected",
  scale: readonly number[],
): string {
  const some = measured.filter((m) => m[name] > 0);
  if (scale.length === 0) return "";
  const least = Math.min(...scale);
  const most = Math.max(...scale, least + 1);
  const long = Math.max(1, measured.at(-1)?.second ?? 1);
  return some
    .map((m, i) => {
      const x = (WIDTH * m.second) / long;
      const y = HEIGHT - 4 - ((HEIGHT - 8) * (m[name] - least)) / (most - least);
      const isApart = m.second - (some[i - 1]?.second ?? -2 * GAP) > GAP;
      return `${isApart ? "M" : "L"}${x.toFixed(1)} ${y.toFixed(1)}`;
    })
    .join("");
}
