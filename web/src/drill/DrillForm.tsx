import { Box, Button, chakra, Flex, Grid } from "@chakra-ui/react";
import { useId, useState, type ReactNode } from "react";
import { SelectField, TextField, CheckboxField } from "../shared/fields";
import { BLOCKS, KITS, POSITIONS, REGIONS, SPORTS } from "../shared/words";
import { DOSES, doseOf, kindOf, SKILLS, type Dose, type DoseKind, type Entry } from "./entry";

const Area = chakra("textarea", {
  base: {
    bg: "paperRaised",
    color: "ink",
    border: "1px solid var(--rule-strong)",
    borderRadius: "4px",
    w: "100%",
    p: "2",
    fontSize: "sm",
    lineHeight: "1.35",
  },
});

/** Names as the library's files have them, "HIP_FLEXORS" → "hip-flexors". */
function filed(words: Record<string, string>): Record<string, string> {
  return Object.fromEntries(
    Object.entries(words).map(([key, word]) => [key.toLowerCase().replaceAll("_", "-"), word]),
  );
}

const LEVELS = { novice: "Novice", intermediate: "Intermediate", advanced: "Advanced" };
const SUITS = { "0": "no", "1": "a little", "2": "well", "3": "best" };
const SKILL_WORDS = Object.fromEntries(SKILLS.map((s) => [s, s.replaceAll("-", " ")]));
const REGION_WORDS = filed(REGIONS);

const DOSE_WORDS: Partial<Record<keyof Dose, string>> = {
  reps: "Repetitions",
  tempo: "Seconds each",
  directions: "Directions",
  seconds: "Seconds",
  sides: "Sides",
  lengths: "Lengths",
  metres: "Metres a length",
  speed: "Metres a second",
  strokes: "Strokes a part",
  parts: "Parts",
  rate: "Strokes a minute",
  rounds: "Rounds",
  work: "Work, s",
  rest: "Rest, s",
};

interface Props {
  entry: Entry;
  onChange: (entry: Entry) => void;
}

/** One drill, field by field. */
export function DrillForm({ entry, onChange }: Props) {
  const set = (part: Partial<Entry>) => onChange({ ...entry, ...part });
  return (
    <Flex direction="column" gap="3">
      <Grid templateColumns="1fr 1fr" gap="3">
        <TextField label="Name" value={entry.name} onChange={(name) => set({ name })} />
        <TextField
          label="Also known as, separated by commas"
          value={(entry.aliases ?? []).join(",")}
          onChange={(text) => set({ aliases: text === "" ? [] : text.split(",") })}
        />
        <SelectField
          label="Block"
          value={entry.block}
          options={filed(BLOCKS)}
          onChange={(block) => set({ block })}
        />
        <SelectField
          label="Position"
          value={entry.position}
          options={filed(POSITIONS)}
          onChange={(position) => set({ position })}
        />
        <SelectField
          label="From which level"
          value={entry.level ?? "novice"}
          options={LEVELS}
          onChange={(level) => set({ level })}
        />
        <TextField
          label="Ladder and rung, name/2"
          placeholder="none"
          value={entry.ladder ?? ""}
          onChange={(ladder) => set({ ladder: ladder || undefined })}
        />
      </Grid>
      <Group label="How well it suits">
        <Grid templateColumns="repeat(4, 1fr)" gap="2">
          {Object.entries(filed(SPORTS)).map(([sport, word]) => (
            <SelectField
              key={sport}
              label={word}
              value={String(entry.suits[sport] ?? 0)}
              options={SUITS}
              onChange={(value) => set({ suits: weighed(entry.suits, sport, Number(value)) })}
            />
          ))}
        </Grid>
      </Group>
      <DoseFields dose={entry.dose} onChange={(dose) => set({ dose })} />
      <Weights
        label="Regions it works, strength 0.5 to 3"
        weights={entry.regions ?? {}}
        words={REGION_WORDS}
        onChange={(regions) => set({ regions })}
      />
      <Weights
        label="Skills it rehearses, strength 0.5 to 3"
        weights={entry.skills ?? {}}
        words={SKILL_WORDS}
        onChange={(skills) => set({ skills })}
      />
      <Grid templateColumns="repeat(3, 1fr)" gap="3" alignItems="end">
        <NumberField
          label="Effort, 0 to 100"
          value={entry.effort}
          onChange={(effort) => set({ effort })}
        />
        <NumberField
          label="Contacts each"
          value={entry.contacts ?? 0}
          onChange={(contacts) => set({ contacts: contacts || undefined })}
        />
        <NumberField
          label="Held, s"
          value={entry.hold ?? 0}
          onChange={(hold) => set({ hold: hold || undefined })}
        />
      </Grid>
      <Ticks
        label="Kit it needs"
        chosen={entry.kit ?? []}
        words={filed(KITS)}
        onChange={(kit) => set({ kit })}
      />
      <Ticks
        label="Not when one of these is sore"
        chosen={entry.loads ?? []}
        words={REGION_WORDS}
        onChange={(loads) => set({ loads })}
      />
      <Ticks
        label="Favoured when one of these is stiff"
        chosen={entry.favours ?? []}
        words={REGION_WORDS}
        onChange={(favours) => set({ favours })}
      />
      <Lines label="Steps, one a line" lines={entry.steps} onChange={(steps) => set({ steps })} />
      <Lines
        label="Cues, one a line, at most three"
        lines={entry.cues}
        onChange={(cues) => set({ cues })}
      />
      <TextField
        label="The common fault; its fix"
        value={entry.fault}
        onChange={(fault) => set({ fault })}
      />
      <TextField
        label="Caution, if one"
        value={entry.caution ?? ""}
        onChange={(caution) => set({ caution })}
      />
      <Box>
        <CheckboxField
          label="Safe on a wet deck"
          checked={entry.wetSafe ?? false}
          onChange={(wetSafe) => set({ wetSafe })}
        />
      </Box>
    </Flex>
  );
}

