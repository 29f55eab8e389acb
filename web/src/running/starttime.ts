// Clock times around the start, as the phone in hand shows them.

export function startInstant(startsAt: string): number {
  return Date.parse(startsAt);
}

export function beginOf(start: number, planSeconds: number): number {
  return start - planSeconds * 1000;
}

/** "06:11" where the phone is. */
export function localTime(instant: number): string {
  const at = new Date(instant);
  return `${String(at.getHours()).padStart(2, "0")}:${String(at.getMinutes()).padStart(2, "0")}`;
}

/** The same day at another clock time. */
export function atClock(instant: number, time: string): number {
  const [hours = 0, minutes = 0] = time.split(":").map(Number);
  const at = new Date(instant);
  at.setHours(hours, minutes, 0, 0);
  return at.getTime();
}
