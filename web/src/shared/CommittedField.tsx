import { useState } from "react";
import { TextField, type TextFieldProps } from "./fields";

/** A field that counts when one leaves it or presses Enter; what was typed stays. */
export function CommittedField({
  value,
  onCommit,
  ...rest
}: Pick<TextFieldProps, "label" | "error" | "inputMode" | "value"> & {
  onCommit: (typed: string) => void;
}) {
  const [typed, setTyped] = useState<{ of: string; text: string }>();
  // What was changed elsewhere is shown in place of what was typed before it.
  const text = typed?.of === value ? typed.text : value;
  const commit = () => {
    if (text !== value) onCommit(text);
  };
  return (
    <TextField
      {...rest}
      value={text}
      onChange={(next) => setTyped({ of: value, text: next })}
      onBlur={commit}
      onKeyDown={(event) => {
        if (event.key !== "Enter") return;
        event.preventDefault();
        commit();
      }}
    />
  );
}
