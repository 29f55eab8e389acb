import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { api, data } from "../api/client";
import type { AthleteProfile, AthleteView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SportIcon } from "../shared/icons";
import { SPORTS } from "../shared/sports";
import { restrictedInSentence } from "../shared/words";
import { TextField } from "../shared/fields";
import { AthleteForm } from "./AthleteForm";
import { AthletePage } from "./AthletePage";
import { found } from "./picking";

/** From so many on one looks for them by name. */
const MANY = 12;

export function AthletesPage({ isEdited = false }: { isEdited?: boolean }) {
  const [typed, setTyped] = useState("");
  const [showsArchived, setShowsArchived] = useState(false);
  const { id } = useParams();
  const athletes = useQuery({
    queryKey: ["athletes"],
    queryFn: () => data(api.GET("/api/athletes")),
  });
  if (athletes.error) return <ErrorNotice error={athletes.error} />;
  if (!athletes.data) return <Box>Loading…</Box>;
  const present = athletes.data.filter((a) => !a.archived);
  const archived = athletes.data.filter((a) => a.archived);
  const chosen = athletes.data.find((a) => a.id === id) ?? (id ? undefined : present[0]);
  const line = (a: AthleteView) => <AthleteLine key={a.id} athlete={a} isChosen={a === chosen} />;
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
        {present.length > MANY && (
          <Box mb="2">
            <TextField label="Find by name, sport or level" value={typed} onChange={setTyped} />
          </Box>
        )}
        {present.filter((a) => found(a, typed)).map(line)}
        {archived.length > 0 && (
          <Box mt="4">
            <Button
              variant="ghost"
              aria-expanded={showsArchived}
              onClick={() => setShowsArchived(!showsArchived)}
            >
              Archived, {archived.length} {showsArchived ? "▴" : "▾"}
            </Button>
            {showsArchived && archived.filter((a) => found(a, typed)).map(line)}
          </Box>
        )}
      </Box>
      <Box minW="0">
        {id === "new" || !chosen || isEdited ? (
          <AthleteForm key={chosen?.id ?? "new"} athlete={id === "new" ? undefined : chosen} />
        ) : (
          <AthletePage
            key={chosen.id}
            athlete={chosen}
            others={present.filter((a) => a !== chosen)}
          />
        )}
      </Box>
    </Grid>
  );
}

function AthleteLine({ athlete, isChosen }: { athlete: AthleteView; isChosen: boolean }) {
  return (
    <Link to={`/athletes/${athlete.id}`} aria-current={isChosen ? "true" : undefined}>
      <Flex
        gap="3"
        align="center"
        px="2"
        py="1.5"
        borderTop="1px solid var(--rule)"
        bg={isChosen ? "paperRaised" : "transparent"}
        borderLeft="4px solid"
        borderLeftColor={isChosen ? "ink" : "transparent"}
      >
        <SportIcon sport={athlete.profile.sport} />
        <Box minW="0">
          <Box fontWeight="600">{athlete.profile.name}</Box>
          <Box fontSize="sm" color="inkSoft">
            {summary(athlete.profile)}
          </Box>
        </Box>
      </Flex>
    </Link>
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
