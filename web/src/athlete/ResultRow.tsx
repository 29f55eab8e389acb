import { Box, Button, Flex } from "@chakra-ui/react";
import { useWatch, type Control, type UseFormSetValue } from "react-hook-form";
import type { AthleteView } from "../api/types";
import { FormSelect, FormText, SelectField } from "../shared/fields";
import { STROKES } from "../shared/words";
import type { AthleteFields } from "./fields";
import {
  draftOf,
  isSwum,
  RESULT_FIELDS,
  RESULT_KINDS,
  SETTINGS,
  weighedWords,
  type ResultKind,
} from "./results";

interface Props {
  control: Control<AthleteFields>;
  setValue: UseFormSetValue<AthleteFields>;
  /** Its place among the results. */
  at: number;
  athlete?: AthleteView | undefined;
  onRemove: () => void;
}

/** One result: the test, its figures, when and how it was done, and what it says. */
export function ResultRow({ control, setValue, at, athlete, onRemove }: Props) {
  const draft = useWatch({ control, name: `results.${at}` });
  const stored = athlete?.profile.results[at];
  // What was computed holds for what is stored, not for what is being typed.
  const isStored = stored && JSON.stringify(draft) === JSON.stringify(draftOf(stored));
  const weighed = isStored ? athlete.weighed[at] : undefined;
  return (
    <Flex wrap="wrap" gap="2" align="flex-start" py="2" borderTop="1px solid var(--rule)">
      <Box w="225px">
        <SelectField<ResultKind>
          label="Test"
          value={draft.kind}
          options={RESULT_KINDS}
          onChange={(kind) => setValue(`results.${at}`, { ...draft, kind, texts: {} })}
        />
      </Box>
      {RESULT_FIELDS[draft.kind].map(({ key, label }) => (
        <Box key={`${draft.kind} ${key}`} w="98px">
          <FormText label={label} name={`results.${at}.texts.${key}`} control={control} />
        </Box>
      ))}
      {isSwum(draft.kind) && (
        <Box w="135px">
          <FormSelect
            label="Stroke"
            name={`results.${at}.stroke`}
            options={STROKES}
            control={control}
          />
        </Box>
      )}
      <Box w="160px">
        <FormText label="Done on" type="date" name={`results.${at}.takenOn`} control={control} />
      </Box>
      <Box w="185px">
        <FormSelect
          label="Conditions"
          name={`results.${at}.setting`}
          options={SETTINGS}
          control={control}
        />
      </Box>
      <Button variant="ghost" mt="5" onClick={onRemove}>
        Remove
      </Button>
      {weighed && (
        <Box flexBasis="100%" color="inkSoft" fontSize="sm">
          {weighed.counts ? <b>● Counts: </b> : "○ "}
          {weighedWords(weighed)}
        </Box>
      )}
    </Flex>
  );
}
