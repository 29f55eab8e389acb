// What is done every week, as it would stand on the whiteboard.
import { Button } from "@chakra-ui/react";
import {
  useFieldArray,
  useWatch,
  type Control,
  type UseFormGetValues,
  type UseFormSetValue,
} from "react-hook-form";
import type { AthleteView, BlockDefinition } from "../api/types";
import { FormNumber, FormSelect, FormText, SelectField } from "../shared/fields";
import { weekStart } from "../shared/calendar";
import { newKey } from "../shared/once";
import { usePlaces } from "../shared/places";
import { SPORTS } from "../shared/sports";
import { COMING_FROM, PLACES } from "../shared/words";
import { daysFrom, nextSession, onGroup, onSport } from "./week";
import css from "./week.module.css";
import { Soft, Title } from "../shared/panels";

interface Props {
  control: Control<BlockDefinition>;
  getValues: UseFormGetValues<BlockDefinition>;
  setValue: UseFormSetValue<BlockDefinition>;
  athletes: AthleteView[];
}

export function WeekForm({ control, getValues, setValue, athletes }: Props) {
  const places = usePlaces();
  const week = useFieldArray({ control, name: "pattern" });
  const isEmpty = week.fields.length === 0;
  return (
    <>
      <Title mt="2">The week</Title>
      {isEmpty && (
        <Soft>
          Write each session of a usual week once, as on the whiteboard. It is laid out for every
          week up to the race, and each athlete gets a warm-up for it that moves on from week to
          week.
        </Soft>
      )}
      {week.fields.map(({ id }, at) => (
        <PatternRow
          key={id}
          at={at}
          control={control}
          getValues={getValues}
          athletes={athletes}
          setValue={setValue}
          onRemove={() => week.remove(at)}
        />
      ))}
      <Button
        type="button"
        onClick={() => week.append(nextSession(getValues(), athletes, places, newKey()))}
      >
        {isEmpty ? "Add the first session" : "Add a session"}
      </Button>
    </>
  );
}

function PatternRow({
  at,
  control,
  getValues,
  athletes,
  setValue,
  onRemove,
}: Props & {
  at: number;
  onRemove: () => void;
}) {
  const p = useWatch({ control, name: "pattern" }).at(at);
  const places = usePlaces();
  const groups = useWatch({ control, name: "groups" });
  // The row is drawn once more before it goes.
  if (!p) return null;
  const name = <K extends keyof typeof p>(field: K) => `pattern.${at}.${field}` as const;
  return (
    <div className={css.pattern}>
      <FormSelect
        label="Day"
        name={name("day")}
        options={daysFrom(weekStart())}
        control={control}
      />
      <FormText label="Start" type="time" name={name("time")} control={control} />
      <SelectField
        label="Group"
        value={p.group}
        options={Object.fromEntries(groups.map((g) => [g.name, g.name || "(no name)"]))}
        onChange={(group) =>
          setValue(`pattern.${at}`, onGroup(p, getValues(), group, athletes, places))
        }
      />
      <SelectField
        label="Sport"
        value={p.sport}
        options={SPORTS}
        onChange={(sport) => setValue(`pattern.${at}`, onSport(p, sport, places))}
      />
      <FormText
        label="On the whiteboard"
        name={name("shorthand")}
        placeholder="6 x 1000 @ 5k, 90 s jog"
        control={control}
      />
      <FormSelect label="Place" name={name("place")} options={PLACES} control={control} />
      <FormNumber label="Minutes" name={name("minutes")} control={control} />
      <FormNumber label="°C" inputMode="text" name={name("temperature")} control={control} />
      <FormSelect
        label="Coming from"
        name={name("comingFrom")}
        options={COMING_FROM}
        control={control}
      />
      <Button type="button" size="sm" aria-label={`Remove ${p.shorthand}`} onClick={onRemove}>
        ×
      </Button>
    </div>
  );
}
