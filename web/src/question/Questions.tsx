import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, data } from "../api/client";
import type { Kind, QuestionInput, QuestionView, Sport } from "../api/types";
import { count } from "../learning/words";
import { dayAndMonth } from "../shared/dates";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SelectField, TextField } from "../shared/fields";
import { Soft } from "../shared/panels";
import { SPORTS } from "../shared/sports";
import { KINDS } from "../shared/words";
import { Turns } from "./Turns";
import { answerWords, asked, MEASURED } from "./words";

/** Questions that are tried properly with one athlete. */
export function Questions({ athleteId, sport }: { athleteId: string; sport: Sport }) {
  const [isAsking, setAsking] = useState(false);
  const questions = useQuery({
    queryKey: ["questions", athleteId],
    queryFn: () =>
      data(api.GET("/api/athletes/{id}/questions", { params: { path: { id: athleteId } } })),
  });
  if (questions.error) return <ErrorNotice error={questions.error} />;
  return (
    <>
      {questions.data?.map((q) => (
        <Question key={q.id} question={q} />
      ))}
      {isAsking ? (
        <Ask athleteId={athleteId} sport={sport} onDone={() => setAsking(false)} />
      ) : (
        <Button onClick={() => setAsking(true)}>Try a question properly</Button>
      )}
    </>
  );
}

function Question({ question: q }: { question: QuestionView }) {
  const queries = useQueryClient();
  const end = useMutation({
    mutationFn: async () => {
      const params = { path: { id: q.id } };
      if (q.taken.length === 0) await api.DELETE("/api/questions/{id}", { params });
      else await api.POST("/api/questions/{id}/end", { params });
    },
    onSuccess: () => void queries.invalidateQueries({ queryKey: ["questions", q.athleteId] }),
  });
  const isOpen = !q.isGivenUp && q.taken.length < q.turns;
  return (
    <Box as="article" w="100%" mb="3" aria-label={asked(q)}>
      <Box fontSize="lg" fontWeight="600">
        {asked(q)}
      </Box>
      <Turns question={q} />
      {q.answer ? (
        <Box>{answerWords(q, q.answer)}</Box>
      ) : (
        <Soft>
          {q.isGivenUp
            ? `Ended after ${q.taken.length} of ${q.turns} sessions: no answer is drawn from part of it.`
            : `${q.taken.length} of ${q.turns} sessions since ${dayAndMonth(q.askedOn)}. What came of each stays hidden until the last, and which is next is drawn on the day.`}
        </Soft>
      )}
      {isOpen && (
        <Button variant="ghost" size="sm" loading={end.isPending} onClick={() => end.mutate()}>
          {q.taken.length === 0 ? "Remove" : "End it without an answer"}
        </Button>
      )}
      {end.error && <ErrorNotice error={end.error} />}
    </Box>
  );
}

function Ask({
  athleteId,
  sport,
  onDone,
}: {
  athleteId: string;
  sport: Sport;
  onDone: () => void;
}) {
  const queries = useQueryClient();
  const [fields, setFields] = useState({
    sport,
    kind: "INTERVALS" as Kind,
    first: "4",
    second: "2",
    measure: "BEST_EFFORT" as QuestionInput["measure"],
    pairs: "8",
  });
  const power = useQuery({
    queryKey: ["power"],
    queryFn: () => data(api.GET("/api/questions/power")),
    staleTime: Infinity,
  });
  const ask = useMutation({
    mutationFn: () =>
      data(
        api.POST("/api/athletes/{id}/questions", {
          params: { path: { id: athleteId } },
          body: {
            ...fields,
            first: Number(fields.first),
            second: Number(fields.second),
            pairs: Number(fields.pairs),
          },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ["questions", athleteId] });
      onDone();
    },
  });
  const set = (change: Partial<typeof fields>) => setFields({ ...fields, ...change });
  return (
    <Box
      as="form"
      w="100%"
      onSubmit={(e) => {
        e.preventDefault();
        ask.mutate();
      }}
    >
      <Flex gap="3" wrap="wrap" mb="2">
        <SelectField
          label="Sport"
          options={SPORTS}
          value={fields.sport}
          onChange={(v) => set({ sport: v })}
        />
        <SelectField
          label="Before"
          options={KINDS}
          value={fields.kind}
          onChange={(v) => set({ kind: v })}
        />
        <TextField
          label="Graded efforts, one way"
          value={fields.first}
          onChange={(v) => set({ first: v })}
        />
        <TextField
          label="The other way"
          value={fields.second}
          onChange={(v) => set({ second: v })}
        />
        <SelectField
          label="Compared by"
          options={MEASURED}
          value={fields.measure}
          onChange={(v) => set({ measure: v })}
        />
        <TextField
          label="Pairs of sessions"
          value={fields.pairs}
          onChange={(v) => set({ pairs: v })}
        />
      </Flex>
      {power.data && (
        <Soft>
          To find a difference four times of five one needs:{" "}
          {power.data.needed
            .map(
              (n) =>
                `${n.pairs == null ? "more than 16" : count(n.pairs)} pairs where it is ${n.effect} times what sessions vary by`,
            )
            .join("; ")}
          . With fewer than six nothing can be found at all.
        </Soft>
      )}
      {ask.error && <ErrorNotice error={ask.error} />}
      <Flex gap="3" mt="2">
        <Button type="submit" loading={ask.isPending}>
          Draw the order
        </Button>
        <Button variant="ghost" onClick={onDone}>
          Not now
        </Button>
      </Flex>
    </Box>
  );
}
