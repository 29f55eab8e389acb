// Whole numbers that count when one leaves the field or presses Enter.
import { CommittedField } from "./CommittedField";

export function NumberField({
  label,
  value,
  error,
  onCommit,
}: {
  label: string;
  value: number | undefined;
  error?: string;
  onCommit: (value: number) => void;
}) {
  return (
    <CommittedField
      label={label}
      inputMode="numeric"
      value={value === undefined ? "" : String(value)}
      error={error}
      onCommit={(typed) => {
        const number = Number(typed);
        if (typed.trim() !== "" && Number.isInteger(number) && number !== value) onCommit(number);
      }}
    />
  );
}

/** One that may be unknown: emptied, it is unknown again. */
export function OptionalNumberField({
  value,
  onCommit,
  ...rest
}: {
  label: string;
  value: number | null | undefined;
  error?: string;
  onCommit: (value: number | null) => void;
}) {
  return (
    <CommittedField
      {...rest}
      inputMode="numeric"
      value={value == null ? "" : String(value)}
      onCommit={(typed) => {
        const number = typed.trim() === "" ? null : Number(typed);
        if (number === null || Number.isInteger(number)) onCommit(number);
      }}
    />
  );
}
