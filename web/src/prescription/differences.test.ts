import { expect, test } from "vitest";
import type { Item, PlanView } from "../api/types";
import { differences } from "./differences";

const item = (id: string, dose = "8 reps") =>
  ({
    id,
    name: id,
    dose: { text: dose, figures: [] },
    effort: 20,
    lock: "NONE",
  }) as unknown as Item;
const plan = (...items: Item[]) => ({ items }) as PlanView;

test("a plan equals itself", () => {
  expect(differences(plan(item("a")), plan(item("a"))).map((d) => d.kind)).toEqual(["same"]);
});

test("new, gone, changed and moved drills are each named once", () => {
  const before = plan(item("a"), item("b"), item("c"), item("d"));
  const after = plan(item("d"), item("a"), item("b", "10 reps"), item("e"));
  const found = differences(before, after);
  expect(found.map((d) => d.kind)).toEqual(["new", "gone", "changed", "moved"]);
  expect(found.map((d) => d.what)).toEqual([
    "e, 8 reps",
    "c, 8 reps",
    "b: 8 reps became 10 reps",
    "d",
  ]);
});
