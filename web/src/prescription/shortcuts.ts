// The builder by keyboard, away from React so that it can be read at a glance.
import type { Item, PrescriptionView } from "../api/types";
import { isWay } from "./locks";
import type { Edit, LateStep, Step } from "./usePlan";

export interface Found {
  choose?: string;
  step?: Step | LateStep;
}

export function shortcut(
  event: KeyboardEvent,
  view: PrescriptionView,
  chosen: string | undefined,
): Found | undefined {
  const target = event.target as Partial<Element> | null;
  if (target?.closest?.("input, select, textarea")) return undefined;
  const key = event.key.toLowerCase();
  if (event.ctrlKey || event.metaKey) {
    if (key !== "z") return undefined;
    return {
      step: event.shiftKey
        ? (now) => (now.canRedo ? "redo" : undefined)
        : (now) => (now.canUndo ? "undo" : undefined),
    };
  }
  const { items } = view.plan;
  const at = items.findIndex((i) => i.id === chosen);
  const item = items[at];
  if (!item) return undefined;
  if (event.altKey) {
    const by = key === "arrowdown" ? 1 : key === "arrowup" ? -1 : 0;
    return by === 0 || isWay(item)
      ? undefined
      : { step: { action: "MOVE", itemId: item.id, places: by } };
  }
  switch (key) {
    case "arrowdown":
    case "j":
      return { choose: items[Math.min(items.length - 1, at + 1)]?.id };
    case "arrowup":
    case "k":
      return { choose: items[Math.max(0, at - 1)]?.id };
    case "delete":
    case "backspace":
      return isWay(item)
        ? undefined
        : {
            step: { action: "REMOVE", itemId: item.id },
            choose: items[at + 1]?.id ?? items[at - 1]?.id,
          };
    case "l":
      return { step: (now) => toggledIn(now, item.id) };
    case "+":
    case "=":
      return { step: (now) => dose(now, item.id, 1) };
    case "-":
      return { step: (now) => dose(now, item.id, -1) };
    case "r":
      return { step: { action: "REFIT" } };
    default:
      return undefined;
  }
}

/** Locks an item as it is, or unlocks it. */
export function toggled(item: Item): Edit {
  return { action: "LOCK", itemId: item.id, lock: item.lock === "NONE" ? "DOSE" : "NONE" };
}

function itemIn(now: PrescriptionView, itemId: string): Item | undefined {
  return now.plan.items.find((i) => i.id === itemId);
}

function toggledIn(now: PrescriptionView, itemId: string): Edit | undefined {
  const item = itemIn(now, itemId);
  return item && toggled(item);
}

/** A press more or less of what there is by then, within what the drill allows. */
function dose(now: PrescriptionView, itemId: string, presses: number): Edit | undefined {
  const item = itemIn(now, itemId);
  if (!item) return undefined;
  const wanted = item.amount + presses * item.step;
  const amount = Math.min(item.most, Math.max(item.least, wanted));
  return amount === item.amount ? undefined : { action: "DOSE", itemId, amount };
}
