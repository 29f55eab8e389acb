import { Box, Button, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { AthleteView, Sport } from "../api/types";
import { CheckboxField, Group, TextField } from "../shared/fields";
import { ALL_SPORTS, ATHLETES_OF, SPORTS } from "../shared/sports";
import { found, inOrder, offered } from "./picking";

interface Props {
  label: string;
  isLabelHidden?: boolean;
  athletes: readonly AthleteView[];
  value: readonly string[];
  onChange: (ids: string[]) => void;
  /** Of this sport first. */
  sport?: Sport | undefined;
  /** Where each of them is at that time, if they are anywhere. */
  busy?: ReadonlyMap<string, string>;
  /** Whether only those who are chosen show until one asks for the others. */
  isFolded?: boolean;
}

const LIST = new Intl.ListFormat("en-GB", { type: "conjunction" });

/** So many are shown at once; more are found by name or opened. */
const FEW = 12;

/** Who takes part: by name, by sport, one by one. */
export function AthletePicker({
  label,
  isLabelHidden,
  athletes,
  value,
  onChange,
  sport,
  busy,
  isFolded = false,
}: Props) {
  const [typed, setTyped] = useState("");
  const [isOpen, setOpen] = useState(false);
  const all = inOrder(offered(athletes, value), sport);
  const matching = all.filter((a) => found(a, typed));
  const few = isFolded ? 0 : FEW;
  const shown =
    typed.trim() !== "" || isOpen
      ? matching
      : all.filter((a, i) => value.includes(a.id) || i < few);
  const hidden = all.length - shown.length;
  const isLarge = all.length > FEW;
  const toggle = (ids: string[]) => {
    const isWhole = ids.every((id) => value.includes(id));
    onChange(isWhole ? value.filter((id) => !ids.includes(id)) : [...new Set([...value, ...ids])]);
  };
  const elsewhere = new Map<string, string[]>();
  for (const a of all.filter((one) => value.includes(one.id))) {
    const where = busy?.get(a.id);
    if (where) elsewhere.set(where, [...(elsewhere.get(where) ?? []), a.profile.name]);
  }
  return (
    <Box>
      <Group label={label} isLabelHidden={isLabelHidden}>
        {shown.map((a) => (
          <CheckboxField
            key={a.id}
            label={`${a.profile.name}, ${SPORTS[a.profile.sport].toLowerCase()}`}
            checked={value.includes(a.id)}
            onChange={() => toggle([a.id])}
          />
        ))}
      </Group>
      {typed.trim() !== "" && matching.length === 0 && (
        <Box color="inkSoft" mt="1">
          Nobody is called that.
        </Box>
      )}
      <Flex mt="2" gap="2" wrap="wrap" align="end">
        {(hidden > 0 || isOpen) && (
          <Button aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
            {isOpen ? "Show fewer" : `Show ${hidden} more`}
          </Button>
        )}
        {isLarge && (!isFolded || isOpen) && (
          <Box w="220px">
            <TextField label="Find by name, sport or level" value={typed} onChange={setTyped} />
          </Box>
        )}
        {(!isFolded || isOpen) &&
          sportsOf(all).map(([of, ids]) => (
            <Button
              key={of}
              variant="ghost"
              aria-pressed={ids.every((id) => value.includes(id))}
              onClick={() => toggle(ids)}
            >
              All {ids.length} {ATHLETES_OF[of]}
            </Button>
          ))}
      </Flex>
      {elsewhere.size > 0 && (
        <Box role="status" mt="2" color="caution">
          {[...elsewhere].map(([where, names]) => (
            <Box key={where}>
              ▲ {LIST.format(names)} {names.length === 1 ? "is" : "are"} also in {where}.
            </Box>
          ))}
        </Box>
      )}
    </Box>
  );
}

/** Sports with several athletes. */
function sportsOf(athletes: readonly AthleteView[]): [Sport, string[]][] {
  return ALL_SPORTS.map((sport): [Sport, string[]] => [
    sport,
    athletes.filter((a) => a.profile.sport === sport).map((a) => a.id),
  ]).filter(([, ids]) => ids.length > 1);
}
