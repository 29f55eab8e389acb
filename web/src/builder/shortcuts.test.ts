import { describe, expect, it } from "vitest";
import type { Item, PrescriptionView } from "../api/types";
import { locksOf } from "./locks";
import { shortcut, stepOf } from "./shortcuts";

const item = (id: string, block: Item["block"], more: Partial<Item> = {}) =>
  ({ id, block, lock: "NONE", amount: 8, unit: "reps", least: 4, most: 10, ...more }) as Item;

const view = {
  canUndo: true,
  canRedo: false,
  plan: {
    items: [item("jog", "RAISE"), item("swings", "MOBILISE"), item("settle", "TRANSITION")],
  },
} as PrescriptionView;

function press(key: string, chosen = "swings", held: Partial<KeyboardEvent> = {}) {
  return shortcut({ key, target: null, ...held } as KeyboardEvent, view, chosen);
}

describe("the builder by keyboard", () => {
  it("goes up and down and stays within the plan", () => {
    expect(press("ArrowDown")?.choose).toBe("settle");
    expect(press("j", "settle")?.choose).toBe("settle");
    expect(press("ArrowUp", "jog")?.choose).toBe("jog");
  });

  it("never takes out or moves the way to the start", () => {
    expect(press("Delete", "settle")).toBeUndefined();
    expect(press("ArrowUp", "settle", { altKey: true })).toBeUndefined();
    expect(press("Delete")).toEqual({
      step: { action: "REMOVE", itemId: "swings" },
      choose: "settle",
    });
  });

  it("keeps a dose within its range", () => {
    expect(press("+")?.step).toMatchObject({ action: "DOSE", amount: 10 });
    expect(press("-")?.step).toMatchObject({ action: "DOSE", amount: 6 });
  });

  it("undoes only what there is to undo", () => {
    expect(press("z", "jog", { ctrlKey: true })?.step).toBe("undo");
    expect(press("z", "jog", { ctrlKey: true, shiftKey: true })).toBeUndefined();
  });

  it("locks and unlocks", () => {
    expect(press("l")?.step).toMatchObject({ action: "LOCK", lock: "DOSE" });
  });
});

describe("a step of a dose", () => {
  it("is as coarse as a coach would say it", () => {
    expect(stepOf("s", 30)).toBe(5);
    expect(stepOf("s", 300)).toBe(30);
    expect(stepOf("m", 60)).toBe(10);
    expect(stepOf("reps", 4)).toBe(1);
  });
});

describe("what can be kept", () => {
  it("is all or nothing of a raise, and a rung only on a ladder", () => {
    expect(locksOf(item("jog", "RAISE"))).toEqual(["NONE", "DOSE"]);
    expect(locksOf(item("swings", "MOBILISE"))).not.toContain("DRILL");
    const climbed = item("a-skip", "DRILL", { easier: { drillId: "a-march", name: "A-march" } });
    expect(locksOf(climbed)).toContain("DRILL");
  });
});
