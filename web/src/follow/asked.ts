// What the plan asks of the body, for sensors to be held against.
import type { FollowItem } from "../api/types";
import type { Asked } from "../signal/simulated";
import type { Beat } from "./timeline";

export const NOTHING_ASKED: Asked = {
  effort: 0,
  power: undefined,
  rate: undefined,
  speed: undefined,
};

/** What the plan asks of the body now. */
export function askedOf({ item, segment }: Beat): Asked {
  const isWork = segment.kind === "WORK";
  const rate = item.target?.ratePerMinute ?? 0;
  return {
    effort: isWork ? item.effort : item.recoveryEffort,
    power: isWork ? powerOf(item) : undefined,
    rate: isWork && rate > 0 ? rate : undefined,
    speed: isWork ? speedOf(item) : undefined,
  };
}

/** W that an item is done at, if it is done by power. */
export function powerOf({ target }: FollowItem): number | undefined {
  return target?.metric === "POWER" || target?.metric === "SPLIT" ? target.value : undefined;
}

/** m/s at which an item is done, if it is done by pace. */
export function speedOf({ target }: FollowItem): number | undefined {
  return target?.metric === "PACE" || target?.metric === "SWIM_PACE" ? target.value : undefined;
}
