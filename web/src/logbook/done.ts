// What was really done of a warm-up, in words.
import type { FollowedView } from "../api/types";
import { sayTime } from "../shared/calendar";
import { clock } from "../shared/units";

type Item = FollowedView["items"][number];

const REASONS: Record<NonNullable<Item["reason"]>, string> = {
  NO_ROOM: "no room",
  NO_KIT: "no kit",
  SORE: "sore",
  SHORT_OF_TIME: "short of time",
  UNSAID: "",
};

export const READY = ["flat", "slow", "all right", "ready", "sharp"] as const;

/** What is worth a word of an item: nothing where it was done as it was planned. */
export function differs({ name, state, seconds, planned, drill, reason }: Item): string {
  const why = reason && REASONS[reason] ? `, ${REASONS[reason]}` : "";
  if (state === "SKIPPED") return `${name} left out${why}`;
  if (state === "PARTLY") return `${name} for ${clock(seconds)} of ${clock(planned)}${why}`;
  if (planned === 0) return `${name} in place of others`;
  return drill ? `${drill} in place of ${name}` : "";
}

/** How many of the planned items were done in full. */
export function doneOf(items: readonly Item[]): [number, number] {
  const planned = items.filter((i) => i.planned > 0);
  return [planned.filter((i) => i.state === "DONE").length, planned.length];
}

/** When, how warm, how long until the start, each where it is known. */
export function facts(view: FollowedView): string[] {
  const at = (local: string) => sayTime(local.slice(11, 16));
  const all = [
    view.begun && `begun at ${at(view.begun)}`,
    view.jacketOffSeconds != null && `jacket off after ${clock(view.jacketOffSeconds)}`,
    view.pausedSeconds > 0 && `stood still for ${clock(view.pausedSeconds)}`,
    view.ended && `over at ${at(view.ended)}`,
    view.waitedSeconds != null && `${clock(view.waitedSeconds)} to the first effort`,
    view.bestEffort != null && `best on effort ${view.bestEffort}`,
    ...view.devices
      .filter((d) => Math.abs(d.clockSeconds) > 30)
      .map(
        (d) =>
          `the clock of device ${d.number} was ${clock(Math.abs(d.clockSeconds))} ` +
          `${d.clockSeconds > 0 ? "slow" : "fast"}, and is set right here`,
      ),
  ];
  return all.filter((fact): fact is string => typeof fact === "string");
}
