import type { FollowedView } from "../api/types";
import css from "./logbook.module.css";

type Figures = FollowedView["measured"];

const WIDTH = 600;
const HEIGHT = 90;

/** What sensors said while it was followed: heart rate as a line, power as another. */
export function Measured({
  measured,
  heartFactor,
}: {
  measured: Figures;
  /** How far the heart rises for the same work, 1 for the average body. */
  heartFactor?: number | null | undefined;
}) {
  const hearts = measured.map((m) => m.heartRate).filter((h) => h > 0);
  const powers = measured.map((m) => m.power).filter((p) => p > 0);
  if (hearts.length + powers.length === 0) return null;
  // Both on one scale.
  const expected = measured.map((m) => m.expected).filter((e) => e > 0);
  const beats = hearts.length > 0 ? [...hearts, ...expected] : [];
  const words = [
    range("Heart rate", hearts, "beats/min"),
    heartFactor == null ? "" : rises(heartFactor),
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

/** Against the average body, in words; the thin line has moved with it. */
function rises(factor: number): string {
  const share = Math.round(100 * Math.abs(factor - 1));
  const words =
    share === 0 ? "as far as" : `${share} % ${factor > 1 ? "further than" : "less far than"}`;
  return `it rises ${words} the average one’s for the same work (thin line: what is expected by now)`;
}

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
