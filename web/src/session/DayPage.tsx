import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams } from "react-router";
import { api, data } from "../api/client";
import type { AthleteView, SessionView } from "../api/types";
import { MiniCountdown } from "../shared/Countdown";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SportIcon } from "../shared/icons";
import { clock } from "../shared/units";
import { SPORTS } from "../shared/sports";
import { KINDS, PLACES } from "../shared/words";
import { before, dayAndMonth, plusDays, timeOf, weekday } from "../shared/dates";
import { PrescribeAll } from "./PrescribeAll";
import { RemovedNotice } from "./RemoveSession";
import { laterBy, startOf } from "../shared/starts";
import { usePrescribe } from "./usePrescribe";

/** Minutes that every warm-up of the day is drawn against at least, so that lengths compare. */
const LEAST_MINUTES = 40;

/** The axis of a day: as long as its longest warm-up, in tens of minutes. */
function axisOf(sessions: readonly SessionView[]): number {
  const longest = Math.max(0, ...sessions.flatMap((s) => s.warmUps.map((w) => w.seconds)));
  return Math.max(LEAST_MINUTES, 10 * Math.ceil(longest / 600));
}

export function DayPage({ today }: { today: string }) {
  const { date = today } = useParams();
  const from = plusDays(date, -3);
  const until = plusDays(date, 3);
  const week = useQuery({
    queryKey: ["sessions", from, until],
    queryFn: () => data(api.GET("/api/sessions", { params: { query: { from, until } } })),
    placeholderData: (previous) => previous,
  });
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  const sessions = (week.data ?? []).filter((s) => s.details.startsAt.startsWith(date));
  const axis = axisOf(sessions);
  const error = week.error ?? athletes.error;

  return (
    <>
      <Flex align="baseline" gap="4" wrap="wrap" mb="3">
        <Box as="h1" fontSize="2xl">
          {date === today ? "Today, " : ""}
          {weekday(date, "long")} {dayAndMonth(date)}
        </Box>
        <Box flex="1" />
        {sessions.length > 1 && (
          <PrescribeAll sessions={sessions} of="the day" what="the whole day:" />
        )}
        <Button asChild variant="ghost">
          <Link to={`/board/${date}`}>Board</Link>
        </Button>
        <Button asChild variant="ghost">
          <Link to={`/weeks/${date}`}>Weeks</Link>
        </Button>
        <Button asChild variant="ghost">
          <Link to={`/review/${plusDays(date, -6)}`}>Looking back</Link>
        </Button>
        <Link to={`/sessions/new?date=${date}`}>
          <Button variant="solid" as="span">
            Add a session
          </Button>
        </Link>
      </Flex>
      <Grid as="nav" aria-label="Days" templateColumns="repeat(7, 1fr)" gap="1" mb="5">
        {[-3, -2, -1, 0, 1, 2, 3].map((offset) => {
          const day = plusDays(date, offset);
          const count = (week.data ?? []).filter((s) => s.details.startsAt.startsWith(day)).length;
          return (
            <Link
              key={day}
              to={`/day/${day}`}
              aria-label={`${weekday(day, "short")} ${Number(day.slice(8))}, ${sessionsOf(count)}`}
              aria-current={offset === 0 ? "date" : undefined}
            >
              <Box
                textAlign="center"
                py="1.5"
                borderRadius="4px"
                bg={offset === 0 ? "paperRaised" : "transparent"}
                border="1px solid"
                borderColor={offset === 0 ? "ink" : "rule"}
                fontSize="sm"
              >
                <Box fontWeight={day === today ? 800 : 500}>
                  {weekday(day, "short")}{" "}
                  <Box as="span" display={{ base: "block", md: "inline" }}>
                    {Number(day.slice(8))}
                  </Box>
                </Box>
                <Box color="inkSoft" fontSize="xs">
                  {count || "–"}
                  <Box as="span" hideBelow="md">
                    {count === 0 ? "" : count === 1 ? " session" : " sessions"}
                  </Box>
                </Box>
              </Box>
            </Link>
          );
        })}
      </Grid>
      <RemovedNotice />
      {error && <ErrorNotice error={error} onRetry={() => void week.refetch()} />}
      {week.data && sessions.length === 0 && athletes.data?.length === 0 && (
        <Box py="8">
          <Box color="inkSoft" mb="3">
            Begin with your athletes: their sport, their level and a recent result. Then add a
            session; each of them gets a warm-up that ends at its start.
          </Box>
          <Button asChild variant="solid">
            <Link to="/athletes">Add athletes</Link>
          </Button>
        </Box>
      )}
      {week.data && sessions.length === 0 && athletes.data?.length !== 0 && (
        <Box color="inkSoft" py="8">
          Nothing planned. Add a session with its start, place and athletes; each athlete then gets
          a warm-up that ends at that start.
        </Box>
      )}
      {sessions.length > 0 && <AxisHead minutes={axis} />}
      {sessions.map((session) => (
        <SessionRow key={session.id} session={session} athletes={athletes.data ?? []} axis={axis} />
      ))}
    </>
  );
}

