import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import { invalidate } from "../api/invalidate";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import type { BlockPreview, BlockView } from "../api/types";
import type { BlockEdit } from "./edits";

/** While warm-ups are being computed it is asked this often how far they are, ms. */
const POLL = 400;

export type BlockStep = BlockEdit | "undo" | "redo" | "compile" | "cancel";

/** A block and what can be done to it. */
export function useBlock(id: string | undefined) {
  const queries = useQueryClient();
  const key = ["block", id];
  const query = useQuery({
    queryKey: key,
    enabled: id !== undefined,
    queryFn: () => data(api.GET("/api/blocks/{id}", { params: { path: { id: id ?? "" } } })),
  });
  const isRunning = query.data?.compilation.state === "RUNNING";
  useQuery({
    queryKey: ["compilation", id],
    enabled: isRunning,
    refetchInterval: POLL,
    gcTime: 0,
    queryFn: async () => {
      const path = { id: id ?? "" };
      const compilation = await data(api.GET("/api/blocks/{id}/compilation", { params: { path } }));
      // What is done is said together with what came of it.
      if (compilation.state === "RUNNING") {
        queries.setQueryData<BlockView>(key, (block) => block && { ...block, compilation });
      } else {
        await queries.invalidateQueries({ queryKey: key });
      }
      return compilation;
    },
  });
  const step = useMutation({
    mutationFn: (what: BlockStep): Promise<BlockView> => {
      const current = queries.getQueryData<BlockView>(key);
      if (!current) throw new Problem(0, "The block is not loaded yet.", []);
      const path = { id: current.id };
      const params = { path, query: { baseRevision: current.revision } };
      switch (what) {
        case "undo":
          return data(api.POST("/api/blocks/{id}/undo", { params }));
        case "redo":
          return data(api.POST("/api/blocks/{id}/redo", { params }));
        case "compile":
          return data(api.POST("/api/blocks/{id}/compile", { params: { path } }));
        case "cancel":
          return data(api.POST("/api/blocks/{id}/cancel", { params: { path } }));
        default:
          return data(
            api.PUT("/api/blocks/{id}", {
              params: { path },
              body: {
                baseRevision: current.revision,
                edit: what.words,
                definition: what.definition,
              },
            }),
          );
      }
    },
    onSuccess: (view) => {
      queries.setQueryData(key, view);
      invalidate(queries, ["sessions"], ["blocks"]);
    },
    onError: (error) => {
      if (error instanceof Problem && error.status === 409) void query.refetch();
    },
  });
  return { query, step };
}

/**
 * What an edit would lead to, before it is made. A large squad comes in turns; what has come is
 * there at once, `done` of `total`.
 */
export function usePreviewOf(block: BlockView | undefined, edit: BlockEdit | undefined) {
  const queries = useQueryClient();
  const key = ["block-preview", block?.id, block?.revision, edit?.definition];
  return useQuery({
    queryKey: key,
    enabled: block !== undefined && edit !== undefined,
    staleTime: 0,
    retry: false,
    queryFn: async ({ signal }): Promise<BlockPreview> => {
      const path = { id: block?.id ?? "" };
      let known: BlockPreview | undefined;
      do {
        const turn: BlockPreview = await data(
          api.POST("/api/blocks/{id}/preview", {
            params: { path, query: { from: known?.done ?? 0 } },
            // eslint-disable-next-line @typescript-eslint/no-non-null-assertion -- enabled only with one
            body: edit!.definition,
            signal,
          }),
        );
        known = { ...turn, athletes: [...(known?.athletes ?? []), ...turn.athletes] };
        if (known.done < known.total) queries.setQueryData(key, known);
      } while (known.done < known.total);
      return known;
    },
  });
}
