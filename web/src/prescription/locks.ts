// How much of an item re-fitting keeps.
import type { Item } from "../api/types";

export type Lock = Item["lock"];

export const LOCKS: Record<Lock, string> = {
  NONE: "nothing",
  DRILL: "movement",
  RUNG: "version",
  DOSE: "all of it",
};

/** The way to the start, or to the next place: it stays where it is. */
export function isWay({ block }: Pick<Item, "block">): boolean {
  return block === "TRANSITION" || block === "TRANSFER";
}

/** Those that mean something for an item: raise, build and the way to the start stand as a whole. */
export function locksOf(item: Item): Lock[] {
  if (item.block === "TRANSFER") return ["NONE"];
  const isWhole = ["RAISE", "BUILD", "TRANSITION"].includes(item.block);
  if (isWhole) return ["NONE", "DOSE"];
  return item.easier || item.harder ? ["NONE", "DRILL", "RUNG", "DOSE"] : ["NONE", "RUNG", "DOSE"];
}
