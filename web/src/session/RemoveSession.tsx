import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useLocation, useNavigate } from "react-router";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import type { SessionView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";

/** What a day is told of a session that was on it. */
interface Removed {
  removed: { id: string; version: number; title: string };
}

/** Takes a session off the calendar; what goes with it is said first. */
export function RemoveSession({ session }: { session: SessionView }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [isAsked, setAsked] = useState(false);
  const { title, startsAt } = session.details;
  const remove = useMutation({
    mutationFn: () =>
      data(
        api.DELETE("/api/sessions/{id}", {
          params: { path: { id: session.id }, query: { version: session.version } },
        }),
      ),
    onSuccess: ({ id, version }) => {
      invalidate(queries, ["sessions"]);
      const state: Removed = { removed: { id, version, title } };
      void navigate(`/day/${startsAt.slice(0, 10)}`, { state });
    },
  });
  return (
    <Flex gap="3" align="center" wrap="wrap">
      {isAsked && session.warmUps.length > 0 && (
        <Box color="inkSoft" fontSize="sm">
          {goesWithIt(session.warmUps.length)}
        </Box>
      )}
      <Button
        size="md"
        variant={isAsked ? "solid" : "ghost"}
        disabled={remove.isPending}
        onClick={() => (isAsked ? remove.mutate() : setAsked(true))}
      >
        {isAsked ? "Delete it now" : "Delete"}
      </Button>
      {remove.error && <ErrorNotice error={remove.error} />}
    </Flex>
  );
}

function goesWithIt(count: number): string {
  return count === 1
    ? "Its warm-up goes with it, and the link to it stops."
    : `Its ${count} warm-ups go with it, and the links to them stop.`;
}

/** On the day that a session was taken from: the way back. */
export function RemovedNotice() {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const location = useLocation();
  const removed = (location.state as Removed | null)?.removed;
  const restore = useMutation({
    mutationFn: ({ id, version }: Removed["removed"]) =>
      data(
        api.POST("/api/sessions/{id}/restore", { params: { path: { id }, query: { version } } }),
      ),
    onSuccess: () => {
      invalidate(queries, ["sessions"]);
      void navigate(location.pathname, { replace: true, state: null });
    },
  });
  if (!removed) return null;
  return (
    <Flex
      role="status"
      gap="3"
      align="center"
      wrap="wrap"
      mb="4"
      py="2"
      px="3"
      border="1px solid var(--rule-strong)"
      borderRadius="4px"
    >
      <Box>“{removed.title}” is deleted.</Box>
      <Button disabled={restore.isPending} onClick={() => restore.mutate(removed)}>
        Undo
      </Button>
      {restore.error && <ErrorNotice error={restore.error} />}
    </Flex>
  );
}
