import { Box, Button, Flex } from "@chakra-ui/react";
import { useState, type FormEvent } from "react";
import { api } from "../api/client";
import { Pennant } from "../shared/icons";
import { TextField } from "../shared/fields";

export function SignInPage({ onSignedIn }: { onSignedIn: () => void }) {
  const [email, setEmail] = useState("");
  const [password, setPassword] = useState("");
  const [error, setError] = useState<string>();
  const [busy, setBusy] = useState(false);

  async function signIn(event: FormEvent) {
    event.preventDefault();
    setBusy(true);
    setError(undefined);
    try {
      await api.POST("/api/sign-in", { body: { email, password } });
      onSignedIn();
    } catch (problem) {
      setError(problem instanceof Error ? problem.message : "Something went wrong.");
    } finally {
      setBusy(false);
    }
  }

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
        <form onSubmit={(event) => void signIn(event)}>
          <Flex direction="column" gap="4">
            <TextField
              label="E-mail"
              type="email"
              autoComplete="username"
              value={email}
              onChange={setEmail}
            />
            <TextField
              label="Password"
              type="password"
              autoComplete="current-password"
              value={password}
              onChange={setPassword}
            />
            {error && (
              <Box role="alert" color="caution">
                {error}
              </Box>
            )}
            <Button type="submit" variant="solid" size="md" disabled={busy}>
              Sign in
            </Button>
          </Flex>
        </form>
      </Box>
    </Flex>
  );
}
