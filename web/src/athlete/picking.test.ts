import { describe, expect, it } from "vitest";
import type { AthleteView, SessionView, Sport } from "../api/types";
import { busyDuring, found, inOrder, offered } from "./picking";

const athlete = (id: string, name: string, sport: Sport, archived = false) =>
  ({ id, archived, profile: { name, sport, level: "ADVANCED" } }) as AthleteView;
const SQUAD = [
  athlete("i", "Ilo Brandsén-Moor", "RUN"),
  athlete("e", "Edda Vollmar", "ROW"),
  athlete("a", "Ana Tarn", "RUN", true),
  athlete("w", "Wim Oster", "RUN"),
];
const ids = (all: AthleteView[]) => all.map((a) => a.id);

describe("choosing athletes", () => {
  it("offers whoever left only where they are already", () => {
    expect(ids(offered(SQUAD, []))).toEqual(["i", "e", "w"]);
    expect(ids(offered(SQUAD, ["a"]))).toEqual(["i", "e", "a", "w"]);
  });

  it("puts those of the sport first, by name", () => {
    expect(ids(inOrder(SQUAD, "ROW"))).toEqual(["e", "a", "i", "w"]);
    expect(ids(inOrder(SQUAD))).toEqual(["a", "e", "i", "w"]);
  });

  it("finds by the beginnings of any of the words, accents or not", () => {
    expect(SQUAD.filter((a) => found(a, "bran ru")).map((a) => a.id)).toEqual(["i"]);
    expect(SQUAD.filter((a) => found(a, "moor")).map((a) => a.id)).toEqual(["i"]);
    expect(SQUAD.filter((a) => found(a, "BRANDSEN")).map((a) => a.id)).toEqual(["i"]);
    expect(SQUAD.filter((a) => found(a, "randsen"))).toEqual([]);
    expect(SQUAD.filter((a) => found(a, " "))).toHaveLength(4);
  });

  it("knows who is somewhere else meanwhile", () => {
    const at = (id: string, time: string, athleteIds: string[]) =>
      ({
        id,
        details: { title: id, startsAt: `2026-11-27T${time}:00`, minutes: 30, athleteIds },
      }) as SessionView;
    const day = [
      at("early", "06:45", ["e"]),
      at("same", "17:30", ["i"]),
      at("own", "17:45", ["w"]),
    ];
    const busy = busyDuring({ id: "own", startsAt: "2026-11-27T17:45:00", minutes: 40 }, day);
    expect([...busy]).toEqual([["i", "“same” at 17:30"]]);
  });
});
