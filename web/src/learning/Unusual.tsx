import { Box, Button } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data } from "../api/client";
import { Ranges } from "./UsedTo";
import { differs } from "./words";

/** Today’s plan against what its athlete is used to; nothing while too little is known. */
export function Unusual({
  prescriptionId,
  revision,
  name,
}: {
  prescriptionId: string;
  revision: number;
  name: string;
}) {
  const [isOpen, setOpen] = useState(false);
  const usual = useQuery({
    queryKey: ["usual", prescriptionId, revision],
    queryFn: () =>
      data(api.GET("/api/prescriptions/{id}/usual", { params: { path: { id: prescriptionId } } })),
  });
  const view = usual.data;
  if (!view?.range) return null;
  const { differences, range } = view;
  return (
    <Box as="section" aria-label={`Against what ${name} is used to`}>
      <Box as="h2" fontSize="lg" mb="1">
        {differences.length === 0 ? `As ${name} is used to` : `Not as ${name} is used to`}
      </Box>
      {differences.map((d) => (
        <Box key={d.measure}>{sentence(differs(d))}</Box>
      ))}
      <Button variant="ghost" size="sm" aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {range.records} warm-ups before such sessions {isOpen ? "▴" : "▾"}
      </Button>
      {isOpen && <Ranges range={range} now={view.now} />}
    </Box>
  );
}

function sentence(words: string): string {
  return `${words[0]?.toUpperCase() ?? ""}${words.slice(1)}.`;
}
