import { expect, it } from "vitest";
import type { BoardAthlete, BoardSession, BoardState } from "../api/types";
import { axisOf, bandsOf, heightAt, lineOf, lineUntil, shifted, STEPS } from "./lines";
import { standingOf } from "./standing";

const START = "2027-03-28T10:00:00Z";

function athlete(parts: BoardAthlete["parts"], seconds: number): BoardAthlete {
  return { athleteId: "a", name: "Edda", prescriptionId: "p", startsAt: START, seconds, parts };
}

/** A raise that comes back on the machine after the floor, as rowers do it. */
const ROWER = athlete(
  [
    { block: "RAISE", before: 1800, seconds: 120 },
    { block: "MOBILISE", before: 1680, seconds: 300 },
    { block: "RAISE", before: 1380, seconds: 500 },
    { block: "DRILL", before: 880, seconds: 160 },
    { block: "BUILD", before: 720, seconds: 300 },
    { block: "TRANSITION", before: 420, seconds: 420 },
  ],
  1800,
);

it("climbs from its beginning to its start and never falls, even where a part comes back", () => {
  const line = lineOf(ROWER);
  expect(line[0]).toEqual({ at: Date.parse(START) - 1_800_000, y: 0 });
  expect(line.at(-1)).toEqual({ at: Date.parse(START), y: STEPS });
  for (let i = 1; i < line.length; i++) {
    expect(line[i]?.at).toBeGreaterThanOrEqual(line[i - 1]?.at ?? 0);
    expect(line[i]?.y).toBeGreaterThanOrEqual(line[i - 1]?.y ?? 0);
  }
});

it("is as high at a time as the line up to it ends", () => {
  const line = lineOf(ROWER);
  for (let before = 1800; before >= 0; before -= 37) {
    const at = Date.parse(START) - 1000 * before;
    expect(lineUntil(line, at).at(-1)?.y).toBeCloseTo(heightAt(line, at));
  }
  expect(lineUntil(line, Date.parse(START) - 2_000_000)).toEqual([]);
});

function session(id: string, place: BoardSession["place"], startsAt: string): BoardSession {
  return {
    id,
    version: 0,
    title: id,
    sport: "RUN",
    kind: "EASY",
    place,
    startsAt,
    athletes: [{ ...ROWER, startsAt }],
  };
}

it("shows every warm-up whole, places in the order of their first start", () => {
  const sessions = [
    session("a", "TRACK", "2027-03-28T10:10:00Z"),
    session("b", "GYM", "2027-03-28T11:00:00Z"),
    session("c", "TRACK", "2027-03-28T12:00:00Z"),
  ];
  const axis = axisOf({ sessions, now: START });
  expect(axis.from).toBeLessThanOrEqual(Date.parse("2027-03-28T09:40:00Z"));
  expect(axis.to).toBeGreaterThan(Date.parse("2027-03-28T12:00:00Z"));
  expect(bandsOf(sessions).map((b) => [b.place, b.sessions.length])).toEqual([
    ["TRACK", 2],
    ["GYM", 1],
  ]);
});

it("moves a session and its athletes, and no other", () => {
  const view = {
    date: "2027-03-28",
    now: START,
    sessions: [session("a", "TRACK", START), session("b", "GYM", START)],
    crossings: [],
    stock: [],
    live: { calendar: "", states: [] },
  };
  const [a, b] = shifted(view, "a", 7).sessions;
  expect(Date.parse(a?.athletes[0]?.startsAt ?? "")).toBe(Date.parse(START) + 420_000);
  expect(b).toEqual(view.sessions[1]);
});

function state(change: Partial<BoardState>): BoardState {
  return { prescriptionId: "p", isHeld: false, ...change };
}

it("says who is late and by how much, who is done, and whom to look at first", () => {
  const at = (before: number) => Date.parse(START) - 1000 * before;
  const iso = (before: number) => new Date(at(before)).toISOString();
  const words = (s: BoardState | undefined, before: number) =>
    standingOf(ROWER, s, at(before)).words;
  expect(words(undefined, 2000)).toBe("");
  expect(words(undefined, 1500)).toBe("not begun, 5:00 late");
  const begun = { begunAt: iso(1800), itemAt: iso(600), before: 720, item: "i" };
  expect(words(state(begun), 590)).toBe("build, 2:00 late");
  expect(words(state({ ...begun, itemAt: iso(720) }), 700)).toBe("build");
  expect(words(state({ ...begun, endedAt: iso(10) }), 0)).toBe("warmed up");
  expect(standingOf(ROWER, state({ isHeld: true }), at(1900)).needsLook).toBe(true);
  expect(standingOf(ROWER, state({ ...begun, decided: "STOP" }), at(500)).kind).toBe("LOOK");
});
