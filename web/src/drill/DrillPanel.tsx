import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { invalidate } from "../api/invalidate";
import { api } from "../api/client";
import type { DrillView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { clock, say } from "../shared/units";
import { SPORTS } from "../shared/sports";
import { BLOCKS, KITS, POSITIONS, region } from "../shared/words";

/** One drill up close. */
export function DrillPanel({ drill, onMend }: { drill: DrillView; onMend: () => void }) {
  const queries = useQueryClient();
  const archive = useMutation({
    mutationFn: () =>
      api.POST("/api/library/{drillId}/archive", {
        params: { path: { drillId: drill.id }, query: { away: true } },
      }),
    onSuccess: () => invalidate(queries, ["library"]),
  });
  const facts = [
    BLOCKS[drill.block],
    POSITIONS[drill.position],
    `${drill.level.toLowerCase()} and up`,
    drill.sports.map((s) => SPORTS[s].toLowerCase()).join(", "),
    ...drill.kit.map((k) => KITS[k]),
    drill.wetSafe && "safe on a wet deck",
    drill.contacts && "ground contacts",
    drill.holdSeconds >= 10 && `held ${drill.holdSeconds} s`,
  ].filter(Boolean);
  return (
    <Box as="section" aria-label={drill.name} bg="paperRaised" border="1px solid var(--rule)" p="4">
      <Box as="h2" fontSize="xl">
        {drill.name}
      </Box>
      {drill.aliases.length > 0 && (
        <Box color="inkSoft" fontSize="sm">
          also: {drill.aliases.join(", ")}
        </Box>
      )}
      <Flex align="baseline" gap="3" my="2">
        <Box fontSize="2xl" fontWeight="700">
          {say(drill.dose)}
        </Box>
        <Box color="inkSoft">{clock(drill.seconds)}</Box>
      </Flex>
      <Box fontSize="sm">
        {drill.serves.length > 0 && (
          <Box mb="1">
            <b>For</b> {drill.serves.join(", ")}
          </Box>
        )}
        {drill.steps.map((s) => (
          <Box key={s}>{s}</Box>
        ))}
        <Box mt="1">
          <b>Say:</b> {drill.cues.join(" · ")}
        </Box>
        <Box mt="1">
          <b>Watch for:</b> {drill.fault}
        </Box>
        {drill.caution && (
          <Box mt="1" color="caution">
            <b>Care:</b> {drill.caution}
          </Box>
        )}
        {drill.notWhenSore.length > 0 && (
          <Box mt="1">
            <b>Not with sore</b> {drill.notWhenSore.map(region).join(", ")}
          </Box>
        )}
        <Box mt="2" color="inkSoft">
          {facts.join(" · ")}
        </Box>
      </Box>
      <Flex gap="2" mt="3">
        <Button onClick={onMend}>{drill.own ? "Change it" : "Make your own version"}</Button>
        {drill.own && (
          <Button onClick={() => archive.mutate()} disabled={archive.isPending}>
            Put away
          </Button>
        )}
      </Flex>
      {archive.error && <ErrorNotice error={archive.error} />}
    </Box>
  );
}
