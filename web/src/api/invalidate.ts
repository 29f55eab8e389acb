import type { QueryClient, QueryKey } from "@tanstack/react-query";

/**
 * What the server holds under these keys is no longer what was fetched. An answer still on its way
 * was asked for before the change: taken for a new one, it would hide the change.
 */
export function invalidate(queries: QueryClient, ...keys: QueryKey[]): void {
  for (const queryKey of keys) {
    void queries.cancelQueries({ queryKey }).then(() => queries.invalidateQueries({ queryKey }));
  }
}
