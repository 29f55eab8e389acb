import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { lazy, memo, Suspense, useCallback, useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import type { AxisItem, PlanView, PrescriptionView } from "../api/types";
import { before, dayAndMonth, timeOf, weekday } from "../shared/dates";
import { ErrorNotice } from "../shared/ErrorNotice";
import { Countdown } from "../shared/Countdown";
import { Curves } from "../shared/Curves";
import { SportIcon } from "../shared/icons";
import { clock, say } from "../shared/units";
import { SPORTS } from "../shared/sports";
import { KINDS } from "../shared/words";
import { AddDrill } from "./AddDrill";
import { AtTheStart } from "./AtTheStart";
import { CircumstancesBar } from "./CircumstancesBar";
import { Findings } from "./Findings";
import { WhatWasDone } from "../logbook/WhatWasDone";
import { DueTurn } from "../question/DueTurn";
import { Drift } from "../learning/RaceRoutines";
import { Unusual } from "../learning/Unusual";
import { WriteRecord } from "../record/WriteRecord";
import { HandOver } from "./HandOver";
import { History } from "./History";
import { ItemList } from "./ItemList";
import { ItemPanel } from "./ItemPanel";
import { Routines } from "./Routines";
import { StartSlipped } from "./StartSlipped";
import { shortcut } from "./shortcuts";
import { usePreview } from "./usePreview";
import { usePlan, type Step } from "./usePlan";
import css from "./prescription.module.css";

// Only of what is over.
const RecordingPanel = lazy(async () => ({
  default: (await import("../recording/RecordingPanel")).RecordingPanel,
}));

export function BuilderPage() {
  const { id = "" } = useParams();
  const { query } = usePlan(id);
  if (query.error) return <ErrorNotice error={query.error} onRetry={() => void query.refetch()} />;
  if (!query.data) return <Box>Loading…</Box>;
  return <Builder key={id} view={query.data} />;
}

function Builder({ view }: { view: PrescriptionView }) {
  const { step, former } = usePlan(view.id);
  const { mutate, error } = step;
  const [chosenId, setChosenId] = useState<string>();
  const choose = useCallback((item: AxisItem) => setChosenId(item.id), []);
  const move = useCallback(
    (item: AxisItem, by: number) => mutate({ action: "MOVE", itemId: item.id, places: by }),
    [mutate],
  );
  const { preview, show } = usePreview(view.id, view.revision);
  const moving = useCallback(
    (item: AxisItem, by: number) =>
      show(by === 0 ? undefined : { action: "MOVE", itemId: item.id, places: by }),
    [show],
  );
  const { plan, session } = view;
  const chosen = plan.items.find((i) => i.id === chosenId) ?? plan.items[0];

  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      const found = shortcut(event, view, chosen?.id);
      if (!found) return;
      event.preventDefault();
      if (found.choose) setChosenId(found.choose);
      if (found.step) mutate(found.step);
    }
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });

  // What may hurt or spoil the session stands before anything else.
  const isGrave = plan.findings.some((f) => f.severity !== "NOTE" && !f.seen);
  const findings = <Findings findings={plan.findings} onEdit={mutate} />;

  return (
    <>
      <title>{`${view.session.title}, ${view.athlete.name} · Jubilee`}</title>
      <Heading view={view} onStep={mutate} />
      <CircumstancesBar
        startsAt={view.startsAt}
        circumstances={view.circumstances}
        approach={view.approach}
        sport={session.sport}
        error={error}
        onEdit={mutate}
      />
      {error && (
        <Box my="2">
          <ErrorNotice error={error} />
        </Box>
      )}

      <Box my="3">
        {preview?.readiness ? (
          <Curves plan={preview} readiness={preview.readiness} former={plan} />
        ) : (
          plan.readiness && <Curves plan={plan} readiness={plan.readiness} former={former} />
        )}
        <Countdown
          plan={plan}
          startsAt={timeOf(view.startsAt)}
          chosen={chosen?.id}
          onChoose={choose}
          onMove={move}
          onMoving={moving}
          narrow={window.innerWidth < 640}
        />
        {plan.readiness && <AtTheStart readiness={plan.readiness} />}
      </Box>

      <Grid templateColumns={{ base: "1fr", lg: "minmax(0, 1fr) 400px" }} gap="8">
        <Box>
          <ItemList
            items={plan.items}
            circumstances={view.circumstances}
            chosen={chosen?.id}
            onChoose={setChosenId}
            onEdit={mutate}
          />
          <AddDrill sport={session.sport} onEdit={mutate} />
          <History prescriptionId={view.id} />
          <Suspense>
            <RecordingPanel key={view.id} prescriptionId={view.id} startsAt={view.startsAt} />
          </Suspense>
        </Box>
        <Flex direction="column" gap="5" minW="0">
          <DueTurn prescriptionId={view.id} />
          <WhatWasDone prescriptionId={view.id} startsAt={view.startsAt} />
          <WriteRecord
            key={`record ${view.id}`}
            prescriptionId={view.id}
            startsAt={view.startsAt}
          />
          {isGrave && findings}
          {chosen && (
            <ItemPanel key={chosen.id} prescriptionId={view.id} item={chosen} onEdit={mutate} />
          )}
          {!isGrave && findings}
          <Drift prescriptionId={view.id} revision={view.revision} />
          <Unusual
            prescriptionId={view.id}
            revision={view.revision}
            name={view.athlete.name.split(" ")[0] ?? ""}
          />
          <Routines prescriptionId={view.id} athlete={view.athlete.name.split(" ")[0] ?? ""} />
          <HandOver prescriptionId={view.id} link={view.link} athlete={view.athlete.name} />
          <Why plan={plan} onStep={mutate} />
        </Flex>
      </Grid>
    </>
  );
}

