import "./ResultRow.css";
import { Box, Button } from "@chakra-ui/react";
import type { AthleteView } from "../api/types";
import { SelectField, TextField } from "../shared/fields";
import {
  RESULT_FIELDS,
  RESULT_KINDS,
  SETTINGS,
  weighedWords,
  type ResultDraft,
  type ResultKind,
} from "./results";

interface Props {
  draft: ResultDraft;
  /** What the result says, while it is as stored. */
  weighed?: AthleteView["weighed"][number];
  accepted: (field: string) => string | undefined;
  onChange: (draft: ResultDraft) => void;
  onRemove: () => void;
}

/** One result: the test, its figures, when and how it was done, and what it says. */
export function ResultRow({ draft, weighed, accepted, onChange, onRemove }: Props) {
  return (
    <div className="result">
      <Box w="205px">
        <SelectField<ResultKind>
          label="Test"
          value={draft.kind}
          options={RESULT_KINDS}
          onChange={(kind) => onChange({ ...draft, kind, texts: {} })}
        />
      </Box>
      {RESULT_FIELDS[draft.kind].map(({ key, label }) => (
        <Box key={key} w="98px">
          <TextField
            label={label}
            value={draft.texts[key] ?? ""}
            onChange={(text) => onChange({ ...draft, texts: { ...draft.texts, [key]: text } })}
            error={accepted(key)}
          />
        </Box>
      ))}
      <Box w="145px">
        <TextField
          label="Done on"
          type="date"
          value={draft.takenOn}
          onChange={(takenOn) => onChange({ ...draft, takenOn })}
          error={accepted("takenOn")}
        />
      </Box>
      <Box w="185px">
        <SelectField
          label="Conditions"
          value={draft.setting}
          options={SETTINGS}
          onChange={(setting) => onChange({ ...draft, setting })}
        />
      </Box>
      <Button variant="ghost" onClick={onRemove}>
        Remove
      </Button>
      {weighed && (
        <div className="says">
          {weighed.counts ? <b>● Counts: </b> : "○ "}
          {weighedWords(weighed)}
        </div>
      )}
    </div>
  );
}
