import { describe, expect, it } from "vitest";
import type { AthleteBlock, BlockDefinition, BlockView, Change } from "../api/types";
import { climbsOf, headline, trendsOf } from "./climbs";
import { withEmphasis, withMark, withRace, withWish } from "./edits";
import { formatOf } from "./files";

const definition: BlockDefinition = {
  name: "Spring",
  start: "2026-12-07",
  race: "2026-12-26",
  otherRaces: [],
  emphases: [],
  groups: [{ name: "Squad", athleteIds: ["a"] }],
  pattern: [],
  exceptions: [],
  members: [],
  interruptions: [],
  mastery: [],
  progressions: [],
};

const change = (kind: Change["kind"], from = 0, to = 0, ladder = ""): Change => ({
  kind,
  ladder,
  from,
  to,
  provisional: kind === "RUNG_UP",
  up: kind.endsWith("_UP"),
  why: kind,
});

function week(number: number, step: number, changes: Change[]): AthleteBlock["weeks"][number] {
  return {
    number,
    rungs: [{ ladder: "a-series", step, dose: 100 }],
    top: 90 + 5 * number,
    efforts: 0,
    contacts: 100,
    absent: false,
    changes,
  };
}

const athlete: AthleteBlock = {
  id: "a",
  name: "Runner",
  level: "INTERMEDIATE",
  group: "Squad",
  weeks: [
    week(1, 1, [change("START")]),
    week(2, 2, [change("RUNG_UP", 1, 2, "a-series")]),
    week(3, 2, [change("BUILD_UP", 2, 3)]),
  ],
  warmUps: [],
};

const block: BlockView = {
  id: "b",
  revision: 1,
  canUndo: false,
  canRedo: false,
  edit: "Laid out",
  definition,
  today: "2026-12-07",
  frozenFrom: "2026-12-16",
  weeks: [
    { number: 1, firstDay: "2026-12-07", emphasis: "GENERAL" },
    { number: 2, firstDay: "2026-12-14", emphasis: "SPECIFIC" },
    { number: 3, firstDay: "2026-12-21", emphasis: "COMPETITION" },
  ],
  ladders: [{ id: "a-series", rungs: ["A-march", "A-skip", "A-run"] }],
  athletes: [athlete],
  compilation: { state: "DONE", done: 1, total: 1, message: "" },
};

describe("edits of a block", () => {
  it("leave the definition they start from as it was", () => {
    const before = structuredClone(definition);
    withRace(definition, "2027-01-02");
    withWish(definition, "a", "a-series", 2, "2026-12-14", "A-skip");
    withMark(definition, "a", "a-series", 1, "2026-12-10", "A-march");
    expect(definition).toEqual(before);
  });

  it("hold one week for a rung and one emphasis for a week, the last", () => {
    const once = withWish(definition, "a", "a-series", 2, "2026-12-14", "A-skip").definition;
    const twice = withWish(once, "a", "a-series", 2, "2026-12-21", "A-skip").definition;
    expect(twice.progressions.map((w) => w.firstDay)).toEqual(["2026-12-21"]);
    const lighter = withEmphasis(definition, "2026-12-14", "RECOVERY", "").definition;
    const general = withEmphasis(lighter, "2026-12-14", "GENERAL", "").definition;
    expect(general.emphases).toEqual([{ firstDay: "2026-12-14", emphasis: "GENERAL" }]);
  });
});

describe("the picture of a block", () => {
  it("shows a ladder as a climb and the build as another", () => {
    const { moving, steady } = climbsOf(block, athlete);
    expect(steady).toEqual([]);
    expect(moving.map((c) => c.first)).toEqual(["A-march", "Build-ups"]);
    expect(moving[0]?.rungs).toEqual([1, 2, 2]);
    expect(moving[0]?.steps).toMatchObject([{ week: 1, name: "A-skip", isProvisional: true }]);
    expect(moving[1]?.rungs).toEqual([2, 2, 3]);
  });

  it("has one headline a week: what goes up before anything else", () => {
    const name = (_: string, step: number) => `rung ${step}`;
    expect(headline(athlete.weeks[1]?.changes ?? [], name)).toEqual({
      mark: "rung",
      words: "rung 2",
    });
    expect(headline([change("LESS"), change("RUNG_DOWN", 2, 1)], name).mark).toBe("less");
  });

  it("says nothing where there are no warm-ups", () => {
    expect(trendsOf(block, [athlete])[0]?.values).toEqual([undefined, undefined, undefined]);
  });
});

describe("a file of sessions", () => {
  it("is a calendar if it begins like one", () => {
    expect(formatOf("\nBEGIN:VCALENDAR\n")).toBe("ICALENDAR");
    expect(formatOf("date,time,session")).toBe("CSV");
  });
});
