import { Flex } from "@chakra-ui/react";
import type { Kit } from "../api/types";
import { CheckboxField } from "../shared/fields";
import { KITS } from "../shared/words";

/** What there is to be used, one box each. */
export function KitAtHand({
  kit,
  label = "Kit at hand",
  onChange,
}: {
  kit: Kit[];
  label?: string;
  onChange: (kit: Kit[]) => void;
}) {
  return (
    <Flex gap="2" wrap="wrap" mt="2" role="group" aria-label={label}>
      {(Object.keys(KITS) as Kit[]).map((one) => (
        <CheckboxField
          key={one}
          label={KITS[one]}
          checked={kit.includes(one)}
          onChange={(on) => onChange(on ? [...kit, one] : kit.filter((k) => k !== one))}
        />
      ))}
    </Flex>
  );
}
