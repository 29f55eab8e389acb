import { Box, Button, Flex, Grid } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { api, data } from "../api/client";
import type { Meaning, Sport, Zones } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SelectField, TextField } from "../shared/fields";
import { Section, Soft, Title } from "../shared/panels";
import { SPORTS } from "../shared/sports";

const NUMBERS = [1, 2, 3, 4, 5, 6, 7];

type Unit = Meaning["unit"];

/** What tables are given in; watts would hold for one athlete only. */
const UNITS = {
  PERCENT_OF_CRITICAL: "% of threshold pace or power",
  PERCENT_OF_MAXIMUM_HEART: "% of maximum heart rate",
  PERCENT_OF_THRESHOLD_HEART: "% of threshold heart rate",
  EXERTION: "exertion of 10",
} satisfies Partial<Record<Unit, string>>;

/** What is typed for one sport: a unit, and two ends for each zone. */
interface Typed {
  unit: keyof typeof UNITS;
  low: string[];
  high: string[];
}

/** What Z1 to Z7 mean to this club, a sport at a time. */
export function ZoneTable() {
  const zones = useQuery({
    queryKey: ["zones"],
    queryFn: () => data(api.GET("/api/zones")),
  });
  const [sport, setSport] = useState<Sport>("RIDE");
  return (
    <Section aria-label="Zones" justifyItems="stretch" alignContent="start">
      <Title>Zones</Title>
      <Soft>
        Tables differ from coach to coach, so Jubilee asks for yours. With it “6 x 4 min Z4” is
        read; sessions keep what it meant when they were written.
      </Soft>
      {zones.error && <ErrorNotice error={zones.error} onRetry={() => void zones.refetch()} />}
      {zones.data && (
        <>
          <SelectField label="Sport" value={sport} options={SPORTS} onChange={setSport} />
          <OfSport key={`${sport} ${zones.data.version}`} sport={sport} zones={zones.data} />
        </>
      )}
    </Section>
  );
}

function OfSport({ sport, zones }: { sport: Sport; zones: Zones }) {
  const queries = useQueryClient();
  const [typed, setTyped] = useState(() => typedOf(zones, sport));
  const [problem, setProblem] = useState<unknown>();
  const [isSaved, setSaved] = useState(false);
  const change = (part: Partial<Typed>) => {
    setSaved(false);
    setTyped({ ...typed, ...part });
  };
  const half = NUMBERS.find((n) => isHalf(typed, n));
  const save = async () => {
    setProblem(undefined);
    const others = zones.meanings.filter((m) => m.sport !== sport);
    const body = { version: zones.version, meanings: [...others, ...meaningsOf(typed, sport)] };
    try {
      queries.setQueryData(["zones"], await data(api.PUT("/api/zones", { body })));
      setSaved(true);
    } catch (error) {
      setProblem(error);
    }
  };
  return (
    <>
      <SelectField
        label="Given as"
        value={typed.unit}
        options={UNITS}
        onChange={(unit) => change({ unit })}
      />
      <Grid templateColumns="2.2rem 1fr 1fr" gap="2" alignItems="end">
        {NUMBERS.map((n) => (
          <Row key={n} number={n} typed={typed} onChange={change} />
        ))}
      </Grid>
      {half !== undefined && <Box role="alert">Z{half} wants both ends, or neither.</Box>}
      {problem !== undefined && <ErrorNotice error={problem} />}
      <Flex gap="3" align="center">
        <Button variant="solid" disabled={half !== undefined} onClick={() => void save()}>
          Save zones
        </Button>
        {isSaved && <Soft role="status">Saved.</Soft>}
      </Flex>
    </>
  );
}

function Row({
  number,
  typed,
  onChange,
}: {
  number: number;
  typed: Typed;
  onChange: (part: Partial<Typed>) => void;
}) {
  const at = number - 1;
  const put = (texts: string[], text: string) => texts.map((t, i) => (i === at ? text : t));
  return (
    <>
      <Box pb="2" fontWeight="600">
        Z{number}
      </Box>
      <TextField
        label={`Z${number} from`}
        inputMode="numeric"
        maxLength={5}
        value={typed.low[at] ?? ""}
        onChange={(text) => onChange({ low: put(typed.low, text) })}
      />
      <TextField
        label={`Z${number} to`}
        inputMode="numeric"
        maxLength={5}
        value={typed.high[at] ?? ""}
        onChange={(text) => onChange({ high: put(typed.high, text) })}
      />
    </>
  );
}

function typedOf(zones: Zones, sport: Sport): Typed {
  const own = zones.meanings.filter((m) => m.sport === sport);
  const of = (end: "low" | "high") =>
    NUMBERS.map((n) => String(own.find((m) => m.zone === n)?.[end] ?? ""));
  const unit = own[0]?.unit;
  const isKnown = (u: Unit | undefined): u is keyof typeof UNITS => u !== undefined && u in UNITS;
  return {
    unit: isKnown(unit) ? unit : "PERCENT_OF_CRITICAL",
    low: of("low"),
    high: of("high"),
  };
}

function isHalf({ low, high }: Typed, number: number): boolean {
  return ((low[number - 1] ?? "").trim() === "") !== ((high[number - 1] ?? "").trim() === "");
}

function meaningsOf({ unit, low, high }: Typed, sport: Sport): Meaning[] {
  return NUMBERS.filter((n) => (low[n - 1] ?? "").trim() !== "").map((zone) => ({
    sport,
    zone,
    unit,
    low: Number(low[zone - 1]),
    high: Number(high[zone - 1]),
  }));
}
