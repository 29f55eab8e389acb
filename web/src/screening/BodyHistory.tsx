import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, data } from "../api/client";
import type { AthleteView, BodyHistoryView } from "../api/types";
import { Body, type Shade } from "../body/Body";
import { dayAndMonth } from "../shared/dates";
import { ErrorNotice } from "../shared/ErrorNotice";
import { ONE_SIDE } from "../shared/words";

type Proposal = BodyHistoryView["proposals"][number];
type PlaceHistory = BodyHistoryView["places"][number];

/** Weeks that are looked back on. */
const WEEKS = 8;

/** What check-ins and warm-ups have told of a body; what comes back is proposed, never entered. */
export function BodyHistory({ athlete }: { athlete: AthleteView }) {
  const queries = useQueryClient();
  const history = useQuery({
    queryKey: ["body", athlete.id],
    queryFn: () =>
      data(
        api.GET("/api/athletes/{id}/body", {
          params: { path: { id: athlete.id }, query: { weeks: WEEKS } },
        }),
      ),
  });
  const enter = useMutation({
    mutationFn: ({ region, side, severity }: Proposal) =>
      data(
        api.PUT("/api/athletes/{id}", {
          params: { path: { id: athlete.id }, query: { version: athlete.version } },
          body: {
            ...athlete.profile,
            restrictions: [
              ...athlete.profile.restrictions.filter(
                (r) => r.region !== region || (r.side ?? "BOTH") !== side,
              ),
              { region, side, severity },
            ],
          },
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ["athletes"] });
      void queries.invalidateQueries({ queryKey: ["body"] });
    },
  });
  if (history.error) return <ErrorNotice error={history.error} />;
  const view = history.data;
  if (!view || view.sessions === 0) {
    return (
      <Box as="section" aria-label="The body over weeks" mt="6" color="inkSoft">
        <Box as="h2" fontSize="lg" color="ink">
          The body over weeks
        </Box>
        Nothing told or marked in {WEEKS} weeks. What is told in check-ins and seen in warm-ups
        stands here on a drawn body.
      </Box>
    );
  }
  const at = new Map(view.places.map((p) => [`${p.region} ${p.side}`, p]));
  return (
    <Box as="section" aria-label="The body over weeks" mt="6">
      <Box as="h2" fontSize="lg" mb="2">
        The body over {view.weeks} weeks, {view.sessions}{" "}
        {view.sessions === 1 ? "session" : "sessions"}
      </Box>
      <Flex gap="6" wrap="wrap">
        <Box w="300px">
          <Body shadeOf={(region, side) => shadeOf(at.get(`${region} ${side}`))} />
        </Box>
        <Box flex="1" minW="260px">
          {view.proposals.map((proposal) => (
            <Flex
              key={`${proposal.region} ${proposal.side}`}
              gap="3"
              align="center"
              wrap="wrap"
              mb="2"
              pl="3"
              borderLeft="4px solid var(--caution)"
            >
              <Box flex="1" minW="180px">
                <b>{capitalised(proposal.words)}</b>
                {proposal.needsClinician && ". A licensed clinician should see it."}
              </Box>
              <Button disabled={enter.isPending} onClick={() => enter.mutate(proposal)}>
                Enter it
              </Button>
            </Flex>
          ))}
          {enter.error && <ErrorNotice error={enter.error} />}
          <Box as="ul" pl="0" listStyleType="none">
            {view.places.map((p) => (
              <Box as="li" key={`${p.region} ${p.side}`} borderTop="1px solid var(--rule)" py="1">
                <b>{capitalised(`${p.side.toLowerCase()} ${ONE_SIDE[p.region]}`)}</b>: {ways(p)};
                last {dayAndMonth(p.last)}
              </Box>
            ))}
          </Box>
          {(view.unsteady > 0 || view.heavy > 0) && (
            <Box color="inkSoft" mt="2">
              {capitalised(
                [
                  view.unsteady > 0 ? `wobbly on one leg ${times(view.unsteady)}` : "",
                  view.heavy > 0 ? `heavy contacts ${times(view.heavy)}` : "",
                ]
                  .filter(Boolean)
                  .join(", "),
              )}
              .
            </Box>
          )}
        </Box>
      </Flex>
    </Box>
  );
}

function shadeOf(place: PlaceHistory | undefined): Shade {
  if (!place) return { degree: 0, words: "" };
  const degree = place.painful > 0 ? 3 : place.sore > 0 ? 2 : 1;
  return {
    degree,
    words: ways(place),
    figure: String(place.stiff + place.sore + place.painful),
  };
}

function ways({ stiff, sore, painful, worst }: PlaceHistory): string {
  return [
    stiff > 0 ? `stiff ${times(stiff)}` : "",
    sore > 0 ? `sore ${times(sore)}` : "",
    painful > 0 ? `painful ${times(painful)}, up to ${worst} of 10` : "",
  ]
    .filter(Boolean)
    .join(", ");
}

function times(count: number): string {
  return count === 1 ? "once" : count === 2 ? "twice" : `${count} times`;
}

function capitalised(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}
