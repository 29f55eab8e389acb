// How far work on a squad has come.
import { Flex, Progress } from "@chakra-ui/react";

export function Advance({
  done,
  total,
  label,
  words,
}: {
  done: number;
  total: number;
  /** What is counted. */
  label: string;
  words: string;
}) {
  return (
    <Flex gap="3" align="center">
      <Progress.Root value={done} max={Math.max(1, total)} w="220px">
        <Progress.Track aria-label={label}>
          <Progress.Range />
        </Progress.Track>
      </Progress.Root>
      <span>{words}</span>
    </Flex>
  );
}
