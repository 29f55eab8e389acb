import { Box, Button, Flex, SegmentGroup } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import { memo, useState } from "react";
import { api, data } from "../api/client";
import type { Item } from "../api/types";
import { clock, say, targetWords } from "../shared/units";
import { KITS } from "../shared/words";
import { isWay, LOCKS, locksOf } from "./locks";
import type { Edit } from "./usePlan";
import clsx from "clsx";
import css from "./prescription.module.css";

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
  const by = item.step;
  const setDose = (wanted: number) => {
    const to = Math.max(item.least, Math.min(item.most, wanted));
    setAsked({ from: item.amount, to });
    onEdit({ action: "DOSE", itemId: item.id, amount: to });
  };
  return (
    <section className={css.upClose} aria-label={item.name}>
      <h2>{item.name}</h2>
      <p>
        {item.reason} {item.without}
      </p>
      <div className={css.line}>
        <Button
          aria-label="Less"
          onClick={() => setDose(amount - by)}
          disabled={amount <= item.least}
        >
          −
        </Button>
        <div className={css.dose} data-testid="dose">
          {say(item.dose)}
        </div>
        <Button
          aria-label="More"
          onClick={() => setDose(amount + by)}
          disabled={amount >= item.most}
        >
          +
        </Button>
        <small className={css.soft}>
          {clock(item.seconds)}
          {item.changeSeconds > 0 && `, ${item.changeSeconds} s of it changing over`}
          {item.recoverySeconds > 0 && `, ${item.recoverySeconds} s recovery`}
        </small>
      </div>
      {item.target && <p>{targetWords(item.target)}</p>}
      <LockPicker item={item} onEdit={onEdit} />
      {(item.easier ?? item.harder) && <Rungs item={item} onEdit={onEdit} />}
      <div className={css.how}>
        {item.steps.map((s) => (
          <p key={s}>{s}</p>
        ))}
        <p className={css.said}>
          <b>Say:</b> {item.cues.join(" · ")}
        </p>
        <p className={css.said}>
          <b>Watch for:</b> {item.fault}
        </p>
        {item.caution && (
          <p className={clsx(css.said, css.care)}>
            <b>Care:</b> {item.caution}
          </p>
        )}
      </div>
      {!isWay(item) && (
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
    </section>
  );
});

/** Whether an amount lies between what was shown when asking and what was asked for. */
function isOnTheWay(amount: number, { from, to }: { from: number; to: number }): boolean {
  return amount >= Math.min(from, to) && amount <= Math.max(from, to);
}

/** What re-fitting, other minutes or another athlete's routine leave as it is. */
function LockPicker({ item, onEdit }: { item: Item; onEdit: (edit: Edit) => void }) {
  return (
    <SegmentGroup.Root
      aria-label="Re-fitting keeps"
      value={item.lock}
      onValueChange={({ value }) => {
        const lock = locksOf(item).find((l) => l === value);
        if (lock) onEdit({ action: "LOCK", itemId: item.id, lock });
      }}
    >
      <Box
        as="span"
        color="inkSoft"
        me="1"
        title="What re-fitting and other minutes leave as it is"
      >
        Keep
      </Box>
      {locksOf(item).map((lock) => (
        <SegmentGroup.Item key={lock} value={lock}>
          <SegmentGroup.ItemText>{LOCKS[lock]}</SegmentGroup.ItemText>
          <SegmentGroup.ItemHiddenInput />
        </SegmentGroup.Item>
      ))}
    </SegmentGroup.Root>
  );
}

/** The versions beside it, for the one in the group who needs another. */
function Rungs({ item, onEdit }: { item: Item; onEdit: (edit: Edit) => void }) {
  const versions = [
    { word: "Easier", rung: item.easier },
    { word: "Harder", rung: item.harder },
  ];
  return (
    <div className={clsx(css.line, css.small)}>
      {versions.map(
        ({ word, rung }) =>
          rung && (
            <span key={word}>
              <span className={css.soft}>{word}:</span>
              <Button
                variant="ghost"
                px="1.5"
                textDecoration="underline"
                title={`Put ${rung.name} in its place`}
                onClick={() => onEdit({ action: "SWAP", itemId: item.id, drillId: rung.drillId })}
              >
                {rung.name}
              </Button>
            </span>
          ),
      )}
    </div>
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
  if (!alternatives.data) return <Box fontSize="sm">Loading…</Box>;
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
