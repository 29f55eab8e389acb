import { Box, Button, Flex } from "@chakra-ui/react";
import { useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useForm } from "react-hook-form";
import { api } from "../api/client";
import type { Me } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { FormText } from "../shared/fields";
import { showRefused } from "../shared/forms";
import { Section, Soft, Title } from "../shared/panels";
import { PASSWORD_HINT } from "./CoachFields";

/** One's own name, address and password. */
export function Account({ me }: { me: Me }) {
  return (
    <Section aria-label="You" justifyItems="stretch">
      <Title>You</Title>
      <Identity me={me} />
      <Password />
    </Section>
  );
}

function Identity({ me }: { me: Me }) {
  const queries = useQueryClient();
  const [problem, setProblem] = useState<unknown>();
  const { control, handleSubmit, setError, reset, formState } = useForm({
    defaultValues: { name: me.coachName, email: me.email, currentPassword: "" },
  });
  const save = handleSubmit(async (body) => {
    setProblem(undefined);
    try {
      await api.PUT("/api/me", { body });
      reset({ ...body, currentPassword: "" });
      void queries.invalidateQueries({ queryKey: ["me"] });
      void queries.invalidateQueries({ queryKey: ["people"] });
    } catch (error) {
      showRefused(error, setError);
      setProblem(error);
    }
  });
  return (
    <form onSubmit={(event) => void save(event)} noValidate aria-label="Name and e-mail">
      <Flex direction="column" gap="3" align="stretch">
        <FormText label="Name" name="name" control={control} maxLength={80} />
        <FormText label="E-mail" name="email" control={control} type="email" />
        {formState.isDirty && (
          <>
            <FormText
              label="Your password"
              name="currentPassword"
              control={control}
              type="password"
              autoComplete="current-password"
            />
            {problem !== undefined && <ErrorNotice error={problem} isMarked />}
            <Button
              type="submit"
              variant="solid"
              alignSelf="start"
              disabled={formState.isSubmitting}
            >
              Save
            </Button>
          </>
        )}
      </Flex>
    </form>
  );
}

const BLANK = { currentPassword: "", password: "" };

function Password() {
  const queries = useQueryClient();
  const [isOpen, setOpen] = useState(false);
  const [isDone, setDone] = useState(false);
  const [problem, setProblem] = useState<unknown>();
  const { control, handleSubmit, setError, reset, formState } = useForm({ defaultValues: BLANK });
  const save = handleSubmit(async (body) => {
    setProblem(undefined);
    try {
      await api.PUT("/api/me/password", { body });
      reset(BLANK);
      setOpen(false);
      setDone(true);
      void queries.invalidateQueries({ queryKey: ["devices"] });
    } catch (error) {
      showRefused(error, setError);
      setProblem(error);
    }
  });
  if (!isOpen) {
    return (
      <Flex gap="3" align="center" wrap="wrap">
        <Button onClick={() => setOpen(true)}>Change password</Button>
        {isDone && <Soft role="status">Changed. Every other device is signed out.</Soft>}
      </Flex>
    );
  }
  return (
    <form onSubmit={(event) => void save(event)} noValidate aria-label="Password">
      <Flex direction="column" gap="3" align="stretch">
        <FormText
          label="Password until now"
          name="currentPassword"
          control={control}
          type="password"
          autoComplete="current-password"
        />
        <FormText
          label="New password"
          hint={PASSWORD_HINT}
          name="password"
          control={control}
          type="password"
          autoComplete="new-password"
        />
        {problem !== undefined && <ErrorNotice error={problem} isMarked />}
        <Box>
          <Button type="submit" variant="solid" mr="2" disabled={formState.isSubmitting}>
            Change password
          </Button>
          <Button onClick={() => setOpen(false)}>Leave it</Button>
        </Box>
      </Flex>
    </form>
  );
}
