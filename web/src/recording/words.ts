import type { RecordingView } from "../api/types";

/** A pace or power as one reads it. */
export function sayFigure(figure: number, measure: RecordingView["measure"]): string {
  if (measure === "POWER") return `${Math.round(figure)} W`;
  if (figure < 0.3) return "standing";
  const seconds = Math.round(1000 / figure);
  return `${Math.floor(seconds / 60)}:${`${seconds % 60}`.padStart(2, "0")} /km`;
}

/** What is chosen from, by its key. */
export function options(pairs: readonly string[][]): Record<string, string> {
  return Object.fromEntries(pairs.map(([key = "", word = ""]) => [key, word]));
}
