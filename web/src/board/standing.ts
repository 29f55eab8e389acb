// How an athlete stands against the plan, in words that fit on a board.
import type { BoardAthlete, BoardState } from "../api/types";
import { clock } from "../shared/units";
import { BLOCKS } from "../shared/words";

export type Kind = "NOTHING" | "PLANNED" | "TOLD" | "LATE" | "RUNNING" | "DONE" | "LOOK";

export interface Standing {
  kind: Kind;
  words: string;
  /** Whether the coach should look at it. */
  needsLook: boolean;
  /** Seconds by which the first effort would come late; 0 where it would not. */
  late: number;
}

/** Behind by less than this is on time, s. */
const ON_TIME = 60;

export function standingOf(
  athlete: BoardAthlete,
  state: BoardState | undefined,
  now: number,
): Standing {
  if (athlete.prescriptionId == null) return standing("NOTHING", "no warm-up yet");
  const start = Date.parse(athlete.startsAt);
  const late = latenessOf(athlete, state, now);
  if (state?.isHeld) return standing("LOOK", "speak with them first", late);
  if (state?.decided === "STOP") return standing("LOOK", "stopped", late);
  if (state?.endedAt) return standing("DONE", state.startedAt ? "started" : "warmed up");
  const isChanged = state?.decided === "CHANGE";
  if (state?.begunAt) {
    const where = blockAt(athlete, state.before ?? undefined);
    const words = [where, late > ON_TIME ? `${clock(late)} late` : "", isChanged ? "changed" : ""];
    return {
      kind: isChanged ? "LOOK" : late > ON_TIME ? "LATE" : "RUNNING",
      words: words.filter(Boolean).join(", "),
      needsLook: isChanged,
      late,
    };
  }
  if (now > start) return standing("PLANNED", "not followed");
  if (late > ON_TIME) {
    const way = state?.onWayAt ? "on the way" : "not begun";
    return standing("LATE", `${way}, ${clock(late)} late`, late);
  }
  if (state?.checkIn === "OPEN") return standing("TOLD", "checked in, to be decided", late, true);
  if (state?.onWayAt) return standing("TOLD", "on the way");
  if (state?.checkIn) return standing("TOLD", "checked in");
  return standing("PLANNED", "");
}

function standing(kind: Kind, words: string, late = 0, needsLook = kind === "LOOK"): Standing {
  return { kind, words, needsLook, late };
}

function latenessOf(athlete: BoardAthlete, state: BoardState | undefined, now: number): number {
  const start = Date.parse(athlete.startsAt);
  if (state?.endedAt || now > start + 3_600_000) return 0;
  const left = state?.begunAt ? (state.before ?? athlete.seconds) : athlete.seconds;
  const from = state?.itemAt ? Date.parse(state.itemAt) : state?.begunAt ? now : now;
  return Math.max(0, Math.round((from + 1000 * left - start) / 1000));
}

/** What is done so many seconds before the start. */
function blockAt(athlete: BoardAthlete, before: number | undefined): string {
  if (before === undefined) return "begun";
  const part = athlete.parts.findLast((p) => p.before >= before);
  return part ? BLOCKS[part.block].toLowerCase() : "begun";
}
