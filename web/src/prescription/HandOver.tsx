import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, data } from "../api/client";
import type { PrescriptionView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";

interface Props {
  prescriptionId: string;
  token?: string | null;
  athlete: string;
}

/** The link that lets an athlete follow, without signing in, until it is revoked. */
export const HandOver = memo(function HandOver({ prescriptionId, token, athlete }: Props) {
  const queries = useQueryClient();
  const [copied, setCopied] = useState(false);
  const params = { path: { id: prescriptionId } };
  const setToken = (made: string | null) =>
    queries.setQueryData<PrescriptionView>(["prescription", prescriptionId], (old) =>
      old ? { ...old, token: made } : old,
    );
  const make = useMutation({
    mutationFn: () => data(api.POST("/api/prescriptions/{id}/hand-over", { params })),
    onSuccess: (made) => setToken(made.token),
  });
  const revoke = useMutation({
    mutationFn: () => api.DELETE("/api/prescriptions/{id}/hand-over", { params }),
    onSuccess: () => {
      setToken(null);
      setCopied(false);
    },
  });
  const link = token ? `${window.location.origin}/f/${token}` : undefined;
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
          Make a link for {athlete.split(" ")[0]}
        </Button>
      )}
      {error && <ErrorNotice error={error} />}
    </Box>
  );
});
