// Figures as athletes read them, each with its unit.
import type { Phrase, Target } from "../api/types";
import { HUNDRED_YARDS, measures, MILE, YARD } from "./measures";

/** 95 as "1:35", 3700 as "1:01:40"; whole seconds, rounded half up. */
export function clock(seconds: number): string {
  const s = Math.max(0, Math.round(seconds));
  const tail = String(s % 60).padStart(2, "0");
  return s < 3600
    ? `${Math.floor(s / 60)}:${tail}`
    : `${Math.floor(s / 3600)}:${String(Math.floor(s / 60) % 60).padStart(2, "0")}:${tail}`;
}

/** The same to the hundredth, as times are entered: 12.04 s as "0:12.04". */
export function exactClock(seconds: number): string {
  const whole = Math.floor(seconds + 1e-6);
  const hundredths = Math.round(100 * (seconds - whole));
  const tail = String(hundredths).padStart(2, "0").replace(/0$/, "");
  return hundredths > 0 ? `${clock(whole)}.${tail}` : clock(whole);
}

/** Minutes for "about": 125 s as "2 min", 40 s as "40 s". */
export function about(seconds: number): string {
  return seconds < 60 ? `${Math.round(seconds)} s` : `${Math.round(seconds / 60)} min`;
}

/** "7:05", "7:05.4" or "425" as seconds; undefined when it is none of these. */
export function parseClock(text: string): number | undefined {
  const match = /^(?:(?:(\d+):)?(\d+):)?(\d+(?:[.,]\d+)?)$/.exec(text.trim());
  if (!match) return undefined;
  const [, hours, minutes, seconds] = match;
  return (
    Number(hours ?? 0) * 3600 +
    Number(minutes ?? 0) * 60 +
    Number((seconds ?? "").replace(",", "."))
  );
}

export interface Figure {
  /** The one number to steer by. */
  main: string;
  unit: string;
  /** Further figures, shorter. */
  more: string[];
}

/** From this share of the top on, in per cent, coaches give the share and not the effort. */
const FAST = 70;

function isFast(target: Target): boolean {
  return target.percentOfTop >= FAST && target.heartHigh === 0;
}

function heart(target: Target): string[] {
  return target.heartHigh > 0 ? [`HR ${target.heartLow}–${target.heartHigh}`] : [];
}

function pace(target: Target, metres: number, unit: string): Figure {
  const seconds = metres / target.value;
  const margin = Math.max(1, Math.round(seconds * target.spread));
  const more = heart(target);
  if (target.metric === "PACE" && isFast(target)) more.unshift(`${target.percentOfTop} % of top`);
  if (target.spread >= SURE) more.push(`± ${margin} s`);
  return { main: clock(seconds), unit, more };
}

/** As the belt's display has it: speed to the tenth, and gradient. */
function onTreadmill(target: Target, inMiles: boolean): Figure {
  const speed = (target.value * 3600) / (inMiles ? MILE : 1000);
  const more = [`${target.gradient} % gradient`, ...heart(target)];
  if (isFast(target)) more.push(`${target.percentOfTop} % of top`);
  return { main: speed.toFixed(1), unit: inMiles ? "mph" : "km/h", more };
}

/** A margin below this is no better known than any watch tells. */
const SURE = 0.03;

/** A target as one main figure and some lesser ones. */
export function figures(target: Target, inMiles = measures() === "MILES"): Figure {
  const isUnsure = target.spread >= SURE;
  const more = heart(target);
  switch (target.metric) {
    case "PACE":
      return inMiles ? pace(target, MILE, "/mile") : pace(target, 1000, "/km");
    case "TREADMILL":
      return onTreadmill(target, inMiles);
    case "SWIM_PACE":
      return inMiles ? pace(target, HUNDRED_YARDS, "/100 yd") : pace(target, 100, "/100 m");
    case "POWER":
      if (isUnsure) more.push(`± ${Math.round(target.value * target.spread)} W`);
      if (target.ratePerMinute) more.unshift(`${target.ratePerMinute} rpm`);
      return { main: String(Math.round(target.value)), unit: "W", more };
    case "SPLIT":
      if (isUnsure) more.push(`± ${Math.round(target.value * target.spread)} W`);
      if (target.ratePerMinute) more.unshift(`rate ${target.ratePerMinute}`);
      if (target.splitSeconds != null) more.unshift(`${clock(target.splitSeconds)} /500 m`);
      return { main: String(Math.round(target.value)), unit: "W", more };
    case "LOAD":
      return { main: String(Math.round(100 * target.value)), unit: "% of work load", more };
    case "FEEL": {
      const effort = String(Math.round(target.perceivedExertion));
      if (isFast(target)) more.unshift(`effort ${effort} of 10`);
      if (target.ratePerMinute) more.unshift(`rate ${target.ratePerMinute}`);
      if (target.gradient) more.unshift(`${target.gradient} % gradient`);
      return isFast(target)
        ? { main: String(target.percentOfTop), unit: "% of top", more }
        : { main: effort, unit: "of 10 effort", more };
    }
  }
}

const NBSP = "\u00a0";

/** A target in one line, which breaks between figures, never inside one. */
export function targetWords(target: Target): string {
  const { main, unit, more } = figures(target);
  return [`${main} ${unit}`, ...more].map((figure) => figure.replaceAll(" ", NBSP)).join(" · ");
}

/** Words of the server's, each figure in the measures that are wanted. */
export function say(phrase: Phrase, inMiles = measures() === "MILES"): string {
  return phrase.figures.reduce(
    (text, figure, i) => text.replace(`{${i}}`, said(figure, inMiles)),
    phrase.text,
  );
}

function said({ kind, value }: Phrase["figures"][number], inMiles: boolean): string {
  switch (kind) {
    case "LENGTH":
      return inMiles ? `${Math.round(value / YARD)} yd` : `${Math.round(value)} m`;
    case "RUN_SPEED":
      return inMiles ? `${clock(MILE / value)} /mile` : `${clock(1000 / value)} /km`;
    case "SWIM_SPEED":
      return inMiles ? `${clock(HUNDRED_YARDS / value)} /100 yd` : `${clock(100 / value)} /100 m`;
  }
}

/** Speed that can be held for long, in words. */
export function criticalSpeed(metresPerSecond: number, inWater: boolean): string {
  const kind = inWater ? "SWIM_SPEED" : "RUN_SPEED";
  return say({ text: "critical speed {0}", figures: [{ kind, value: metresPerSecond }] });
}
