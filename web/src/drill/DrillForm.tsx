import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { Controller, useForm, useWatch, type Control, type UseFormSetValue } from "react-hook-form";
import {
  FormCheckbox,
  FormLines,
  FormMany,
  FormNumber,
  FormSelect,
  FormText,
  Group,
  NumberField,
  SelectField,
} from "../shared/fields";
import { showRefused } from "../shared/forms";
import { SPORTS } from "../shared/sports";
import { BLOCKS, KITS, POSITIONS, REGIONS } from "../shared/words";
import { DOSES, doseOf, kindOf, SKILLS, type DoseKind, type Entry } from "./entry";
import type { Block, Kit, Level, Position, Region } from "./schema";

type Filed<T extends string> = Record<T, string>;

/** Names as the library's files have them, "HIP_FLEXORS" → "hip-flexors". */
function filed<T extends string>(words: Record<string, string>): Filed<T> {
  return Object.fromEntries(
    Object.entries(words).map(([key, word]) => [key.toLowerCase().replaceAll("_", "-"), word]),
  ) as Filed<T>;
}

const LEVELS: Filed<Level> = {
  novice: "Novice",
  intermediate: "Intermediate",
  advanced: "Advanced",
};
const SUITS = { "0": "no", "1": "a little", "2": "well", "3": "best" };
const REGION_WORDS = filed<Region>(REGIONS);

/** How a drill works a region decides what a sore or stiff one allows. */
const WAYS = [
  { way: "end-range", label: "Moves to the end of its range: not when sore" },
  { way: "ballistic", label: "Swings or throws: not when sore, nor early when stiff" },
  { way: "landing", label: "Lands on: not when sore, nor early when stiff" },
] as const;

/** What pregnancy, the heart, blood pressure, age or a slippery floor rule out. */
const CAVEATS = {
  supine: "Lying on the back",
  prone: "Lying on the front",
  straining: "Straining, or pressing for long",
  "one-leg": "Standing on one leg, nothing to hold",
  unsteady: "Could end in a fall",
};

/** Rare in a coach's own drills, so that it is one step away. */
function Ways({ control, isOpenAtFirst }: { control: Control<Entry>; isOpenAtFirst: boolean }) {
  const [isOpen, setOpen] = useState(isOpenAtFirst);
  if (!isOpen) {
    return (
      <Button alignSelf="start" onClick={() => setOpen(true)}>
        How it works them: end of range, swung, landed on
      </Button>
    );
  }
  return (
    <>
      {WAYS.map(({ way, label }) => (
        <FormMany
          key={way}
          label={label}
          name={`ways.${way}`}
          options={REGION_WORDS}
          control={control}
        />
      ))}
      <FormMany label="Not for everybody" name="caveats" options={CAVEATS} control={control} />
    </>
  );
}

const FIGURES = {
  reps: "Repetitions",
  tempo: "Seconds each",
  directions: "Directions",
  seconds: "Seconds",
  sides: "Sides",
  lengths: "Lengths",
  metres: "Metres a length",
  speed: "Metres a second",
  strokes: "Strokes a part",
  rate: "Strokes a minute",
  rounds: "Rounds",
  work: "Work, s",
  rest: "Rest, s",
};
/** Figures that need not be whole. */
const MEASURED = ["tempo", "metres", "speed"];

interface Props {
  start: Entry;
  onKeep: (entry: Entry) => void;
  isBusy: boolean;
  /** Why the last try was refused. */
  refused: unknown;
}

/** One drill, field by field. */
export function DrillForm({ start, onKeep, isBusy, refused }: Props) {
  const { control, handleSubmit, setValue, setError } = useForm<Entry>({ defaultValues: start });
  useEffect(() => {
    showRefused(refused, setError, (path) => path.replace(/^drills\.0\./, ""));
  }, [refused, setError]);
  return (
    <form onSubmit={(event) => void handleSubmit(onKeep)(event)} noValidate>
      <Flex direction="column" gap="3">
        <Grid templateColumns="1fr 1fr" gap="3">
          <FormText label="Name" name="name" maxLength={80} control={control} />
          <FormSelect label="Block" name="block" options={filed<Block>(BLOCKS)} control={control} />
          <FormSelect
            label="Position"
            name="position"
            options={filed<Position>(POSITIONS)}
            control={control}
          />
          <FormSelect label="From level" name="level" options={LEVELS} control={control} />
          <FormText
            label="Ladder and rung, name/2"
            name="ladder"
            placeholder="none"
            control={control}
          />
        </Grid>
        <FormLines label="Also known as, one a line" rows={2} name="aliases" control={control} />
        <Suits control={control} />
        <DoseFields control={control} setValue={setValue} />
        <Weights
          label="Regions it works, strength 0.5 to 3"
          name="regions"
          words={REGION_WORDS}
          control={control}
        />
        <Weights
          label="Skills it rehearses, strength 0.5 to 3"
          name="skills"
          words={SKILLS}
          control={control}
        />
        <Grid templateColumns="repeat(3, 1fr)" gap="3" alignItems="end">
          <FormNumber label="Effort, 0 to 100" name="effort" control={control} />
          <FormNumber label="Contacts each" name="contacts" step={0.5} control={control} />
          <FormNumber label="Held, s" name="hold" control={control} />
        </Grid>
        <FormMany label="Kit it needs" name="kit" options={filed<Kit>(KITS)} control={control} />
        <FormMany
          label="Loads hard: not when one of these is sore"
          name="loads"
          options={REGION_WORDS}
          control={control}
        />
        <Ways
          control={control}
          isOpenAtFirst={start.ways !== undefined || start.caveats !== undefined}
        />
        <FormMany
          label="Favoured when one of these is stiff"
          name="favours"
          options={REGION_WORDS}
          control={control}
        />
        <FormLines label="Steps, one a line, at most three" name="steps" control={control} />
        <FormLines label="Cues, one a line, at most three" name="cues" control={control} />
        <FormText label="Common fault and its fix" name="fault" control={control} />
        <FormText label="Caution, if one" name="caution" control={control} />
        <Box>
          <FormCheckbox label="Safe on a wet deck" name="wetSafe" control={control} />
        </Box>
      </Flex>
      <Keep control={control} isBusy={isBusy} />
    </form>
  );
}

