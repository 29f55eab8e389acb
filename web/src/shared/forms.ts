// What the server refuses, said at the fields it is about.
import type { FieldPath, FieldValues, UseFormSetError } from "react-hook-form";
import { Problem } from "../api/problem";

/** "results[0].seconds" as forms write it: "results.0.seconds". */
export function formPath(field: string): string {
  return field.replace(/\[(\d+)\]/g, ".$1");
}

/**
 * Shows what a problem says of a form's fields.
 *
 * @param rename field of the form for a field of the request, where they differ
 */
export function showRefused<F extends FieldValues>(
  error: unknown,
  setError: UseFormSetError<F>,
  rename: (path: string) => string = (path) => path,
) {
  if (!(error instanceof Problem)) return;
  for (const { field, accepted } of error.fields) {
    setError(rename(formPath(field)) as FieldPath<F>, { type: "server", message: accepted });
  }
}
