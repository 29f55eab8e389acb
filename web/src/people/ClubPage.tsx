import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { useForm } from "react-hook-form";
import { api, data } from "../api/client";
import type { ClubSettings, CoachView, Me } from "../api/types";
import { linkTo } from "../shared/address";
import { sayDate } from "../shared/calendar";
import { ErrorNotice } from "../shared/ErrorNotice";
import { FormText } from "../shared/fields";
import { showRefused } from "../shared/forms";
import { LinkCard } from "../shared/LinkCard";
import { Section, Soft, Title } from "../shared/panels";
import { Account } from "./Account";
import { ClubFields } from "./ClubFields";
import { Devices } from "./Devices";
import { ZoneTable } from "./ZoneTable";

/** The club: how it writes things, who coaches in it, and one's own account. */
export function ClubPage({ me }: { me: Me }) {
  return (
    <>
      <Box as="h1" fontSize="2xl">
        {me.club.name}
      </Box>
      <Grid templateColumns={{ base: "1fr", lg: "repeat(3, minmax(0, 1fr))" }} columnGap="10">
        <Settings club={me.club} />
        <Box>
          <People me={me} />
          <ZoneTable />
        </Box>
        <Box>
          <Account me={me} />
          <Devices />
        </Box>
      </Grid>
    </>
  );
}

function Settings({ club }: { club: ClubSettings }) {
  const [problem, setProblem] = useState<unknown>();
  const { control, handleSubmit, setError, formState } = useForm({ defaultValues: club });
  const save = handleSubmit(async (body) => {
    setProblem(undefined);
    try {
      await api.PUT("/api/club", { body });
      // Times and paces stand on every page; draw them all anew.
      window.location.reload();
    } catch (error) {
      showRefused(error, setError);
      setProblem(error);
    }
  });
  return (
    <Section aria-label="How the club writes things" justifyItems="stretch" alignContent="start">
      <Title>The club’s way</Title>
      <form onSubmit={(event) => void save(event)} noValidate>
        <Flex direction="column" gap="3" align="stretch">
          <ClubFields control={control} at="" zone={club.timeZone} />
          {problem !== undefined && <ErrorNotice error={problem} isMarked />}
          <Button
            type="submit"
            variant="solid"
            alignSelf="start"
            disabled={!formState.isDirty || formState.isSubmitting}
          >
            Save for everyone
          </Button>
        </Flex>
      </form>
    </Section>
  );
}

/** A link that was just made; it is shown once. */
interface Fresh {
  link: string;
  opens: string;
  words: string;
}

