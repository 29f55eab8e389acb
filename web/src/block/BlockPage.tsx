import { Box, Button, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, Navigate, useNavigate, useParams } from "react-router";
import { api, data } from "../api/client";
import type { AthleteBlock, BlockView } from "../api/types";
import { dayAndMonth, plusDays, weekday } from "../shared/dates";
import { ErrorNotice } from "../shared/ErrorNotice";
import { readDate } from "../shared/calendar";
import { SelectField, TextField } from "../shared/fields";
import { Climbs } from "./Climbs";
import { withRace, withWish, type BlockEdit } from "./edits";
import { Happened } from "./Happened";
import { Interruptions } from "./Interruptions";
import { Advance } from "./Advance";
import { Replan } from "./Replan";
import { Squad } from "./Squad";
import { Trends } from "./Trends";
import { useBlock, type BlockStep } from "./useBlock";
import { WeekHeads } from "./Weeks";
import { WeekPanel } from "./WeekPanel";
import css from "./block.module.css";
import { Section, Title } from "../shared/panels";

const WIDTH = 900;

export function BlockPage() {
  const { id } = useParams();
  const blocks = useQuery({ queryKey: ["blocks"], queryFn: () => data(api.GET("/api/blocks")) });
  const first = blocks.data?.[0];
  if (blocks.error)
    return <ErrorNotice error={blocks.error} onRetry={() => void blocks.refetch()} />;
  if (!blocks.data) return <p>Loading…</p>;
  if (!id && first) return <Navigate to={`/block/${first.id}`} replace />;
  if (!id) {
    return (
      <Box as="section" display="grid" gap="3" justifyItems="start" maxW="60ch" mx="auto" my="12vh">
        <Box as="h1" fontFamily="heading" fontSize="2xl">
          No training block yet
        </Box>
        <p>
          A block leads a squad to a race: you write the week on the whiteboard once, and every
          athlete gets a warm-up for every session, moved on one thing at a time and trimmed toward
          the race.
        </p>
        <Link to="/block/new">
          <Button variant="solid" as="span">
            Lay out a block
          </Button>
        </Link>
      </Box>
    );
  }
  return <OneBlock key={id} id={id} />;
}

function OneBlock({ id }: { id: string }) {
  const { query, step } = useBlock(id);
  const block = query.data;
  if (query.error) return <ErrorNotice error={query.error} onRetry={() => void query.refetch()} />;
  if (!block) return <p>Loading…</p>;
  return (
    <Laid
      block={block}
      isBusy={step.isPending}
      error={step.error}
      onStep={(what, done) => step.mutate(what, { onSuccess: done })}
    />
  );
}

