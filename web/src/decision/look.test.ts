import { expect, it } from "vitest";
import type { Decided, FollowItem, LookEntry, MarkInput } from "../api/types";
import { ALARM_SIGNS, checkpointsOf, decide, withDecided } from "./look";

function decided(kind: Decided["kind"]): Decided {
  return { kind, ground: "FLAT", what: kind, why: "", seconds: 0, items: [], session: null };
}

function mark(change: Partial<MarkInput>): MarkInput {
  return { sign: "GEAR_MISSING", region: null, side: null, pain: 0, onlyFast: false, ...change };
}

function entry(change: Partial<LookEntry>): LookEntry {
  return {
    checkpoint: "LAST_EFFORT",
    sign: "GEAR_MISSING",
    region: null,
    least: 0,
    most: 0,
    onlyFast: false,
    again: false,
    decision: 0,
    ...change,
  };
}

const TABLE = {
  decisions: [decided("REPEAT"), decided("CHANGE"), decided("ADD"), decided("STOP")],
  looks: [
    entry({}),
    entry({ again: true, decision: 1 }),
    entry({ sign: "TIGHT", region: "CALVES", decision: 2 }),
    entry({ sign: "PAIN", region: "KNEES", least: 3, most: 5, decision: 1 }),
    entry({ sign: "PAIN", region: "KNEES", least: 6, most: 10, decision: 3 }),
  ],
};

it("takes the gravest of what several marks lead to", () => {
  const tight = mark({ sign: "TIGHT", region: "CALVES", side: "LEFT" });
  const kind = (marks: MarkInput[], earlier: MarkInput[] = []) =>
    decide(TABLE, "LAST_EFFORT", marks, earlier).kind;
  expect(kind([])).toBe("CARRY_ON");
  expect(kind([tight])).toBe("ADD");
  expect(kind([tight, mark({})])).toBe("REPEAT");
  expect(kind([mark({}), tight], [mark({})])).toBe("CHANGE");
  const pain = mark({ sign: "PAIN", region: "KNEES", side: "LEFT", pain: 7 });
  expect(kind([mark({}), pain, tight])).toBe("STOP");
});

it("knows pain that was less before from pain that was as much", () => {
  const knee = (pain: number) => mark({ sign: "PAIN", region: "KNEES", side: "LEFT", pain });
  const table = {
    decisions: TABLE.decisions,
    looks: [
      entry({ sign: "PAIN", region: "KNEES", least: 1, most: 2, decision: 2 }),
      entry({ sign: "PAIN", region: "KNEES", least: 1, most: 2, again: true, decision: 1 }),
    ],
  };
  expect(decide(table, "LAST_EFFORT", [knee(2)], [knee(2)]).kind).toBe("ADD");
  expect(decide(table, "LAST_EFFORT", [knee(2)], [knee(1)]).kind).toBe("CHANGE");
});

it("stops at an alarm even where nothing was sent along", () => {
  for (const sign of ALARM_SIGNS) {
    expect(decide(undefined, "RAISE_DONE", [mark({ sign })], []).kind).toBe("STOP");
  }
});

function item(id: string, block: FollowItem["block"]): FollowItem {
  return { id, block } as FollowItem;
}

it("looks after the last of the raise and of the range, the first effort and the last", () => {
  const items = [
    item("r1", "RAISE"),
    item("m1", "MOBILISE"),
    item("r2", "RAISE"),
    item("b1", "BUILD"),
    item("b2", "BUILD"),
  ];
  expect([...checkpointsOf(items)]).toEqual([
    ["r2", "RAISE_DONE"],
    ["m1", "RANGE_DONE"],
    ["b1", "FIRST_FAST"],
    ["b2", "LAST_EFFORT"],
  ]);
  const one = [item("b", "BUILD")];
  expect([...checkpointsOf(one)]).toEqual([["b", "LAST_EFFORT"]]);
});

it("puts what was decided in before what comes next, each time under another name", () => {
  const items = [item("a", "RAISE"), item("b", "BUILD")];
  const once = withDecided(items, "b", [item("a", "RAISE")]);
  const twice = withDecided(once, "b", [item("a", "RAISE")]);
  expect(twice.map((i) => i.block)).toEqual(["RAISE", "RAISE", "RAISE", "BUILD"]);
  expect(new Set(twice.map((i) => i.id)).size).toBe(4);
});

it("does not say carry on where nothing was found beforehand, unless all is well", () => {
  const what = (sign: MarkInput["sign"]) => decide(undefined, "LAST_EFFORT", [mark({ sign })], []);
  expect(what("NO_SWEAT").what).not.toBe(what("SWEAT").what);
  expect(what("DIZZY").kind).toBe("STOP");
});
