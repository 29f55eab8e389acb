// Calendar days as ISO strings; no time zone can get in between.

import { sayTime } from "../shared/calendar";

const DAY = 86_400_000;

export function plusDays(date: string, days: number): string {
  return new Date(Date.parse(`${date}T00:00:00Z`) + days * DAY).toISOString().slice(0, 10);
}

export function weekday(date: string, style: "short" | "long"): string {
  return new Intl.DateTimeFormat("en-GB", { weekday: style, timeZone: "UTC" }).format(
    new Date(`${date}T00:00:00Z`),
  );
}

export function dayAndMonth(date: string): string {
  return new Intl.DateTimeFormat("en-GB", {
    day: "numeric",
    month: "long",
    timeZone: "UTC",
  }).format(new Date(`${date}T00:00:00Z`));
}

/** "06:45" of a local date-time, in the club's way. */
export function timeOf(localDateTime: string): string {
  return sayTime(localDateTime.slice(11, 16));
}

/** Clock time so many seconds before a local date-time, to the second when not whole minutes. */
export function before(localDateTime: string, seconds: number): string {
  const at = new Date(Date.parse(`${localDateTime.slice(0, 19)}Z`) - seconds * 1000);
  const iso = at.toISOString();
  return sayTime(seconds % 60 === 0 ? iso.slice(11, 16) : iso.slice(11, 19));
}
