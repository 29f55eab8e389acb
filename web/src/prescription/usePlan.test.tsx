// @vitest-environment jsdom
import { QueryClientProvider, type QueryClient } from "@tanstack/react-query";
import { act, renderHook, waitFor } from "@testing-library/react";
import type { ReactNode } from "react";
import { describe, expect, it } from "vitest";
import type { PrescriptionView } from "../api/types";
import { json, queryClient, serve, type Asked } from "../testing/render";
import { usePlan, type Edit } from "./usePlan";

const lock = (itemId: string): Edit => ({ action: "LOCK", itemId, lock: "DOSE" });

/** A plan at the server: each edit makes the next revision, one on an old revision is refused. */
function server(start: number) {
  let revision = start;
  const edits: string[] = [];
  const view = () =>
    ({ id: "p1", revision, plan: { items: edits } }) as unknown as PrescriptionView;
  const asked = serve({
    "GET /api/prescriptions/p1": () => view(),
    "POST /api/prescriptions/p1/edits": async ({ body }: Asked) => {
      const { baseRevision, edit } = body as { baseRevision: number; edit: { itemId: string } };
      await new Promise((done) => setTimeout(done, 20));
      if (baseRevision !== revision) {
        return json({ detail: "Somebody else changed this plan.", errors: [] }, 409);
      }
      revision += 1;
      edits.push(edit.itemId);
      return view();
    },
    "POST /api/prescriptions/p1/undo": () => {
      revision += 1;
      edits.pop();
      return view();
    },
  });
  return {
    asked,
    edits,
    bases: () =>
      asked
        .filter((a) => a.path.endsWith("/edits"))
        .map((a) => (a.body as { baseRevision: number }).baseRevision),
    /** Another coach, at another device. */
    somebodyElse: (itemId: string) => {
      revision += 1;
      edits.push(itemId);
    },
  };
}

async function opened() {
  const client: QueryClient = queryClient();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  const { result } = renderHook(() => usePlan("p1"), { wrapper });
  await waitFor(() => expect(result.current.query.data).toBeDefined());
  return result;
}

/** Quicker than any of them can be answered. */
function inOneGo(hook: Awaited<ReturnType<typeof opened>>, ...edits: Edit[]) {
  act(() => {
    edits.forEach((edit) => hook.current.step.mutate(edit));
  });
}

describe("steps on a plan", () => {
  it("go one after another, each on the revision that the one before it made", async () => {
    const plan = server(5);
    const hook = await opened();
    inOneGo(hook, lock("a"), lock("b"), lock("c"));
    await waitFor(() => expect(hook.current.query.data?.revision).toBe(8));
    expect(plan.bases()).toEqual([5, 6, 7]);
    expect(plan.edits).toEqual(["a", "b", "c"]);
    expect(hook.current.step.error).toBeNull();
  });

  it("that meet somebody else's change are told so, and the next go on from theirs", async () => {
    const plan = server(5);
    const hook = await opened();
    plan.somebodyElse("theirs");
    inOneGo(hook, lock("a"), lock("b"), lock("c"));
    await waitFor(() => expect(hook.current.query.data?.revision).toBe(8));
    expect(plan.bases()).toEqual([5, 6, 7]);
    expect(plan.edits).toEqual(["theirs", "b", "c"]);
    const asked = plan.asked.map((a) => `${a.method} ${a.path.split("/").at(-1)}`);
    expect(asked.slice(0, 4)).toEqual(["GET p1", "POST edits", "GET p1", "POST edits"]);
  });

  it("shows a lost step beside the plan as it is now", async () => {
    const plan = server(5);
    const hook = await opened();
    plan.somebodyElse("theirs");
    act(() => hook.current.step.mutate(lock("a")));
    await waitFor(() => expect(hook.current.step.error).not.toBeNull());
    expect(hook.current.step.error?.message).toBe("Somebody else changed this plan.");
    expect(hook.current.query.data?.revision).toBe(6);
  });

  it("may decide late, on the plan as it is when their turn comes", async () => {
    const plan = server(5);
    const hook = await opened();
    act(() => {
      hook.current.step.mutate(lock("a"));
      hook.current.step.mutate((now) => (now.revision === 6 ? lock("late") : undefined));
      hook.current.step.mutate((now) => (now.revision === 5 ? lock("never") : undefined));
    });
    await waitFor(() => expect(hook.current.query.data?.revision).toBe(7));
    await waitFor(() => expect(hook.current.step.isPending).toBe(false));
    expect(plan.edits).toEqual(["a", "late"]);
  });

  it("keep the plan before the last change, for those who want to compare", async () => {
    server(5);
    const hook = await opened();
    act(() => hook.current.step.mutate(lock("a")));
    await waitFor(() => expect(hook.current.query.data?.revision).toBe(6));
    expect(hook.current.former).toEqual({ items: [] });
    act(() => hook.current.step.mutate("undo"));
    await waitFor(() => expect(hook.current.query.data?.revision).toBe(7));
    expect(hook.current.former).toEqual({ items: ["a"] });
  });
});
