// Form fields with label, unit and complaint in one rhythm.
import { Box, chakra } from "@chakra-ui/react";
import { useId, type ReactNode } from "react";

const base = {
  bg: "paperRaised",
  color: "ink",
  border: "1px solid var(--rule-strong)",
  borderRadius: "4px",
  minH: "34px",
  px: "2",
  w: "100%",
  fontSize: "md",
} as const;

const Input = chakra("input", { base });
const Select = chakra("select", { base });

function Labelled({
  label,
  error,
  id,
  children,
}: {
  label: string;
  error?: string;
  id: string;
  children: ReactNode;
}) {
  return (
    <Box minW="0">
      <chakra.label htmlFor={id} display="block" fontSize="xs" color="inkSoft" fontWeight="600">
        {label}
      </chakra.label>
      {children}
      {error && (
        <Box id={`${id}-error`} color="caution" fontSize="xs" role="alert">
          Accepted: {error}
        </Box>
      )}
    </Box>
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
  list?: string;
}

export function TextField({ label, value, onChange, error, ...rest }: TextFieldProps) {
  const id = useId();
  return (
    <Labelled label={label} error={error} id={id}>
      <Input
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
      <Select id={id} value={value} onChange={(e) => onChange(e.target.value as T)}>
        {Object.entries<string>(options).map(([key, words]) => (
          <option key={key} value={key}>
            {words}
          </option>
        ))}
      </Select>
    </Labelled>
  );
}

export function Tick({
  label,
  checked,
  onChange,
}: {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  return (
    <chakra.label
      display="inline-flex"
      alignItems="center"
      gap="1.5"
      minH="28px"
      px="2"
      fontSize="sm"
      borderRadius="4px"
      border="1px solid"
      borderColor={checked ? "ink" : "rule"}
      bg={checked ? "paperRaised" : "transparent"}
      cursor="pointer"
    >
      <input
        type="checkbox"
        checked={checked}
        onChange={(e) => onChange(e.target.checked)}
        style={{ accentColor: "var(--ink)" }}
      />
      {label}
    </chakra.label>
  );
}
