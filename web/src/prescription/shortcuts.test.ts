import { describe, expect, it } from "vitest";
import type { DoseEdit, Item, PrescriptionView } from "../api/types";
import { locksOf } from "./locks";
import { shortcut } from "./shortcuts";
import type { LateStep } from "./usePlan";

const item = (id: string, block: Item["block"], more: Partial<Item> = {}) =>
  ({
    id,
    block,
    lock: "NONE",
    amount: 8,
    step: 2,
    unit: "reps",
    least: 4,
    most: 10,
    ...more,
  }) as Item;

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

/** What a press comes to when the steps before it are done. */
function late(now: PrescriptionView, key: string, held: Partial<KeyboardEvent> = {}) {
  return (press(key, "swings", held)?.step as LateStep)(now);
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

  it("adds up presses that come quicker than answers, within the range of the dose", () => {
    let now = view;
    let amount = 8;
    const amounts = ["-", "-", "-", "+", "+", "+", "+"].map((key) => {
      amount = (late(now, key) as DoseEdit | undefined)?.amount ?? amount;
      now = {
        ...view,
        plan: {
          ...view.plan,
          items: [item("swings", "MOBILISE", { amount, step: amount >= 6 ? 2 : 1 })],
        },
      };
      return amount;
    });
    expect(amounts).toEqual([6, 4, 4, 5, 6, 8, 10]);
    expect(late(now, "+")).toBeUndefined();
  });

  it("undoes only what there is to undo by then", () => {
    expect(late(view, "z", { ctrlKey: true })).toBe("undo");
    expect(late({ ...view, canUndo: false }, "z", { ctrlKey: true })).toBeUndefined();
    expect(late(view, "z", { ctrlKey: true, shiftKey: true })).toBeUndefined();
  });

  it("locks what is open, unlocks what is locked, and forgets what has gone", () => {
    const holding = (...items: Item[]) => ({ ...view, plan: { ...view.plan, items } });
    expect(late(view, "l")).toMatchObject({ action: "LOCK", lock: "DOSE" });
    const locked = holding(item("swings", "MOBILISE", { lock: "DOSE" }));
    expect(late(locked, "l")).toMatchObject({ action: "LOCK", lock: "NONE" });
    expect(late(holding(), "l")).toBeUndefined();
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
