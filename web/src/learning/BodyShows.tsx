import { Box } from "@chakra-ui/react";
import type { AthletePageView } from "../api/types";
import { Soft } from "../shared/panels";
import { bodyWords, count } from "./words";
import css from "./learning.module.css";

type Learned = AthletePageView["body"];

const WIDTH = 600;
const HEIGHT = 150;
const LEFT = 44;

/** How soon this body warms, as one moment after another has shown it. */
export function BodyShows({ body, name }: { body: Learned; name: string }) {
  if (body.moments + body.hearts === 0) {
    return (
      <Soft>
        Nothing yet: each time {name} takes the jacket off in a warm-up that is followed, or wears a
        strap, the simulation becomes a little more their own.
      </Soft>
    );
  }
  return (
    <>
      <Box fontSize="lg">{bodyWords(body)}</Box>
      {body.steps.length > 1 && <Narrowing steps={body.steps} />}
      <Soft>
        {body.steps.length > 1 &&
          `Each dot is a warm-up, the band four of five of what is believed of this body. Of ${body.steps.length} bands drawn beforehand ${body.held} held what came; ${Math.round(0.8 * body.steps.length)} should. `}
        {body.hearts > 0 &&
          `The heart was heard in ${body.hearts === 1 ? "one warm-up" : `${count(body.hearts)} warm-ups`}: it follows with ${Math.round(body.heartLag)} s, and rises ${rises(body.heartLevel)} for the same work. `}
        It is a model, and moves with every warm-up.
      </Soft>
    </>
  );
}

function rises(level: number): string {
  const share = Math.round(100 * Math.abs(level - 1));
  if (share < 2) return "as far as the usual heart";
  return `${share} % ${level > 1 ? "further" : "less far"} than the usual heart`;
}

function Narrowing({ steps }: { steps: Learned["steps"] }) {
  const values = steps.flatMap((s) => [s.low, s.high, Math.min(2.2, Math.max(0.45, s.seen))]);
  const least = Math.log(Math.min(0.6, ...values));
  const most = Math.log(Math.max(1.6, ...values));
  const x = (i: number) => LEFT + ((WIDTH - LEFT - 8) * (i + 0.5)) / steps.length;
  const y = (factor: number) =>
    HEIGHT - 8 - ((HEIGHT - 16) * (Math.log(factor) - least)) / (most - least);
  const held = (f: number) => Math.min(Math.exp(most), Math.max(Math.exp(least), f));
  const line = (of: (s: Learned["steps"][number]) => number) =>
    steps.map((s, i) => `${i === 0 ? "M" : "L"}${x(i).toFixed(1)} ${y(of(s)).toFixed(1)}`).join("");
  const back = [...steps]
    .map((s, i) => `L${x(i).toFixed(1)} ${y(s.low).toFixed(1)}`)
    .reverse()
    .join("");
  return (
    <figure className={css.chart}>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label="How soon this body warms">
        <path className={css.band} d={`${line((s) => s.high)}${back}Z`} />
        <path className={css.usual} d={`M${LEFT} ${y(1)}H${WIDTH}`} />
        <path className={css.middle} d={line((s) => s.middle)} />
        {steps.map((s, i) => (
          <circle
            key={i}
            className={s.isHeld ? css.seen : css.missed}
            cx={x(i)}
            cy={y(held(s.seen))}
            r="3"
          />
        ))}
        <text className={css.axis} x="0" y={y(1) + 4}>
          usual
        </text>
        <text className={css.axis} x="0" y={y(Math.exp(most)) + 10}>
          later
        </text>
        <text className={css.axis} x="0" y={y(Math.exp(least))}>
          sooner
        </text>
      </svg>
    </figure>
  );
}
