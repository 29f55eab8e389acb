import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, data } from "../api/client";
import type { WeekReview } from "../api/types";
import { figure } from "../learning/words";
import { dayAndMonth, plusDays } from "../shared/dates";
import { ErrorNotice } from "../shared/ErrorNotice";
import { Section, Soft, Title } from "../shared/panels";
import { clock } from "../shared/units";
import { regionInSentence } from "../shared/words";
import css from "./review.module.css";

const REASONS: Record<WeekReview["skipped"][number]["reason"], string> = {
  NO_ROOM: "no room",
  NO_KIT: "no kit",
  SORE: "sore",
  SHORT_OF_TIME: "short of time",
  UNSAID: "no reason told",
};

/** Whoever looks back on Sunday sees the week that ends; the address says which. */
export function ReviewPage({ today }: { today: string }) {
  const { date } = useParams();
  const from = date ?? plusDays(today, -6);
  const review = useQuery({
    queryKey: ["review", from],
    queryFn: () => data(api.GET("/api/review", { params: { query: { from } } })),
  });
  if (review.error) return <ErrorNotice error={review.error} />;
  const view = review.data;
  return (
    <>
      <Flex align="baseline" gap="4" wrap="wrap">
        <Box as="h1" fontSize="2xl" flex="1">
          {dayAndMonth(from)} to {dayAndMonth(plusDays(from, 6))}
        </Box>
        <Link to={`/review/${plusDays(from, -7)}`}>← Week before</Link>
        {plusDays(from, 6) < today && <Link to={`/review/${plusDays(from, 7)}`}>Week after →</Link>}
        <a href={`/api/records.csv?from=${from}&until=${plusDays(from, 6)}`}>As a table (CSV)</a>
        <a href={`/api/records.json?from=${from}&until=${plusDays(from, 6)}`} download>
          Whole (JSON)
        </a>
      </Flex>
      {view ? <Week view={view} /> : <Box>Loading…</Box>}
    </>
  );
}

