import type { Control, FieldPath, FieldValues } from "react-hook-form";
import type { NewCoach } from "../api/types";
import { FormText } from "../shared/fields";

export const PASSWORD_HINT = "10 characters or more, a few words do well";

/** Someone who joins, as part of a form; `at` is where in the form they are. */
export function CoachFields<F extends FieldValues>({
  control,
  at,
}: {
  control: Control<F>;
  at: "owner." | "coach.";
}) {
  const name = (field: keyof NewCoach) => `${at}${field}` as FieldPath<F>;
  return (
    <>
      <FormText
        label="Your name"
        name={name("name")}
        control={control}
        autoComplete="name"
        maxLength={80}
      />
      <FormText
        label="E-mail"
        hint="you sign in with it"
        name={name("email")}
        control={control}
        type="email"
        autoComplete="username"
      />
      <FormText
        label="Password"
        hint={PASSWORD_HINT}
        name={name("password")}
        control={control}
        type="password"
        autoComplete="new-password"
      />
    </>
  );
}
