import { Box, Button, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import clsx from "clsx";
import { useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { api, data } from "../api/client";
import type { SessionView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SportIcon } from "../shared/icons";
import { dayAndMonth, plusDays, timeOf, weekday } from "../shared/dates";
import { useMoving } from "./moving";
import { PrescribeAll } from "./PrescribeAll";
import { weeksFrom } from "./weeks";
import css from "./WeeksPage.module.css";

/** Weeks that are seen at once: one, or about a month. */
const SPANS = { week: 1, month: 5 };

/** A week or a month at a glance; sessions are moved from day to day here. */
export function WeeksPage({ today }: { today: string }) {
  const { date = today } = useParams();
  const [query, setQuery] = useSearchParams();
  const span = query.get("span") === "month" ? "month" : "week";
  const weeks = weeksFrom(date, SPANS[span]);
  const days = weeks.flat();
  const from = days[0] ?? date;
  const until = days.at(-1) ?? date;
  const sessions = useQuery({
    queryKey: ["sessions", from, until],
    queryFn: () => data(api.GET("/api/sessions", { params: { query: { from, until } } })),
    placeholderData: (previous) => previous,
  });
  const { moved, move, moveTo, forget } = useMoving();
  const step = 7 * SPANS[span];
  const to = (days: number) => `/weeks/${plusDays(date, days)}?span=${span}`;
  const onDay = (day: string) =>
    (sessions.data ?? [])
      .filter((s) => s.details.startsAt.startsWith(day))
      .sort((a, b) => a.details.startsAt.localeCompare(b.details.startsAt));
  return (
    <>
      <Flex align="baseline" gap="3" wrap="wrap" mb="3">
        <Box as="h1" fontSize="2xl">
          {dayAndMonth(from)} to {dayAndMonth(until)}
        </Box>
        <Box flex="1" />
        {span === "week" && until >= today && (
          <PrescribeAll
            sessions={(sessions.data ?? []).filter((s) => s.details.startsAt.slice(0, 10) >= today)}
            of="the week"
            what="the rest of the week:"
          />
        )}
        <Flex gap="1" role="group" aria-label="How much is seen">
          {(["week", "month"] as const).map((one) => (
            <Button
              key={one}
              aria-pressed={span === one}
              variant={span === one ? "solid" : "outline"}
              onClick={() => setQuery({ span: one })}
            >
              {one === "week" ? "Week" : "Month"}
            </Button>
          ))}
        </Flex>
        <Flex as="nav" aria-label="Weeks" gap="1">
          <Button asChild>
            <Link to={to(-step)}>Earlier</Link>
          </Button>
          <Button asChild>
            <Link to={`/weeks?span=${span}`}>Today</Link>
          </Button>
          <Button asChild>
            <Link to={to(step)}>Later</Link>
          </Button>
        </Flex>
      </Flex>
      {moved && (
        <Flex role="status" className={css.moved}>
          <span>
            “{moved.session.details.title}” is on{" "}
            {weekday(moved.session.details.startsAt.slice(0, 10), "long")}{" "}
            {dayAndMonth(moved.session.details.startsAt.slice(0, 10))} now
            {moved.session.warmUps.length > 0 && ", with its warm-ups"}.
          </span>
          <Button
            onClick={() => {
              moveTo(moved.session, moved.from);
              forget();
            }}
          >
            Undo
          </Button>
        </Flex>
      )}
      {move.error && <ErrorNotice error={move.error} />}
      {sessions.error && (
        <ErrorNotice error={sessions.error} onRetry={() => void sessions.refetch()} />
      )}
      <div className={clsx(css.weeks, span === "month" && css.close)}>
        {days.map((day) => (
          <Day key={day} day={day} isToday={day === today} sessions={onDay(day)} onMove={moveTo} />
        ))}
      </div>
      <Box color="inkSoft" fontSize="sm" mt="3">
        Drag a session to another day, or hold Alt and press an arrow key: left and right by a day,
        up and down by a week.
      </Box>
    </>
  );
}

/** The session being dragged; only one can be. */
let dragged: SessionView | undefined;

function Day({
  day,
  isToday,
  sessions,
  onMove,
}: {
  day: string;
  isToday: boolean;
  sessions: SessionView[];
  onMove: (session: SessionView, to: string) => void;
}) {
  const [isOver, setOver] = useState(false);
  return (
    <section
      className={clsx(css.day, isToday && css.today, isOver && css.over)}
      aria-label={`${weekday(day, "long")} ${dayAndMonth(day)}`}
      onDragOver={(event) => {
        if (!dragged) return;
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={(event) => {
        event.preventDefault();
        setOver(false);
        if (dragged) onMove(dragged, day);
        dragged = undefined;
      }}
    >
      <h2>
        <Link to={`/day/${day}`}>
          <span>{weekday(day, "short")}</span> <b>{Number(day.slice(8))}</b>
        </Link>
        <Link
          to={`/sessions/new?date=${day}`}
          aria-label={`Add a session on ${dayAndMonth(day)}`}
          className={css.add}
        >
          +
        </Link>
      </h2>
      {sessions.map((session) => (
        <Session key={session.id} session={session} day={day} onMove={onMove} />
      ))}
    </section>
  );
}

/** Days that an arrow key moves a session by. */
const BY: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -7, ArrowDown: 7 };

function Session({
  session,
  day,
  onMove,
}: {
  session: SessionView;
  day: string;
  onMove: (session: SessionView, to: string) => void;
}) {
  const { details, warmUps } = session;
  const people = details.athleteIds.length;
  return (
    <Link
      to={`/sessions/${session.id}`}
      className={css.session}
      draggable
      onDragStart={(event) => {
        dragged = session;
        event.dataTransfer.effectAllowed = "move";
      }}
      onDragEnd={() => {
        dragged = undefined;
      }}
      onKeyDown={(event) => {
        const by = event.altKey ? BY[event.key] : undefined;
        if (by === undefined) return;
        event.preventDefault();
        onMove(session, plusDays(day, by));
      }}
      title={`${timeOf(details.startsAt)} ${details.title}`}
    >
      <b>{timeOf(details.startsAt)}</b> <SportIcon sport={details.sport} size={14} />
      <span className={css.title}>
        {details.calledOff ? <s>{details.title}</s> : details.title}
      </span>
      <small>
        {people === 0
          ? "nobody yet"
          : warmUps.length >= people
            ? `${people} prescribed`
            : `${warmUps.length} of ${people} prescribed`}
      </small>
    </Link>
  );
}
