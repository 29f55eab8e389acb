import { useEffect, useRef, useState } from "react";
import { newKey } from "../shared/once";
import { toSend, type Answers } from "./answers";
import { CheckInOutbox, isHeld, type Standing } from "./outbox";

export interface CheckIn extends Standing {
  isHeld: boolean;
  tell: (answers: Answers) => void;
}

/** How often it is asked whether the coach has let go of a warm-up, ms. */
const ASK_AGAIN = 10_000;

/** The check-in of a link: told, waiting for a network, held. */
export function useCheckIn(token: string, isHeldBefore: boolean): CheckIn {
  const [state, setState] = useState<Standing>({
    standing: undefined,
    waits: undefined,
    refused: undefined,
  });
  const outbox = useRef<CheckInOutbox>(undefined);
  useEffect(() => {
    const opened = new CheckInOutbox(token, setState);
    outbox.current = opened;
    void opened.send();
    const send = () => void opened.send();
    window.addEventListener("online", send);
    return () => {
      opened.close();
      window.removeEventListener("online", send);
    };
  }, [token]);
  const held = isHeld(state) || (isHeldBefore && state.standing === undefined);
  useEffect(() => {
    if (!held) return;
    const timer = setInterval(() => void outbox.current?.send(), ASK_AGAIN);
    return () => clearInterval(timer);
  }, [held]);
  return {
    ...state,
    isHeld: held,
    tell: (answers) =>
      outbox.current?.tell({ id: newKey(), toldAt: Date.now(), answers: toSend(answers) }),
  };
}
