// Form fields with label, unit and complaint in one rhythm, and the same ones bound to a form.
import {
  Checkbox,
  Field,
  Fieldset,
  Input,
  NativeSelect,
  Textarea,
  type InputProps,
} from "@chakra-ui/react";
import { useState, type ReactNode } from "react";
import { ACCEPTED, CalendarInput, isCalendar, isReadable } from "./CalendarField";
import { useController, type Control, type FieldPath, type FieldValues } from "react-hook-form";

interface LabelProps {
  label: string;
  /** What would be accepted, when the value is not. */
  error?: string | undefined;
  /** Where the value comes from, beside the label. */
  hint?: string | undefined;
}

function Labelled({ label, error, hint, children }: LabelProps & { children: ReactNode }) {
  return (
    <Field.Root invalid={error !== undefined}>
      <Field.Label>
        {label}
        {hint && <small>, {hint}</small>}
      </Field.Label>
      {children}
      <Field.ErrorText role="alert">Accepted: {error}</Field.ErrorText>
    </Field.Root>
  );
}

interface ValueProps<T> {
  value: T;
  onChange: (value: T) => void;
  onBlur?: () => void;
}

type TextOptions = LabelProps &
  Pick<
    InputProps,
    | "type"
    | "placeholder"
    | "autoComplete"
    | "step"
    | "inputMode"
    | "onKeyDown"
    | "list"
    | "maxLength"
  >;

export type TextFieldProps = TextOptions & ValueProps<string>;

export function TextField({ label, error, hint, onChange, ...rest }: TextFieldProps) {
  const { type, value, onBlur } = rest;
  if (isCalendar(type)) {
    const refused = isReadable(type, value) ? error : ACCEPTED[type];
    return (
      <Labelled label={label} error={refused} hint={hint}>
        <CalendarInput {...{ type, label, value, onChange, onBlur }} />
      </Labelled>
    );
  }
  return (
    <Labelled label={label} error={error} hint={hint}>
      <Input onChange={(e) => onChange(e.target.value)} {...rest} />
    </Labelled>
  );
}

/** Several lines of text. */
export function LinesField({
  label,
  error,
  hint,
  value,
  onChange,
  rows = 3,
}: LabelProps & ValueProps<string[]> & { rows?: number }) {
  return (
    <Labelled label={label} error={error} hint={hint}>
      <Textarea
        rows={rows}
        value={value.join("\n")}
        onChange={(e) => onChange(e.target.value.split("\n"))}
      />
    </Labelled>
  );
}

type NumberOptions = LabelProps & {
  /** "text" where it may be below 0: phones have no minus among figures. */
  inputMode?: "numeric" | "decimal" | "text";
  /** What the arrow keys change it by; a whole number is asked for when it is one. */
  step?: number;
};

/** A number as it is typed, a minus first too; what is none yet says so and counts as NaN. */
export function NumberField({
  label,
  error,
  hint,
  value,
  onChange,
  onBlur,
  inputMode = "numeric",
  step = 1,
}: NumberOptions & ValueProps<number>) {
  const [text, setText] = useState(String(value));
  const [last, setLast] = useState(value);
  const isNumber = Number.isInteger(step) ? isWhole : isDecimal;
  // What was changed elsewhere is shown; what is being typed is left as it is.
  if (!Object.is(value, last)) {
    setLast(value);
    if (!Number.isNaN(value) && Number(text) !== value) setText(String(value));
  }
  const turn = (by: number) => {
    if (Number.isNaN(value)) return;
    const turned = Math.round((value + by * step) * 100) / 100;
    setText(String(turned));
    onChange(turned);
  };
  return (
    <TextField
      label={label}
      hint={hint}
      value={text}
      inputMode={inputMode}
      onBlur={onBlur}
      onKeyDown={(e) => {
        if (e.key !== "ArrowUp" && e.key !== "ArrowDown") return;
        e.preventDefault();
        turn(e.key === "ArrowUp" ? 1 : -1);
      }}
      onChange={(typed) => {
        setText(typed);
        onChange(isNumber(typed) ? Number(typed) : NaN);
      }}
      error={isNumber(text) ? error : Number.isInteger(step) ? "a whole number" : "a number"}
    />
  );
}

const isWhole = (typed: string) => /^-?\d+$/.test(typed.trim());
const isDecimal = (typed: string) => /^-?\d+(\.\d+)?$/.test(typed.trim());

