// One week in words: what goes up and why, its warm-ups, and what a coach can do about it.
import { Button } from "@chakra-ui/react";
import { Fragment, useState } from "react";
import { Link } from "react-router";
import type { AthleteBlock, BlockView, BlockWarmUp } from "../api/types";
import { dayAndMonth, plusDays, weekday } from "../session/dates";
import { SportIcon } from "../shared/icons";
import { SelectField, TextField } from "../shared/fields";
import {
  EMPHASES,
  patternOf,
  withEmphasis,
  withException,
  withMark,
  type BlockEdit,
} from "./edits";
import panelCss from "./panel.module.css";
import blockCss from "./block.module.css";

export function WeekPanel({
  block,
  athlete,
  index,
  onEdit,
}: {
  block: BlockView;
  /** One athlete, or the squad. */
  athlete?: AthleteBlock;
  index: number;
  onEdit: (edit: BlockEdit) => void;
}) {
  const week = block.weeks[index];
  if (!week) return null;
  const toGo = block.weeks.length - 1 - index;
  const stand = athlete?.weeks.find((w) => w.number === week.number);
  const end = plusDays(week.monday, 7);
  const isOver = plusDays(week.monday, 6) < block.today;
  const warmUps = (athlete?.warmUps ?? []).filter((w) => w.date >= week.monday && w.date < end);
  const names = new Map(block.ladders.map((l) => [l.id, l.rungs]));
  /** What to do with another session on that day, where the week's pattern has one. */
  function instead(w: BlockWarmUp) {
    const pattern = athlete && patternOf(block.definition, athlete.group, w.date, w.sport);
    if (!athlete || !pattern || w.date < block.today) return undefined;
    return (shorthand: string | null) =>
      onEdit(withException(block.definition, w.date, pattern.key, athlete.id, shorthand));
  }
  const provisional = stand?.changes.filter((c) => c.provisional) ?? [];
  return (
    <aside className={panelCss.weekPanel}>
      <h2>{toGo === 0 ? "Race week" : toGo === 1 ? "1 week to go" : `${toGo} weeks to go`}</h2>
      <p className={blockCss.soft}>
        Week {week.number} of {block.weeks.length}, from {dayAndMonth(week.monday)}
        {stand && stand.contacts > 0 && `, at most ${stand.contacts} contacts`}
      </p>
      {stand?.changes.map((c) => (
        <p key={c.why}>{c.why}</p>
      ))}
      {athlete &&
        provisional.map((c) => {
          const name = names.get(c.ladder)?.[c.from - 1] ?? c.ladder;
          const mark = (source: "COACH" | "ATHLETE") => () =>
            onEdit(
              withMark(block.definition, athlete.id, c.ladder, c.from, block.today, name, source),
            );
          return (
            <Fragment key={c.ladder}>
              <Button onClick={mark("COACH")}>{name} is mastered</Button>
              <Button onClick={mark("ATHLETE")}>The athlete reports it clean</Button>
            </Fragment>
          );
        })}
      {!isOver && (
        <SelectField
          label="Emphasis"
          value={week.emphasis}
          options={EMPHASES}
          onChange={(emphasis) =>
            onEdit(
              withEmphasis(
                block.definition,
                week.monday,
                emphasis,
                `Made week ${week.number} ${EMPHASES[emphasis]}`,
              ),
            )
          }
        />
      )}
      {athlete ? (
        <ol className={panelCss.warmUps}>
          {warmUps.map((w) => (
            <WarmUpLine key={w.sessionId} warmUp={w} onInstead={instead(w)} />
          ))}
        </ol>
      ) : (
        <SquadSessions block={block} from={week.monday} until={end} />
      )}
    </aside>
  );
}

function WarmUpLine({
  warmUp: w,
  onInstead,
}: {
  warmUp: BlockWarmUp;
  /** Another session that day, or none. */
  onInstead?: (shorthand: string | null) => void;
}) {
  const [isOpen, setOpen] = useState(false);
  const [isChanging, setChanging] = useState(false);
  const [shorthand, setShorthand] = useState("");
  const shown = isOpen ? w.changes : w.changes.slice(0, 3);
  return (
    <li>
      <Link to={`/prescriptions/${w.prescriptionId}`}>
        <SportIcon sport={w.sport} size={16} /> {weekday(w.date, "short")} <b>{w.title}</b>
      </Link>
      <div className={panelCss.figures}>
        {Math.round(w.seconds / 60)} min, {w.drills} drills
        {w.efforts > 0 && `, ${w.efforts} efforts to ${w.top} %`}
        {w.contacts > 0 && `, ${w.contacts} contacts`}
        {w.kept && " · as you left it"}
      </div>
      {shown.map((change) => (
        <div key={change} className={panelCss.changed}>
          {change}
        </div>
      ))}
      {w.changes.length > shown.length && (
        <button type="button" className={panelCss.more} onClick={() => setOpen(true)}>
          {w.changes.length - shown.length} more
        </button>
      )}
      {onInstead && !isChanging && (
        <button type="button" className={panelCss.more} onClick={() => setChanging(true)}>
          Another session this day
        </button>
      )}
      {onInstead && isChanging && (
        <div className={panelCss.instead}>
          <TextField
            label="On the whiteboard"
            value={shorthand}
            placeholder="easy 30 min"
            onChange={setShorthand}
          />
          <Button size="xs" disabled={shorthand.trim() === ""} onClick={() => onInstead(shorthand)}>
            Instead
          </Button>
          <Button size="xs" onClick={() => onInstead(null)}>
            Nothing
          </Button>
        </div>
      )}
    </li>
  );
}

/** The week's sessions, each once, with a way to the sheet of the group. */
function SquadSessions({ block, from, until }: { block: BlockView; from: string; until: string }) {
  const sessions = new Map<string, BlockWarmUp & { group: string; count: number }>();
  for (const athlete of block.athletes) {
    for (const w of athlete.warmUps) {
      if (w.date < from || w.date >= until) continue;
      const seen = sessions.get(w.sessionId);
      sessions.set(w.sessionId, { ...w, group: athlete.group, count: (seen?.count ?? 0) + 1 });
    }
  }
  const sorted = [...sessions.values()].sort((a, b) => a.date.localeCompare(b.date));
  return (
    <ol className={panelCss.warmUps}>
      {sorted.map((s) => (
        <li key={s.sessionId}>
          <Link to={`/sessions/${s.sessionId}/sheet`}>
            <SportIcon sport={s.sport} size={16} /> {weekday(s.date, "short")} <b>{s.title}</b>
          </Link>
          <div className={panelCss.figures}>
            {s.group}, {s.count === 1 ? "1 warm-up" : `${s.count} side by side`}
          </div>
        </li>
      ))}
    </ol>
  );
}