function sessionsOf(count: number): string {
  return count === 0 ? "no session" : count === 1 ? "1 session" : `${count} sessions`;
}

const COLUMNS = { base: "1fr", md: "290px 150px 1fr 118px" };

function AxisHead({ minutes }: { minutes: number }) {
  const each = minutes > 60 ? 20 : 10;
  const labels = Array.from({ length: Math.floor(minutes / each) + 1 }, (_, i) => each * i);
  return (
    <Grid templateColumns={COLUMNS} gap="4" hideBelow="md" fontSize="xs" color="inkSoft">
      <Box />
      <Box />
      <Box position="relative">
        {labels.map((minute) => (
          <Box
            key={minute}
            as="span"
            position={minute === 0 ? "relative" : "absolute"}
            display={minute === 0 ? "block" : "inline"}
            textAlign="right"
            top="0"
            left={minute === 0 ? undefined : `${100 * (1 - minute / minutes)}%`}
          >
            {minute ? `−${minute} min` : "start"}
          </Box>
        ))}
      </Box>
      <Box>begins</Box>
    </Grid>
  );
}

/** The figures largest; morning or afternoon, where it is said, beside them. */
function BigTime({ time }: { time: string }) {
  const [figures, half] = time.split(" ");
  return (
    <Box flex="none" fontSize="2xl" lineHeight="1" fontWeight="700" letterSpacing="-0.02em">
      {figures}
      {half && (
        <Box as="small" fontSize="sm" letterSpacing="0">
          {" "}
          {half}
        </Box>
      )}
    </Box>
  );
}

