import { Button, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { Edit } from "./usePlan";

const MINUTES = [5, 10, 15, 20, 30, 45, 60];

/** The warm-up is done and the start is late: what keeps warm until then, in one touch. */
export function StartSlipped({ onEdit }: { onEdit: (edit: Edit) => void }) {
  const [isAsked, setAsked] = useState(false);
  if (!isAsked) return <Button onClick={() => setAsked(true)}>Start slipped…</Button>;
  return (
    <Flex gap="1" align="center" wrap="wrap" role="group" aria-label="The start is later by">
      <span>Later by</span>
      {MINUTES.map((minutes) => (
        <Button
          key={minutes}
          aria-label={`${minutes} minutes later`}
          onClick={() => {
            onEdit({ action: "START_SLIPPED", minutes });
            setAsked(false);
          }}
        >
          {minutes}
        </Button>
      ))}
      <span>min</span>
      <Button variant="ghost" aria-label="Not later after all" onClick={() => setAsked(false)}>
        ✕
      </Button>
    </Flex>
  );
}
