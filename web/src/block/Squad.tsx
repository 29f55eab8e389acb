// The squad at a glance: a lane an athlete, a mark where something goes up.
import { VisuallyHidden } from "@chakra-ui/react";
import { Fragment } from "react";
import type { AthleteBlock, BlockView } from "../api/types";
import { headline } from "./climbs";
import { LEFT, RIGHT } from "./Weeks";
import clsx from "clsx";
import css from "./squad.module.css";

const MARKS: Record<string, string> = {
  rung: "▲",
  down: "▽",
  dose: "●",
  build: "◢",
  less: "–",
  frozen: "❙",
  absent: "×",
};

export function Squad({
  block,
  chosen,
  onChoose,
}: {
  block: BlockView;
  chosen: number;
  onChoose: (athlete: AthleteBlock) => void;
}) {
  const names = new Map(block.ladders.map((l) => [l.id, l.rungs]));
  const nameOf = (ladder: string, step: number) => names.get(ladder)?.[step - 1] ?? ladder;
  return (
    <div className={css.squad}>
      {block.definition.groups.map((group) => (
        <Fragment key={group.name}>
          <h3>{group.name}</h3>
          {block.athletes
            .filter((a) => a.group === group.name)
            .map((athlete) => (
              <div key={athlete.id} className={css.squadLane} style={{ paddingRight: RIGHT }}>
                <button
                  type="button"
                  className={css.squadName}
                  style={{ width: LEFT }}
                  onClick={() => onChoose(athlete)}
                >
                  {athlete.name}
                </button>
                {block.weeks.map((week, index) => {
                  const stand = athlete.weeks.find((w) => w.number === week.number);
                  const { mark, words } = headline(stand?.changes ?? [], nameOf);
                  const isProvisional = stand?.changes.some((c) => c.provisional) ?? false;
                  return (
                    <div
                      key={week.firstDay}
                      className={clsx(
                        css.squadWeek,
                        css[mark],
                        isProvisional && css.provisional,
                        index === chosen && css.chosen,
                        stand?.absent && css.absent,
                      )}
                      title={stand?.changes.map((c) => c.why).join(" ")}
                    >
                      {mark && (
                        <>
                          <i aria-hidden="true">{MARKS[mark]}</i>
                          <span>{mark === "frozen" || mark === "less" ? "" : words}</span>
                          <VisuallyHidden>{words}</VisuallyHidden>
                        </>
                      )}
                    </div>
                  );
                })}
              </div>
            ))}
        </Fragment>
      ))}
      <p className={css.legend}>
        <span>▲ next version</span> <span>△ if mastered by then</span>{" "}
        <span>● more of the same</span> <span>◢ build-ups higher</span> <span>– less</span>{" "}
        <span>❙ nothing new</span>
      </p>
    </div>
  );
}
