import { Box, Button } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, data } from "../api/client";
import { ErrorNotice } from "../shared/ErrorNotice";
import { linkTo } from "../shared/address";
import { LinkCard } from "../shared/LinkCard";
import { Section, Soft, Title } from "../shared/panels";

/** One link for an athlete's phone, to all that comes next; as a code to hold up. */
export function PersonalLink({ id, name }: { id: string; name: string }) {
  const queries = useQueryClient();
  const params = { path: { id } };
  const key = ["personal-link", id];
  const link = useQuery({
    queryKey: key,
    queryFn: () => data(api.GET("/api/athletes/{id}/link", { params })),
  });
  const renew = () => queries.invalidateQueries({ queryKey: key });
  const give = useMutation({
    mutationFn: () => data(api.POST("/api/athletes/{id}/link", { params })),
    onSuccess: renew,
  });
  const revoke = useMutation({
    mutationFn: () => api.DELETE("/api/athletes/{id}/link", { params }),
    onSuccess: renew,
  });
  const first = name.split(" ")[0];
  const error = link.error ?? give.error ?? revoke.error;
  return (
    <Section aria-label="Personal link">
      <Title>On the phone</Title>
      <Soft>
        One link leads {first} to the next warm-ups: when to begin, where, what to bring. It works
        until you revoke it.
      </Soft>
      {error && <ErrorNotice error={error} />}
      {link.data?.token ? (
        <LinkCard link={linkTo(`/f/me/${link.data.token}`)} opens={`${first}’s warm-ups`}>
          <Button variant="ghost" disabled={revoke.isPending} onClick={() => revoke.mutate()}>
            Revoke
          </Button>
        </LinkCard>
      ) : (
        <Box>
          <Button disabled={give.isPending || !link.data} onClick={() => give.mutate()}>
            {link.data?.isLive ? "Replace it with a new one" : `Make a link for ${first}`}
          </Button>
        </Box>
      )}
    </Section>
  );
}
