import { Box, Button, Flex } from "@chakra-ui/react";
import { useForm } from "react-hook-form";
import { api } from "../api/client";
import { FormText } from "../shared/fields";
import { Pennant } from "../shared/icons";

export function SignInPage({ onSignedIn }: { onSignedIn: () => void }) {
  const { control, handleSubmit, setError, formState } = useForm({
    defaultValues: { email: "", password: "" },
  });
  const signIn = handleSubmit(async (body) => {
    try {
      await api.POST("/api/sign-in", { body });
      onSignedIn();
    } catch (problem) {
      setError("root", {
        message: problem instanceof Error ? problem.message : "Something went wrong.",
      });
    }
  });

  return (
    <Flex minH="100vh" align="center" justify="center" p="6">
      <Box w="100%" maxW="340px">
        <Flex align="center" gap="3" mb="1">
          <Pennant size={40} />
          <Box as="h1" fontSize="4xl">
            Jubilee
          </Box>
        </Flex>
        <Box color="inkSoft" mb="6">
          Warm-ups, measured back from the start.
        </Box>
        <form onSubmit={(event) => void signIn(event)} noValidate>
          <Flex direction="column" gap="4">
            <FormText
              label="E-mail"
              name="email"
              control={control}
              type="email"
              autoComplete="username"
            />
            <FormText
              label="Password"
              name="password"
              control={control}
              type="password"
              autoComplete="current-password"
            />
            {formState.errors.root && (
              <Box role="alert" color="caution">
                {formState.errors.root.message}
              </Box>
            )}
            <Button type="submit" variant="solid" size="md" disabled={formState.isSubmitting}>
              Sign in
            </Button>
          </Flex>
        </form>
      </Box>
    </Flex>
  );
}
