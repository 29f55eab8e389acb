// Test results between what is typed and what is sent.
import type { AthleteView, ResultInput, Stroke } from "../api/types";
import { isByPower } from "../shared/sports";
import { criticalSpeed, exactClock, parseClock } from "../shared/units";

type Weighed = AthleteView["weighed"][number];
export type ResultKind = ResultInput["kind"];
type Figure = Exclude<keyof ResultInput, "kind" | "takenOn" | "setting" | "stroke">;

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
  RIDE_20_MIN: "Ride: 20 min",
  RIDE_BEST: "Ride: best power for a time",
  ROW_PIECE: "Row: another piece",
  SWIM_RACE: "Swim: race",
  SPRINT_RUN: "Run: flying 30 m",
  SPRINT_RIDE: "Ride: peak power",
  SPRINT_ROW: "Row: peak power",
  SPRINT_SWIM: "Swim: 25 m sprint",
};

export const SETTINGS = { FAIR: "fair", SLOW: "wind, hills or heat" } as const;

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
  RIDE_20_MIN: [figure("watts", "Mean power, W")],
  RIDE_BEST: [time("seconds", "Held for, m:ss"), figure("watts", "Mean power, W")],
  ROW_PIECE: [figure("metres", "Distance, m"), time("seconds", "Time, m:ss")],
  SWIM_RACE: [figure("metres", "Distance, m"), time("seconds", "Time, m:ss")],
  SPRINT_RUN: [figure("seconds", "Time, s")],
  SPRINT_RIDE: [figure("watts", "Power, W")],
  SPRINT_ROW: [figure("watts", "Power, W")],
  SPRINT_SWIM: [figure("seconds", "Time, s")],
};

export const isSwum = (kind: ResultKind) => kind === "SWIM_PAIR" || kind === "SWIM_RACE";

/** A result as typed: text for each field. */
export interface ResultDraft {
  kind: ResultKind;
  texts: Partial<Record<Figure, string>>;
  /** A date as the field gives it, or empty. */
  takenOn: string;
  setting: keyof typeof SETTINGS;
  /** Counts where it was swum. */
  stroke: Stroke;
}

export const NEW_RESULT: ResultDraft = {
  kind: "RUN_RACE",
  texts: {},
  takenOn: "",
  setting: "FAIR",
  stroke: "FREESTYLE",
};

export function draftOf(result: ResultInput): ResultDraft {
  const texts: ResultDraft["texts"] = {};
  for (const { key, isTime } of RESULT_FIELDS[result.kind]) {
    const value = result[key];
    if (value != null) texts[key] = isTime ? exactClock(value) : String(value);
  }
  return {
    kind: result.kind,
    texts,
    takenOn: result.takenOn ?? "",
    setting: result.setting ?? "FAIR",
    stroke: result.stroke ?? "FREESTYLE",
  };
}

/** What the server checks; a text that is no figure is sent as nothing, and refused by name. */
export function resultOf(draft: ResultDraft): ResultInput {
  const result: ResultInput = {
    kind: draft.kind,
    takenOn: draft.takenOn || null,
    setting: draft.setting,
    ...(isSwum(draft.kind) ? { stroke: draft.stroke } : {}),
  };
  for (const { key, isTime } of RESULT_FIELDS[draft.kind]) {
    const text = draft.texts[key] ?? "";
    const value = isTime ? parseClock(text) : text.trim() === "" ? NaN : Number(text);
    result[key] = value === undefined || Number.isNaN(value) ? null : value;
  }
  return result;
}

/** What a stored result says, in the athlete's own figures: "4:09 /km ± 3 %, 24 days old". */
export function weighedWords({ sport, critical, spread, daysAgo }: Weighed): string {
  const age = ageWords(daysAgo);
  if (critical == null) return `top effort, ${age}`;
  return `${criticalWords(sport, critical)} ± ${Math.max(1, Math.round(100 * spread))} %, ${age}`;
}

function criticalWords(sport: Weighed["sport"], critical: number): string {
  return isByPower(sport)
    ? `critical power ${Math.round(critical)} W`
    : criticalSpeed(critical, sport === "SWIM");
}

function ageWords(days: number | null | undefined): string {
  if (days == null) return "date unknown";
  if (days < 60) return days === 1 ? "1 day old" : `${days} days old`;
  return `${Math.round(days / 30.4)} months old`;
}
