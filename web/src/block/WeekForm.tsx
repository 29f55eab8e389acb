// What is done every week, as it would stand on the whiteboard.
import { Button } from "@chakra-ui/react";
import type { AthleteView, BlockDefinition, WeekPattern } from "../api/types";
import { NumberField, SelectField, TextField } from "../shared/fields";
import { ARRIVALS, PLACES, SPORTS } from "../shared/words";
import { DAYS, nextSession, onGroup, onSport } from "./week";

export function WeekForm({
  definition,
  athletes,
  accepted,
  onChange,
}: {
  definition: BlockDefinition;
  athletes: AthleteView[];
  accepted: (field: string) => string | undefined;
  onChange: (pattern: WeekPattern[]) => void;
}) {
  const { pattern } = definition;
  return (
    <>
      <h2>The week</h2>
      {pattern.length === 0 && (
        <p className="soft">
          Write each session of a usual week once, as on the whiteboard. It is laid out for every
          week up to the race, and each athlete gets a warm-up for it that moves on from week to
          week.
        </p>
      )}
      {pattern.map((p, i) => (
        <PatternRow
          key={p.key}
          pattern={p}
          definition={definition}
          athletes={athletes}
          accepted={(field) => accepted(`pattern[${i}].${field}`)}
          onChange={(next) => onChange(pattern.map((other, j) => (j === i ? next : other)))}
          onRemove={() => onChange(pattern.filter((_, j) => j !== i))}
        />
      ))}
      <Button
        type="button"
        onClick={() =>
          onChange([...pattern, nextSession(definition, athletes, crypto.randomUUID())])
        }
      >
        {pattern.length === 0 ? "The first session" : "Another session"}
      </Button>
    </>
  );
}

function PatternRow({
  pattern: p,
  definition,
  athletes,
  accepted,
  onChange,
  onRemove,
}: {
  pattern: WeekPattern;
  definition: BlockDefinition;
  athletes: AthleteView[];
  accepted: (field: string) => string | undefined;
  onChange: (pattern: WeekPattern) => void;
  onRemove: () => void;
}) {
  const groups = Object.fromEntries(definition.groups.map((g) => [g.name, g.name || "(no name)"]));
  return (
    <div className="pattern">
      <SelectField
        label="Day"
        value={p.day}
        options={DAYS}
        onChange={(day) => onChange({ ...p, day })}
      />
      <TextField
        label="Start"
        type="time"
        value={p.time.slice(0, 5)}
        onChange={(time) => onChange({ ...p, time })}
        error={accepted("time")}
      />
      <SelectField
        label="Group"
        value={p.group}
        options={groups}
        onChange={(group) => onChange(onGroup(p, definition, group, athletes))}
        error={accepted("group")}
      />
      <SelectField
        label="Sport"
        value={p.sport}
        options={SPORTS}
        onChange={(sport) => onChange(onSport(p, sport))}
      />
      <TextField
        label="On the whiteboard"
        value={p.shorthand}
        placeholder="6 x 1000 @ 5k, 90 s jog"
        onChange={(shorthand) => onChange({ ...p, shorthand })}
        error={accepted("shorthand")}
      />
      <SelectField
        label="Place"
        value={p.place}
        options={PLACES}
        onChange={(place) => onChange({ ...p, place })}
      />
      <NumberField
        label="Minutes"
        value={p.minutes}
        onChange={(minutes) => onChange({ ...p, minutes })}
        error={accepted("minutes")}
      />
      <NumberField
        label="°C"
        inputMode="text"
        value={p.temperature}
        onChange={(temperature) => onChange({ ...p, temperature })}
        error={accepted("temperature")}
      />
      <SelectField
        label="Coming from"
        value={p.arrival}
        options={ARRIVALS}
        onChange={(arrival) => onChange({ ...p, arrival })}
      />
      <Button type="button" size="sm" aria-label={`Take away ${p.shorthand}`} onClick={onRemove}>
        ×
      </Button>
    </div>
  );
}