interface HeadingProps {
  view: PrescriptionView;
  onStep: (step: Step) => void;
}

/** For whom and what, how long it is, and the way back. */
const Heading = memo(function Heading({ view, onStep }: HeadingProps) {
  const { plan, session } = view;
  return (
    <Flex align="flex-end" gap="5" wrap="wrap" mb="3">
      <Box minW="0">
        <Flex gap="2" align="center" color="inkSoft" fontSize="sm">
          <SportIcon sport={session.sport} size={16} />
          {SPORTS[session.sport]} · {KINDS[session.kind].toLowerCase()} ·{" "}
          <Link to={`/day/${session.startsAt.slice(0, 10)}`}>
            <u>
              {weekday(session.startsAt.slice(0, 10), "long")}{" "}
              {dayAndMonth(session.startsAt.slice(0, 10))}
            </u>
          </Link>
        </Flex>
        <Box as="h1" fontSize="2xl">
          {session.title}
        </Box>
        <Box fontSize="sm">
          for{" "}
          <Link to={`/athletes/${view.athlete.id}`}>
            <u>{view.athlete.name}</u>
          </Link>
          , {view.athlete.level.toLowerCase()}
        </Box>
      </Box>
      <Box flex="1" />
      <Box textAlign={{ base: "left", md: "right" }} data-testid="length">
        <Box fontSize="4xl" lineHeight="0.95" fontWeight="700" letterSpacing="-0.02em">
          {clock(plan.seconds)}
        </Box>
        <Box fontSize="sm" color={plan.seconds > plan.available ? "caution" : "inkSoft"}>
          of {Math.round(plan.available / 60)} min · begin{" "}
          {before(view.startsAt, Math.ceil(plan.seconds / 60) * 60)}, start {timeOf(view.startsAt)}
          {view.startsAt !== session.startsAt && `, not ${timeOf(session.startsAt)}`}
        </Box>
      </Box>
      <Flex gap="2" wrap="wrap">
        <Button disabled={!view.canUndo} onClick={() => onStep("undo")} title="Undo (Ctrl Z)">
          Undo
        </Button>
        <Button disabled={!view.canRedo} onClick={() => onStep("redo")} title="Redo (Ctrl Shift Z)">
          Redo
        </Button>
        <StartSlipped onEdit={onStep} />
        <Button onClick={() => onStep({ action: "REFIT" })} title="Re-fit around locks (R)">
          Re-fit
        </Button>
      </Flex>
    </Flex>
  );
});

interface WhyProps {
  plan: PlanView;
  onStep: (step: Step) => void;
}

/** The state at the start and the length of the plan in sentences. */
const Why = memo(function Why({ plan, onStep }: WhyProps) {
  return (
    <>
      {plan.readiness && (
        <section className={css.sentences}>
          <h2>At the start</h2>
          {plan.readiness.verdict.sentences.map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
          <p className={css.soft}>
            A model of this body as far as it is known; the athlete’s own feel decides.
          </p>
        </section>
      )}
      <section className={css.sentences}>
        <h2>Why this long</h2>
        {plan.why.map((sentence) => (
          <p key={sentence}>{sentence}</p>
        ))}
        <div className={css.basis}>
          {plan.basis.map((phrase) => (
            <p key={phrase.text}>{say(phrase)}.</p>
          ))}
          {plan.conflicts.map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
        </div>
        <Button mt="2" variant="ghost" onClick={() => onStep("refresh")}>
          Update to the athlete and session
        </Button>
      </section>
    </>
  );
});
