// Days of the weeks around a date, as the club counts them.
import { weekStart } from "../shared/calendar";
import { plusDays } from "../shared/dates";

/** Of JavaScript's days of the week. */
const FIRST = { SUNDAY: 0, MONDAY: 1, SATURDAY: 6 } as const;

/** The first day of the week that a day is in. */
export function firstOfWeek(date: string): string {
  const day = new Date(`${date}T00:00:00Z`).getUTCDay();
  return plusDays(date, -((day - FIRST[weekStart()] + 7) % 7));
}

/** So many weeks of seven days, the first with the date in it. */
export function weeksFrom(date: string, weeks: number): string[][] {
  const first = firstOfWeek(date);
  return Array.from({ length: weeks }, (_, week) =>
    Array.from({ length: 7 }, (_, day) => plusDays(first, 7 * week + day)),
  );
}
