import type { Control, FieldPath, FieldValues, PathValue } from "react-hook-form";
import type { ClubSettings } from "../api/types";
import { FormSelect, FormText } from "../shared/fields";
import { zones } from "./zones";

export const HOURS: Record<ClubSettings["hourCycle"], string> = {
  H24: "17:30",
  H12: "5:30 pm",
};

export const MEASURES: Record<ClubSettings["measures"], string> = {
  METRIC: "kilometres and metres",
  MILES: "miles and yards",
};

export const WEEK_STARTS: Record<ClubSettings["weekStart"], string> = {
  MONDAY: "Monday",
  SUNDAY: "Sunday",
  SATURDAY: "Saturday",
};

/** A club's settings as part of a form; `at` is where in the form they are. */
export function ClubFields<F extends FieldValues>({
  control,
  at,
  zone,
}: {
  control: Control<F>;
  at: "" | "club.";
  zone: PathValue<F, FieldPath<F>> | string;
}) {
  const name = (field: keyof ClubSettings) => `${at}${field}` as FieldPath<F>;
  return (
    <>
      <FormText label="Name of the club" name={name("name")} control={control} maxLength={80} />
      <FormSelect
        label="Time zone"
        name={name("timeZone")}
        control={control}
        options={zones(String(zone))}
      />
      <FormSelect
        label="Times are written"
        name={name("hourCycle")}
        control={control}
        options={HOURS}
      />
      <FormSelect label="Paces in" name={name("measures")} control={control} options={MEASURES} />
      <FormSelect
        label="Weeks start on"
        name={name("weekStart")}
        control={control}
        options={WEEK_STARTS}
      />
    </>
  );
}
