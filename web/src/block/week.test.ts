import { describe, expect, it } from "vitest";
import type { AthleteView, BlockDefinition, Place, Sport } from "../api/types";
import { daysFrom, nextSession, onGroup, onSport } from "./week";

const USUAL: Record<Sport, Place> = {
  RUN: "TRACK",
  RIDE: "GYM",
  ROW: "BOATHOUSE",
  SWIM: "POOL_DECK",
};
const PLACES = { usual: (sport: Sport) => USUAL[sport], kit: () => [] };

const athletes = [
  { id: "a", profile: { sport: "ROW" } },
  { id: "b", profile: { sport: "SWIM" } },
] as AthleteView[];

const definition = {
  groups: [
    { name: "Eights", athleteIds: ["a"] },
    { name: "Pool", athleteIds: ["b"] },
  ],
  pattern: [],
} as unknown as BlockDefinition;

describe("a session of the week", () => {
  const first = nextSession(definition, athletes, PLACES, "1");

  it("begins with the first group, in its sport, where that is done", () => {
    expect(first).toMatchObject({ group: "Eights", sport: "ROW", place: "BOATHOUSE" });
  });

  it("goes on like the one before, a day later and around the week", () => {
    const sunday = { ...first, day: "SUNDAY" as const, minutes: 40, shorthand: "2k test" };
    expect(nextSession({ ...definition, pattern: [sunday] }, athletes, PLACES, "2")).toEqual({
      ...sunday,
      key: "2",
      day: "MONDAY",
      shorthand: "",
    });
  });

  it("follows its group to another sport and place, but not from a place that was chosen", () => {
    expect(onGroup(first, definition, "Pool", athletes, PLACES)).toMatchObject({
      group: "Pool",
      sport: "SWIM",
      place: "POOL_DECK",
    });
    const atHome = { ...first, place: "LIVING_ROOM" as const };
    expect(onSport(atHome, "RIDE", PLACES)).toMatchObject({ sport: "RIDE", place: "LIVING_ROOM" });
    expect(onGroup(first, definition, "Nobody", athletes, PLACES).sport).toBe("ROW");
  });
});

describe("the days of a week", () => {
  it("begin with the club's first day, and none is lost", () => {
    expect(Object.values(daysFrom("SATURDAY"))).toEqual([
      "Sat",
      "Sun",
      "Mon",
      "Tue",
      "Wed",
      "Thu",
      "Fri",
    ]);
    expect(Object.keys(daysFrom("MONDAY"))[0]).toBe("MONDAY");
  });
});
