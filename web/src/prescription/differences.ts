// What changed from one plan to another, drill by drill.
import { say } from "../shared/units";
import type { Item, PlanView } from "../api/types";
import { LOCKS } from "./locks";

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
    if (!was.has(item.id)) found.push({ kind: "new", what: `${item.name}, ${say(item.dose)}` });
  }
  for (const item of before.items) {
    if (!is.has(item.id)) found.push({ kind: "gone", what: `${item.name}, ${say(item.dose)}` });
  }
  for (const item of after.items) {
    const old = was.get(item.id);
    if (old && change(old, item)) found.push({ kind: "changed", what: change(old, item) });
  }
  const kept = (items: Item[], other: Map<string, Item>) =>
    items.filter((i) => other.has(i.id)).map((i) => i.id);
  const oldOrder = kept(before.items, is);
  const newOrder = kept(after.items, was);
  for (const id of outOfOrder(newOrder.map((i) => oldOrder.indexOf(i)))) {
    found.push({ kind: "moved", what: is.get(newOrder[id] ?? "")?.name ?? "" });
  }
  return found.length > 0 ? found : [{ kind: "same", what: "Nothing changed." }];
}

function change(old: Item, item: Item): string {
  const [was, is] = [say(old.dose), say(item.dose)];
  if (was !== is) return `${item.name}: ${was} became ${is}`;
  if (Math.abs(old.effort - item.effort) >= 1) {
    return `${item.name}: effort ${old.effort} became ${item.effort}`;
  }
  return old.lock === item.lock ? "" : `${item.name}: re-fitting keeps ${LOCKS[item.lock]}`;
}

/** Places of a sequence outside its longest rising part: what was moved, not what made way. */
function outOfOrder(ranks: number[]): number[] {
  const length = ranks.map(() => 1);
  const before = ranks.map(() => -1);
  ranks.forEach((rank, at) => {
    for (let i = 0; i < at; i++) {
      if ((ranks[i] ?? 0) < rank && (length[i] ?? 0) + 1 > (length[at] ?? 0)) {
        length[at] = (length[i] ?? 0) + 1;
        before[at] = i;
      }
    }
  });
  const kept = new Set<number>();
  for (let at = length.indexOf(Math.max(0, ...length)); at >= 0; at = before[at] ?? -1)
    kept.add(at);
  return ranks.map((_, at) => at).filter((at) => !kept.has(at));
}
