// A session's lines and the shorthand they make, away from React.
import type { Line, Understood } from "../api/types";

/** A line as shorthand: "6 x 1000 m @ 5 km pace / 90 s jog". */
export function lineText(line: Line): string {
  const what =
    line.lines.length > 0
      ? `(${line.lines.map(lineText).join("; ")})`
      : `${line.length} ${line.how}`.trim();
  const times = line.times === 1 ? "" : `${line.times} x `;
  return `${times}${what} ${line.recovery}`.trim();
}

/** The whole session as shorthand, with its label. */
export function sessionText(label: string, lines: readonly Line[]): string {
  const text = lines.map(lineText).join("; ");
  return label ? `${label}: ${text}` : text;
}

/** A recovery as it is typed, with or without the sign before it. */
export function recoveryText(typed: string): string {
  const text = typed.trim();
  return text === "" || text.startsWith("/") || /^on\s/i.test(text) ? text : `/ ${text}`;
}

/** Several lines as one, each a part of its own. */
export function oneLine(text: string): string {
  return text
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "")
    .join("; ");
}

/** A text cut at its first fault, so that the faulty part can be marked. */
export function marked(
  text: string,
  fault: Understood["faults"][number],
): { before: string; faulty: string; after: string } {
  return {
    before: text.slice(0, fault.from),
    faulty: text.slice(fault.from, fault.to),
    after: text.slice(fault.to),
  };
}

/** Bars of a picture as shares of its width, each kind of effort as high as it is hard. */
export function bars(stretches: Understood["stretches"]) {
  const total = Math.max(
    1,
    stretches.reduce((sum, s) => sum + s.seconds, 0),
  );
  let from = 0;
  return stretches.map((stretch) => {
    const bar = { ...stretch, from: from / total, width: stretch.seconds / total };
    from += stretch.seconds;
    return bar;
  });
}

/** Whole minutes to mark under a picture: at most eight, and none under the words at its end. */
export function minuteMarks(seconds: number): number[] {
  const minutes = seconds / 60;
  const step = [1, 2, 5, 10, 15, 20, 30, 60, 120].find((s) => minutes / s <= 8) ?? 240;
  const marks: number[] = [];
  for (let m = step; m < 0.85 * minutes; m += step) marks.push(m);
  return marks;
}
