import { Box, Button, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, data } from "../api/client";
import type { PlanView } from "../api/types";
import { timeOf } from "../shared/dates";
import { Countdown } from "../shared/Countdown";
import { Curves } from "../shared/Curves";
import { SelectField } from "../shared/fields";
import { clock } from "../shared/units";
import { differences } from "./differences";
import { usePlan } from "./usePlan";

/** An earlier revision above the present one, and what changed from one to the other. */
export const History = memo(function History({ prescriptionId }: { prescriptionId: string }) {
  const [open, setOpen] = useState(false);
  return (
    <Box as="section" aria-label="Compare" mt="5">
      <Button aria-expanded={open} onClick={() => setOpen(!open)}>
        Compare with an earlier version {open ? "▴" : "▾"}
      </Button>
      {open && <Comparison prescriptionId={prescriptionId} />}
    </Box>
  );
});

/** Apart from its button, so that an edit draws only what is open. */
function Comparison({ prescriptionId }: { prescriptionId: string }) {
  const view = usePlan(prescriptionId).query.data;
  const [chosen, setChosen] = useState<string>();
  const history = useQuery({
    queryKey: ["revisions", prescriptionId, view?.revision],
    queryFn: () =>
      data(
        api.GET("/api/prescriptions/{id}/revisions", { params: { path: { id: prescriptionId } } }),
      ),
  });
  const others = history.data?.filter((r) => !r.current) ?? [];
  const number = Number(chosen ?? others[0]?.number);
  const before = useQuery({
    queryKey: ["revision", prescriptionId, number],
    queryFn: () =>
      data(
        api.GET("/api/prescriptions/{id}/revisions/{number}", {
          params: { path: { id: prescriptionId, number } },
        }),
      ),
    enabled: Number.isInteger(number),
    staleTime: Infinity,
  });
  if (!view || !history.data) return null;
  if (others.length === 0) {
    return (
      <Box mt="2" color="inkSoft">
        This is the first version; change something and compare.
      </Box>
    );
  }
  const { plan } = view;
  const startsAt = timeOf(view.startsAt);
  return (
    <Box mt="3" bg="paperRaised" border="1px solid var(--rule)" p="4">
      <Box maxW="420px" mb="3">
        <SelectField
          label="Compare the present plan with"
          value={String(number)}
          options={Object.fromEntries(
            others.map((r) => [String(r.number), `${r.number}: ${r.edit}`]),
          )}
          onChange={setChosen}
        />
      </Box>
      {before.data && (
        <>
          <Box fontWeight="600">Then, {clock(before.data.seconds)}</Box>
          <WithCurves plan={before.data} startsAt={startsAt} />
          <Box fontWeight="600" mt="3">
            Now, {clock(plan.seconds)}
          </Box>
          <WithCurves plan={plan} startsAt={startsAt} />
          <Box as="ul" listStyleType="none" mt="3" fontSize="sm" aria-label="What changed">
            {differences(before.data, plan).map((d) => (
              <Flex as="li" key={d.what} gap="3" borderTop="1px solid var(--rule)" py="1">
                <Box w="70px" color="inkSoft">
                  {d.kind}
                </Box>
                <Box>{d.what}</Box>
              </Flex>
            ))}
          </Box>
        </>
      )}
    </Box>
  );
}

function WithCurves({ plan, startsAt }: { plan: PlanView; startsAt: string }) {
  return (
    <>
      {plan.readiness && <Curves plan={plan} readiness={plan.readiness} />}
      <Countdown plan={plan} startsAt={startsAt} height={92} />
    </>
  );
}
