import { QueryClient } from "@tanstack/react-query";
import { expect, test } from "vitest";
import { invalidate } from "./invalidate";

test("an answer asked for before a change does not hide it", async () => {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: 10_000 } } });
  let sessions = ["easy row"];
  let answer = () => {};
  const held = new Promise<void>((resolve) => (answer = resolve));
  const slow = queries
    .query({
      queryKey: ["sessions"],
      queryFn: async () => {
        const asked = sessions;
        await held;
        return asked;
      },
    })
    .catch(() => undefined);

  sessions = ["easy row", "2 km test"];
  invalidate(queries, ["sessions"]);
  answer();
  await slow;
  const shown = await queries.query({
    queryKey: ["sessions"],
    queryFn: () => Promise.resolve(sessions),
  });

  expect(shown).toEqual(["easy row", "2 km test"]);
});