/** By itself: the form is not drawn anew with each letter of the name. */
function Keep({ control, isBusy }: { control: Control<Entry>; isBusy: boolean }) {
  const name = useWatch({ control, name: "name" });
  return (
    <Button type="submit" mt="3" variant="solid" disabled={isBusy || name.trim() === ""}>
      Save this drill
    </Button>
  );
}

function Suits({ control }: { control: Control<Entry> }) {
  return (
    <Controller
      control={control}
      name="suits"
      render={({ field }) => (
        <Group label="How well it suits">
          <Grid templateColumns="repeat(4, 1fr)" gap="2" w="100%">
            {Object.entries(filed<keyof Entry["suits"]>(SPORTS)).map(([sport, word]) => (
              <SelectField
                key={sport}
                label={word}
                value={String(field.value[sport as keyof Entry["suits"]] ?? 0)}
                options={SUITS}
                onChange={(value) => field.onChange(weighed(field.value, sport, Number(value)))}
              />
            ))}
          </Grid>
        </Group>
      )}
    />
  );
}

function DoseFields({
  control,
  setValue,
}: {
  control: Control<Entry>;
  setValue: UseFormSetValue<Entry>;
}) {
  const dose = useWatch({ control, name: "dose" });
  const kind = kindOf(dose);
  const kinds = Object.fromEntries(
    (Object.keys(DOSES) as DoseKind[]).map((k) => [k, DOSES[k].words]),
  ) as Record<DoseKind, string>;
  const figures = Object.keys(DOSES[kind].usual).filter((f) => f in FIGURES);
  return (
    <Group label="Usual dose">
      <Grid templateColumns="repeat(3, 1fr)" gap="2" alignItems="end" w="100%" key={kind}>
        <SelectField
          label="Counted in"
          value={kind}
          options={kinds}
          onChange={(other) => setValue("dose", doseOf(other))}
        />
        {figures.map((figure) => (
          <FormNumber
            key={figure}
            label={FIGURES[figure as keyof typeof FIGURES]}
            name={`dose.${figure as "reps"}`}
            step={MEASURED.includes(figure) ? 0.5 : 1}
            control={control}
          />
        ))}
        <FormNumber label="At least" name="dose.range.0" control={control} />
        <FormNumber label="At most" name="dose.range.1" control={control} />
        {kind === "lengths" && (
          <FormCheckbox label="There and back" name="dose.back" control={control} />
        )}
        {kind === "strokes" && (
          <Box gridColumn="1 / -1">
            <FormLines label="Parts, one a line" rows={2} name="dose.parts" control={control} />
          </Box>
        )}
      </Grid>
    </Group>
  );
}

/** Things with a strength: those it has, each to be changed or taken away, and one more to add. */
function Weights({
  label,
  name,
  words,
  control,
}: {
  label: string;
  name: "regions" | "skills";
  words: Record<string, string>;
  control: Control<Entry>;
}) {
  return (
    <Controller
      control={control}
      name={name}
      rules={{ validate: (weights) => !Object.values(weights ?? {}).some(Number.isNaN) }}
      render={({ field, fieldState }) => {
        const weights: Record<string, number> = field.value ?? {};
        const left = Object.entries(words).filter(([key]) => !(key in weights));
        return (
          <Group label={label}>
            {Object.entries(weights).map(([key, strength]) => (
              <Box key={key} w="104px">
                <NumberField
                  label={words[key] ?? key}
                  step={0.5}
                  value={strength}
                  onChange={(value) => field.onChange(weighed(weights, key, value))}
                />
              </Box>
            ))}
            <Box w="140px">
              <SelectField
                label="Add another"
                value=""
                options={{ "": "–", ...Object.fromEntries(left) }}
                error={fieldState.error?.message}
                onChange={(key) => field.onChange(weighed(weights, key, 1))}
              />
            </Box>
          </Group>
        );
      }}
    />
  );
}

/** With another strength; 0 takes it away. */
function weighed(weights: Record<string, number>, key: string, value: number) {
  const others = Object.entries(weights).filter(([k]) => k !== key);
  return Object.fromEntries(key === "" || value === 0 ? others : [...others, [key, value]]);
}
