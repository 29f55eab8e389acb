import { Box, Button, Flex } from "@chakra-ui/react";
import { useState } from "react";
import type { AthleteView, LaterStart } from "../api/types";
import { Group, TextField } from "../shared/fields";
import { minutesBetween, plusMinutes } from "../shared/starts";

interface Props {
  athletes: readonly AthleteView[];
  /** Of the session, such as 17:30. */
  time: string;
  value: readonly LaterStart[];
  /** Nought minutes for whoever starts with the others. */
  onStart: (start: LaterStart) => void;
  error?: string | undefined;
}

/** Latest start after the session's, min. */
const LATEST = 720;

const after = (time: string, minutes: number) =>
  plusMinutes(`2000-01-01T${time}:00`, minutes).slice(11, 16);

/** Whoever does not start with the others: heats, lanes that are full, one from a late shift. */
export function LaterStarts({ athletes, time, value, onStart, error }: Props) {
  const [isOpen, setOpen] = useState(value.length > 0);
  if (!isOpen) {
    return (
      <Button variant="ghost" onClick={() => setOpen(true)}>
        Some start later…
      </Button>
    );
  }
  return (
    <Group label="First effort of each">
      <Flex gap="3" wrap="wrap">
        {athletes.map(({ id, profile }) => {
          const minutes = value.find((l) => l.athleteId === id)?.minutes ?? 0;
          return (
            <Box key={id} w="170px">
              <TextField
                label={profile.name}
                type="time"
                value={after(time, minutes)}
                onChange={(typed) =>
                  onStart({ athleteId: id, minutes: minutesBetween(time, typed) })
                }
                error={
                  minutes > LATEST
                    ? `${time} to ${after(time, LATEST)}; for earlier starts move the session`
                    : undefined
                }
                hint={minutes > 0 && minutes <= LATEST ? `${minutes} min later` : undefined}
              />
            </Box>
          );
        })}
      </Flex>
      {error && (
        <Box role="alert" fontSize="sm">
          ▲ Accepted: {error}
        </Box>
      )}
    </Group>
  );
}
