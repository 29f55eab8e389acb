import { Button } from "@chakra-ui/react";
import { useId } from "react";
import type { Understood } from "../api/types";
import { Engraving } from "../shared/Engraving";
import { about } from "../shared/units";
import { bars, marked, minuteMarks, oneLine } from "./written";
import css from "./Whiteboard.module.css";

interface Props {
  text: string;
  onText: (text: string) => void;
  understood?: Understood;
  error?: string;
}

/** Each shows something else that can be written. */
const EXAMPLES = [
  "6 x 1000 @ 5k, 90 s jog",
  "3 x 10 min threshold / 3 min",
  "2k test",
  "8 x 50 free fast on 1:30",
  "hills 10 x 30 s, walk back",
  "long 2 h with last 30 min steady",
];

/** The session as a coach writes it, and at once how it was understood. */
export function Whiteboard({ text, onText, understood, error }: Props) {
  const id = useId();
  const fault = text.trim() === "" ? undefined : understood?.faults[0];
  const where = fault && fault.to <= text.length ? marked(text, fault) : undefined;
  const isUnderstood = understood && understood.faults.length === 0;
  return (
    <div className={css.whiteboard}>
      <label htmlFor={id}>What you would write on the whiteboard</label>
      <input
        id={id}
        value={text}
        placeholder="6 x 1000 @ 5k, 90 s jog"
        autoComplete="off"
        spellCheck={false}
        maxLength={300}
        aria-invalid={fault !== undefined || error !== undefined}
        aria-describedby={`${id}-understood`}
        onChange={(event) => onText(event.target.value)}
        onPaste={(event) => {
          const pasted = event.clipboardData.getData("text");
          if (!/\S\s*\n\s*\S/.test(pasted)) return;
          // A field of one line would run several together.
          event.preventDefault();
          const { selectionStart, selectionEnd } = event.currentTarget;
          const joined = oneLine(pasted);
          onText(text.slice(0, selectionStart ?? 0) + joined + text.slice(selectionEnd ?? 0));
        }}
      />
      <div className={css.answer}>
        <div id={`${id}-understood`} aria-live="polite">
          {error && <div className={css.fault}>Accepted: {error}</div>}
          {fault && (
            <div className={css.fault}>
              {where && (
                <div className={css.where}>
                  {where.before}
                  <mark>{where.faulty}</mark>
                  {where.after}
                </div>
              )}
              ▲ {fault.what}{" "}
              {fault.suggestion && (
                <Button onClick={() => onText(fault.suggestion)}>Write “{fault.suggestion}”</Button>
              )}
            </div>
          )}
          {isUnderstood && (
            <div className={css.understood}>
              Understood: <strong>{understood.words}</strong>
              {understood.seconds > 0 && `, about ${about(understood.seconds)}`}
              {understood.next !== "" && (
                <div className={css.notes}>
                  Straight on: {understood.next}. The warm-up is for what comes first.
                </div>
              )}
              {understood.notes.length > 0 && (
                <div className={css.notes}>{understood.notes.join(" ")}</div>
              )}
            </div>
          )}
        </div>
        {text === "" && (
          <div className={css.examples}>
            Such as
            {EXAMPLES.map((example) => (
              <Button key={example} onClick={() => onText(example)}>
                {example}
              </Button>
            ))}
          </div>
        )}
        {understood && understood.stretches.length > 0 && (
          <SessionPicture understood={understood} />
        )}
      </div>
    </div>
  );
}

/** The session after the start line, as its warm-up is drawn before it. */
function SessionPicture({ understood }: { understood: Understood }) {
  const { seconds, stretches } = understood;
  return (
    <div className={css.sessionPicture} role="img" aria-label={`Picture of ${understood.words}`}>
      <Engraving
        steps={bars(stretches).map(({ from, width, effort }) => ({
          from,
          to: from + width,
          effort,
        }))}
        pixels={1080}
      />
      <span className={css.first} style={{ left: 0 }}>
        T−0
      </span>
      {minuteMarks(seconds).map((minute) => (
        <span key={minute} style={{ left: `${(6000 * minute) / seconds}%` }}>
          {minute}
        </span>
      ))}
      <span className={css.last} style={{ left: "100%" }}>
        {about(seconds)}
      </span>
    </div>
  );
}
