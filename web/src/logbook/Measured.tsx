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
  const words = [range("Heart rate", hearts, "beats/min"), range("power", powers, "W")]
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
        <path d={path(measured, "power")} className={css.power} />
        <path d={path(measured, "heartRate")} className={css.heart} />
      </svg>
    </figure>
  );
}

function range(name: string, figures: readonly number[], unit: string): string {
  if (figures.length === 0) return "";
  const last = figures.at(-1) ?? 0;
  return `${name} ${Math.min(...figures)}–${Math.max(...figures)} ${unit}, ${last} at the end`;
}

/** What was not heard for longer is a gap, s. */
const GAP = 30;

function path(measured: Figures, name: "heartRate" | "power"): string {
  const heard = measured.filter((m) => m[name] > 0);
  const least = Math.min(...heard.map((m) => m[name]));
  const most = Math.max(...heard.map((m) => m[name]), least + 1);
  const long = Math.max(1, measured.at(-1)?.second ?? 1);
  return heard
    .map((m, i) => {
      const x = (WIDTH * m.second) / long;
      const y = HEIGHT - 4 - ((HEIGHT - 8) * (m[name] - least)) / (most - least);
      const isApart = m.second - (heard[i - 1]?.second ?? -2 * GAP) > GAP;
      return `${isApart ? "M" : "L"}${x.toFixed(1)} ${y.toFixed(1)}`;
    })
    .join("");
}
