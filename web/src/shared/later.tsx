import { lazy, Suspense, type ComponentType } from "react";

/**
 * A part of a page that is fetched when it is first shown, or in advance by `fetchNow`, so that it
 * is there when the network is not.
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>) {
  const Part = lazy(async () => ({ default: await load() }));
  function Later(props: P) {
    return (
      <Suspense fallback={null}>
        <Part {...props} />
      </Suspense>
    );
  }
  return Object.assign(Later, { fetchNow: () => void load() });
}
