import { Box, Button, Flex } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import type { BoardAthlete, BoardSession, BoardView, Crossing } from "../api/types";
import { CheckInPanel } from "../checkin/CheckInPanel";
import { dayAndMonth, plusDays, weekday } from "../shared/dates";
import { sayTime } from "../shared/calendar";
import { ErrorNotice } from "../shared/ErrorNotice";
import { NumberField } from "../shared/NumberField";
import { SportIcon } from "../shared/icons";
import { KITS, PLACES } from "../shared/words";
import { AthletePanel } from "./AthletePanel";
import { shifted } from "./lines";
import { standingOf } from "./standing";
import { Stock } from "./Stock";
import { StringLines, timeIn } from "./StringLines";
import { useBoard, useTried } from "./useBoard";
import clsx from "clsx";
import css from "./board.module.css";

/** So often the clock on the board moves on, ms. */
const TICK = 5000;

/** Every warm-up of a day on one clock, as it goes. */
export function BoardPage({ today }: { today: string }) {
  const { date = today } = useParams();
  const [coaches, setCoaches] = useState(1);
  const board = useBoard(date, coaches);
  const now = useNow(board.view);
  const [dragged, setDragged] = useState<{ sessionId: string; minutes: number }>();
  const [chosen, setChosen] = useState<string>();
  const tried = useTried(date, coaches, dragged);
  if (board.error && !board.view) return <ErrorNotice error={board.error} onRetry={board.retry} />;
  if (!board.view) return <p>Loading…</p>;
  const view = dragged ? shifted(board.view, dragged.sessionId, dragged.minutes) : board.view;
  const crossings = (tried ?? board.view.crossings).filter((c) => Date.parse(c.until) > now);
  return (
    <>
      <Flex align="baseline" gap="4" wrap="wrap" mb="3">
        <Box as="h1" fontSize="2xl">
          {date === today ? "Today, " : ""}
          {weekday(date, "long")} {dayAndMonth(date)}
        </Box>
        <Flex gap="1">
          <Button asChild variant="ghost">
            <Link to={`/board/${plusDays(date, -1)}`} aria-label="The day before">
              ←
            </Link>
          </Button>
          <Button asChild variant="ghost">
            <Link to={`/board/${plusDays(date, 1)}`} aria-label="The day after">
              →
            </Link>
          </Button>
        </Flex>
        <Box flex="1" />
        <Box w="9rem">
          <NumberField
            label="Coaches there"
            value={coaches}
            onCommit={(n) => setCoaches(Math.max(1, Math.min(20, n)))}
          />
        </Box>
        <Button asChild variant="ghost">
          <Link to={`/day/${date}`}>Warm-ups</Link>
        </Button>
      </Flex>
      <CheckInPanel date={date} />
      <Crossings
        view={view}
        crossings={crossings}
        onMove={(session, minutes) => board.shift(session, minutes)}
      />
      {board.moved && (
        <Flex className={css.moved} role="status" align="center" gap="3">
          <span>
            {board.moved.title}: {Math.abs(board.moved.minutes)} min{" "}
            {board.moved.minutes > 0 ? "later" : "earlier"}.
          </span>
          <Button onClick={board.undo}>Undo</Button>
        </Flex>
      )}
      {board.shiftError && <ErrorNotice error={board.shiftError} />}
      {view.sessions.length === 0 ? (
        <Box color="inkSoft" py="8">
          Nothing planned. <Link to={`/sessions/new?date=${date}`}>Add a session</Link>, and its
          warm-ups stand here on one clock.
        </Box>
      ) : (
        <>
          <StringLines
            view={view}
            crossings={crossings}
            now={now}
            dragged={dragged}
            onDrag={setDragged}
            onDrop={(session, minutes) => {
              setDragged(undefined);
              board.shift(session, minutes);
            }}
          />
          <p id="how-to-move" className={css.how}>
            Drag a start, or move it with the arrow keys (with Shift five minutes) and Enter.
          </p>
        </>
      )}
      <div className={css.groups}>
        {comingFirst(view.sessions, now).map((session) => (
          <GroupCard
            key={session.id}
            session={session}
            view={view}
            now={now}
            chosen={chosen}
            onChoose={setChosen}
          />
        ))}
      </div>
      <Stock stock={view.stock} sessions={view.sessions} onCounted={board.retry} />
    </>
  );
}