function People({ me }: { me: Me }) {
  const queries = useQueryClient();
  const [fresh, setFresh] = useState<Fresh>();
  const people = useQuery({
    queryKey: ["people"],
    queryFn: () => data(api.GET("/api/people")),
  });
  const renew = () => void queries.invalidateQueries({ queryKey: ["people"] });
  const invite = useMutation({
    mutationFn: (addressee: string) =>
      data(api.POST("/api/invitations", { body: { addressee } })).then((made) => ({
        ...made,
        addressee,
      })),
    onSuccess: ({ token, expiresAt, addressee }) => {
      setFresh({
        link: linkTo(`/join#${token}`),
        opens: `join the club, ${addressee}`,
        words: `For ${addressee}: works once, until ${sayDate(expiresAt.slice(0, 10))}. It is shown only now.`,
      });
      renew();
    },
  });
  const withdraw = useMutation({
    mutationFn: (id: string) => api.DELETE("/api/invitations/{id}", { params: { path: { id } } }),
    onSuccess: () => {
      setFresh(undefined);
      renew();
    },
  });
  const act = useMutation({
    mutationFn: (doing: () => Promise<unknown>) => doing(),
    onSuccess: renew,
  });
  const reset = useMutation({
    mutationFn: (coach: CoachView) =>
      data(api.POST("/api/people/{id}/password-link", { params: { path: { id: coach.id } } })).then(
        (made) => ({ ...made, coach }),
      ),
    onSuccess: ({ token, expiresAt, coach }) =>
      setFresh({
        link: linkTo(`/password#${token}`),
        opens: `choose a new password, ${coach.name}`,
        words: `For ${coach.name}: works once, until ${sayDate(expiresAt.slice(0, 10))}. It is shown only now.`,
      }),
  });
  const error = people.error ?? invite.error ?? withdraw.error ?? act.error ?? reset.error;
  const { coaches = [], invitations = [] } = people.data ?? {};
  return (
    <Section aria-label="Coaches" justifyItems="stretch" alignContent="start">
      <Title>Coaches</Title>
      {coaches.map((coach) => (
        <Line
          key={coach.id}
          title={coach.name}
          words={[coach.email, coach.owner && "owner", coach.id === me.coachId && "you"]
            .filter(Boolean)
            .join(", ")}
        >
          {me.owner && coach.id !== me.coachId && (
            <>
              <Button
                onClick={() =>
                  act.mutate(() =>
                    api.PUT("/api/people/{id}", {
                      params: { path: { id: coach.id } },
                      body: { owner: !coach.owner },
                    }),
                  )
                }
              >
                {coach.owner ? "Not an owner" : "Make an owner"}
              </Button>
              <Button onClick={() => reset.mutate(coach)}>New password</Button>
              <Removal
                name={coach.name}
                onConfirm={() =>
                  act.mutate(() =>
                    api.DELETE("/api/people/{id}", { params: { path: { id: coach.id } } }),
                  )
                }
              />
            </>
          )}
        </Line>
      ))}
      {invitations.map((invitation) => (
        <Line
          key={invitation.id}
          title={invitation.addressee || "Invited"}
          words={`invited, not joined yet, until ${sayDate(invitation.expiresAt.slice(0, 10))}`}
        >
          {me.owner && <Button onClick={() => withdraw.mutate(invitation.id)}>Withdraw</Button>}
        </Line>
      ))}
      {fresh && (
        <Box border="1px solid var(--rule-strong)" borderRadius="4px" p="3" bg="paperRaised">
          <Soft mb="2">{fresh.words}</Soft>
          <LinkCard link={fresh.link} opens={fresh.opens}>
            <Button onClick={() => setFresh(undefined)}>Done</Button>
          </LinkCard>
        </Box>
      )}
      {me.owner ? (
        <Inviting isBusy={invite.isPending} onInvite={invite.mutateAsync} />
      ) : (
        <Soft>Owners invite coaches and take them out.</Soft>
      )}
      {error && <ErrorNotice error={error} />}
    </Section>
  );
}

/** Whom to invite. The name is theirs to change when they join. */
function Inviting({
  isBusy,
  onInvite,
}: {
  isBusy: boolean;
  onInvite: (addressee: string) => Promise<unknown>;
}) {
  const { control, handleSubmit, reset, setError } = useForm({ defaultValues: { addressee: "" } });
  const send = handleSubmit(async ({ addressee }) => {
    try {
      await onInvite(addressee);
      reset();
    } catch (error) {
      showRefused(error, setError);
    }
  });
  return (
    <form onSubmit={(event) => void send(event)} noValidate>
      <Flex gap="2" align="end" wrap="wrap" mt="2">
        <FormText label="Whom to invite" name="addressee" control={control} maxLength={80} />
        <Button type="submit" variant="solid" disabled={isBusy}>
          Invite
        </Button>
      </Flex>
    </form>
  );
}

function Line({ title, words, children }: { title: string; words: string; children?: ReactNode }) {
  return (
    <Box py="1.5" borderBottom="1px solid var(--rule)">
      <Box fontWeight="600" overflowWrap="anywhere">
        {title}
      </Box>
      <Soft overflowWrap="anywhere">{words}</Soft>
      <Flex gap="2" mt="1" wrap="wrap">
        {children}
      </Flex>
    </Box>
  );
}

/** Asks once more in place: it cannot be undone. */
function Removal({ name, onConfirm }: { name: string; onConfirm: () => void }) {
  const [asked, setAsked] = useState(false);
  if (!asked) return <Button onClick={() => setAsked(true)}>Take out</Button>;
  return (
    <>
      <Button variant="solid" onClick={onConfirm}>
        Take {name.split(" ")[0]} out now
      </Button>
      <Button onClick={() => setAsked(false)}>Keep</Button>
    </>
  );
}
