// Life: days away, illness, a niggle. The block is laid out anew from today on.
import { Button, Flex, Grid } from "@chakra-ui/react";
import { useState } from "react";
import type { AthleteBlock, BlockView, Interruption, Region } from "../api/types";
import { SelectField, TextField } from "../shared/fields";
import { readDate } from "../shared/calendar";
import { REGIONS, regionInSentence } from "../shared/words";
import {
  INTERRUPTIONS,
  withFirstDay,
  withInterruption,
  withoutInterruption,
  type BlockEdit,
} from "./edits";
import { shortDate } from "./Weeks";
import { Section, Soft, Title } from "../shared/panels";

export function Interruptions({
  block,
  athlete,
  onEdit,
}: {
  block: BlockView;
  athlete: AthleteBlock;
  onEdit: (edit: BlockEdit) => void;
}) {
  const [kind, setKind] = useState<Interruption["kind"]>("AWAY");
  const [from, setFrom] = useState(block.today);
  const [until, setUntil] = useState(block.today);
  const [painful, setPainful] = useState<Region>("ACHILLES");
  const own = block.definition.interruptions.filter((i) => i.athleteId === athlete.id);
  const isBackwards = until < from;
  return (
    <Section>
      <Title>Time away and pain</Title>
      {own.map((i) => (
        <Flex key={`${i.kind} ${i.from} ${i.until}`} gap="3" align="center">
          <span>
            {INTERRUPTIONS[i.kind]}
            {i.kind === "PAIN" && i.region ? `, ${regionInSentence(i.region)}` : ""},{" "}
            {shortDate(i.from)} to {shortDate(i.until)}
          </span>
          <Button
            flex="none"
            onClick={() => onEdit(withoutInterruption(block.definition, i, athlete.name))}
          >
            Remove
          </Button>
        </Flex>
      ))}
      <Grid
        templateColumns="repeat(auto-fit, minmax(150px, 1fr))"
        gap="2"
        alignItems="end"
        width="100%"
        my="1.5"
      >
        <SelectField label="What" value={kind} options={INTERRUPTIONS} onChange={setKind} />
        {kind === "PAIN" && (
          <SelectField label="Where" value={painful} options={REGIONS} onChange={setPainful} />
        )}
        <TextField label="First day" type="date" value={from} onChange={setFrom} />
        <TextField
          label="Last day"
          type="date"
          value={until}
          onChange={setUntil}
          error={isBackwards ? "not before the first day" : undefined}
        />
        <Button
          disabled={isBackwards || !readDate(from) || !readDate(until)}
          onClick={() =>
            onEdit(
              withInterruption(
                block.definition,
                {
                  athleteId: athlete.id,
                  kind,
                  from,
                  until,
                  region: kind === "PAIN" ? painful : null,
                },
                athlete.name,
              ),
            )
          }
        >
          See what changes
        </Button>
      </Grid>
      <FirstDay block={block} athlete={athlete} onEdit={onEdit} />
      {kind === "PAIN" && (
        <Soft>
          The warm-ups work around it. Pain that stays, or is sharp, is for a licensed clinician.
        </Soft>
      )}
    </Section>
  );
}

function FirstDay({
  block,
  athlete,
  onEdit,
}: {
  block: BlockView;
  athlete: AthleteBlock;
  onEdit: (edit: BlockEdit) => void;
}) {
  const member = block.definition.members.find((m) => m.athleteId === athlete.id);
  const [joins, setJoins] = useState(member?.joins ?? block.definition.start);
  return (
    <Grid
      templateColumns="repeat(auto-fit, minmax(150px, 1fr))"
      gap="2"
      alignItems="end"
      width="100%"
      my="1.5"
    >
      <TextField label="Trains in the block from" type="date" value={joins} onChange={setJoins} />
      <Button
        disabled={!readDate(joins) || joins === (member?.joins ?? block.definition.start)}
        onClick={() => onEdit(withFirstDay(block.definition, athlete.id, joins, athlete.name))}
      >
        See what changes
      </Button>
    </Grid>
  );
}
