import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { api, data } from "../api/client";
import type { AthleteProfile } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SportIcon } from "../shared/icons";
import { restrictedInSentence, SPORTS } from "../shared/words";
import { AthleteForm } from "./AthleteForm";

export function AthletesPage() {
  const { id } = useParams();
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  if (athletes.error) return <ErrorNotice error={athletes.error} />;
  if (!athletes.data) return <Box>Loading…</Box>;
  const chosen = athletes.data.find((a) => a.id === id) ?? (id ? undefined : athletes.data[0]);
  return (
    <Grid templateColumns={{ base: "minmax(0, 1fr)", md: "320px minmax(0, 1fr)" }} gap="8">
      <Box as="nav" aria-label="Athletes">
        <Flex align="baseline" mb="2">
          <Box as="h1" fontSize="2xl" flex="1">
            Athletes
          </Box>
          <Link to="/athletes/new">
            <Button as="span">Add</Button>
          </Link>
        </Flex>
        {athletes.data.map((a) => (
          <Link key={a.id} to={`/athletes/${a.id}`}>
            <Flex
              gap="3"
              align="center"
              px="2"
              py="1.5"
              borderTop="1px solid var(--rule)"
              bg={a.id === chosen?.id ? "paperRaised" : "transparent"}
              borderLeft="4px solid"
              borderLeftColor={a.id === chosen?.id ? "ink" : "transparent"}
            >
              <SportIcon sport={a.profile.sport} />
              <Box minW="0">
                <Box fontWeight="600">{a.profile.name}</Box>
                <Box fontSize="sm" color="inkSoft">
                  {summary(a.profile)}
                </Box>
              </Box>
            </Flex>
          </Link>
        ))}
      </Box>
      <AthleteForm key={chosen?.id ?? "new"} athlete={id === "new" ? undefined : chosen} />
    </Grid>
  );
}

function summary(profile: AthleteProfile): string {
  const restrictions = profile.restrictions.map(
    (l) => `${l.severity.toLowerCase()} ${restrictedInSentence(l)}`,
  );
  const parts = [SPORTS[profile.sport], profile.level.toLowerCase(), ...restrictions];
  if (profile.deconditioned) parts.push("back after a lay-off");
  if (profile.results.length === 0) parts.push("no result yet");
  return parts.join(" · ");
}
