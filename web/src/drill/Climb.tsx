import { Box } from "@chakra-ui/react";
import type { CSSProperties } from "react";
import type { DrillView } from "../api/types";
import { adds } from "./find";
import css from "./LibraryPage.module.css";

/** A ladder, climbed from below: each rung with what it adds to the one under it. */
export function Climb({
  rungs,
  chosen,
  onChoose,
}: {
  rungs: DrillView[];
  chosen?: string;
  onChoose: (id: string) => void;
}) {
  return (
    <Box as="section" aria-label="Ladder">
      <Box as="h2" fontSize="lg" mb="1">
        The climb, {rungs.length} rungs
      </Box>
      <ol className={css.climb}>
        {rungs.map((rung, at) => (
          <li
            key={rung.id}
            className={rung.id === chosen ? css.here : undefined}
            style={{ "--step": Math.min(at, 5) } as CSSProperties}
          >
            <span className={css.number}>{rung.step}</span>
            <span>
              <button type="button" onClick={() => onChoose(rung.id)}>
                {rung.name}
              </button>
              <small>{adds(rung, rungs[at - 1])}</small>
            </span>
          </li>
        ))}
      </ol>
    </Box>
  );
}
