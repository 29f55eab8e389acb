// Test results between what is typed and what is sent.
import type { ResultInput } from "../api/types";
import { clock, parseClock } from "../shared/units";

export type ResultKind = ResultInput["kind"];
type Figure = Exclude<keyof ResultInput, "kind">;

export interface ResultField {
  key: Figure;
  label: string;
  isTime: boolean;
}

export const RESULT_KINDS: Record<ResultKind, string> = {
  RUN_RACE: "Run: race or time trial",
  ROW_2K: "Row: 2 km",
  RIDE_POWER_TEST: "Ride: 3 and 12 min",
  THRESHOLD_POWER: "Ride: threshold power",
  SWIM_PAIR: "Swim: 400 and 200 m",
};

const time = (key: Figure, label: string): ResultField => ({ key, label, isTime: true });
const figure = (key: Figure, label: string): ResultField => ({ key, label, isTime: false });

export const RESULT_FIELDS: Record<ResultKind, ResultField[]> = {
  RUN_RACE: [figure("metres", "Distance, m"), time("seconds", "Time, m:ss")],
  ROW_2K: [time("seconds", "Time, m:ss")],
  RIDE_POWER_TEST: [
    figure("threeMinuteWatts", "3 min, W"),
    figure("twelveMinuteWatts", "12 min, W"),
  ],
  THRESHOLD_POWER: [figure("watts", "Threshold, W")],
  SWIM_PAIR: [time("seconds400", "400 m, m:ss"), time("seconds200", "200 m, m:ss")],
};

/** A result as typed: text for each field. */
export interface ResultDraft {
  kind: ResultKind;
  texts: Partial<Record<Figure, string>>;
}

export function draftOf(result: ResultInput): ResultDraft {
  const texts: ResultDraft["texts"] = {};
  for (const { key, isTime } of RESULT_FIELDS[result.kind]) {
    const value = result[key];
    if (value != null) texts[key] = isTime ? clock(value) : String(value);
  }
  return { kind: result.kind, texts };
}

/** What the server checks; a text that is no figure is sent as nothing, and refused by name. */
export function resultOf(draft: ResultDraft): ResultInput {
  const result: ResultInput = { kind: draft.kind };
  for (const { key, isTime } of RESULT_FIELDS[draft.kind]) {
    const text = draft.texts[key] ?? "";
    const value = isTime ? parseClock(text) : text.trim() === "" ? NaN : Number(text);
    result[key] = value === undefined || Number.isNaN(value) ? null : value;
  }
  return result;
}
