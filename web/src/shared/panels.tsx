// Parts of a page that hold words and controls, in one rhythm.
import { Box, type BoxProps } from "@chakra-ui/react";

/** A part below another, under a line. */
export function Section(props: BoxProps) {
  return (
    <Box
      as="section"
      display="grid"
      gap="2"
      justifyItems="start"
      mt="6"
      pt="3"
      borderTop="1px solid var(--rule)"
      {...props}
    />
  );
}

export function Title(props: BoxProps) {
  return <Box as="h2" fontFamily="heading" fontSize="lg" {...props} />;
}

/** What is good to know, beside what matters. */
export function Soft(props: BoxProps) {
  return <Box as="p" color="inkSoft" fontSize="sm" maxW="80ch" {...props} />;
}
