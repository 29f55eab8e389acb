import { Box, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, data } from "../api/client";
import type { DrillSummary, Sport } from "../api/types";
import { TextField } from "../shared/fields";
import { BLOCKS } from "../shared/words";
import { isWay } from "./locks";
import type { Edit } from "./usePlan";

const SHOWN = 8;

interface Props {
  sport: Sport;
  onEdit: (edit: Edit) => void;
}

/** Search as you type, by name or by what else coaches call it. */
export const AddDrill = memo(function AddDrill({ sport, onEdit }: Props) {
  const [text, setText] = useState("");
  const drills = useQuery({
    queryKey: ["drills"],
    queryFn: () => data(api.GET("/api/drills")),
    staleTime: Infinity,
  });
  const found = text.trim() === "" ? [] : search(drills.data ?? [], text, sport).slice(0, SHOWN);
  return (
    <Box mt="4" maxW="480px">
      <TextField label="Add a drill" placeholder="hip, A-skip, …" value={text} onChange={setText} />
      <Box as="ul" listStyleType="none" aria-label="Drills found">
        {found.map((d) => (
          <Box as="li" key={d.id} borderTop="1px solid var(--rule)">
            <Flex asChild w="100%" gap="3" py="1.5" textAlign="left" cursor="pointer">
              <button
                type="button"
                onClick={() => {
                  onEdit({ action: "ADD", drillId: d.id });
                  setText("");
                }}
              >
                <Box flex="1" fontWeight="600">
                  {d.name}
                </Box>
                <Box color="inkSoft" fontSize="sm">
                  {BLOCKS[d.block]}
                </Box>
              </button>
            </Flex>
          </Box>
        ))}
      </Box>
      {text.trim() !== "" && drills.data && found.length === 0 && (
        <Box color="inkSoft" fontSize="sm">
          No drill is called that.
        </Box>
      )}
    </Box>
  );
});

function search(drills: DrillSummary[], text: string, sport: Sport): DrillSummary[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return drills
    .filter((d) => !isWay(d))
    .filter((d) => {
      const names = [d.name, ...d.aliases].join(" ").toLowerCase();
      return words.every((w) => names.includes(w));
    })
    .toSorted((a, b) => Number(b.sports.includes(sport)) - Number(a.sports.includes(sport)));
}
