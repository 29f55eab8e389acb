// Prescription above and recording below, on one countdown axis.
import type { RecordingView } from "../api/types";

export interface Placed {
  index: number;
  /** Seconds after the beginning of the recording. */
  from: number;
  until: number;
}

/** Where each step was to be, by the session’s start. */
export function placed(view: RecordingView): Placed[] {
  const before = view.steps.slice(0, view.warmUp).reduce((sum, s) => sum + s.seconds, 0);
  let at = view.beginsBefore - before;
  return view.steps.map((step, index) => {
    const from = at;
    at += step.seconds;
    return { index, from, until: at };
  });
}

/** From the first second that is drawn to the last. */
export function span(view: RecordingView): [number, number] {
  const steps = placed(view);
  return [
    Math.min(0, steps[0]?.from ?? 0),
    Math.max(view.seconds, steps.at(-1)?.until ?? view.seconds),
  ];
}

/** The highest figure on either side, m/s or W. */
export function top(view: RecordingView): number {
  return Math.max(1, ...view.steps.map((s) => s.figure ?? 0), ...view.stretches.map((s) => s.mean));
}

/** With one stretch paired with another step, or with none; a step has one stretch or several. */
export function paired(view: RecordingView, stretch: number, step: number | undefined): number[] {
  return view.stretches.map((s, i) => (i === stretch ? (step ?? -1) : (s.step ?? -1)));
}
