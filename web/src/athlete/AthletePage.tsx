import { Box, Button, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { api, data } from "../api/client";
import type { AthletePageView, AthleteView } from "../api/types";
import { BodyShows } from "../learning/BodyShows";
import { Ladders } from "../learning/Ladders";
import { LastOnes } from "../learning/LastOnes";
import { RaceRoutines } from "../learning/RaceRoutines";
import { UsedTo } from "../learning/UsedTo";
import { best } from "../learning/words";
import { Questions } from "../question/Questions";
import { BodyHistory } from "../screening/BodyHistory";
import { dayAndMonth, timeOf, weekday } from "../shared/dates";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SportIcon } from "../shared/icons";
import { Section, Soft, Title } from "../shared/panels";
import { KINDS } from "../shared/words";
import { Merge } from "./Merge";
import { PersonalLink } from "./PersonalLink";

const LEVELS = { NOVICE: "novice", INTERMEDIATE: "intermediate", ADVANCED: "advanced" };

/** A page about an athlete: what comes, what was, where they stand, what is known by now. */
export function AthletePage({
  athlete,
  others,
}: {
  athlete: AthleteView;
  others: readonly AthleteView[];
}) {
  const page = useQuery({
    queryKey: ["athlete-page", athlete.id],
    queryFn: () =>
      data(api.GET("/api/athletes/{id}/page", { params: { path: { id: athlete.id } } })),
  });
  const { profile } = athlete;
  const first = profile.name.split(" ")[0] ?? profile.name;
  return (
    <>
      <Flex align="center" gap="3" wrap="wrap" mb="2">
        <SportIcon sport={profile.sport} />
        <Box as="h2" fontSize="2xl" flex="1" minW="0">
          {profile.name}
          <Box as="span" fontSize="md" color="inkSoft" ml="3">
            {LEVELS[profile.level]}, {profile.age}
          </Box>
        </Box>
        <Link to={`/athletes/${athlete.id}/edit`}>
          <Button as="span">Edit</Button>
        </Link>
      </Flex>
      {page.error && <ErrorNotice error={page.error} onRetry={() => void page.refetch()} />}
      {page.data && <Known view={page.data} athlete={athlete} name={first} />}
      {!athlete.archived && (
        <>
          <Section aria-label="The body">
            <BodyHistory athlete={athlete} />
          </Section>
          <PersonalLink id={athlete.id} name={profile.name} />
          <Merge athlete={athlete} others={[...others]} />
        </>
      )}
    </>
  );
}

function Known({
  view,
  athlete,
  name,
}: {
  view: AthletePageView;
  athlete: AthleteView;
  name: string;
}) {
  return (
    <>
      {view.next && <Next next={view.next} />}
      <Section aria-label="The last warm-ups">
        <Title>
          {view.records === 0
            ? "No warm-up on record yet"
            : `The last of ${view.records} ${view.records === 1 ? "warm-up" : "warm-ups"}`}
        </Title>
        {view.records === 0 && (
          <Soft>
            Hand {name} a warm-up to follow, or write down what was done on its page: each one makes
            the next one better.
          </Soft>
        )}
        <LastOnes records={view.last} />
      </Section>
      <Section aria-label={`What ${name} is used to`}>
        <Title>What {name} is used to</Title>
        <UsedTo ranges={view.ranges} points={view.points} name={name} />
      </Section>
      <Section aria-label="What the body shows">
        <Title>What the body shows</Title>
        <BodyShows body={view.body} name={name} />
      </Section>
      <Section aria-label={`What went with ${name}’s best`}>
        <Title>What went with {name}’s best</Title>
        {view.best.map((known) => (
          <Box key={`${known.sport} ${known.kind} ${known.efforts}`}>
            {best(known)}{" "}
            <Box as="span" color="inkSoft">
              ({KINDS[known.kind].toLowerCase()}, {known.sessions} sessions)
            </Box>
          </Box>
        ))}
        <Soft>
          {view.best.length === 0
            ? "Once it is told which effort of a session was best, three times after the same number of graded efforts, it stands here. "
            : "Drawn towards the squad where sessions are few. "}
          What goes together need not be cause and effect; a question tried in pairs can tell.
        </Soft>
        <Questions athleteId={athlete.id} sport={athlete.profile.sport} />
      </Section>
      <Section aria-label="Before races">
        <Title>Before races</Title>
        <RaceRoutines athleteId={athlete.id} sport={athlete.profile.sport} />
      </Section>
      <Section aria-label="Ladders">
        <Title>Where {name} stands</Title>
        <Ladders ladders={view.ladders} />
      </Section>
    </>
  );
}

function Next({ next }: { next: NonNullable<AthletePageView["next"]> }) {
  const day = next.startsAt.slice(0, 10);
  return (
    <Box as="section" aria-label="The next session" py="2">
      <Box color="inkSoft">
        Next: {weekday(day, "long")} {dayAndMonth(day)}, {timeOf(next.startsAt)}
      </Box>
      <Box fontSize="xl" fontWeight="700">
        <Link to={next.prescriptionId ? `/prescriptions/${next.prescriptionId}` : `/day/${day}`}>
          {next.title}
        </Link>
      </Box>
      <Soft>{next.prescriptionId ? "The warm-up is written." : "No warm-up is written yet."}</Soft>
    </Box>
  );
}
