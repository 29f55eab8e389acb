import { Box, Flex, Grid } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useDeferredValue, useState } from "react";
import { api, data } from "../api/client";
import type { DrillView, Kit } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import { ember } from "../shared/ember";
import { SelectField, TextField, CheckboxField } from "../shared/fields";
import { SPORTS } from "../shared/sports";
import { BLOCKS, KITS, POSITIONS } from "../shared/words";
import { Climb } from "./Climb";
import { DrillPanel } from "./DrillPanel";
import { EVERYTHING, matches, type Filter } from "./find";
import { OwnDrills } from "./OwnDrills";
import css from "./LibraryPage.module.css";

/** Every drill: found as one types, kept to what is at hand, each ladder a climb. */
export function LibraryPage() {
  const drills = useQuery({
    queryKey: ["library"],
    queryFn: () => data(api.GET("/api/library")),
  });
  const [filter, setFilter] = useState<Filter>(EVERYTHING);
  const [chosenId, setChosenId] = useState<string>();
  const [mendId, setMendId] = useState<string>();
  const sought = useDeferredValue(filter);
  if (drills.error)
    return <ErrorNotice error={drills.error} onRetry={() => void drills.refetch()} />;
  if (!drills.data) return <Box>Loading…</Box>;
  const change = (part: Partial<Filter>) => setFilter({ ...filter, ...part });
  const found = drills.data.filter((d) => !d.archived && matches(d, sought));
  const chosen = drills.data.find((d) => d.id === chosenId) ?? found[0];
  const ladder = chosen?.ladder
    ? drills.data
        .filter((d) => d.ladder === chosen.ladder && !d.archived)
        .toSorted((a, b) => a.step - b.step)
    : [];
  return (
    <>
      <Flex align="baseline" gap="4" mb="2">
        <Box as="h1" fontSize="2xl">
          Library
        </Box>
        <Box data-testid="found">
          <b>{found.length}</b> of {drills.data.length} drills
        </Box>
      </Flex>
      <Filters filter={filter} onChange={change} />
      <Grid templateColumns={{ base: "1fr", lg: "minmax(0, 1fr) 420px" }} gap="8" mt="3">
        <Box maxH={{ lg: "calc(100vh - 240px)" }} overflowY={{ lg: "auto" }} pr="2" tabIndex={0}>
          <ul className={css.drillList} aria-label="Drills">
            {found.map((d) => (
              <DrillRow key={d.id} drill={d} chosen={d.id === chosen?.id} onChoose={setChosenId} />
            ))}
          </ul>
          {found.length === 0 && (
            <Box color="inkSoft" py="4">
              No drill fits all of this. Take a filter away, or add your own below.
            </Box>
          )}
        </Box>
        <Flex direction="column" gap="5">
          {chosen && <DrillPanel drill={chosen} onMend={() => setMendId(chosen.id)} />}
          {ladder.length > 1 && <Climb rungs={ladder} chosen={chosen?.id} onChoose={setChosenId} />}
          <OwnDrills key={mendId} mendId={mendId} drills={drills.data} />
        </Flex>
      </Grid>
    </>
  );
}

function Filters({
  filter,
  onChange,
}: {
  filter: Filter;
  onChange: (part: Partial<Filter>) => void;
}) {
  const kit = filter.kit;
  return (
    <Box borderTop="1px solid var(--rule)" borderBottom="1px solid var(--rule)" py="2">
      <Flex gap="3" wrap="wrap" align="flex-end">
        <Box w="260px">
          <TextField
            label="Name, or what it is for"
            placeholder="hip, grapevine, catch …"
            value={filter.text}
            onChange={(text) => onChange({ text })}
          />
        </Box>
        <Box w="120px">
          <SelectField
            label="Sport"
            value={filter.sport ?? ""}
            options={{ "": "any", ...SPORTS }}
            onChange={(sport) => onChange({ sport: sport || undefined })}
          />
        </Box>
        <Box w="130px">
          <SelectField
            label="Block"
            value={filter.block ?? ""}
            options={{ "": "any", ...BLOCKS }}
            onChange={(block) => onChange({ block: block || undefined })}
          />
        </Box>
        <CheckboxField
          label="Wet deck"
          checked={filter.wetDeck}
          onChange={(wetDeck) => onChange({ wetDeck })}
        />
        <CheckboxField
          label="No contacts"
          checked={filter.noContacts}
          onChange={(noContacts) => onChange({ noContacts })}
        />
        <CheckboxField
          label="Only what is at hand"
          checked={kit !== undefined}
          onChange={(on) => onChange({ kit: on ? ["SUPPORT"] : undefined })}
        />
      </Flex>
      {kit && (
        <Flex gap="2" wrap="wrap" mt="2" role="group" aria-label="Kit at hand">
          {(Object.keys(KITS) as Kit[]).map((k) => (
            <CheckboxField
              key={k}
              label={KITS[k]}
              checked={kit.includes(k)}
              onChange={(on) => onChange({ kit: on ? [...kit, k] : kit.filter((o) => o !== k) })}
            />
          ))}
        </Flex>
      )}
    </Box>
  );
}

function DrillRow({
  drill,
  chosen,
  onChoose,
}: {
  drill: DrillView;
  chosen: boolean;
  onChoose: (id: string) => void;
}) {
  return (
    <li>
      <button
        type="button"
        className={css.drillRow}
        aria-pressed={chosen}
        onClick={() => onChoose(drill.id)}
      >
        <span className={css.heat} style={{ background: ember(drill.effort) }} />
        <span>
          <b>{drill.name}</b>
          {drill.own && " · yours"}
          <small>{drill.serves.slice(0, 3).join(", ")}</small>
        </span>
        <span className={css.aside}>{BLOCKS[drill.block]}</span>
        <span className={css.aside}>
          {POSITIONS[drill.position]}
          {drill.kit.length > 0 && <small>{drill.kit.map((k) => KITS[k]).join(", ")}</small>}
        </span>
      </button>
    </li>
  );
}
