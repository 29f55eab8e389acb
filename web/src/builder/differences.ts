// What changed from one plan to another, drill by drill.
import type { Item, PlanView } from "../api/types";

export interface Difference {
  kind: "new" | "gone" | "changed" | "moved" | "same";
  what: string;
}

/** New and gone drills, changed doses and targets, then drills that only changed places. */
export function differences(before: PlanView, after: PlanView): Difference[] {
  const was = new Map(before.items.map((i) => [i.id, i]));
  const is = new Map(after.items.map((i) => [i.id, i]));
  const found: Difference[] = [];
  for (const item of after.items) {
    if (!was.has(item.id)) found.push({ kind: "new", what: `${item.name}, ${item.dose}` });
  }
  for (const item of before.items) {
    if (!is.has(item.id)) found.push({ kind: "gone", what: `${item.name}, ${item.dose}` });
  }
  for (const item of after.items) {
    const old = was.get(item.id);
    if (old && change(old, item)) found.push({ kind: "changed", what: change(old, item) });
  }
  const kept = (items: Item[], other: Map<string, Item>) =>
    items.filter((i) => other.has(i.id)).map((i) => i.id);
  const oldOrder = kept(before.items, is);
  const newOrder = kept(after.items, was);
  const moved = newOrder.find((id, at) => oldOrder[at] !== id);
  if (moved)
    found.push({ kind: "moved", what: `${is.get(moved)?.name ?? moved} and what follows` });
  return found.length > 0 ? found : [{ kind: "same", what: "Nothing changed." }];
}

function change(old: Item, item: Item): string {
  if (old.dose !== item.dose) return `${item.name}: ${old.dose} became ${item.dose}`;
  if (Math.abs(old.effort - item.effort) >= 1) {
    return `${item.name}: effort ${old.effort} became ${item.effort}`;
  }
  return old.locked === item.locked ? "" : `${item.name}: ${item.locked ? "locked" : "unlocked"}`;
}
