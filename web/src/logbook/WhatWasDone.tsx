import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { api, data } from "../api/client";
import type { FollowedView } from "../api/types";
import { wordsOf } from "../decision/look";
import { sayTime } from "../shared/calendar";
import { CHECKPOINTS } from "../shared/words";
import { Soft } from "../shared/panels";
import { differs, doneOf, facts, READY } from "./done";
import { Measured } from "./Measured";
import css from "./logbook.module.css";

interface Props {
  prescriptionId: string;
  /** First effort, where the club is. */
  startsAt: string;
}

/** Of many differences these are listed. */
const SHOWN = 6;

/** So often one looks while it may be followed, ms. */
const OFTEN = 5000;

/** It may be followed within this time of its start, wherever the club is, ms. */
const NEAR = 17 * 3_600_000;

/** What came back by itself from whoever followed it; nothing before anybody began. */
export function WhatWasDone({ prescriptionId, startsAt }: Props) {
  const followed = useQuery({
    queryKey: ["followed", prescriptionId],
    queryFn: () =>
      data(
        api.GET("/api/prescriptions/{id}/followed", { params: { path: { id: prescriptionId } } }),
      ),
    refetchInterval: () => (isNear(startsAt) ? OFTEN : false),
  });
  const view = followed.data;
  if (!view) return null;
  if (!view.begun) return <Looks looks={view.looks} />;
  const [done, planned] = doneOf(view.items);
  const words = view.items.map(differs).filter((w) => w !== "");
  return (
    <Box as="section" aria-label="What was done" mb="5">
      <Box as="h2" fontSize="lg" mb="1">
        {view.ended ? "What was done" : "Under way"}
      </Box>
      <Flex align="baseline" gap="3" wrap="wrap">
        <Box fontSize="2xl" fontWeight="700" lineHeight="1.1">
          {done} of {planned}
        </Box>
        {view.felt != null && (
          <Box fontSize="lg">
            felt <b>{READY[view.felt - 1]}</b>, {view.felt} of 5
          </Box>
        )}
      </Flex>
      <div className={css.strip} role="img" aria-label={`${done} of ${planned} done`}>
        {view.items.map((item) => (
          <i
            key={item.id}
            title={`${item.name}: ${STATES[item.state]}`}
            className={css[item.state.toLowerCase()]}
            style={{ flexGrow: Math.max(10, item.planned || item.seconds) }}
          />
        ))}
      </div>
      <Soft>{sentence(facts(view))}</Soft>
      <Looks looks={view.looks} />
      <Measured measured={view.measured} heartFactor={view.heartFactor} />
      {words.length > 0 && (
        <ul className={css.words}>
          {words.slice(0, SHOWN).map((word, i) => (
            <li key={i}>{word}</li>
          ))}
          {words.length > SHOWN && <li>and {words.length - SHOWN} more</li>}
        </ul>
      )}
    </Box>
  );
}

const STATES = {
  DONE: "done",
  PARTLY: "done in part",
  SKIPPED: "left out",
  NOT_REACHED: "not reached",
};

function sentence(parts: readonly string[]): string {
  const whole = parts.join("; ");
  return whole === "" ? "" : `${whole[0]?.toUpperCase()}${whole.slice(1)}.`;
}

function isNear(startsAt: string): boolean {
  return Math.abs(Date.parse(startsAt) - Date.now()) < NEAR;
}

const DECIDED: Record<FollowedView["looks"][number]["look"]["decided"], string> = {
  CARRY_ON: "carry on",
  ADD: "something added",
  REPEAT: "a round repeated",
  CHANGE: "the session changed",
  STOP: "stopped",
};

/** What was seen on the way, by whom, and what was decided. */
function Looks({ looks }: { looks: FollowedView["looks"] }) {
  if (looks.length === 0) return null;
  return (
    <ul className={css.words} aria-label="What was seen">
      {looks.map(({ at, byCoach, look }) => (
        <li key={`${at} ${look.checkpoint}`}>
          {sayTime(at.slice(11, 16))}, {CHECKPOINTS[look.checkpoint]}
          {byCoach ? ", seen by a coach" : ""}: {look.marks.map(wordsOf).join(", ")} →{" "}
          <b>{look.isTaken ? DECIDED[look.decided] : "the plan stays"}</b>
          {look.isTaken && look.session ? `: ${look.session}` : ""}
        </li>
      ))}
    </ul>
  );
}