function SessionRow({
  session,
  athletes,
  axis,
}: {
  session: SessionView;
  athletes: AthleteView[];
  axis: number;
}) {
  const { details } = session;
  const names = new Map(athletes.map((a) => [a.id, a.profile.name]));
  return (
    <Box borderTop="2px solid var(--ink)" py="3">
      <Grid templateColumns={{ base: "1fr", md: "290px 1fr" }} gap="4">
        <Flex gap="3">
          <Link to={`/sessions/${session.id}`} aria-label={`Change ${details.title}`}>
            <BigTime time={timeOf(details.startsAt)} />
          </Link>
          <Box minW="0">
            <Box
              fontWeight="700"
              textDecoration={details.calledOff ? "line-through" : "underline"}
              textUnderlineOffset="3px"
            >
              <Link to={`/sessions/${session.id}`}>{details.title}</Link>
            </Box>
            {details.calledOff && <Box fontWeight="700">does not take place</Box>}
            <Flex gap="1" align="center" color="inkSoft" fontSize="sm">
              <SportIcon sport={details.sport} size={16} /> {SPORTS[details.sport]} ·{" "}
              {KINDS[details.kind].toLowerCase()}
            </Flex>
            <Box color="inkSoft" fontSize="sm">
              {PLACES[details.place]}, {details.temperature} °C, {details.minutes} min
            </Box>
            <Flex mt="2" gap="3" align="center" wrap="wrap">
              <PrescribeAll sessions={[session]} of={details.title} />
              {session.warmUps.length > 1 && (
                <Flex gap="3" fontSize="sm" textDecoration="underline">
                  <Link
                    to={`/sessions/${session.id}/sheet`}
                    aria-label={`Squad sheet of ${details.title}`}
                  >
                    Squad sheet
                  </Link>
                  <Link
                    to={`/sessions/${session.id}/records`}
                    aria-label={`Write down ${details.title}`}
                  >
                    Write down
                  </Link>
                </Flex>
              )}
            </Flex>
          </Box>
        </Flex>
        <Box>
          {details.athleteIds.length === 0 && <Box color="inkSoft">No athletes yet.</Box>}
          {details.athleteIds.map((id) => (
            <AthleteRow
              key={id}
              session={session}
              athleteId={id}
              name={names.get(id) ?? "…"}
              axis={axis}
            />
          ))}
        </Box>
      </Grid>
    </Box>
  );
}

function AthleteRow({
  session,
  athleteId,
  name,
  axis,
}: {
  session: SessionView;
  athleteId: string;
  name: string;
  axis: number;
}) {
  const warmUp = session.warmUps.find((w) => w.athleteId === athleteId);
  const later = laterBy(session.details, athleteId);
  const prescribe = usePrescribe();
  const navigate = useNavigate();
  const open = () =>
    warmUp
      ? void navigate(`/prescriptions/${warmUp.prescriptionId}`)
      : prescribe.mutate({ sessionId: session.id, athleteId });
  return (
    <Grid
      templateColumns={{ base: "1fr auto", md: "150px 1fr 118px" }}
      gap={{ base: "1", md: "4" }}
      alignItems="end"
      mb="2"
    >
      <Box fontWeight="600" fontSize="sm" overflow="hidden" textOverflow="ellipsis">
        <Link to={`/athletes/${athleteId}`}>{name}</Link>
        {later > 0 && (
          <Box as="span" display="block" color="inkSoft" fontWeight="500">
            starts {timeOf(startOf(session.details, athleteId))}
          </Box>
        )}
      </Box>
      {warmUp ? (
        <Box
          asChild
          gridColumn={{ base: "1 / -1", md: "auto" }}
          gridRow={{ base: "2", md: "auto" }}
          cursor="pointer"
        >
          <button type="button" onClick={open} aria-label={`Open the warm-up of ${name}`}>
            <MiniCountdown steps={warmUp.steps} span={60 * axis} />
          </button>
        </Box>
      ) : (
        <Box hideBelow="md" borderBottom="1px dashed var(--rule-strong)" h="30px" />
      )}
      <Box textAlign={{ base: "right", md: "left" }}>
        {warmUp ? (
          <Link to={`/prescriptions/${warmUp.prescriptionId}`}>
            <Box as="b" textDecoration="underline">
              {before(
                startOf(session.details, athleteId),
                Math.ceil(warmUp.seconds / 60) * 60 - 60 * warmUp.slipped,
              )}
            </Box>{" "}
            <Box as="span" color="inkSoft" fontSize="sm">
              {clock(warmUp.seconds)}
            </Box>
          </Link>
        ) : (
          <Button
            onClick={open}
            disabled={prescribe.isPending}
            aria-label={`Prescribe ${session.details.title} for ${name}`}
          >
            Prescribe
          </Button>
        )}
      </Box>
      {prescribe.error && (
        <Box gridColumn="1 / -1">
          <ErrorNotice error={prescribe.error} />
        </Box>
      )}
    </Grid>
  );
}
