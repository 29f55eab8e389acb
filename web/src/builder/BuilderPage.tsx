import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { Link, useParams } from "react-router";
import type { PrescriptionView } from "../api/types";
import { before, dayAndMonth, timeOf, weekday } from "../day/dates";
import { Complaint } from "../shared/Complaint";
import { Countdown } from "../shared/Countdown";
import { Curves } from "../shared/Curves";
import { SportIcon } from "../shared/icons";
import { clock } from "../shared/units";
import { KINDS, SPORTS } from "../shared/words";
import { AddDrill } from "./AddDrill";
import { ApproachPanel } from "./ApproachPanel";
import { AtTheStart } from "./AtTheStart";
import { CircumstancesBar } from "./CircumstancesBar";
import { Findings } from "./Findings";
import { HandOver } from "./HandOver";
import { History } from "./History";
import { ItemList } from "./ItemList";
import { ItemPanel } from "./ItemPanel";
import { Routines } from "./Routines";
import { shortcut } from "./shortcuts";
import { usePlan } from "./usePlan";

export function BuilderPage() {
  const { id = "" } = useParams();
  const { query } = usePlan(id);
  if (query.error) return <Complaint error={query.error} onRetry={() => void query.refetch()} />;
  if (!query.data) return <Box>One moment…</Box>;
  return <Builder key={id} view={query.data} />;
}

function Builder({ view }: { view: PrescriptionView }) {
  const { step, former } = usePlan(view.id);
  const [chosenId, setChosenId] = useState<string>();
  const { plan, session } = view;
  const chosen = plan.items.find((i) => i.id === chosenId) ?? plan.items[0];

  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      const found = shortcut(event, view, chosen?.id);
      if (!found) return;
      event.preventDefault();
      if (found.choose) setChosenId(found.choose);
      if (found.step) step.mutate(found.step);
    }
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  });

  // What may hurt or spoil the session stands before anything else.
  const isGrave = plan.findings.some((f) => f.severity !== "NOTE" && !f.seen);
  const findings = (
    <Findings findings={plan.findings} circumstances={view.circumstances} onEdit={step.mutate} />
  );

  return (
    <>
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
            {before(session.startsAt, Math.ceil(plan.seconds / 60) * 60)}, start{" "}
            {timeOf(session.startsAt)}
          </Box>
        </Box>
        <Flex gap="2" wrap="wrap">
          <Button
            disabled={!view.canUndo}
            onClick={() => step.mutate("undo")}
            title="Undo (Ctrl Z)"
          >
            Undo
          </Button>
          <Button
            disabled={!view.canRedo}
            onClick={() => step.mutate("redo")}
            title="Redo (Ctrl Shift Z)"
          >
            Redo
          </Button>
          <Button onClick={() => step.mutate({ action: "REFIT" })} title="Re-fit around locks (R)">
            Re-fit
          </Button>
        </Flex>
      </Flex>

      <CircumstancesBar
        circumstances={view.circumstances}
        error={step.error}
        onEdit={step.mutate}
      />
      <ApproachPanel approach={view.approach} onEdit={step.mutate} />
      {step.error && (
        <Box my="2">
          <Complaint error={step.error} />
        </Box>
      )}

      <Box my="3">
        {plan.readiness && <Curves plan={plan} readiness={plan.readiness} former={former} />}
        <Countdown
          plan={plan}
          startsAt={timeOf(session.startsAt)}
          chosen={chosen?.id}
          onChoose={(item) => setChosenId(item.id)}
          onMove={(item, by) => step.mutate({ action: "MOVE", itemId: item.id, amount: by })}
          narrow={window.innerWidth < 640}
        />
        {plan.readiness && <AtTheStart readiness={plan.readiness} />}
      </Box>

      <Grid templateColumns={{ base: "1fr", lg: "minmax(0, 1fr) 400px" }} gap="8">
        <Box>
          <ItemList
            items={plan.items}
            chosen={chosen?.id}
            onChoose={setChosenId}
            onEdit={step.mutate}
          />
          <AddDrill sport={session.sport} onEdit={step.mutate} />
          <History prescriptionId={view.id} />
        </Box>
        <Flex direction="column" gap="5" minW="0">
          {isGrave && findings}
          {chosen && (
            <ItemPanel
              key={chosen.id}
              prescriptionId={view.id}
              item={chosen}
              onEdit={step.mutate}
            />
          )}
          {!isGrave && findings}
          <Routines prescriptionId={view.id} athlete={view.athlete.name.split(" ")[0] ?? ""} />
          <HandOver prescriptionId={view.id} token={view.token} athlete={view.athlete.name} />
          {plan.readiness && (
            <Box fontSize="sm">
              <Box as="h2" fontSize="lg" mb="1">
                At the start
              </Box>
              {plan.readiness.verdict.sentences.map((sentence) => (
                <Box key={sentence}>{sentence}</Box>
              ))}
              <Box color="inkSoft">A model of an average body; the athlete’s own feel decides.</Box>
            </Box>
          )}
          <Box fontSize="sm">
            <Box as="h2" fontSize="lg" mb="1">
              Why this much
            </Box>
            {plan.why.map((sentence) => (
              <Box key={sentence}>{sentence}</Box>
            ))}
            <Box color="inkSoft" mt="2">
              {plan.basis.map((sentence) => (
                <Box key={sentence}>{sentence}.</Box>
              ))}
            </Box>
            <Button mt="2" variant="ghost" onClick={() => step.mutate("refresh")}>
              Take up changes of athlete and session
            </Button>
          </Box>
        </Flex>
      </Grid>
    </>
  );
}
