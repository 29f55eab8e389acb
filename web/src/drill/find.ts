// Finding drills: by what coaches call them, and by what can be done here.
import type { Block, DrillView, Kit, Sport } from "../api/types";

export interface Filter {
  text: string;
  sport?: Sport;
  block?: Block;
  /** Only what needs no more than this; undefined when kit does not matter. */
  kit?: Kit[];
  wetDeck: boolean;
  noContacts: boolean;
}

export const EVERYTHING: Filter = { text: "", wetDeck: false, noContacts: false };

export function matches(drill: DrillView, filter: Filter): boolean {
  const words = filter.text.toLowerCase().split(/\s+/).filter(Boolean);
  const told = [drill.name, ...drill.aliases, ...drill.serves].join(" ").toLowerCase();
  return (
    words.every((w) => told.includes(w)) &&
    (!filter.sport || drill.sports.includes(filter.sport)) &&
    (!filter.block || drill.block === filter.block) &&
    (!filter.kit || drill.kit.every((k) => filter.kit?.includes(k))) &&
    (!filter.wetDeck || drill.wetSafe) &&
    (!filter.noContacts || !drill.contacts)
  );
}

/** What a rung asks beyond the one below it. */
export function adds(rung: DrillView, below: DrillView | undefined): string {
  if (!below) return "where everyone begins";
  const found = [
    rung.level !== below.level && `${rung.level.toLowerCase()} level`,
    rung.contacts && !below.contacts && "ground contacts",
    rung.effort >= below.effort + 4 && "more effort",
    rung.position !== below.position && rung.position.toLowerCase().replace("_", " "),
    ...rung.serves.filter((s) => !below.serves.includes(s)).slice(0, 2),
    ...rung.kit.filter((k) => !below.kit.includes(k)).map((k) => k.toLowerCase().replace("_", " ")),
    below.kit.includes("SUPPORT") && !rung.kit.includes("SUPPORT") && "nothing to hold on to",
  ].filter((w): w is string => Boolean(w));
  return found.length > 0 ? found.join(", ") : "a longer range";
}
