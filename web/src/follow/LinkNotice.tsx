import css from "./follow.module.css";

/** Instead of what a link leads to: that it is on its way, or why there is nothing. */
export function LinkNotice({ error }: { error: string | undefined }) {
  if (error === undefined) return <main className={css.notice}>Loading…</main>;
  return (
    <main className={css.notice} role="alert">
      <h1>This link does not work</h1>
      <p>{error}</p>
    </main>
  );
}
