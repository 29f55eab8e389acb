// Pages for people who are not signed in yet.
import { Box, Button, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState, type ReactNode } from "react";
import { useForm, type DefaultValues, type FieldValues, type UseFormReturn } from "react-hook-form";
import { api, data } from "../api/client";
import type { NewCoach } from "../api/types";
import { sayDate } from "../shared/calendar";
import { ErrorNotice } from "../shared/ErrorNotice";
import { FormText } from "../shared/fields";
import { showRefused } from "../shared/forms";
import { Pennant } from "../shared/icons";
import { Soft } from "../shared/panels";
import { ClubFields } from "./ClubFields";
import { CoachFields, PASSWORD_HINT } from "./CoachFields";
import { ownZone } from "./zones";

/** The page of a path that needs no sign-in, if it is one. */
export function arrivalAt(path: string): ReactNode {
  switch (path) {
    case "/set-up":
      return <SetUpPage />;
    case "/join":
      return <JoinPage />;
    case "/password":
      return <PasswordPage />;
    default:
      return undefined;
  }
}

/** The secret of the link; after the # so that no server and no log ever sees it. */
const secret = () => window.location.hash.slice(1);

/** Into the application, leaving the used link behind. */
const enter = () => window.location.replace("/day");

const NOBODY: NewCoach = { name: "", email: "", password: "" };

function SetUpPage() {
  return (
    <ArrivalForm
      title="Set up your club"
      lead="It takes a minute, and all of it can be changed later."
      action="Start"
      start={{
        token: secret(),
        club: {
          name: "",
          timeZone: ownZone(),
          hourCycle: usualHours(),
          measures: "METRIC" as const,
          weekStart: "MONDAY" as const,
        },
        owner: NOBODY,
      }}
      send={(body) => api.POST("/api/set-up", { body })}
    >
      {({ control }) => (
        <>
          <ClubFields control={control} at="club." zone={ownZone()} />
          <Box as="h2" fontSize="lg" mt="2">
            You, its owner
          </Box>
          <CoachFields control={control} at="owner." />
        </>
      )}
    </ArrivalForm>
  );
}

/** As this device writes its times. */
function usualHours(): "H24" | "H12" {
  const { hour12 } = new Intl.DateTimeFormat(undefined, { hour: "numeric" }).resolvedOptions();
  return hour12 ? "H12" : "H24";
}

function JoinPage() {
  const token = secret();
  const look = useQuery({
    queryKey: ["invitation", token],
    queryFn: () => data(api.POST("/api/invitations/look", { body: { token } })),
    retry: false,
  });
  if (!look.data) return <Paper>{look.error && <ErrorNotice error={look.error} />}</Paper>;
  return (
    <ArrivalForm
      title={`Coach with ${look.data.clubName}`}
      lead={`This invitation works once, until ${sayDate(look.data.expiresAt.slice(0, 10))}.`}
      action="Join"
      start={{ token, coach: { ...NOBODY, name: look.data.coachName } }}
      send={(body) => api.POST("/api/invitations/accept", { body })}
    >
      {({ control }) => <CoachFields control={control} at="coach." />}
    </ArrivalForm>
  );
}

function PasswordPage() {
  const token = secret();
  const look = useQuery({
    queryKey: ["password-link", token],
    queryFn: () => data(api.POST("/api/password-links/look", { body: { token } })),
    retry: false,
  });
  if (!look.data) return <Paper>{look.error && <ErrorNotice error={look.error} />}</Paper>;
  return (
    <ArrivalForm
      title="A new password"
      lead={`For ${look.data.coachName}, ${look.data.clubName}. You will be signed out everywhere else.`}
      action="Save and sign in"
      start={{ token, password: "" }}
      send={(body) => api.POST("/api/password-links/use", { body })}
    >
      {({ control }) => (
        <FormText
          label="Password"
          hint={PASSWORD_HINT}
          name="password"
          control={control}
          type="password"
          autoComplete="new-password"
        />
      )}
    </ArrivalForm>
  );
}

function Paper({ children }: { children: ReactNode }) {
  return (
    <Flex minH="100vh" justify="center" p={{ base: "4", md: "10" }}>
      <Box w="100%" maxW="440px">
        <Flex align="center" gap="2" mb="6" fontFamily="heading" fontSize="lg" fontWeight="700">
          <Pennant size={26} />
          Jubilee
        </Flex>
        {children}
      </Box>
    </Flex>
  );
}

/** A form that signs whoever fills it in. */
function ArrivalForm<F extends FieldValues>({
  title,
  lead,
  action,
  start,
  send,
  children,
}: {
  title: string;
  lead: string;
  action: string;
  start: F;
  send: (body: F) => Promise<unknown>;
  children: (form: UseFormReturn<F>) => ReactNode;
}) {
  const form = useForm<F>({ defaultValues: start as DefaultValues<F> });
  const [problem, setProblem] = useState<unknown>();
  const submit = form.handleSubmit(async (body) => {
    setProblem(undefined);
    try {
      await send(body);
      enter();
    } catch (error) {
      showRefused(error, form.setError);
      setProblem(error);
    }
  });
  return (
    <Paper>
      <title>{`${title} · Jubilee`}</title>
      <Box as="h1" fontSize="2xl" lineHeight="1.15">
        {title}
      </Box>
      <Soft mt="1" mb="5">
        {lead}
      </Soft>
      <form onSubmit={(event) => void submit(event)} noValidate>
        <Flex direction="column" gap="4">
          {children(form)}
          {problem !== undefined && <ErrorNotice error={problem} isMarked />}
          <Button type="submit" variant="solid" size="md" disabled={form.formState.isSubmitting}>
            {action}
          </Button>
        </Flex>
      </form>
    </Paper>
  );
}
