import { useId, type KeyboardEvent } from "react";
import type { Region } from "../api/types";
import { ONE_SIDE } from "../shared/words";
import {
  HEIGHT,
  PARTS,
  sideOf,
  SILHOUETTE,
  WIDTH,
  type Part,
  type Side,
  type View,
} from "./figure";
import clsx from "clsx";
import css from "./body.module.css";

/** How a place is, the worse the darker. */
export interface Shade {
  /** 0 for fine, then 1 stiff, 2 sore, 3 hurts. */
  degree: 0 | 1 | 2 | 3;
  /** What is said of it, after its name. */
  words: string;
  /** A figure on it, such as how much it hurts. */
  figure?: string;
}

interface Props {
  shadeOf: (region: Region, side: Side) => Shade;
  chosen?: { region: Region; side: Side } | undefined;
  /** Absent where the body is only looked at. */
  onChoose?: (region: Region, side: Side) => void;
}

/** The body from the front and from behind. */
export function Body(props: Props) {
  return (
    <div className={css.both}>
      <Figure view="FRONT" {...props} />
      <Figure view="BACK" {...props} />
    </div>
  );
}

const TITLES: Record<View, string> = { FRONT: "Front", BACK: "Back" };

function Figure({ view, ...props }: Props & { view: View }) {
  const id = useId();
  return (
    <figure className={css.figure}>
      <svg viewBox={`20 0 ${WIDTH - 40} ${HEIGHT}`} role="group" aria-label={TITLES[view]}>
        <defs>
          <pattern id={`${id}-1`} width="6" height="6" patternUnits="userSpaceOnUse">
            <path d="M0 6 L6 0" className={css.line} />
          </pattern>
          <pattern id={`${id}-2`} width="3.2" height="3.2" patternUnits="userSpaceOnUse">
            <path d="M0 3.2 L3.2 0" className={css.line} />
          </pattern>
        </defs>
        {[false, true].map((isMirrored) => (
          <g
            key={String(isMirrored)}
            transform={isMirrored ? `translate(${WIDTH} 0) scale(-1 1)` : undefined}
          >
            <path d={SILHOUETTE} className={css.silhouette} />
            {PARTS[view].map((part) => (
              <Place
                key={part.region}
                part={part}
                side={sideOf(view, isMirrored)}
                isMirrored={isMirrored}
                patterns={id}
                {...props}
              />
            ))}
          </g>
        ))}
      </svg>
      <figcaption>
        {TITLES[view]}
        <small>{view === "FRONT" ? "right · left" : "left · right"}</small>
      </figcaption>
    </figure>
  );
}

function Place({
  part,
  side,
  isMirrored,
  patterns,
  shadeOf,
  chosen,
  onChoose,
}: Omit<Props, "view"> & { part: Part; side: Side; isMirrored: boolean; patterns: string }) {
  const shade = shadeOf(part.region, side);
  const name = `${side.toLowerCase()} ${ONE_SIDE[part.region]}`;
  const fill =
    shade.degree === 1 || shade.degree === 2 ? `url(#${patterns}-${shade.degree})` : undefined;
  const isChosen = chosen?.region === part.region && chosen.side === side;
  const choose = onChoose && (() => onChoose(part.region, side));
  const [x, y] = middleOf(part.path);
  return (
    <>
      <path
        d={part.path}
        className={clsx(css.part, shade.degree === 3 && css.hurts, isChosen && css.chosen)}
        style={fill ? { fill } : undefined}
        aria-label={shade.words ? `${name}: ${shade.words}` : name}
        {...(choose
          ? {
              role: "button",
              tabIndex: 0,
              "aria-pressed": isChosen,
              onClick: choose,
              onKeyDown: (e: KeyboardEvent) => {
                if (e.key !== "Enter" && e.key !== " ") return;
                e.preventDefault();
                choose();
              },
            }
          : { role: "img" })}
      >
        <title>{shade.words ? `${name}: ${shade.words}` : name}</title>
      </path>
      {shade.figure && (
        <text
          x={isMirrored ? -x : x}
          y={y}
          transform={isMirrored ? "scale(-1 1)" : undefined}
          className={clsx(css.figureOn, shade.degree === 3 && css.onDark)}
        >
          {shade.figure}
        </text>
      )}
    </>
  );
}

/** About the middle of a shape: of the points that its path names. */
export function middleOf(path: string): [number, number] {
  const numbers = path.match(/-?[\d.]+/g)?.map(Number) ?? [];
  const xs = numbers.filter((_, i) => i % 2 === 0);
  const ys = numbers.filter((_, i) => i % 2 === 1);
  const middle = (of: number[]) => (Math.min(...of) + Math.max(...of)) / 2;
  return [middle(xs), middle(ys)];
}
