// The axis of a block: weeks left to right, ending at the race on the right edge.
import type { BlockView } from "../api/types";
import { EMPHASES } from "./edits";
import clsx from "clsx";
import css from "./block.module.css";

export const LEFT = 168;
export const RIGHT = 26;

/** Where weeks lie in a picture of some width. */
export function columns(count: number, width: number) {
  const each = (width - LEFT - RIGHT) / count;
  return {
    each,
    left: (index: number) => LEFT + index * each,
    middle: (index: number) => LEFT + (index + 0.5) * each,
    at: (x: number) => Math.max(0, Math.min(count - 1, Math.floor((x - LEFT) / each))),
  };
}

/** What a lane shows; it stays at the left edge however far the weeks are moved. */
export function LaneName({ name, unit }: { name: string; unit?: string }) {
  return (
    <span className={css.laneName} style={{ width: LEFT - 6 }}>
      <b>{name}</b>
      {unit && <small>{unit}</small>}
    </span>
  );
}

export function WeekHeads({
  block,
  width,
  chosen,
  onChoose,
}: {
  block: BlockView;
  width: number;
  chosen: number;
  onChoose: (index: number) => void;
}) {
  const { each } = columns(block.weeks.length, width);
  return (
    <div className={css.weekHeads} style={{ paddingLeft: LEFT, paddingRight: RIGHT }}>
      {block.weeks.map((week, index) => {
        const toGo = block.weeks.length - 1 - index;
        const next = block.weeks[index + 1]?.firstDay ?? "9999";
        const race = block.definition.otherRaces.find((r) => r >= week.firstDay && r < next);
        return (
          <button
            key={week.firstDay}
            type="button"
            className={clsx(css.weekHead, css[week.emphasis.toLowerCase()])}
            style={{ width: each }}
            data-first-day={week.firstDay}
            aria-pressed={index === chosen}
            onClick={() => onChoose(index)}
          >
            <strong>
              {toGo === 0 ? "race" : `−${toGo}`}
              {race && <i title={`Race on ${race}`}> race</i>}
            </strong>
            <span>{shortDate(week.firstDay)}</span>
            <em>{week.emphasis === "COMPETITION" ? "compete" : EMPHASES[week.emphasis]}</em>
          </button>
        );
      })}
      <span className={css.raceFlag} title={`Race on ${block.definition.race}`} />
    </div>
  );
}

export function shortDate(date: string): string {
  return new Intl.DateTimeFormat("en-GB", {
    day: "numeric",
    month: "short",
    timeZone: "UTC",
  }).format(new Date(`${date}T00:00:00Z`));
}
