import { memo } from "react";
import { hatching, outline, strokes, strokeWeight, type EngravedStep } from "./engraving";
import css from "./Engraving.module.css";

const WIDTH = 1000;
const HEIGHT = 100;

/** The picture of effort over time; it fills what it stands in. */
export const Engraving = memo(function Engraving({
  steps,
  pixels,
}: {
  steps: readonly EngravedStep[];
  /** About how wide it is on the screen, so that the hatching is as dense everywhere. */
  pixels: number;
}) {
  return (
    <svg
      className={css.engraving}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      aria-hidden
    >
      {hatching(steps, WIDTH, HEIGHT, pixels).map(({ weight, path }) => (
        <path key={weight} className={css.hatch} strokeWidth={weight} d={path} />
      ))}
      <path
        className={css.stroke}
        strokeWidth={strokeWeight(steps, pixels)}
        d={strokes(steps, WIDTH, HEIGHT)}
      />
      <path className={css.line} d={outline(steps, WIDTH, HEIGHT)} />
    </svg>
  );
});