function Week({ view }: { view: WeekReview }) {
  if (view.sessions === 0) return <Soft>No session in these seven days.</Soft>;
  return (
    <>
      <Box fontSize="4xl" fontWeight="700" lineHeight="1.1" mt="2">
        {view.recorded} of {view.prescribed}
      </Box>
      <Box color="inkSoft">
        warm-ups on record, before {view.sessions} {view.sessions === 1 ? "session" : "sessions"}
      </Box>
      <Section aria-label="Athletes" w="100%">
        <Title>Who, how ready, where sore</Title>
        <div className={css.wide}>
          <table className={css.table}>
            <thead>
              <tr>
                <th>Athlete</th>
                <th>on record</th>
                <th>felt</th>
                <th>drills over</th>
                <th>sore or stiff</th>
                <th>checked in</th>
              </tr>
            </thead>
            <tbody>
              {view.athletes.map((a) => (
                <tr key={a.athleteId}>
                  <td>
                    <Link to={`/athletes/${a.athleteId}`}>{a.name}</Link>
                  </td>
                  <td>
                    {a.recorded} of {a.sessions}
                  </td>
                  <td>{a.felt == null ? "" : `${figure(a.felt)} of 5`}</td>
                  <td>{a.over < 30 ? "" : clock(a.over)}</td>
                  <td>{a.sore.map(regionInSentence).join(", ")}</td>
                  <td>{a.hasCheckedIn ? "yes" : "not once"}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </Section>
      <Section aria-label="Left out">
        <Title>Left out</Title>
        {view.skipped.length === 0 && <Soft>Nothing was left out.</Soft>}
        <div className={css.columns}>
          {view.skipped.map((s) => (
            <Box key={`${s.athleteId} ${s.drill} ${s.reason}`}>
              <b>{s.athlete}</b>: {s.drill}
              {s.times > 1 ? `, ${s.times} times` : ""}
              <Box as="span" color="inkSoft">
                {" "}
                ({REASONS[s.reason]})
              </Box>
            </Box>
          ))}
        </div>
      </Section>
      <OwnTimes view={view} />
    </>
  );
}

/** Of many drills these are shown at first. */
const SHOWN = 8;

/** Where drills take this club another time than we say; used only when the coach says so. */
function OwnTimes({ view }: { view: WeekReview }) {
  const queries = useQueryClient();
  const refresh = () => void queries.invalidateQueries({ queryKey: ["review"] });
  const use = useMutation({
    mutationFn: (drill: string) =>
      api.POST("/api/own-times", { body: { drill, until: view.until } }),
    onSuccess: refresh,
  });
  const forget = useMutation({
    mutationFn: (drill: string) =>
      api.DELETE("/api/own-times/{drill}", { params: { path: { drill } } }),
    onSuccess: refresh,
  });
  const [showsAll, setShowsAll] = useState(false);
  const all = view.times.filter((t) => t.isWorthwhile || t.isUsed);
  const shown = showsAll ? all : all.slice(0, SHOWN);
  return (
    <Section aria-label="Your own times" w="100%">
      <Title>Your own times</Title>
      <Soft>
        Of {view.times.length} drills followed at least five times in twelve weeks, these take you
        another time than we say, drawn towards ours where they are few. Plans use it once you say
        so.
      </Soft>
      <Changeovers view={view} />
      {shown.map((t) => (
        <Flex key={t.drill} gap="3" align="center" wrap="wrap" w="100%">
          <Box flex="1" minW="220px">
            <b>{t.name}</b>: {Math.round(t.planned * t.factor)} s{" "}
            {t.isUsed ? "against a plan of" : "instead of"} {t.planned} s
            <Box as="span" color="inkSoft">
              {" "}
              ({t.times} times; {share(t.low)} to {share(t.high)})
            </Box>
          </Box>
          {t.isUsed ? (
            <Button size="sm" variant="ghost" onClick={() => forget.mutate(t.drill)}>
              Used: go back to ours
            </Button>
          ) : (
            <Button size="sm" onClick={() => use.mutate(t.drill)}>
              Use it
            </Button>
          )}
        </Flex>
      ))}
      {all.length > SHOWN && (
        <Button variant="ghost" size="sm" onClick={() => setShowsAll(!showsAll)}>
          {showsAll ? "Fewer" : `All ${all.length}`}
        </Button>
      )}
      {(use.error ?? forget.error) && <ErrorNotice error={use.error ?? forget.error} />}
    </Section>
  );
}

/** Getting from drill to drill, all kinds together. */
function Changeovers({ view }: { view: WeekReview }) {
  const queries = useQueryClient();
  const own = view.changeovers;
  const turn = useMutation({
    mutationFn: (isUsed: boolean) =>
      isUsed
        ? api.PUT("/api/own-changeovers", { body: { until: view.until } })
        : api.DELETE("/api/own-changeovers"),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ["review"] }),
  });
  if (!own || !(own.isWorthwhile || own.isUsed)) return null;
  return (
    <Flex gap="3" align="center" wrap="wrap" w="100%">
      <Box flex="1" minW="220px">
        <b>From drill to drill</b>: {clock(Math.round(own.planned * own.factor))} a warm-up{" "}
        {own.isUsed ? "against a plan of" : "instead of"} {clock(own.planned)}
        <Box as="span" color="inkSoft">
          {" "}
          ({own.warmUps} warm-ups; {share(own.low)} to {share(own.high)})
        </Box>
      </Box>
      <Button
        size="sm"
        variant={own.isUsed ? "ghost" : "outline"}
        loading={turn.isPending}
        onClick={() => turn.mutate(!own.isUsed)}
      >
        {own.isUsed ? "Used: go back to ours" : "Use it"}
      </Button>
      {turn.error && <ErrorNotice error={turn.error} />}
    </Flex>
  );
}

function share(factor: number): string {
  const percent = Math.round(100 * (factor - 1));
  return `${percent > 0 ? "+" : percent < 0 ? "−" : "±"}${Math.abs(percent)} %`;
}
