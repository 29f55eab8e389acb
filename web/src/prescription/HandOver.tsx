import { Box, Button, Flex } from "@chakra-ui/react";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, data } from "../api/client";
import type { PrescriptionView } from "../api/types";
import { linkTo } from "../shared/address";
import { copy as copyText } from "../shared/copy";
import { sayDate } from "../shared/calendar";
import { ErrorNotice } from "../shared/ErrorNotice";
import { CheckboxField } from "../shared/fields";
import { LinkCard } from "../shared/LinkCard";
import { Soft } from "../shared/panels";
import { messageOf } from "./message";

type Link = PrescriptionView["link"];

interface Props {
  prescriptionId: string;
  link?: Link;
  athlete: string;
}

/** The link that lets an athlete follow, without signing in, until its time is over. */
export const HandOver = memo(function HandOver({ prescriptionId, link, athlete }: Props) {
  const queries = useQueryClient();
  const params = { path: { id: prescriptionId } };
  const show = (made: Link) =>
    queries.setQueryData<PrescriptionView>(["prescription", prescriptionId], (old) =>
      old ? { ...old, link: made } : old,
    );
  const make = useMutation({
    mutationFn: () => data(api.POST("/api/prescriptions/{id}/hand-over", { params })),
    onSuccess: show,
  });
  const keep = useMutation({
    mutationFn: (isKept: boolean) =>
      data(api.PUT("/api/prescriptions/{id}/hand-over", { params, body: { keep: isKept } })),
    onSuccess: show,
  });
  const revoke = useMutation({
    mutationFn: () => api.DELETE("/api/prescriptions/{id}/hand-over", { params }),
    onSuccess: () => show(null),
  });
  const error = make.error ?? keep.error ?? revoke.error;
  const name = athlete.split(" ")[0];
  return (
    <Box as="section" aria-label="Hand over">
      <Box as="h2" fontSize="lg" mb="1">
        Hand over
      </Box>
      {!link && (
        <Button variant="solid" onClick={() => make.mutate()} disabled={make.isPending}>
          Make a link for {name}
        </Button>
      )}
      {link && !link.token && (
        <>
          <Soft mb="2">A link made earlier still works, but it cannot be shown again.</Soft>
          <Flex gap="2" wrap="wrap">
            <Button variant="solid" onClick={() => make.mutate()} disabled={make.isPending}>
              Replace it with a new one
            </Button>
            <Button onClick={() => revoke.mutate()}>Revoke link</Button>
          </Flex>
        </>
      )}
      {link?.token && (
        <>
          <LinkCard link={linkTo(`/f/${link.token}`)} opens={`the warm-up of ${name}`}>
            <Button asChild>
              <a href={`/f/${link.token}/print`} target="_blank" rel="noreferrer">
                Print view
              </a>
            </Button>
            <Button asChild>
              <a href={`/api/follow/${link.token}/calendar.ics`} download={`warm-up-${name}.ics`}>
                Calendar file
              </a>
            </Button>
            <Button asChild>
              <a href={`/api/follow/${link.token}/workout.tcx`} download={`warm-up-${name}.tcx`}>
                For a watch (TCX)
              </a>
            </Button>
            <CopyMessage prescriptionId={prescriptionId} link={linkTo(`/f/${link.token}`)} />
            <Button onClick={() => revoke.mutate()}>Revoke link</Button>
          </LinkCard>
          <Flex align="center" gap="3" mt="2" wrap="wrap">
            <CheckboxField
              label="Keep it working"
              checked={!link.until}
              onChange={(isKept) => keep.mutate(isKept)}
            />
            <Soft>{link.until ? `Stops on ${sayDate(link.until.slice(0, 10))}.` : ""}</Soft>
          </Flex>
        </>
      )}
      {error && <ErrorNotice error={error} />}
    </Box>
  );
}, isSame);

/** The whole warm-up as text for a chat, as it is when it is copied. */
function CopyMessage({ prescriptionId, link }: { prescriptionId: string; link: string }) {
  const queries = useQueryClient();
  const [copied, setCopied] = useState(false);
  const copy = () => {
    const view = queries.getQueryData<PrescriptionView>(["prescription", prescriptionId]);
    if (view) void copyText(messageOf(view, link)).then(() => setCopied(true));
  };
  return <Button onClick={copy}>{copied ? "Copied" : "Copy as a message"}</Button>;
}

/** An edit brings the same link in a new object; the code need not be drawn for it. */
function isSame(before: Props, after: Props): boolean {
  return (
    before.prescriptionId === after.prescriptionId &&
    before.athlete === after.athlete &&
    before.link?.token === after.link?.token &&
    before.link?.until === after.link?.until &&
    !before.link === !after.link
  );
}
