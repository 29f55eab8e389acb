// One week in words: what goes up and why, its warm-ups, and what a coach can do about it.
import { Box, Button, Flex } from "@chakra-ui/react";
import { Fragment, useState, type ReactNode } from "react";
import { Link } from "react-router";
import type { AthleteBlock, BlockView, BlockWarmUp } from "../api/types";
import { dayAndMonth, plusDays, weekday } from "../shared/dates";
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
import { Soft, Title } from "../shared/panels";

/** Names of versions can be long. */
const WORDY = { height: "auto", py: "1.5", whiteSpace: "normal" } as const;

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
  const end = plusDays(week.firstDay, 7);
  const isOver = plusDays(week.firstDay, 6) < block.today;
  const warmUps = (athlete?.warmUps ?? []).filter((w) => w.date >= week.firstDay && w.date < end);
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
    <Box
      as="aside"
      aria-label="The week"
      display="grid"
      gridTemplateColumns="minmax(0, 1fr)"
      gap="2"
    >
      <Title>
        {toGo === 0 ? "Race week" : toGo === 1 ? "1 week to go" : `${toGo} weeks to go`}
      </Title>
      <Soft>
        Week {week.number} of {block.weeks.length}, from {dayAndMonth(week.firstDay)}
        {stand &&
          stand.contacts > 0 &&
          `, ${warmUps.reduce((sum, w) => sum + w.contacts, 0)} contacts of at most ${stand.contacts}`}
      </Soft>
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
              <Button {...WORDY} onClick={mark("COACH")}>
                {name} is mastered
              </Button>
              <Button {...WORDY} onClick={mark("ATHLETE")}>
                The athlete reports it clean
              </Button>
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
                week.firstDay,
                emphasis,
                `Made week ${week.number} ${EMPHASES[emphasis]}`,
              ),
            )
          }
        />
      )}
      {athlete ? (
        <WarmUps>
          {warmUps.map((w) => (
            <WarmUpLine key={w.sessionId} warmUp={w} onInstead={instead(w)} />
          ))}
        </WarmUps>
      ) : (
        <SquadSessions block={block} from={week.firstDay} until={end} />
      )}
    </Box>
  );
}

/** A way to more, in the middle of text. */
const MORE = { height: "auto", minH: "0", p: "0", fontWeight: 400, textDecoration: "underline" };

function WarmUps({ children }: { children: ReactNode }) {
  return (
    <Box
      as="ol"
      aria-label="Warm-ups of the week"
      display="grid"
      gap="2"
      mt="1"
      listStyleType="none"
    >
      {children}
    </Box>
  );
}

function WarmUpItem({ children }: { children: ReactNode }) {
  return (
    <Box
      as="li"
      ps="2.5"
      borderLeft="3px solid var(--rule)"
      css={{
        "& > a": { display: "flex", gap: "5px", alignItems: "center" },
        "& > a b": { textDecoration: "underline", textUnderlineOffset: "3px" },
      }}
    >
      {children}
    </Box>
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
    <WarmUpItem>
      <Link to={`/prescriptions/${w.prescriptionId}`}>
        <SportIcon sport={w.sport} size={16} /> {weekday(w.date, "short")} <b>{w.title}</b>
      </Link>
      <Soft as="div">
        {Math.round(w.seconds / 60)} min, {w.drills} drills
        {w.efforts > 0 && `, ${w.efforts} efforts to ${w.top} %`}
        {w.contacts > 0 && `, ${w.contacts} contacts`}
        {w.kept && " · as you left it"}
      </Soft>
      {shown.map((change) => (
        <Box key={change} fontSize="sm">
          {change}
        </Box>
      ))}
      {w.changes.length > shown.length && (
        <Button variant="ghost" {...MORE} onClick={() => setOpen(true)}>
          {w.changes.length - shown.length} more
        </Button>
      )}
      {onInstead && !isChanging && (
        <Button variant="ghost" {...MORE} onClick={() => setChanging(true)}>
          Another session this day
        </Button>
      )}
      {onInstead && isChanging && (
        <Flex gap="1.5" align="flex-end">
          <TextField
            label="On the whiteboard"
            value={shorthand}
            placeholder="easy 30 min"
            onChange={setShorthand}
          />
          <Button disabled={shorthand.trim() === ""} onClick={() => onInstead(shorthand)}>
            Instead
          </Button>
          <Button onClick={() => onInstead(null)}>Nothing</Button>
        </Flex>
      )}
    </WarmUpItem>
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
    <WarmUps>
      {sorted.map((s) => (
        <WarmUpItem key={s.sessionId}>
          <Link to={`/sessions/${s.sessionId}/sheet`}>
            <SportIcon sport={s.sport} size={16} /> {weekday(s.date, "short")} <b>{s.title}</b>
          </Link>
          <Soft as="div">
            {s.group}, {s.count === 1 ? "1 warm-up" : `${s.count} side by side`}
          </Soft>
        </WarmUpItem>
      ))}
    </WarmUps>
  );
}
