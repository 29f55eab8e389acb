import { Box, Grid, chakra } from "@chakra-ui/react";
import { Fragment, useEffect, useRef } from "react";
import type { Item } from "../api/types";
import { ember } from "../shared/ember";
import { Lock } from "../shared/icons";
import { clock, figures } from "../shared/units";
import { BLOCKS } from "../shared/words";

interface Props {
  items: Item[];
  chosen?: string;
  onChoose: (id: string) => void;
  onLock: (item: Item) => void;
  onRemove: (item: Item) => void;
}

const Small = chakra("button", {
  base: {
    minW: "28px",
    minH: "28px",
    display: "inline-flex",
    alignItems: "center",
    justifyContent: "center",
    borderRadius: "4px",
    color: "inkSoft",
    cursor: "pointer",
    _hover: { bg: "paperSunk", color: "ink" },
  },
});

/** The plan line by line, the same order and times as the axis above it. */
export function ItemList({ items, chosen, onChoose, onLock, onRemove }: Props) {
  return (
    <Box role="list" aria-label="The warm-up">
      {items.map((item, i) => (
        <Fragment key={item.id}>
          {items[i - 1]?.block !== item.block && (
            <Box as="h2" fontSize="md" mt={i === 0 ? "0" : "3"} mb="0.5">
              {BLOCKS[item.block]}
            </Box>
          )}
          <Row
            item={item}
            isChosen={item.id === chosen}
            onChoose={() => onChoose(item.id)}
            onLock={() => onLock(item)}
            onRemove={() => onRemove(item)}
          />
        </Fragment>
      ))}
    </Box>
  );
}

function Row({
  item,
  isChosen,
  onChoose,
  onLock,
  onRemove,
}: {
  item: Item;
  isChosen: boolean;
  onChoose: () => void;
  onLock: () => void;
  onRemove: () => void;
}) {
  const row = useRef<HTMLDivElement>(null);
  const wasChosen = useRef(isChosen);
  useEffect(() => {
    // Follow the keyboard, but do not scroll when the page opens.
    if (isChosen && !wasChosen.current) row.current?.scrollIntoView({ block: "nearest" });
    wasChosen.current = isChosen;
  }, [isChosen]);
  const target = item.target ? figures(item.target) : undefined;
  return (
    <Grid
      ref={row}
      role="listitem"
      templateColumns={{
        base: "56px 8px 1fr auto",
        md: "56px 8px minmax(0, 1fr) 128px 168px 60px",
      }}
      gap="2"
      alignItems="center"
      borderTop="1px solid var(--rule)"
      minH="36px"
      bg={isChosen ? "paperRaised" : "transparent"}
      outline={isChosen ? "1px solid var(--ink)" : "none"}
      px="1"
    >
      <Box fontSize="sm" color="inkSoft" textAlign="right">
        −{clock(item.startsBefore)}
      </Box>
      <Box h="22px" borderRadius="1px" style={{ background: ember(item.effort) }} />
      <Box asChild textAlign="left" cursor="pointer" minW="0" py="1">
        <button type="button" onClick={onChoose} aria-pressed={isChosen}>
          <Box fontWeight="600" lineHeight="1.2">
            {item.name}
          </Box>
        </button>
      </Box>
      <Box fontSize="sm" hideBelow="md">
        {item.dose}
      </Box>
      <Box fontSize="sm" hideBelow="md" lineHeight="1.15">
        {target && (
          <>
            <b>{target.main}</b> {target.unit}
            <Box as="span" display="block" color="inkSoft" fontSize="xs">
              {target.more.join(" · ")}
            </Box>
          </>
        )}
      </Box>
      <Box whiteSpace="nowrap" textAlign="right">
        <Small
          type="button"
          onClick={onLock}
          aria-label={item.locked ? `Unlock ${item.name}` : `Lock ${item.name}`}
          aria-pressed={item.locked}
          opacity={item.locked ? 1 : 0.55}
        >
          <Lock closed={item.locked} />
        </Small>
        {item.block !== "TRANSITION" && (
          <Small type="button" onClick={onRemove} aria-label={`Remove ${item.name}`}>
            ✕
          </Small>
        )}
      </Box>
    </Grid>
  );
}
