import type { FollowView } from "../api/types";
import css from "./checkin.module.css";

/** Nothing to follow before the coach has spoken with them. */
export function Held({ view, waits }: { view: FollowView; waits: boolean }) {
  return (
    <main className={css.held}>
      <p>
        {view.athleteName}, {view.sessionTitle}
      </p>
      <h1>Speak with your coach first.</h1>
      <p role="status">
        {waits
          ? "There is no network: your coach has not heard of it yet. Call them."
          : "Your coach has what you told. The warm-up is here again when they have spoken with you."}
      </p>
      <p>
        Chest pain, fainting, bad breathlessness or a knock to the head: do not wait, call for
        medical help. Pain, illness and injury are for a licensed clinician.
      </p>
    </main>
  );
}
