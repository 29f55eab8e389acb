// A day or a time of day, typed as one writes it and shown in the club's way.
import { Box, IconButton, Input } from "@chakra-ui/react";
import { useRef, useState } from "react";
import { readDate, readTime, sayDate, sayTime } from "./calendar";

const FORMS = {
  time: { read: readTime, say: (time: string) => sayTime(time) },
  date: { read: readDate, say: sayDate },
};

export type CalendarType = keyof typeof FORMS;

/** Whether a field of this type is written and read here. */
export function isCalendar(type: string | undefined): type is CalendarType {
  return type === "date" || type === "time";
}

/** What would be accepted, where something else was typed. */
export const ACCEPTED = {
  time: "a time, such as 17:30 or 5:30 pm",
  date: "a day, such as 7 Dec 2026",
};

/** Whether it is a day or time, or nothing at all. */
export function isReadable(type: CalendarType, value: string): boolean {
  return value === "" || FORMS[type].read(value) !== undefined;
}

/** What is no day or time yet is handed on as it was typed, for the form to refuse. */
export function CalendarInput({
  type,
  label,
  value,
  onChange,
  onBlur,
}: {
  type: CalendarType;
  label: string;
  value: string;
  onChange: (value: string) => void;
  onBlur?: (() => void) | undefined;
}) {
  const { read, say } = FORMS[type];
  const [text, setText] = useState(say(value));
  const [last, setLast] = useState(value);
  const picker = useRef<HTMLInputElement>(null);
  // What was changed elsewhere is shown; what is being typed is left as it is.
  if (value !== last) {
    setLast(value);
    if ((read(text) ?? text) !== value) setText(say(value));
  }
  const input = (
    <Input
      pe={type === "date" ? "7" : "2"}
      value={text}
      placeholder={type === "date" ? "7 Dec 2026" : "17:30"}
      autoComplete="off"
      onChange={(e) => {
        setText(e.target.value);
        onChange(read(e.target.value) ?? e.target.value.trim());
      }}
      onBlur={() => {
        setText(say(value));
        onBlur?.();
      }}
    />
  );
  if (type === "time") return input;
  return (
    <Box position="relative" width="100%">
      {input}
      <IconButton
        variant="ghost"
        aria-label={`${label}: choose from a calendar`}
        position="absolute"
        insetEnd="0.5"
        top="0.5"
        px="0"
        minW="28px"
        onClick={() => picker.current?.showPicker()}
      >
        ▾
      </IconButton>
      <input
        ref={picker}
        type="date"
        aria-hidden
        tabIndex={-1}
        value={read(value) ?? ""}
        onChange={(e) => {
          setText(say(e.target.value));
          onChange(e.target.value);
        }}
        style={{ position: "absolute", inset: "auto 0 0 0", opacity: 0, pointerEvents: "none" }}
      />
    </Box>
  );
}
