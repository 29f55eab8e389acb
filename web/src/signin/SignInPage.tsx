import { Box, Button, Flex } from "@chakra-ui/react";
import { useForm } from "react-hook-form";
import { useQuery } from "@tanstack/react-query";
import { api, data } from "../api/client";
import { FormText } from "../shared/fields";
import { Pennant } from "../shared/icons";
import { Soft } from "../shared/panels";

interface Props {
  onSignedIn: (coachId: string) => void;
  /** Whether one was signed in until a moment ago. */
  isAgain?: boolean;
}

export function SignInPage({ onSignedIn, isAgain = false }: Props) {
  const setUp = useQuery({
    queryKey: ["set-up"],
    queryFn: () => data(api.GET("/api/set-up")),
    enabled: !isAgain,
  });
  const { control, handleSubmit, setError, formState } = useForm({
    defaultValues: { email: "", password: "" },
  });
  const signIn = handleSubmit(async (body) => {
    try {
      const me = await data(api.POST("/api/sign-in", { body }));
      onSignedIn(me.coachId);
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
          {isAgain
            ? "You have been signed out. Sign in to go on where you were; what you typed is kept."
            : "Warm-ups, measured back from the start."}
        </Box>
        {setUp.data?.awaited && (
          <Soft mb="6" fontSize="md">
            There is no club here yet. Open the set-up address that stands in the terminal in which
            Jubilee was started.
          </Soft>
        )}
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
