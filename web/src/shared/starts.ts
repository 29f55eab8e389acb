// When each athlete of a session starts: with the others, or later.
import type { SessionDetails } from "../api/types";

type Starts = Pick<SessionDetails, "startsAt" | "laterStarts">;

/** Minutes after the session's start; nought for whoever starts with the others. */
export function laterBy({ laterStarts }: Pick<Starts, "laterStarts">, athleteId: string): number {
  return laterStarts?.find((l) => l.athleteId === athleteId)?.minutes ?? 0;
}

/** "2026-03-01T17:45:00": an athlete's own first effort. */
export function startOf(details: Starts, athleteId: string): string {
  return plusMinutes(details.startsAt, laterBy(details, athleteId));
}

export function plusMinutes(dateTime: string, minutes: number): string {
  return new Date(Date.parse(`${dateTime}Z`) + 60_000 * minutes).toISOString().slice(0, 19);
}

/** From one time of day to the next time that the clock shows the other, in minutes. */
export function minutesBetween(from: string, to: string): number {
  const at = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));
  return (at(to) - at(from) + 1440) % 1440;
}
