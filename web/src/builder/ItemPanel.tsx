import { Box, Button, Flex } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, data } from "../api/client";
import type { Item } from "../api/types";
import { clock, targetWords } from "../shared/units";
import { KITS } from "../shared/words";
import { LOCKS, locksOf } from "./locks";
import { stepOf } from "./shortcuts";
import type { Edit } from "./usePlan";

interface Props {
  prescriptionId: string;
  item: Item;
  onEdit: (edit: Edit) => void;
}

/** One item up close: why it is there, how to do it, how much, and what could replace it. */
export const ItemPanel = memo(function ItemPanel({ prescriptionId, item, onEdit }: Props) {
  const [swapping, setSwapping] = useState(false);
  const [asked, setAsked] = useState<{ from: number; to: number }>();
  // Quick presses add up, even before the first has been answered.
  const amount = asked && isOnTheWay(item.amount, asked) ? asked.to : item.amount;
  const by = stepOf(item.unit, amount);
  const setDose = (wanted: number) => {
    const to = Math.max(item.least, Math.min(item.most, wanted));
    setAsked({ from: item.amount, to });
    onEdit({ action: "DOSE", itemId: item.id, amount: to });
  };
  return (
    <Box as="section" aria-label={item.name} bg="paperRaised" border="1px solid var(--rule)" p="4">
      <Box as="h2" fontSize="lg" mb="1">
        {item.name}
      </Box>
      <Box mb="2">
        {item.reason} <Box as="span">{item.without}</Box>
      </Box>
      <Flex gap="2" align="center" mb="2" wrap="wrap">
        <Button
          aria-label="Less"
          onClick={() => setDose(amount - by)}
          disabled={amount <= item.least}
        >
          −
        </Button>
        <Box fontWeight="700" minW="90px" textAlign="center" data-testid="dose">
          {item.dose}
        </Box>
        <Button
          aria-label="More"
          onClick={() => setDose(amount + by)}
          disabled={amount >= item.most}
        >
          +
        </Button>
        <Box color="inkSoft" fontSize="sm">
          {clock(item.seconds)}
          {item.changeSeconds > 0 && `, ${item.changeSeconds} s of it changing over`}
          {item.recoverySeconds > 0 && `, ${item.recoverySeconds} s recovery`}
        </Box>
      </Flex>
      {item.target && <Box mb="2">{targetWords(item.target)}</Box>}
      <Keeping item={item} onEdit={onEdit} />
      {(item.easier ?? item.harder) && <Rungs item={item} onEdit={onEdit} />}
      <Box fontSize="sm">
        {item.steps.map((s) => (
          <Box key={s}>{s}</Box>
        ))}
        <Box mt="1">
          <b>Say:</b> {item.cues.join(" · ")}
        </Box>
        <Box mt="1">
          <b>Watch for:</b> {item.fault}
        </Box>
        {item.caution && (
          <Box mt="1" color="caution">
            <b>Care:</b> {item.caution}
          </Box>
        )}
      </Box>
      {item.block !== "TRANSITION" && (
        <Box mt="3">
          <Button aria-expanded={swapping} onClick={() => setSwapping(!swapping)}>
            Swap {swapping ? "▴" : "▾"}
          </Button>
          {swapping && (
            <Swaps
              prescriptionId={prescriptionId}
              item={item}
              onSwap={(drillId) => onEdit({ action: "SWAP", itemId: item.id, drillId })}
            />
          )}
        </Box>
      )}
    </Box>
  );
});

/** Whether an amount lies between what was shown when asking and what was asked for. */
function isOnTheWay(amount: number, { from, to }: { from: number; to: number }): boolean {
  return amount >= Math.min(from, to) && amount <= Math.max(from, to);
}

/** What re-fitting, other minutes or another athlete's routine leave as it is. */
function Keeping({ item, onEdit }: { item: Item; onEdit: (edit: Edit) => void }) {
  return (
    <Flex
      role="radiogroup"
      aria-label="Re-fitting keeps"
      gap="1"
      mb="2"
      align="center"
      wrap="wrap"
      fontSize="sm"
    >
      <Box color="inkSoft" title="What re-fitting and other minutes leave as it is">
        Keep
      </Box>
      {locksOf(item).map((lock) => (
        <Button
          key={lock}
          role="radio"
          aria-checked={lock === item.lock}
          variant={lock === item.lock ? "solid" : "ghost"}
          px="2"
          onClick={() => onEdit({ action: "LOCK", itemId: item.id, lock })}
        >
          {LOCKS[lock]}
        </Button>
      ))}
    </Flex>
  );
}

/** The versions beside it, for the one in the group who needs another. */
function Rungs({ item, onEdit }: { item: Item; onEdit: (edit: Edit) => void }) {
  const versions = [
    { word: "Easier", rung: item.easier },
    { word: "Harder", rung: item.harder },
  ];
  return (
    <Flex gap="1" mb="2" fontSize="sm" wrap="wrap" align="center">
      {versions.map(
        ({ word, rung }) =>
          rung && (
            <Flex key={word} align="center" mr="2">
              <Box color="inkSoft">{word}:</Box>
              <Button
                variant="ghost"
                px="1.5"
                textDecoration="underline"
                title={`Put ${rung.name} in its place`}
                onClick={() => onEdit({ action: "SWAP", itemId: item.id, drillId: rung.drillId })}
              >
                {rung.name}
              </Button>
            </Flex>
          ),
      )}
    </Flex>
  );
}

function Swaps({
  prescriptionId,
  item,
  onSwap,
}: {
  prescriptionId: string;
  item: Item;
  onSwap: (drillId: string) => void;
}) {
  const alternatives = useQuery({
    queryKey: ["alternatives", prescriptionId, item.id],
    queryFn: () =>
      data(
        api.GET("/api/prescriptions/{id}/items/{itemId}/alternatives", {
          params: { path: { id: prescriptionId, itemId: item.id } },
        }),
      ),
  });
  if (!alternatives.data) return <Box fontSize="sm">One moment…</Box>;
  if (alternatives.data.length === 0) {
    return (
      <Box fontSize="sm" color="inkSoft" mt="2">
        Nothing else in the library can be done here by this athlete.
      </Box>
    );
  }
  return (
    <Box as="ul" listStyleType="none" mt="2" maxH="300px" overflowY="auto" aria-label="Swap for">
      {alternatives.data.map((a) => (
        <Box as="li" key={a.drillId} borderTop="1px solid var(--rule)">
          <Flex asChild w="100%" gap="3" py="1.5" cursor="pointer" textAlign="left">
            <button type="button" onClick={() => onSwap(a.drillId)}>
              <Box flex="1" fontSize="sm">
                <b>{a.name}</b>
                {a.kit.length > 0 && ` · ${a.kit.map((k) => KITS[k].toLowerCase()).join(", ")}`}
                <Box color="inkSoft" fontSize="xs">
                  {a.better.length > 0 && `more: ${a.better.join(", ")}. `}
                  {a.worse.length > 0 && `less: ${a.worse.join(", ")}.`}
                </Box>
              </Box>
              <Box fontSize="sm" color="inkSoft" whiteSpace="nowrap">
                {a.likeness > 0 && `${a.likeness} % alike, `}
                {a.secondsMore >= 0 ? "+" : "−"}
                {Math.abs(a.secondsMore)} s
              </Box>
            </button>
          </Flex>
        </Box>
      ))}
    </Box>
  );
}
