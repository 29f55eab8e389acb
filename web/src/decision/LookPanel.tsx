import { useEffect, useRef, useState, type ReactNode } from "react";
import type { Decided, LookInput, MarkInput, Region } from "../api/types";
import { Body } from "../body/Body";
import type { Side } from "../body/figure";
import { CHECKPOINTS, SIGNS } from "../shared/words";
import { clock } from "../shared/units";
import { ALARM_SIGNS, SIGNS_BY_GROUP, wordsOf, type Checkpoint, type Sign } from "./look";
import clsx from "clsx";
import css from "./decision.module.css";

interface Props {
  checkpoint: Checkpoint;
  /** What follows from marks; may take a moment where it is asked for. */
  decide: (marks: readonly MarkInput[]) => Promise<ShownDecision> | ShownDecision;
  /** What was seen, and whether the decision is followed. */
  onDecided: (look: LookInput) => void;
  onLeave: () => void;
}

/** What is shown of a decision. */
export type ShownDecision = Pick<
  Decided,
  "kind" | "ground" | "what" | "why" | "seconds" | "session"
>;

/** What is seen, in two touches, and what a careful coach would do about it. */
export function LookPanel({ checkpoint, decide, onDecided, onLeave }: Props) {
  const [marks, setMarks] = useState<readonly MarkInput[]>([]);
  const [placing, setPlacing] = useState<Sign>();
  const [decision, setDecision] = useState<ShownDecision>();
  const [isLost, setLost] = useState(false);

  const toggle = (sign: Sign, group: readonly Sign[]) => {
    const isOn = marks.some((m) => m.sign === sign);
    const others = marks.filter((m) => !group.includes(m.sign));
    setMarks(isOn ? others : [...others, plain(sign)]);
  };
  const ask = async (seen: readonly MarkInput[]) => {
    try {
      setDecision(await decide(seen));
    } catch {
      setLost(true);
    }
  };
  const finish = (isTaken: boolean) => {
    if (!decision) return;
    onDecided({
      checkpoint,
      marks: [...marks],
      decided: decision.kind,
      ground: decision.ground,
      isTaken,
      session: isTaken ? (decision.session ?? null) : null,
    });
  };

  if (decision) {
    return (
      <Panel label="Decision" isDecided>
        <p className={css.seen}>{marks.map(wordsOf).join(", ")}</p>
        <h2>{decision.what}</h2>
        <p>{decision.why}</p>
        {decision.seconds > 0 && <p className={css.cost}>It takes {clock(decision.seconds)}.</p>}
        <div className={css.answers}>
          <button type="button" className={css.yes} onClick={() => finish(true)}>
            {YES[decision.kind]}
          </button>
          {decision.kind !== "STOP" && decision.kind !== "CARRY_ON" && (
            <button type="button" onClick={() => finish(false)}>
              Stay with the plan
            </button>
          )}
        </div>
      </Panel>
    );
  }
  if (placing) {
    return (
      <Placing
        sign={placing}
        marks={marks}
        onMarks={setMarks}
        onDone={() => setPlacing(undefined)}
      />
    );
  }
  return (
    <Panel label={`What is seen: ${CHECKPOINTS[checkpoint]}`}>
      <header>
        <h2>{capitalised(CHECKPOINTS[checkpoint])}: what is seen?</h2>
        <button type="button" onClick={onLeave} aria-label="Close">
          ✕
        </button>
      </header>
      {SIGNS_BY_GROUP.filter((g) => g.at.includes(checkpoint)).map((group) => (
        <div key={group.signs.join()} className={css.group}>
          {group.signs.map((sign) => (
            <button
              key={sign}
              type="button"
              aria-pressed={marks.some((m) => m.sign === sign)}
              onClick={() => (sign === "TIGHT" ? setPlacing(sign) : toggle(sign, group.signs))}
            >
              {sign === "TIGHT" ? placed(marks, sign, "tight somewhere") : SIGNS[sign]}
            </button>
          ))}
        </div>
      ))}
      <div className={css.group}>
        <button
          type="button"
          aria-pressed={marks.some((m) => m.sign === "PAIN")}
          onClick={() => setPlacing("PAIN")}
        >
          {placed(marks, "PAIN", "it hurts somewhere")}
        </button>
      </div>
      <div className={clsx(css.group, css.alarms)}>
        {ALARM_SIGNS.map((sign) => (
          <button
            key={sign}
            type="button"
            onClick={() => {
              const all = [...marks, plain(sign)];
              setMarks(all);
              void ask(all);
            }}
          >
            {SIGNS[sign]}
          </button>
        ))}
      </div>
      {isLost && <p role="alert">It could not be asked for. Try again, or decide by yourself.</p>}
      <button
        type="button"
        className={css.yes}
        disabled={marks.length === 0}
        onClick={() => void ask(marks)}
      >
        What now?
      </button>
    </Panel>
  );
}

