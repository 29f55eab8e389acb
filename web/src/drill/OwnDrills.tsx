import { Box, Button, chakra, Flex } from "@chakra-ui/react";
import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { useId, useState } from "react";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { DrillView } from "../api/types";
import { DrillForm } from "./DrillForm";
import { BLANK, ownVersion, toSend, type Entry } from "./entry";

interface Props {
  /** The drill to start from, if one. */
  mendId?: string;
  drills: DrillView[];
}

/** The club's own drills: made here field by field, brought in as a file, or taken out. */
export function OwnDrills({ mendId, drills }: Props) {
  const queries = useQueryClient();
  const id = useId();
  const [isNew, setNew] = useState(false);
  const start = drills.find((d) => d.id === mendId);
  const form = useQuery({
    queryKey: ["drill-form", mendId],
    queryFn: async () => {
      const shape = await data(
        api.GET("/api/library/{drillId}/form", {
          params: { path: { drillId: mendId ?? "" } },
          parseAs: "text",
        }),
      );
      return ownVersion(JSON.parse(shape) as Entry, start);
    },
    enabled: mendId !== undefined,
  });
  const take = useMutation({
    mutationFn: ({ list }: { list: string; isFile: boolean }) =>
      data(
        api.POST("/api/library", {
          body: list,
          bodySerializer: (body: string) => body,
          headers: { "Content-Type": "application/json" },
        }),
      ),
    onSuccess: () => {
      invalidate(queries, ["library"], ["drills"], ["drill-form"]);
    },
  });
  const setAside = useQuery({
    queryKey: ["library", "set-aside"],
    queryFn: () => data(api.GET("/api/library/set-aside")),
  });
  const putAway = useMutation({
    mutationFn: (drillId: string) =>
      data(
        api.POST("/api/library/{drillId}/archive", {
          params: { path: { drillId }, query: { away: true } },
        }),
      ),
    onSuccess: () => invalidate(queries, ["library"], ["drills"]),
  });
  const edited = form.data ?? (isNew ? BLANK : undefined);
  const isFile = take.variables?.isFile ?? true;
  const faults =
    take.error instanceof Problem
      ? take.error.fields.map(
          (f) => `${isFile ? f.place : f.field.replace("drills[0].", "")}: must be ${f.accepted}`,
        )
      : [];
  return (
    <Box as="section" aria-label="Your own drills">
      <Box as="h2" fontSize="lg" mb="1">
        Your own drills
      </Box>
      {setAside.data?.map((drill) => (
        <Box key={drill.drillId} role="note" mb="3" fontSize="sm" borderLeft="4px solid" pl="3">
          <b>{drill.drillId}</b> is set aside, because it can no longer be read. Import it again to
          mend it.
          {drill.faults.map((fault) => (
            <Box key={fault} color="inkSoft">
              {fault}
            </Box>
          ))}
          <Button mt="1" onClick={() => putAway.mutate(drill.drillId)}>
            Put it away
          </Button>
        </Box>
      ))}
      {edited ? (
        <DrillForm
          key={edited.id}
          start={edited}
          isBusy={take.isPending}
          refused={take.error}
          onKeep={(entry) =>
            take.mutate({ list: JSON.stringify([toSend(entry)], undefined, 1), isFile: false })
          }
        />
      ) : (
        <Button onClick={() => setNew(true)}>Make a new drill</Button>
      )}
      {take.data && (
        <Box role="status" mt="2" fontSize="sm">
          Imported: {take.data.drillIds.join(", ")}.
        </Box>
      )}
      {take.error && (
        <Box role="alert" mt="2" fontSize="sm" color="caution">
          {isFile || faults.length === 0 ? take.error.message : "Not saved."}
          {faults.map((f) => (
            <Box key={f}>{f}</Box>
          ))}
        </Box>
      )}
      <Flex gap="2" mt="4" wrap="wrap" align="center">
        <Button asChild>
          <label htmlFor={id}>
            Import a file
            <chakra.input
              id={id}
              type="file"
              accept="application/json,.json"
              srOnly
              onChange={(e) => {
                const file = e.target.files?.[0];
                e.target.value = "";
                if (file) void file.text().then((list) => take.mutate({ list, isFile: true }));
              }}
            />
          </label>
        </Button>
        <Button asChild>
          <a href="/api/library/export?own=true" download="our-drills.json">
            Export ours
          </a>
        </Button>
        <Button asChild>
          <a href="/api/library/export?own=false" download="library.json">
            Export everything
          </a>
        </Button>
        <Button asChild variant="ghost">
          <a href="/drill-library.schema.json">File format</a>
        </Button>
      </Flex>
      <Box fontSize="sm" color="inkSoft" mt="1">
        A file is a JSON list of drills. Either all are imported or none.
      </Box>
    </Box>
  );
}
