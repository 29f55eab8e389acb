import { Button } from "@chakra-ui/react";
import type { Line } from "../api/types";
import { CommittedField } from "../shared/CommittedField";
import { recoveryText, sessionText } from "./written";
import css from "./Whiteboard.module.css";

const NEW_LINE: Line = { times: 1, length: "10 min", how: "easy", recovery: "", lines: [] };

interface Props {
  label: string;
  lines: Line[];
  onText: (text: string) => void;
}

/** The same session line by line; each change is written back to the whiteboard. */
export function WrittenLines({ label, lines, onText }: Props) {
  const write = (next: Line[]) => onText(sessionText(label, next));
  return (
    <div className={css.linesEditor} role="group" aria-label="Session by lines">
      <Lines lines={lines} onLines={write} />
      <Button onClick={() => write([...lines, NEW_LINE])}>Add a line</Button>
    </div>
  );
}

function Lines({ lines, onLines }: { lines: Line[]; onLines: (lines: Line[]) => void }) {
  const put = (at: number, line: Line) => onLines(lines.with(at, line));
  return lines.map((line, at) => (
    // A line is told by its place; fields are made anew when the words change.
    <div key={at} className={line.lines.length > 0 ? css.set : undefined}>
      <div className={css.line}>
        <CommittedField
          label="Times"
          value={String(line.times)}
          onCommit={(typed) =>
            put(at, { ...line, times: Math.max(1, Math.round(Number(typed) || 1)) })
          }
        />
        {line.lines.length > 0 ? (
          <>
            <div>of these:</div>
            <div />
          </>
        ) : (
          <>
            <CommittedField
              label="How long"
              value={line.length}
              onCommit={(length) => put(at, { ...line, length })}
            />
            <CommittedField
              label="How hard"
              value={line.how}
              onCommit={(how) => put(at, { ...line, how })}
            />
          </>
        )}
        <div className={css.recovery}>
          <CommittedField
            label="Recovery"
            value={line.recovery.replace(/^\/ /, "")}
            onCommit={(typed) => put(at, { ...line, recovery: recoveryText(typed) })}
          />
        </div>
        <Button
          aria-label={`Remove line ${at + 1}`}
          alignSelf="end"
          minH="34px"
          onClick={() => onLines(lines.toSpliced(at, 1))}
        >
          ✕
        </Button>
      </div>
      {line.lines.length > 0 && (
        <Lines lines={line.lines} onLines={(inner) => put(at, { ...line, lines: inner })} />
      )}
    </div>
  ));
}