/** Over everything else; whoever uses the keyboard or a screen reader is in it at once. */
function Panel({
  label,
  isDecided = false,
  children,
}: {
  label: string;
  isDecided?: boolean;
  children: ReactNode;
}) {
  const panel = useRef<HTMLDivElement>(null);
  useEffect(() => panel.current?.focus(), [label]);
  return (
    <div
      ref={panel}
      role="dialog"
      aria-modal="true"
      aria-label={label}
      tabIndex={-1}
      className={clsx(css.panel, isDecided && css.decided)}
    >
      {children}
    </div>
  );
}

const YES: Record<Decided["kind"], string> = {
  CARRY_ON: "Carry on",
  ADD: "Add it",
  REPEAT: "Repeat",
  CHANGE: "Change the session",
  STOP: "Stop here",
};

function plain(sign: Sign): MarkInput {
  return { sign, region: null, side: null, pain: 0, onlyFast: false };
}

function placed(marks: readonly MarkInput[], sign: Sign, otherwise: string): string {
  const places = marks.filter((m) => m.sign === sign).map(wordsOf);
  return places.length > 0 ? places.join(", ") : otherwise;
}

function capitalised(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Where it is tight, or hurts and how much. */
function Placing({
  sign,
  marks,
  onMarks,
  onDone,
}: {
  sign: Sign;
  marks: readonly MarkInput[];
  onMarks: (marks: readonly MarkInput[]) => void;
  onDone: () => void;
}) {
  const [chosen, setChosen] = useState<{ region: Region; side: Side }>();
  const at = (region: Region, side: Side) =>
    marks.find((m) => m.sign === sign && m.region === region && m.side === side);
  const others = (region: Region, side: Side) => marks.filter((m) => m !== at(region, side));
  const present = chosen && at(chosen.region, chosen.side);
  return (
    <Panel label={sign === "PAIN" ? "Where does it hurt?" : "Where?"}>
      <header>
        <h2>{sign === "PAIN" ? "Where does it hurt?" : "Where is it tight?"}</h2>
      </header>
      <Body
        chosen={chosen}
        shadeOf={(region, side) => {
          const mark = at(region, side);
          if (!mark) return { degree: 0, words: "" };
          return sign === "PAIN"
            ? { degree: 3, words: wordsOf(mark), figure: String(mark.pain) }
            : { degree: 1, words: "tight" };
        }}
        onChoose={(region, side) => {
          setChosen({ region, side });
          if (at(region, side)) {
            onMarks(others(region, side));
          } else {
            const pain = sign === "PAIN" ? 2 : 0;
            onMarks([...marks, { sign, region, side, pain, onlyFast: false }]);
          }
        }}
      />
      {sign === "PAIN" && chosen && present && (
        <div className={css.degree} role="group" aria-label="How much, of 10?">
          {Array.from({ length: 10 }, (_, i) => i + 1).map((pain) => (
            <button
              key={pain}
              type="button"
              aria-pressed={present.pain === pain}
              aria-label={`${pain} of 10`}
              onClick={() => onMarks([...others(chosen.region, chosen.side), { ...present, pain }])}
            >
              {pain}
            </button>
          ))}
          <label>
            <input
              type="checkbox"
              checked={present.onlyFast}
              onChange={(e) =>
                onMarks([
                  ...others(chosen.region, chosen.side),
                  { ...present, onlyFast: e.target.checked },
                ])
              }
            />{" "}
            only above some speed
          </label>
        </div>
      )}
      <button type="button" className={css.yes} onClick={onDone}>
        Done
      </button>
    </Panel>
  );
}
