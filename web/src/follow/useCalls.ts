// What a warm-up calls while it runs.
import { useEffect, useRef } from "react";
import type { Segment } from "../api/types";
import { say } from "../shared/units";
import { changeComes, changeSides, countIn, nextItem, speak } from "../running/signals";
import { comesAnotherSide, repetition, toFetch, type Beat } from "./timeline";

const COUNT_IN = 3;

interface Told {
  item: string;
  count: number;
  announced: number;
  beat: number;
  second: number;
  side: Segment["side"];
}

/** A turn, time to change sides, or straight on with the other one. */
function changesSides(beat: Beat, before: Segment["side"]): boolean {
  const { kind, side } = beat.segment;
  return kind === "SWITCH" || (side === "RIGHT" && before === "LEFT");
}

/** So long before it a change is announced, s. */
const AHEAD = 5;

/** A repetition that takes less is not counted aloud, s. */
const SPOKEN = 1.2;

/** Calls what changes, once each, before it comes, and counts the last seconds in. */
export function useCalls(
  beats: readonly Beat[],
  beat: Beat | undefined,
  at: number,
  isPaused: boolean,
) {
  const told = useRef<Told>({
    item: "",
    count: 0,
    announced: -1,
    beat: -1,
    second: -1,
    side: "BOTH",
  });
  useEffect(() => {
    if (!beat || isPaused) return;
    const last = told.current;
    const left = Math.ceil(beat.to - at);
    const { item, segment } = beat;
    const after = beats[beat.index + 1];
    const count = segment.kind === "WORK" ? repetition(beat, at) : 0;
    const isAnnounced =
      left <= AHEAD && beat.to - beat.from > 2 * AHEAD && last.announced !== beat.index;
    if (last.item !== item.id) {
      nextItem();
      speak(`${item.name}, ${say(item.dose)}`);
    } else if (last.beat !== beat.index && changesSides(beat, last.side)) {
      changeSides();
      speak(segment.side === "RIGHT" ? "Right side" : "Change sides");
    } else if (isAnnounced && comesAnotherSide(beat, after)) {
      changeComes();
    } else if (isAnnounced && after && after.item.id !== item.id) {
      const what = toFetch(item, after.item);
      speak(`Next: ${after.item.name}${what.length > 0 ? `. Fetch ${what.join(", ")}` : ""}`);
    } else if (count > 0 && count !== last.count && segment.seconds / segment.count >= SPOKEN) {
      speak(String(count));
    } else if (left <= COUNT_IN && left !== last.second && beat.segment.count === 0) {
      countIn();
    }
    told.current = {
      item: item.id,
      count,
      announced: isAnnounced ? beat.index : last.announced,
      beat: beat.index,
      second: left,
      side: beat.segment.side,
    };
  }, [beats, beat, at, isPaused]);
}
