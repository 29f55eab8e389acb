// What a change would lead to, before it is made: the weeks that would differ, for whom.
import { Button } from "@chakra-ui/react";
import type { BlockView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import type { BlockEdit } from "./edits";
import { usePreviewOf } from "./useBlock";
import { shortDate } from "./Weeks";
import css from "./block.module.css";

/** Athletes shown in full; of more only the names. */
const MOST = 4;

export function Replan({
  block,
  edit,
  isBusy,
  onApply,
  onLeave,
}: {
  block: BlockView;
  edit: BlockEdit;
  isBusy: boolean;
  onApply: () => void;
  onLeave: () => void;
}) {
  const preview = usePreviewOf(block, edit);
  const athletes = preview.data?.athletes ?? [];
  const nothing = preview.data && athletes.length === 0 && preview.data.sessions.length === 0;
  return (
    <section className={css.replan} aria-label="What would change" aria-live="polite">
      <header>
        <h2>{edit.words}</h2>
        <Button variant="solid" disabled={isBusy || !preview.data} onClick={onApply}>
          Apply
        </Button>
        <Button onClick={onLeave}>Leave as it is</Button>
      </header>
      {preview.isPending && <p>Working out what would change…</p>}
      {preview.error && <ErrorNotice error={preview.error} />}
      {nothing && <p>Nothing else would change.</p>}
      {preview.data?.sessions.map((words) => (
        <p key={words}>{words}</p>
      ))}
      {athletes.slice(0, MOST).map((athlete) => (
        <div key={athlete.id}>
          <h3>{athlete.name}</h3>
          <table>
            <tbody>
              {athlete.weeks.map((week) => (
                <tr key={week.monday}>
                  <th scope="row">
                    Week {week.number}
                    <small> {shortDate(week.monday)}</small>
                  </th>
                  <td className={css.was}>{week.before || "not in the block"}</td>
                  <td aria-hidden="true">→</td>
                  <td>{week.after}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      ))}
      {athletes.length > MOST && (
        <p>
          And for{" "}
          {athletes
            .slice(MOST)
            .map((a) => a.name)
            .join(", ")}
          .
        </p>
      )}
      <p className={css.soft}>Past days, and warm-ups you have changed, stay as they are.</p>
    </section>
  );
}
