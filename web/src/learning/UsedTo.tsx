import { Box } from "@chakra-ui/react";
import { useState, type ReactNode } from "react";
import type { AthletePageView, RangeView } from "../api/types";
import { SelectField } from "../shared/fields";
import { Soft } from "../shared/panels";
import { SPORTS } from "../shared/sports";
import { KINDS } from "../shared/words";
import { Trends } from "./Trends";
import { figure, MEASURES } from "./words";
import css from "./learning.module.css";

type Usual = RangeView["usual"][number];

/** What they are used to before one kind of session; which one is chosen. */
export function UsedTo({
  ranges,
  points,
  name,
}: {
  ranges: readonly RangeView[];
  points: AthletePageView["points"];
  name: string;
}) {
  const [at, setAt] = useState(0);
  const range = ranges[at] ?? ranges[0];
  if (!range) {
    return (
      <Soft>
        Nothing is said of fewer than six warm-ups before one kind of session. What {name} is used
        to stands here from then on.
      </Soft>
    );
  }
  const options = Object.fromEntries(
    ranges.map((r, i) => [`${i}`, `${SPORTS[r.sport]}: ${KINDS[r.kind]} (${r.records})`]),
  );
  return (
    <>
      {ranges.length > 1 && (
        <Box w="min(100%, 320px)">
          <SelectField
            label="Before"
            options={options}
            value={`${at}`}
            onChange={(value) => setAt(Number(value))}
          />
        </Box>
      )}
      <Ranges range={range} />
      <Soft>
        Of {range.records} warm-ups before {KINDS[range.kind].toLowerCase()}: the stroke is the
        median, the line holds four of five, the block where the median is with 95 %.
      </Soft>
      <Box as="h3" fontWeight="600" mt="3">
        Over the weeks
      </Box>
      <Trends points={points.filter((p) => p.sport === range.sport && p.kind === range.kind)} />
      <Soft>Each dot is a warm-up, the step the median of four weeks.</Soft>
    </>
  );
}

/** Each count on a line of its own, and where today’s plan is on it. */
export function Ranges({
  range,
  now,
}: {
  range: RangeView;
  now?: Partial<Record<Usual["measure"], number>>;
}) {
  return (
    <div className={css.range}>
      {range.usual.map((usual) => (
        <Line key={usual.measure} usual={usual} now={now?.[usual.measure]} />
      ))}
    </div>
  );
}

const WIDTH = 300;
const HEIGHT = 26;

function Line({ usual, now }: { usual: Usual; now?: number | undefined }): ReactNode {
  const { name, unit } = MEASURES[usual.measure];
  const ends = [usual.low, usual.high, usual.sureLow, usual.sureHigh, now ?? usual.median];
  const room = Math.max(1, (Math.max(...ends) - Math.min(...ends)) / 2);
  const least = Math.max(0, Math.min(...ends) - room);
  const most = Math.max(...ends) + room;
  const x = (value: number) => (WIDTH * (value - least)) / (most - least);
  const words = `${figure(usual.median)}${unit ? ` ${unit}` : ""}, four of five from ${figure(usual.low)} to ${figure(usual.high)}`;
  return (
    <>
      <span>{name}</span>
      <b>
        {figure(usual.median)} {unit && <small>{unit}</small>}
      </b>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        preserveAspectRatio="none"
        role="img"
        aria-label={words}
      >
        <title>{words}</title>
        <rect
          className={css.sure}
          x={x(usual.sureLow)}
          width={Math.max(3, x(usual.sureHigh) - x(usual.sureLow))}
          y="7"
          height="12"
        />
        <path className={css.most} d={`M${x(usual.low)} 13H${x(usual.high)}`} />
        <path className={css.median} d={`M${x(usual.median)} 3V23`} />
        {now !== undefined && <ellipse className={css.now} cx={x(now)} cy="13" rx="5" ry="6" />}
      </svg>
    </>
  );
}
