import { memo, useEffect, useRef } from "react";
import type { Item } from "../api/types";
import { ember } from "../shared/ember";
import { Lock } from "../shared/icons";
import { clock, figures, say } from "../shared/units";
import { BLOCKS } from "../shared/words";
import { LOCKS } from "./locks";
import { toggled } from "./shortcuts";
import type { Edit } from "./usePlan";
import clsx from "clsx";
import css from "./ItemList.module.css";

interface Props {
  items: Item[];
  chosen?: string;
  onChoose: (id: string) => void;
  onEdit: (edit: Edit) => void;
}

/** The plan line by line, the same order and times as the axis above it. */
export const ItemList = memo(function ItemList({ items, chosen, onChoose, onEdit }: Props) {
  return (
    <div role="group" aria-label="The warm-up">
      {parts(items).map((part) => (
        <section key={part.items[0]?.id} className={css.planPart}>
          <h2 className={css.planBlock}>{BLOCKS[part.block]}</h2>
          <div role="list" aria-label={BLOCKS[part.block]}>
            {part.items.map((item) => (
              <Row
                key={item.id}
                item={item}
                index={items.indexOf(item)}
                isChosen={item.id === chosen}
                onChoose={onChoose}
                onEdit={onEdit}
              />
            ))}
          </div>
        </section>
      ))}
    </div>
  );
});

/** Neighbours of one block together; a block may come twice, on land and on the machine. */
function parts(items: Item[]): { block: Item["block"]; items: Item[] }[] {
  const joined: { block: Item["block"]; items: Item[] }[] = [];
  for (const item of items) {
    const last = joined.at(-1);
    if (last?.block === item.block) last.items.push(item);
    else joined.push({ block: item.block, items: [item] });
  }
  return joined;
}

interface RowProps {
  item: Item;
  index: number;
  isChosen: boolean;
  onChoose: (id: string) => void;
  onEdit: (edit: Edit) => void;
}

/** The drill being dragged; only one can be. */
let dragged: { id: string; index: number } | undefined;

const Row = memo(function Row({ item, index, isChosen, onChoose, onEdit }: RowProps) {
  const row = useRef<HTMLDivElement>(null);
  const wasChosen = useRef(isChosen);
  useEffect(() => {
    // Follow the keyboard, but do not scroll when the page opens.
    if (isChosen && !wasChosen.current) row.current?.scrollIntoView({ block: "nearest" });
    wasChosen.current = isChosen;
  }, [isChosen]);
  const isLocked = item.lock !== "NONE";
  const target = item.target ? figures(item.target) : undefined;
  return (
    <div
      ref={row}
      role="listitem"
      className={isChosen ? clsx(css.planRow, css.chosen) : css.planRow}
      draggable={item.block !== "TRANSITION"}
      onDragStart={(event) => {
        dragged = { id: item.id, index };
        event.dataTransfer.effectAllowed = "move";
      }}
      onDragOver={(event) => {
        if (dragged && item.block !== "TRANSITION") event.preventDefault();
      }}
      onDrop={(event) => {
        event.preventDefault();
        if (dragged && dragged.id !== item.id) {
          onEdit({ action: "MOVE", itemId: dragged.id, places: index - dragged.index });
        }
        dragged = undefined;
      }}
    >
      <span className={css.at}>−{clock(item.startsBefore)}</span>
      <span className={css.heat} style={{ background: ember(item.effort) }} />
      <button
        type="button"
        className={css.name}
        onClick={() => onChoose(item.id)}
        aria-pressed={isChosen}
      >
        {item.name}
      </button>
      <span className={css.dose}>
        {say(item.dose)}
        {item.recoverySeconds > 0 && `, ${item.recoverySeconds} s easy`}
      </span>
      <span className={css.aim}>
        {target && (
          <>
            <b>{target.main}</b> {target.unit}
            <small>{target.more.join(" · ")}</small>
          </>
        )}
      </span>
      <span className={css.tools}>
        <button
          type="button"
          onClick={() => onEdit(toggled(item))}
          aria-label={isLocked ? `Unlock ${item.name}` : `Lock ${item.name}`}
          aria-pressed={isLocked}
          title={`Re-fitting keeps ${LOCKS[item.lock]}`}
        >
          <Lock closed={isLocked} />
        </button>
        {item.block !== "TRANSITION" && (
          <button
            type="button"
            onClick={() => onEdit({ action: "REMOVE", itemId: item.id })}
            aria-label={`Remove ${item.name}`}
          >
            ✕
          </button>
        )}
      </span>
    </div>
  );
});
