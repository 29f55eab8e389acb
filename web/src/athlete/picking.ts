// Who is offered where athletes are chosen, and in what order.
import { startOf } from "../shared/starts";
import type { AthleteView, SessionView, Sport } from "../api/types";

/** Whoever left is offered only where they are already. */
export function offered(
  athletes: readonly AthleteView[],
  chosen: readonly string[],
): AthleteView[] {
  return athletes.filter((a) => !a.archived || chosen.includes(a.id));
}

/** Those of the sport, then the others, each by name; nobody moves when they are chosen. */
export function inOrder(athletes: readonly AthleteView[], sport?: Sport): AthleteView[] {
  const rank = (a: AthleteView) => (sport === undefined || a.profile.sport === sport ? 0 : 1);
  return athletes.toSorted(
    (a, b) => rank(a) - rank(b) || a.profile.name.localeCompare(b.profile.name),
  );
}

/** Whether every word that was typed begins a word of name, sport or level. */
export function found({ profile }: AthleteView, typed: string): boolean {
  const plain = (text: string) => text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();
  const words = plain(`${profile.name} ${profile.sport} ${profile.level}`).split(/[\s-]+/);
  return plain(typed)
    .split(/\s+/)
    .filter((part) => part !== "")
    .every((part) => words.some((word) => word.startsWith(part)));
}

const HOUR = 3_600_000;

/** From when one is there until about when the session is over. */
function during({ startsAt, minutes }: { startsAt: string; minutes: number }): [number, number] {
  const start = Date.parse(`${startsAt}Z`);
  return [start - 60_000 * minutes, start + HOUR];
}

/** Where athletes are while a session takes place, by their ids. */
export function busyDuring(
  session: { id?: string | undefined; startsAt: string; minutes: number },
  others: readonly SessionView[],
): Map<string, string> {
  const [from, until] = during(session);
  const busy = new Map<string, string>();
  for (const other of others) {
    if (other.id === session.id) continue;
    for (const id of other.details.athleteIds) {
      const startsAt = startOf(other.details, id);
      const [begins, ends] = during({ startsAt, minutes: other.details.minutes });
      if (begins >= until || ends <= from) continue;
      busy.set(id, `“${other.details.title}” at ${startsAt.slice(11, 16)}`);
    }
  }
  return busy;
}
