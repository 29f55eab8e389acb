// A day as a timetable of railways draws it: time to the right, each warm-up a line that climbs
// through its parts to its start; a place is a band.
import type { BoardAthlete, BoardSession, BoardView } from "../api/types";

type Block = BoardAthlete["parts"][number]["block"];

/** What a line climbs through, from the ground up; its end is the start. */
export const STATIONS: readonly Block[] = ["RAISE", "MOBILISE", "ACTIVATE", "DRILL", "BUILD"];

/** Stations and the start. */
export const STEPS = STATIONS.length + 1;

export interface Axis {
  /** ms; whole half hours. */
  from: number;
  to: number;
}

export interface Band {
  place: BoardSession["place"];
  sessions: BoardSession[];
}

/** A corner of a line: when, and how high, 0 to {@link STEPS}. */
export interface Corner {
  at: number;
  y: number;
}

const HALF_HOUR = 1_800_000;

/** After the last start so much is still drawn, ms. */
const AFTER = 900_000;

/** From the first that begins to after the last that starts. */
export function axisOf(view: Pick<BoardView, "sessions" | "now">): Axis {
  const starts = view.sessions.flatMap((s) => [
    Date.parse(s.startsAt),
    ...s.athletes.map((a) => Date.parse(a.startsAt)),
  ]);
  const begins = view.sessions.flatMap((s) => [
    Date.parse(s.startsAt) - HALF_HOUR,
    ...s.athletes.map((a) => Date.parse(a.startsAt) - 1000 * a.seconds),
  ]);
  if (starts.length === 0) {
    const now = Math.floor(Date.parse(view.now) / HALF_HOUR) * HALF_HOUR;
    return { from: now, to: now + 4 * HALF_HOUR };
  }
  return {
    from: Math.floor((Math.min(...begins) - 60_000) / HALF_HOUR) * HALF_HOUR,
    to: Math.ceil((Math.max(...starts) + AFTER) / HALF_HOUR) * HALF_HOUR,
  };
}

/** Half hours on the axis, or hours where it is long. */
export function ticksOf({ from, to }: Axis): number[] {
  const each = to - from > 12 * HALF_HOUR ? 2 * HALF_HOUR : HALF_HOUR;
  const first = Math.ceil(from / each) * each;
  return Array.from({ length: Math.floor((to - first) / each) + 1 }, (_, i) => first + each * i);
}

/** Places in the order of their first start. */
export function bandsOf(sessions: readonly BoardSession[]): Band[] {
  const bands = new Map<BoardSession["place"], BoardSession[]>();
  for (const session of sessions) {
    bands.set(session.place, [...(bands.get(session.place) ?? []), session]);
  }
  return [...bands].map(([place, own]) => ({ place, sessions: own }));
}

/** An athlete's line; it never falls, even where a part comes back. */
export function lineOf(athlete: BoardAthlete): Corner[] {
  const start = Date.parse(athlete.startsAt);
  const corners: Corner[] = [];
  let y = 0;
  for (const part of athlete.parts) {
    const at = start - 1000 * part.before;
    const station = STATIONS.indexOf(part.block);
    const top = part.block === "TRANSITION" ? STEPS : station < 0 ? y : station + 1;
    if (corners.length === 0) corners.push({ at, y });
    y = Math.max(y, top);
    corners.push({ at: at + 1000 * part.seconds, y });
  }
  const last = corners.at(-1);
  if (last) corners.push({ at: start, y: STEPS });
  return corners;
}

/** How high a line is at a time. */
export function heightAt(line: readonly Corner[], at: number): number {
  const next = line.findIndex((c) => c.at >= at);
  if (next < 0) return line.at(-1)?.y ?? 0;
  const to = line[next];
  const from = line[next - 1];
  if (!to || !from) return to?.y ?? 0;
  return from.y + ((to.y - from.y) * (at - from.at)) / Math.max(1, to.at - from.at);
}

/** Up to a time. */
export function lineUntil(line: readonly Corner[], at: number): Corner[] {
  const passed = line.filter((c) => c.at <= at);
  return passed.length === 0 ? [] : [...passed, { at, y: heightAt(line, at) }];
}

/** The board with a session moved by minutes, for drawing while it is dragged. */
export function shifted(view: BoardView, sessionId: string, minutes: number): BoardView {
  const later = (at: string) => new Date(Date.parse(at) + 60_000 * minutes).toISOString();
  return {
    ...view,
    sessions: view.sessions.map((s) =>
      s.id === sessionId
        ? {
            ...s,
            startsAt: later(s.startsAt),
            athletes: s.athletes.map((a) => ({ ...a, startsAt: later(a.startsAt) })),
          }
        : s,
    ),
  };
}
