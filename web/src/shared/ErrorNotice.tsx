import { Box, Button } from "@chakra-ui/react";

/** What went wrong, in words, with a way on. */
export function ErrorNotice({ error, onRetry }: { error: unknown; onRetry?: () => void }) {
  const words = error instanceof Error ? error.message : "Something went wrong.";
  return (
    <Box role="alert" borderLeft="4px solid var(--caution)" bg="paperRaised" px="4" py="3">
      <Box as="strong" color="caution">
        That did not work.
      </Box>{" "}
      {words}
      {onRetry && (
        <Button ml="4" onClick={onRetry}>
          Try again
        </Button>
      )}
    </Box>
  );
}