function DoseFields({ dose, onChange }: { dose: Dose; onChange: (dose: Dose) => void }) {
  const kind = kindOf(dose);
  const kinds = Object.fromEntries(
    (Object.keys(DOSES) as DoseKind[]).map((k) => [k, DOSES[k].words]),
  ) as Record<DoseKind, string>;
  const figures = Object.keys(DOSES[kind].usual).filter((f) => f !== "back") as (keyof Dose)[];
  return (
    <Group label="Usual dose">
      <Grid templateColumns="repeat(3, 1fr)" gap="2" alignItems="end">
        <SelectField
          label="Counted in"
          value={kind}
          options={kinds}
          onChange={(other) => onChange(doseOf(other))}
        />
        {figures.map((figure) => (
          <NumberField
            key={figure}
            label={DOSE_WORDS[figure] ?? figure}
            value={Number(dose[figure] ?? 1)}
            onChange={(value) => onChange({ ...dose, [figure]: value })}
          />
        ))}
        <NumberField
          label="At least"
          value={dose.range[0]}
          onChange={(least) => onChange({ ...dose, range: [least, dose.range[1]] })}
        />
        <NumberField
          label="At most"
          value={dose.range[1]}
          onChange={(most) => onChange({ ...dose, range: [dose.range[0], most] })}
        />
        {kind === "lengths" && (
          <CheckboxField
            label="There and back"
            checked={dose.back ?? false}
            onChange={(back) => onChange({ ...dose, back })}
          />
        )}
      </Grid>
    </Group>
  );
}

/** Things with a strength: those it has, each to be changed or taken away, and one more to add. */
function Weights({
  label,
  weights,
  words,
  onChange,
}: {
  label: string;
  weights: Record<string, number>;
  words: Record<string, string>;
  onChange: (weights: Record<string, number>) => void;
}) {
  const left = Object.fromEntries(Object.entries(words).filter(([key]) => !(key in weights)));
  return (
    <Group label={label}>
      <Flex gap="2" wrap="wrap" align="flex-end">
        {Object.entries(weights).map(([key, strength]) => (
          <Box key={key} w="104px">
            <NumberField
              label={words[key] ?? key}
              step={0.5}
              value={strength}
              onChange={(value) => onChange(weighed(weights, key, value))}
            />
          </Box>
        ))}
        <Box w="140px">
          <SelectField
            label="One more"
            value=""
            options={{ "": "–", ...left }}
            onChange={(key) => onChange(weighed(weights, key, 1))}
          />
        </Box>
      </Flex>
    </Group>
  );
}

/** With another strength; 0 takes it away. */
function weighed(weights: Record<string, number>, key: string, value: number) {
  const others = Object.entries(weights).filter(([k]) => k !== key);
  return Object.fromEntries(key === "" || value === 0 ? others : [...others, [key, value]]);
}

function Ticks({
  label,
  chosen,
  words,
  onChange,
}: {
  label: string;
  chosen: string[];
  words: Record<string, string>;
  onChange: (chosen: string[]) => void;
}) {
  return (
    <Group label={label}>
      <Flex gap="1.5" wrap="wrap">
        {Object.entries(words).map(([key, word]) => (
          <CheckboxField
            key={key}
            label={word}
            checked={chosen.includes(key)}
            onChange={(on) => onChange(on ? [...chosen, key] : chosen.filter((c) => c !== key))}
          />
        ))}
      </Flex>
    </Group>
  );
}

function Lines({
  label,
  lines,
  onChange,
}: {
  label: string;
  lines: string[];
  onChange: (lines: string[]) => void;
}) {
  const id = useId();
  return (
    <Box>
      <chakra.label htmlFor={id} display="block" fontSize="xs" color="inkSoft" fontWeight="600">
        {label}
      </chakra.label>
      <Area
        id={id}
        rows={3}
        value={lines.join("\n")}
        onChange={(e) => onChange(e.target.value.split("\n"))}
      />
    </Box>
  );
}

function NumberField({
  label,
  value,
  step = "any",
  onChange,
}: {
  label: string;
  value: number;
  step?: number | "any";
  onChange: (value: number) => void;
}) {
  return (
    <TextField
      label={label}
      type="number"
      step={step}
      value={String(value)}
      onChange={(text) => onChange(Number(text))}
    />
  );
}

function Group({ label, children }: { label: string; children: ReactNode }) {
  return (
    <Box role="group" aria-label={label}>
      <Box fontSize="sm" fontWeight="600" mb="1">
        {label}
      </Box>
      {children}
    </Box>
  );
}

/** The form with what can be done with it. */
export function DrillEditor({
  start,
  onKeep,
  isBusy,
}: {
  start: Entry;
  onKeep: (entry: Entry) => void;
  isBusy: boolean;
}) {
  const [entry, setEntry] = useState(start);
  return (
    <Box>
      <DrillForm entry={entry} onChange={setEntry} />
      <Button
        mt="3"
        variant="solid"
        disabled={isBusy || entry.name.trim() === ""}
        onClick={() => onKeep(entry)}
      >
        Keep this drill
      </Button>
    </Box>
  );
}