function Laid({
  block,
  isBusy,
  error,
  onStep,
}: {
  block: BlockView;
  isBusy: boolean;
  error: unknown;
  onStep: (what: BlockStep, done?: () => void) => void;
}) {
  const { athleteId } = useParams();
  const navigate = useNavigate();
  const athlete = block.athletes.find((a) => a.id === athleteId);
  const [edit, setEdit] = useState<BlockEdit>();
  const present = block.weeks.findIndex((w) => plusDays(w.firstDay, 7) > block.today);
  const [chosen, setChosen] = useState(Math.max(0, present));
  const days = Math.round(
    (Date.parse(block.definition.race) - Date.parse(block.today)) / 86_400_000,
  );
  const show = (a?: AthleteBlock) =>
    void navigate(a ? `/block/${block.id}/athlete/${a.id}` : `/block/${block.id}`);
  return (
    <div className={css.blockPage}>
      <header>
        <h1>
          {athlete ? athlete.name : block.definition.name}
          {athlete && <small> · {block.definition.name}</small>}
        </h1>
        <p className={css.toGo}>
          <strong>{days < 0 ? "raced" : days}</strong> {days >= 0 && "days to the race,"}{" "}
          {weekday(block.definition.race, "short")} {dayAndMonth(block.definition.race)}
        </p>
        <Flex gap="2" wrap="wrap" align="end">
          {!athlete && <OtherBlocks id={block.id} />}
          {athlete && <Button onClick={() => show()}>Squad</Button>}
          <Button disabled={!block.canUndo || isBusy} onClick={() => onStep("undo")}>
            Undo
          </Button>
          <Button disabled={!block.canRedo || isBusy} onClick={() => onStep("redo")}>
            Redo
          </Button>
          <Link to={`/block/${block.id}/layout`}>
            <Button as="span">Week and groups</Button>
          </Link>
        </Flex>
      </header>
      <Progress block={block} onStep={onStep} />
      {error !== null && <ErrorNotice error={error} />}
      {edit && (
        <Replan
          block={block}
          edit={edit}
          isBusy={isBusy}
          onApply={() => onStep(edit, () => setEdit(undefined))}
          onLeave={() => setEdit(undefined)}
        />
      )}
      <div className={css.blockBody}>
        <div className={css.picture}>
          <div style={{ width: WIDTH }}>
            <WeekHeads block={block} width={WIDTH} chosen={chosen} onChoose={setChosen} />
            {athlete ? (
              <Climbs
                block={block}
                athlete={athlete}
                width={WIDTH}
                chosen={chosen}
                onMove={(ladder, rung, name, week) => {
                  const firstDay = block.weeks[week]?.firstDay;
                  if (firstDay) {
                    setEdit(withWish(block.definition, athlete.id, ladder, rung, firstDay, name));
                  }
                }}
              />
            ) : (
              <Squad block={block} chosen={chosen} onChoose={show} />
            )}
            <Trends
              block={block}
              athletes={athlete ? [athlete] : block.athletes}
              width={WIDTH}
              chosen={chosen}
            />
          </div>
        </div>
        <div>
          <WeekPanel block={block} athlete={athlete} index={chosen} onEdit={setEdit} />
          {athlete && <Interruptions block={block} athlete={athlete} onEdit={setEdit} />}
          {!athlete && <Happened block={block} onEdit={setEdit} />}
          {!athlete && <RaceDay block={block} onEdit={setEdit} />}
        </div>
      </div>
    </div>
  );
}

/** The way to other blocks and to a new one. */
function OtherBlocks({ id }: { id: string }) {
  const navigate = useNavigate();
  const blocks = useQuery({ queryKey: ["blocks"], queryFn: () => data(api.GET("/api/blocks")) });
  const options = Object.fromEntries((blocks.data ?? []).map((b) => [b.id, b.name]));
  return (
    <>
      {(blocks.data?.length ?? 0) > 1 && (
        <SelectField
          label="Block"
          value={id}
          options={options}
          onChange={(other) => void navigate(`/block/${other}`)}
        />
      )}
      <Link to="/block/new">
        <Button as="span">New block</Button>
      </Link>
    </>
  );
}

function RaceDay({ block, onEdit }: { block: BlockView; onEdit: (edit: BlockEdit) => void }) {
  const [race, setRace] = useState(block.definition.race);
  return (
    <Section>
      <Title>Race day</Title>
      <Flex gap="2" align="end" wrap="wrap">
        <Box w="176px">
          <TextField label="Date" type="date" value={race} onChange={setRace} />
        </Box>
        <Button
          disabled={readDate(race) === undefined || race === block.definition.race}
          onClick={() => onEdit(withRace(block.definition, race))}
        >
          See what changes
        </Button>
      </Flex>
    </Section>
  );
}

function Progress({ block, onStep }: { block: BlockView; onStep: (what: BlockStep) => void }) {
  const { state, done, total, message } = block.compilation;
  if (state === "DONE") return null;
  return (
    <Flex role="status" gap="3" mb="3" align="center">
      {state === "RUNNING" && (
        <>
          <Advance
            done={done}
            total={total}
            label="Athletes prescribed for"
            words={`Prescribing: ${done} of ${total} athletes`}
          />
          <Button onClick={() => onStep("cancel")}>Stop</Button>
        </>
      )}
      {state !== "RUNNING" && (
        <>
          <span>
            {state === "FAILED" ? "That did not work: " : ""}
            {message} {done} of {total} athletes are done.
          </span>
          <Button onClick={() => onStep("compile")}>Carry on</Button>
        </>
      )}
    </Flex>
  );
}