/** What is long over comes last. */
function comingFirst(sessions: readonly BoardSession[], now: number): BoardSession[] {
  const isOver = (s: BoardSession) => Number(Date.parse(s.startsAt) < now - 3_600_000);
  return sessions.toSorted((a, b) => isOver(a) - isOver(b));
}

/** The server's clock, going on by itself. */
function useNow(view: BoardView | undefined): number {
  const [now, setNow] = useState(() => Date.now());
  const told = view?.now;
  useEffect(() => {
    const ahead = told === undefined ? 0 : Date.parse(told) - Date.now();
    const tick = () => setNow(Date.now() + ahead);
    const first = setTimeout(tick);
    const timer = setInterval(tick, TICK);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
    };
  }, [told]);
  return now;
}

function Crossings({
  view,
  crossings,
  onMove,
}: {
  view: BoardView;
  crossings: readonly Crossing[];
  onMove: (session: BoardSession, minutes: number) => void;
}) {
  if (crossings.length === 0) return null;
  const titles = new Map(view.sessions.map((s) => [s.id, s]));
  const time = (at: string) => sayTime(timeIn(view, Date.parse(at)));
  return (
    <ul className={css.crossings} aria-label="In each other's way">
      {crossings.map((c) => {
        const session = c.shift && titles.get(c.shift.sessionId);
        return (
          <li key={`${c.kit ?? "coach"} ${c.place ?? ""} ${c.from}`}>
            <span>
              <b>
                {time(c.from)}–{time(c.until)}
              </b>{" "}
              {c.kit && c.place
                ? `${c.wanted} want ${KITS[c.kit]} (${PLACES[c.place]}), ${c.there} at once`
                : `you are wanted in ${c.wanted} places`}
              : {c.sessionIds.map((id) => titles.get(id)?.title ?? "").join(", ")}
              {c.sessionIds.length === 1 && `. Take it in ${turns(c)} turns.`}
            </span>
            {c.shift && session && (
              <Button onClick={() => onMove(session, c.shift?.minutes ?? 0)}>
                {session.title}: {Math.abs(c.shift.minutes)} min{" "}
                {c.shift.minutes > 0 ? "later" : "earlier"}
              </Button>
            )}
          </li>
        );
      })}
    </ul>
  );
}

function turns({ wanted, there }: Crossing): number {
  return Math.ceil(wanted / Math.max(1, there));
}

function GroupCard({
  session,
  view,
  now,
  chosen,
  onChoose,
}: {
  session: BoardSession;
  view: BoardView;
  now: number;
  chosen: string | undefined;
  onChoose: (id: string | undefined) => void;
}) {
  const states = new Map(view.live.states.map((s) => [s.prescriptionId, s]));
  const stateOf = (a: BoardAthlete) => states.get(a.prescriptionId ?? "");
  const open = session.athletes.find((a) => `${session.id} ${a.athleteId}` === chosen);
  return (
    <section className={css.group} aria-label={session.title}>
      <h2>
        <Link to={`/sessions/${session.id}`}>
          {sayTime(timeIn(view, Date.parse(session.startsAt)))} {session.title}
        </Link>
      </h2>
      <p>
        <span className={css.icon}>
          <SportIcon sport={session.sport} size={15} />
        </span>{" "}
        {PLACES[session.place]} · <Link to={`/sessions/${session.id}/sheet`}>squad sheet</Link> ·{" "}
        <Link to={`/sessions/${session.id}/class`}>class</Link>
      </p>
      <ul>
        {session.athletes.map((athlete) => {
          const { kind, words, needsLook } = standingOf(athlete, stateOf(athlete), now);
          const id = `${session.id} ${athlete.athleteId}`;
          return (
            <li key={athlete.athleteId}>
              <button
                type="button"
                className={clsx(css.athlete, css[kind.toLowerCase()])}
                aria-expanded={chosen === id}
                onClick={() => onChoose(chosen === id ? undefined : id)}
              >
                <span aria-hidden>{needsLook ? "!" : MARKS[kind]}</span>
                <b>{athlete.name}</b> <small>{words}</small>
              </button>
            </li>
          );
        })}
      </ul>
      {open && (
        <AthletePanel
          athlete={open}
          standing={standingOf(open, stateOf(open), now)}
          onClose={() => onChoose(undefined)}
        />
      )}
    </section>
  );
}

/** Told apart by shape, not by colour. */
const MARKS = {
  NOTHING: "·",
  PLANNED: "○",
  TOLD: "◔",
  LATE: "▲",
  RUNNING: "◐",
  DONE: "●",
  LOOK: "!",
} as const;
