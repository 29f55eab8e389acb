// How much of an item re-fitting keeps.
import type { Item } from "../api/types";

export type Lock = Item["lock"];

export const LOCKS: Record<Lock, string> = {
  NONE: "nothing",
  DRILL: "movement",
  RUNG: "version",
  DOSE: "all of it",
};

/** Those that mean something for an item: raise, build and the way to the start stand as a whole. */
export function locksOf(item: Item): Lock[] {
  const isWhole = ["RAISE", "BUILD", "TRANSITION"].includes(item.block);
  if (isWhole) return ["NONE", "DOSE"];
  return item.easier || item.harder ? ["NONE", "DRILL", "RUNG", "DOSE"] : ["NONE", "RUNG", "DOSE"];
}
