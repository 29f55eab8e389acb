// Effort as it is engraved: one stepped line, hatching under it that is the denser the harder,
// graded efforts as strokes. All places are fractions; what comes out are paths of an SVG.
import { emberStep } from "./ember";

export interface EngravedStep {
  /** Fractions of the width. */
  from: number;
  to: number;
  /** 0 to 100: how dense. */
  effort: number;
  /** 0 to 1: how high; as hard as it is unless said. */
  height?: number;
  /** Whether it is a graded effort, which is a stroke of its own. */
  isStroke?: boolean;
}

/** Room between two lines of the hatching by the step of effort, px, and how heavy they are. */
const GAPS = [11, 9, 7.4, 6, 4.9, 3.9, 3.1, 2.4];
const WEIGHTS = [0.5, 0.55, 0.6, 0.7, 0.8, 0.9, 1, 1.1];

/** Nothing is so easy that no line is seen. */
const LEAST = 0.05;

const round = (value: number) => Math.round(10 * value) / 10;

function top(step: EngravedStep, height: number): number {
  return round(height * (1 - Math.min(1, Math.max(LEAST, step.height ?? step.effort / 100))));
}

/** The one line over all steps, from the base and back to it. */
export function outline(steps: readonly EngravedStep[], width: number, height: number): string {
  let path = "";
  let end: number | undefined;
  for (const step of steps) {
    const from = round(width * step.from);
    if (end === undefined || from - end > 0.5) {
      path += `${end === undefined ? "" : `V${height}`}M${from} ${height}`;
    }
    path += `V${top(step, height)}H${round(width * step.to)}`;
    end = round(width * step.to);
  }
  return path === "" ? "" : `${path}V${height}`;
}

export interface Hatching {
  weight: number;
  path: string;
}

/**
 * The lines under it, by weight.
 *
 * @param pixels about how wide the picture is on the screen
 */
export function hatching(
  steps: readonly EngravedStep[],
  width: number,
  height: number,
  pixels: number,
): Hatching[] {
  const paths = GAPS.map((): string[] => []);
  for (const step of steps) {
    const level = emberStep(step.effort);
    const gap = ((GAPS[level] ?? 11) * width) / pixels;
    const from = width * step.from;
    const length = width * (step.to - step.from);
    const lines = Math.max(length * pixels > 2 * width ? 1 : 0, Math.round(length / gap));
    const y = top(step, height);
    for (let i = 0; i < lines; i++) {
      paths[level]?.push(`M${round(from + ((i + 0.5) * length) / lines)} ${height}V${y}`);
    }
  }
  return paths.flatMap((path, i) =>
    path.length === 0 ? [] : [{ weight: WEIGHTS[i] ?? 1, path: path.join("") }],
  );
}

/** Each graded effort up to where it reaches. */
export function strokes(steps: readonly EngravedStep[], width: number, height: number): string {
  return steps
    .filter((step) => step.isStroke)
    .map((s) => `M${round((width * (s.from + s.to)) / 2)} ${height}V${top(s, height)}`)
    .join("");
}

/** px: heavy, and still apart from the next where efforts are short. */
export function strokeWeight(steps: readonly EngravedStep[], pixels: number): number {
  const widths = steps.filter((s) => s.isStroke).map((s) => (s.to - s.from) * pixels);
  return Math.min(5, Math.max(1.5, 0.5 * Math.min(...widths, 10)));
}
