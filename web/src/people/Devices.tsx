import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { api, data } from "../api/client";
import type { Device } from "../api/types";
import { sayDate, sayTime } from "../shared/calendar";
import { ErrorNotice } from "../shared/ErrorNotice";
import { Section, Soft, Title } from "../shared/panels";

/** Where one is signed in. */
export function Devices() {
  const queries = useQueryClient();
  const devices = useQuery({
    queryKey: ["devices"],
    queryFn: () => data(api.GET("/api/me/devices")),
  });
  const signOut = useMutation({
    mutationFn: (id: string) => api.DELETE("/api/me/devices/{id}", { params: { path: { id } } }),
    onSuccess: () => void queries.invalidateQueries({ queryKey: ["devices"] }),
  });
  const leave = () => window.location.assign("/");
  // On a phone the strip at the top has no room for it.
  const here = useMutation({ mutationFn: () => api.POST("/api/sign-out"), onSuccess: leave });
  const everywhere = useMutation({
    mutationFn: () => api.POST("/api/me/sign-out-everywhere"),
    onSuccess: leave,
  });
  const error = devices.error ?? signOut.error ?? here.error ?? everywhere.error;
  return (
    <Section aria-label="Signed in on" justifyItems="stretch">
      <Title>Signed in on</Title>
      {devices.data?.map((device) => (
        <Flex key={device.id} gap="3" align="center" justify="space-between">
          <Box>
            {device.kind}
            <Soft>{seen(device)}</Soft>
          </Box>
          {!device.isThis && <Button onClick={() => signOut.mutate(device.id)}>Sign it out</Button>}
        </Flex>
      ))}
      <Flex gap="2" wrap="wrap">
        <Button hideFrom="sm" onClick={() => here.mutate()}>
          Sign out
        </Button>
        <Button onClick={() => everywhere.mutate()}>Sign out everywhere</Button>
      </Flex>
      {error && <ErrorNotice error={error} />}
    </Section>
  );
}

function seen(device: Device): string {
  if (device.isThis) return "this one";
  const at = new Date(device.lastSeenAt);
  const two = (figure: number) => String(figure).padStart(2, "0");
  const day = `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
  return `last seen ${sayDate(day)}, ${sayTime(`${two(at.getHours())}:${two(at.getMinutes())}`)}`;
}
