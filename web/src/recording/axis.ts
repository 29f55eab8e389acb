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

export interface Arrangement {
  begins: number[];
  /** By stretch, −1 for none; a step has one stretch or several. */
  stepOf: number[];
}

function asItIs({ stretches }: RecordingView): Arrangement {
  return {
    begins: stretches.map((s) => s.from),
    stepOf: stretches.map((s) => s.step ?? -1),
  };
}

/** With one stretch tied to another step, or to none. */
export function tied(view: RecordingView, stretch: number, step: number | undefined): Arrangement {
  const { begins, stepOf } = asItIs(view);
  return { begins, stepOf: stepOf.with(stretch, step ?? -1) };
}

/** The seconds at which a stretch can begin: each lasts a second at least. */
export function bounds({ stretches }: RecordingView, stretch: number): [number, number] {
  return [(stretches[stretch - 1]?.from ?? 0) + 1, (stretches[stretch]?.until ?? 0) - 1];
}

/** With a stretch, not the first, that begins at another second. */
export function begun(view: RecordingView, stretch: number, second: number): Arrangement {
  const { begins, stepOf } = asItIs(view);
  const [least, most] = bounds(view, stretch);
  return { begins: begins.with(stretch, Math.max(least, Math.min(most, second))), stepOf };
}

/** With a stretch as two of one step, apart where its figures change most. */
export function split(view: RecordingView, stretch: number): Arrangement | undefined {
  const { begins, stepOf } = asItIs(view);
  const at = change(view, stretch);
  return at === undefined
    ? undefined
    : {
        begins: begins.toSpliced(stretch + 1, 0, at),
        stepOf: stepOf.toSpliced(stretch + 1, 0, stepOf[stretch] ?? -1),
      };
}

/** With a stretch and the one after it as one, of the first one’s step. */
export function joined(view: RecordingView, stretch: number): Arrangement {
  const { begins, stepOf } = asItIs(view);
  return { begins: begins.toSpliced(stretch + 1, 1), stepOf: stepOf.toSpliced(stretch + 1, 1) };
}

/** The second that leaves the least squares around the means before and after it. */
function change({ stretches, figures, every }: RecordingView, stretch: number) {
  const { from = 0, until = 0 } = stretches[stretch] ?? {};
  const drawn = [...figures.keys()].filter((i) => i * every > from && i * every < until);
  const squares = (some: number[]) => {
    const mean = some.reduce((sum, i) => sum + (figures[i] ?? 0), 0) / some.length;
    return some.reduce((sum, i) => sum + ((figures[i] ?? 0) - mean) ** 2, 0);
  };
  let best: number | undefined;
  let least = Infinity;
  for (let k = 1; k < drawn.length; k++) {
    const cost = squares(drawn.slice(0, k)) + squares(drawn.slice(k));
    if (cost < least) {
      least = cost;
      best = (drawn[k] ?? 0) * every;
    }
  }
  return best;
}
