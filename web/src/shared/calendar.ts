// Days and times of day in the club's way, written and read. Inside they are "2026-12-07" and "17:30".

import type { Me } from "../api/types";

/** Whether it is half past five in the afternoon at 17:30 or at 5:30 pm. */
export type HourCycle = Me["club"]["hourCycle"];

let hours: HourCycle = "H24";

/** The club's way, known from the first answer on. */
export function setHourCycle(cycle: HourCycle): void {
  hours = cycle;
}

export const hourCycle = (): HourCycle => hours;

export type WeekStart = Me["club"]["weekStart"];

let firstDay: WeekStart = "MONDAY";

export function setWeekStart(day: WeekStart): void {
  firstDay = day;
}

/** The day from which the club counts its weeks. */
export const weekStart = (): WeekStart => firstDay;

/** "17:30" or "17:30:15" as the club says it. */
export function sayTime(time: string, cycle: HourCycle = hours): string {
  const [, hour, rest] = /^(\d{2})(:.*)$/.exec(time) ?? [];
  // A warm-up kept on a phone from before clubs had a choice says nothing of it: 24 hours then.
  if (cycle !== "H12" || hour === undefined || rest === undefined) return time;
  return `${((Number(hour) + 11) % 12) + 1}${rest} ${Number(hour) < 12 ? "am" : "pm"}`;
}

/** What was typed, such as 17:30, 17.30, 1730, 5:30 pm or 5pm; undefined where it is no time. */
export function readTime(typed: string): string | undefined {
  const found = /^(\d{1,2})(?:[:.h]?(\d{2}))?\s*(?:([ap])\.?m?\.?)?$/i.exec(typed.trim());
  if (!found) return undefined;
  const [, written = "", minutes, half] = found;
  // A number alone may be anything.
  if (minutes === undefined && half === undefined) return undefined;
  let hour = Number(written);
  if (half !== undefined) {
    if (hour < 1 || hour > 12) return undefined;
    hour = (hour % 12) + (half.toLowerCase() === "p" ? 12 : 0);
  }
  if (hour > 23 || Number(minutes ?? 0) > 59) return undefined;
  return `${String(hour).padStart(2, "0")}:${minutes ?? "00"}`;
}

const MONTHS = ["jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec"];

/** "2026-12-07" as "Mon 7 Dec 2026". */
export function sayDate(date: string): string {
  const at = new Date(`${date}T00:00:00Z`);
  if (readDate(date) !== date) return date;
  const part = (options: Intl.DateTimeFormatOptions) =>
    new Intl.DateTimeFormat("en-GB", { ...options, timeZone: "UTC" }).format(at);
  const month = part({ month: "short" }).slice(0, 3);
  return `${part({ weekday: "short" })} ${at.getUTCDate()} ${month} ${at.getUTCFullYear()}`;
}

/**
 * What was typed, the day before the month: 7 Dec 2026, Mon 7 December 2026, 7.12.2026, 2026-12-07;
 * undefined where there is no such day.
 */
export function readDate(typed: string): string | undefined {
  const text = typed
    .trim()
    .toLowerCase()
    .replace(/^[a-z]{2,9}[ ,.]+(?=\d)/, "");
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text);
  const words = /^(\d{1,2})\.?\s*([a-z]{3,9})\.?,?\s*(\d{4})$/.exec(text);
  const figures = /^(\d{1,2})[./\s](\d{1,2})[./\s](\d{4})$/.exec(text);
  if (iso) return day(iso[1], iso[2], iso[3]);
  if (figures) return day(figures[3], figures[2], figures[1]);
  if (!words) return undefined;
  const month = MONTHS.findIndex((m) => words[2]?.startsWith(m));
  return month < 0 ? undefined : day(words[3], String(month + 1), words[1]);
}

function day(year = "", month = "", date = ""): string | undefined {
  const iso = `${year}-${month.padStart(2, "0")}-${date.padStart(2, "0")}`;
  const at = new Date(`${iso}T00:00:00Z`);
  // The 30th of February would become the 2nd of March.
  return !Number.isNaN(at.getTime()) && at.toISOString().startsWith(iso) ? iso : undefined;
}
