import { Button, Flex } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { SessionView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { CommittedField } from "../shared/CommittedField";

/** Calls a session off, or lets it take place after all; it stays on the calendar either way. */
export function CallOff({ session }: { session: SessionView }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const isOff = session.details.calledOff === true;
  const change = useMutation({
    mutationFn: () =>
      data(
        api.PUT("/api/sessions/{id}", {
          params: { path: { id: session.id }, query: { version: session.version } },
          body: { ...session.details, calledOff: isOff ? null : true },
        }),
      ),
    onSuccess: () => {
      invalidate(queries, ["sessions"]);
      void navigate(`/day/${session.details.startsAt.slice(0, 10)}`);
    },
  });
  return (
    <>
      <Button
        size="md"
        variant="ghost"
        disabled={change.isPending}
        title={
          isOff ? undefined : "It stays on the calendar; athletes see that it does not take place."
        }
        onClick={() => change.mutate()}
      >
        {isOff ? "It takes place after all" : "Call off"}
      </Button>
      {change.error && <ErrorNotice error={change.error} />}
    </>
  );
}

/** The same session once a week, for some weeks more. */
export function RepeatWeekly({ session }: { session: SessionView }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [weeks, setWeeks] = useState(4);
  const repeat = useMutation({
    mutationFn: () =>
      data(
        api.POST("/api/sessions/{id}/repeat", {
          params: { path: { id: session.id }, query: { weeks } },
        }),
      ),
    onSuccess: () => {
      invalidate(queries, ["sessions"]);
      void navigate(`/weeks/${session.details.startsAt.slice(0, 10)}?span=month`);
    },
  });
  return (
    <Flex gap="2" align="end">
      <CommittedField
        label="Weeks more"
        inputMode="numeric"
        value={String(weeks)}
        error={undefined}
        onCommit={(typed) => {
          const number = Number(typed);
          if (Number.isInteger(number) && number >= 1 && number <= 52) setWeeks(number);
        }}
      />
      <Button size="md" variant="ghost" disabled={repeat.isPending} onClick={() => repeat.mutate()}>
        Repeat weekly
      </Button>
      {repeat.error && <ErrorNotice error={repeat.error} />}
    </Flex>
  );
}
