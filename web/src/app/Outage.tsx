import { Box } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { useEffect } from "react";
import { setStanding, type Standing } from "../api/standing";

const WORDS: Partial<Record<Standing, string>> = {
  SERVER_AWAY: "The server cannot be reached.",
  DATABASE_AWAY: "The database is away.",
};

const ASK_AGAIN_MS = 2000;

/** Says that the server or its database is away, and goes on by itself when it is back. */
export function Outage({ standing }: { standing: Standing }) {
  const queries = useQueryClient();
  const words = WORDS[standing];
  useEffect(() => {
    if (words === undefined) return;
    const timer = setInterval(() => {
      void fetch("/api/health/ready")
        .then((answer) => {
          if (!answer.ok) return;
          setStanding("WELL");
          void queries.invalidateQueries();
        })
        .catch(() => undefined);
    }, ASK_AGAIN_MS);
    return () => clearInterval(timer);
  }, [words, queries]);
  if (words === undefined) return null;
  return (
    <Box
      role="status"
      // In the flow, so that it hides nothing that one could scroll to.
      position="sticky"
      bottom="0"
      zIndex="10"
      px="6"
      py="3"
      bg="ink"
      color="paper"
    >
      <strong>{words}</strong> What you typed is kept. This page goes on by itself when it is back;
      save again then what was not saved.
    </Box>
  );
}