type SelectOptions<T extends string> = LabelProps & { options: Record<T, string> };

export function SelectField<T extends string>({
  label,
  error,
  hint,
  value,
  options,
  onChange,
  onBlur,
}: SelectOptions<T> & ValueProps<T>) {
  return (
    <Labelled label={label} error={error} hint={hint}>
      <NativeSelect.Root>
        <NativeSelect.Field
          value={value}
          onBlur={onBlur}
          onChange={(e) => onChange(e.target.value as T)}
        >
          {Object.entries<string>(options).map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
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
    <Checkbox.Root checked={checked} onCheckedChange={(e) => onChange(e.checked === true)}>
      <Checkbox.HiddenInput />
      <Checkbox.Control>
        <Checkbox.Indicator />
      </Checkbox.Control>
      <Checkbox.Label>{label}</Checkbox.Label>
    </Checkbox.Root>
  );
}

interface Bound<F extends FieldValues> {
  name: FieldPath<F>;
  control: Control<F>;
}

/** The value of one field of a form, and what is wrong with it. */
function useBound<F extends FieldValues>({ name, control }: Bound<F>, type?: string) {
  // What is no number, day or time is not sent: the last one that was would go in its place.
  const isSound = (value: unknown) =>
    !Number.isNaN(value) &&
    (!isCalendar(type) || typeof value !== "string" || isReadable(type, value));
  const rules = { validate: isSound };
  const { field, fieldState } = useController({ name, control, rules });
  return {
    value: field.value,
    onChange: field.onChange,
    onBlur: field.onBlur,
    error: fieldState.error?.message,
  };
}

export function FormText<F extends FieldValues>({
  name,
  control,
  ...rest
}: Bound<F> & TextOptions) {
  const { value, ...bound } = useBound({ name, control }, rest.type);
  return <TextField {...rest} {...bound} value={value ?? ""} />;
}

export function FormLines<F extends FieldValues>({
  name,
  control,
  ...rest
}: Bound<F> & LabelProps & { rows?: number }) {
  const { value, ...bound } = useBound({ name, control });
  return <LinesField {...rest} {...bound} value={value ?? []} />;
}

export function FormNumber<F extends FieldValues>({
  name,
  control,
  ...rest
}: Bound<F> & NumberOptions) {
  const { value, ...bound } = useBound({ name, control });
  return <NumberField {...rest} {...bound} value={value ?? 0} />;
}

export function FormSelect<F extends FieldValues, T extends string>({
  name,
  control,
  ...rest
}: Bound<F> & SelectOptions<T>) {
  return <SelectField {...rest} {...useBound({ name, control })} />;
}

export function FormCheckbox<F extends FieldValues>({
  name,
  control,
  label,
}: Bound<F> & { label: string }) {
  const { value, onChange } = useBound({ name, control });
  return <CheckboxField label={label} checked={value ?? false} onChange={onChange} />;
}

/** Several of a list, each with a box of its own. */
export function ManyField<T extends string>({
  label,
  isLabelHidden,
  value,
  options,
  onChange,
}: {
  label: string;
  isLabelHidden?: boolean | undefined;
  value: readonly T[];
  options: Record<T, string>;
  onChange: (value: T[]) => void;
}) {
  return (
    <Group label={label} isLabelHidden={isLabelHidden}>
      {(Object.entries(options) as [T, string][]).map(([key, words]) => (
        <CheckboxField
          key={key}
          label={words}
          checked={value.includes(key)}
          onChange={(on) => onChange(on ? [...value, key] : value.filter((v) => v !== key))}
        />
      ))}
    </Group>
  );
}

export function FormMany<F extends FieldValues, T extends string>({
  name,
  control,
  ...rest
}: Bound<F> & { label: string; isLabelHidden?: boolean; options: Record<T, string> }) {
  const { value, onChange } = useBound({ name, control });
  return <ManyField {...rest} value={value ?? []} onChange={onChange} />;
}

/** Fields that belong together, side by side. */
export function Group({
  label,
  isLabelHidden = false,
  children,
}: {
  label: string;
  /** Where a heading above it says the same. */
  isLabelHidden?: boolean | undefined;
  children: ReactNode;
}) {
  return (
    <Fieldset.Root>
      <Fieldset.Legend srOnly={isLabelHidden}>{label}</Fieldset.Legend>
      <Fieldset.Content>{children}</Fieldset.Content>
    </Fieldset.Root>
  );
}
