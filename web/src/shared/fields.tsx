// Form fields with label, unit and complaint in one rhythm. Plain rules: the builder draws a dozen
// of them anew on every edit.
import "./fields.css";
import { useId, useState, type KeyboardEvent, type ReactNode } from "react";

function Labelled({
  label,
  error,
  hint,
  id,
  children,
}: {
  label: string;
  error?: string;
  hint?: string;
  id: string;
  children: ReactNode;
}) {
  return (
    <div className="field">
      <label htmlFor={id}>
        {label}
        {hint && <small>, {hint}</small>}
      </label>
      {children}
      {error && (
        <div id={`${id}-error`} className="complaint" role="alert">
          Accepted: {error}
        </div>
      )}
    </div>
  );
}

export interface TextFieldProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  error?: string;
  type?: string;
  placeholder?: string;
  autoComplete?: string;
  step?: number | "any";
  inputMode?: "numeric" | "decimal" | "text";
  onBlur?: () => void;
  onKeyDown?: (event: KeyboardEvent) => void;
  list?: string;
  /** Where the value comes from, beside the label. */
  hint?: string;
}

export function TextField({ label, value, onChange, error, hint, ...rest }: TextFieldProps) {
  const id = useId();
  return (
    <Labelled label={label} error={error} hint={hint} id={id}>
      <input
        id={id}
        value={value}
        aria-invalid={error !== undefined}
        aria-describedby={error ? `${id}-error` : undefined}
        onChange={(e) => onChange(e.target.value)}
        {...rest}
      />
    </Labelled>
  );
}

/** A whole number as it is typed, a minus first too; what is none yet says so. */
export function NumberField({
  label,
  value,
  onChange,
  error,
  inputMode = "numeric",
}: {
  label: string;
  value: number;
  onChange: (value: number) => void;
  error?: string;
  /** "text" where it may be below 0: phones have no minus among figures. */
  inputMode?: "numeric" | "text";
}) {
  const [text, setText] = useState(String(value));
  const isWhole = (typed: string) => /^-?\d+$/.test(typed.trim());
  return (
    <TextField
      label={label}
      value={text}
      inputMode={inputMode}
      onChange={(typed) => {
        setText(typed);
        if (isWhole(typed)) onChange(Number(typed));
      }}
      error={isWhole(text) ? error : "a whole number"}
    />
  );
}

export function SelectField<T extends string>({
  label,
  value,
  options,
  onChange,
  error,
}: {
  label: string;
  value: T;
  options: Record<T, string>;
  onChange: (value: T) => void;
  error?: string;
}) {
  const id = useId();
  return (
    <Labelled label={label} error={error} id={id}>
      <select id={id} value={value} onChange={(e) => onChange(e.target.value as T)}>
        {Object.entries<string>(options).map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </select>
    </Labelled>
  );
}

export function CheckboxField({
  label,
  checked,
  onChange,
}: {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  return (
    <label className={checked ? "tick on" : "tick"}>
      <input type="checkbox" checked={checked} onChange={(e) => onChange(e.target.checked)} />
      {label}
    </label>
  );
}
