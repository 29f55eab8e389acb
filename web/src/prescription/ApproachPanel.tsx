import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, data } from "../api/client";
import type { Approach, Question } from "../api/types";
import { SelectField } from "../shared/fields";
import type { Edit } from "./usePlan";

interface Props {
  approach: Approach;
  onEdit: (edit: Edit) => void;
}

/** Where coaches disagree: what this warm-up follows, and what speaks for and against it. */
export const ApproachPanel = memo(function ApproachPanel({ approach, onEdit }: Props) {
  const queries = useQueryClient();
  const [open, setOpen] = useState(false);
  const questions = useQuery({
    queryKey: ["approach-questions"],
    queryFn: () => data(api.GET("/api/approach/questions")),
    staleTime: Infinity,
  });
  const mine = useQuery({
    queryKey: ["approach"],
    queryFn: () => data(api.GET("/api/approach")),
  });
  const prefer = useMutation({
    mutationFn: () => data(api.PUT("/api/approach", { body: approach })),
    onSuccess: (kept) => queries.setQueryData(["approach"], kept),
  });
  const isMine = JSON.stringify(mine.data) === JSON.stringify(approach);
  return (
    <Box as="section" aria-label="Approach" flexBasis={open ? "100%" : undefined}>
      <Button variant="ghost" minH="34px" aria-expanded={open} onClick={() => setOpen(!open)}>
        Approach: {words(questions.data ?? [], approach)} {open ? "▴" : "▾"}
      </Button>
      {open && (
        <Box mt="2">
          <Flex gap="3" wrap="wrap">
            {questions.data?.map((question) => {
              const field = question.field as keyof Approach;
              const chosen = question.answers.find((a) => a.value === approach[field]);
              return (
                <Box key={question.field} w={{ base: "100%", md: "230px" }}>
                  <SelectField
                    label={question.asks}
                    value={approach[field]}
                    options={titles(question)}
                    onChange={(value) =>
                      onEdit({
                        action: "APPROACH",
                        approach: { ...approach, [field]: value },
                      })
                    }
                  />
                  <Box fontSize="xs" color="inkSoft" mt="1">
                    {chosen?.forAndAgainst}
                  </Box>
                </Box>
              );
            })}
          </Flex>
          {mine.data && !isMine && (
            <Button mt="2" onClick={() => prefer.mutate()} disabled={prefer.isPending}>
              Make this my usual approach
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
});

function titles({ answers }: Question): Record<string, string> {
  return Object.fromEntries(answers.map((a) => [a.value, a.title]));
}

/** What differs from the usual answers, or that nothing does. */
function words(questions: Question[], approach: Approach): string {
  const own = questions
    .filter((q) => approach[q.field as keyof Approach] !== q.usual)
    .flatMap((q) => q.answers.filter((a) => a.value === approach[q.field as keyof Approach]))
    .map((a) => a.title.toLowerCase());
  return own.length > 0 ? own.join(", ") : "usual";
}
