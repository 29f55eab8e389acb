import { memo, useEffect, useRef } from "react";
import type { Circumstances, Item } from "../api/types";
import { ember } from "../shared/ember";
import { Lock } from "../shared/icons";
import { clock, figures, say } from "../shared/units";
import { BLOCKS, PLACES } from "../shared/words";
import { LOCKS, isWay } from "./locks";
import { toggled } from "./shortcuts";
import type { Edit } from "./usePlan";
import clsx from "clsx";
import css from "./ItemList.module.css";

interface Props {
  items: Item[];
  circumstances: Circumstances;
  chosen?: string;
  onChoose: (id: string) => void;
  onEdit: (edit: Edit) => void;
}

/** The plan line by line, the same order and times as the axis above it. */
export const ItemList = memo(function ItemList({
  items,
  circumstances,
  chosen,
  onChoose,
  onEdit,
}: Props) {
  const places = placesOf(circumstances);
  return (
    <div role="group" aria-label="The warm-up">
      {parts(items).map((part) => (
        <section key={part.items[0]?.id} className={css.planPart}>
          {part.opens !== undefined && places.length > 1 && (
            <p className={css.place}>{places[part.opens]}</p>
          )}
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

/** Where it is done, place after place, with how long one is there. */
function placesOf(c: Circumstances): string[] {
  const elsewhere = (c.earlier ?? []).map(
    (stage) => `${PLACES[stage.place]}, ${stage.minutes} min, ${stage.temperature} °C`,
  );
  return [...elsewhere, `${PLACES[c.place]}, ${c.temperature} °C`];
}

/** Neighbours of one block together; a block may come twice, on land and on the machine. */
function parts(items: Item[]): Part[] {
  const joined: Part[] = [];
  let stage = -1;
  for (const item of items) {
    const last = joined.at(-1);
    const opens = item.stage === stage ? undefined : item.stage;
    if (opens === undefined && last?.block === item.block) last.items.push(item);
    else joined.push({ block: item.block, items: [item], opens });
    stage = item.stage;
  }
  return joined;
}

interface Part {
  block: Item["block"];
  items: Item[];
  /** The stage that begins with it, if one does. */
  opens: number | undefined;
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
      draggable={!isWay(item)}
      onDragStart={(event) => {
        dragged = { id: item.id, index };
        event.dataTransfer.effectAllowed = "move";
      }}
      onDragOver={(event) => {
        if (dragged && !isWay(item)) event.preventDefault();
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
        {item.block !== "TRANSFER" && (
          <button
            type="button"
            onClick={() => onEdit(toggled(item))}
            aria-label={isLocked ? `Unlock ${item.name}` : `Lock ${item.name}`}
            aria-pressed={isLocked}
            title={`Re-fitting keeps ${LOCKS[item.lock]}`}
          >
            <Lock closed={isLocked} />
          </button>
        )}
        {!isWay(item) && (
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
