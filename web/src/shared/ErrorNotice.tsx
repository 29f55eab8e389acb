import { Box, Button } from "@chakra-ui/react";
import { Problem } from "../api/problem";

interface Props {
  error: unknown;
  onRetry?: () => void;
  /** Whether fields that were refused say so themselves. */
  isMarked?: boolean;
}

/** What went wrong, in words, with a way on. */
export function ErrorNotice({ error, onRetry, isMarked = false }: Props) {
  const words = error instanceof Error ? error.message : "Something went wrong.";
  const isSaidAbove = isMarked && error instanceof Problem && error.fields.length > 0;
  return (
    <Box role="alert" borderLeft="4px solid var(--caution)" bg="paperRaised" px="4" py="3">
      <Box as="strong" color="caution">
        {isSaidAbove ? "Not saved." : "That did not work."}
      </Box>{" "}
      {isSaidAbove ? "Change what is marked above, and save again." : words}
      {onRetry && (
        <Button ml="4" onClick={onRetry}>
          Try again
        </Button>
      )}
    </Box>
  );
}
