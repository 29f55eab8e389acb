import { Box, Button, Flex } from "@chakra-ui/react";
import { QRCodeSVG } from "qrcode.react";
import { useState, type ReactNode } from "react";
import { isOfThisMachine } from "./address";
import { copy } from "./copy";
import { Soft } from "./panels";

interface Props {
  link: string;
  /** What opens when a phone looks at the code. */
  opens: string;
  /** Further things to do with it. */
  children?: ReactNode;
}

/** A link to give away: as a code for a phone's camera, to copy, to read. */
export function LinkCard({ link, opens, children }: Props) {
  const [copied, setCopied] = useState(false);
  const isFar = !isOfThisMachine(link);
  return (
    <Box w="100%">
      {isFar && (
        // Black on white whatever the page's colours: cameras want contrast and a quiet margin.
        <Box bg="white" p="3" w="fit-content" borderRadius="4px" mb="2">
          <QRCodeSVG value={link} size={176} level="M" title={`Code of the link to ${opens}`} />
        </Box>
      )}
      <Box fontSize="sm" mb="2" wordBreak="break-all">
        <a href={link} target="_blank" rel="noreferrer">
          <u>{link}</u>
        </a>
      </Box>
      {!isFar && (
        <Soft mb="2">
          Only this computer can open that. For phones, start Jubilee with JUBILEE_ADDRESS=0.0.0.0.
        </Soft>
      )}
      <Flex gap="2" wrap="wrap">
        <Button variant="solid" onClick={() => void copy(link).then(() => setCopied(true))}>
          {copied ? "Copied" : "Copy link"}
        </Button>
        {children}
      </Flex>
    </Box>
  );
}
