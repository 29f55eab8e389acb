import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, data } from "../api/client";
import type { PrescriptionView } from "../api/types";
import { Complaint } from "../shared/Complaint";

/** The link that lets an athlete follow, without signing in, until it is revoked. */
export function HandOver({ view }: { view: PrescriptionView }) {
  const queries = useQueryClient();
  const [copied, setCopied] = useState(false);
  const params = { path: { id: view.id } };
  const setToken = (token: string | null) =>
    queries.setQueryData<PrescriptionView>(["prescription", view.id], (old) =>
      old ? { ...old, token } : old,
    );
  const make = useMutation({
    mutationFn: () => data(api.POST("/api/prescriptions/{id}/hand-over", { params })),
    onSuccess: ({ token }) => setToken(token),
  });
  const revoke = useMutation({
    mutationFn: () => api.DELETE("/api/prescriptions/{id}/hand-over", { params }),
    onSuccess: () => {
      setToken(null);
      setCopied(false);
    },
  });
  const link = view.token ? `${window.location.origin}/f/${view.token}` : undefined;
  const error = make.error ?? revoke.error;
  return (
    <Box as="section" aria-label="Hand over">
      <Box as="h2" fontSize="lg" mb="1">
        Hand over
      </Box>
      {link ? (
        <>
          <Box fontSize="sm" mb="2" wordBreak="break-all">
            <a href={link} target="_blank" rel="noreferrer">
              <u>{link}</u>
            </a>
          </Box>
          <Flex gap="2" wrap="wrap">
            <Button
              variant="solid"
              onClick={() =>
                void navigator.clipboard.writeText(link).then(() => {
                  setCopied(true);
                })
              }
            >
              {copied ? "Copied" : "Copy link"}
            </Button>
            <Button asChild>
              <a href={`${link}/print`} target="_blank" rel="noreferrer">
                Print view
              </a>
            </Button>
            <Button onClick={() => revoke.mutate()}>Revoke link</Button>
          </Flex>
        </>
      ) : (
        <Button variant="solid" onClick={() => make.mutate()} disabled={make.isPending}>
          Make a link for {view.athlete.name.split(" ")[0]}
        </Button>
      )}
      {error && <Complaint error={error} />}
    </Box>
  );
}
