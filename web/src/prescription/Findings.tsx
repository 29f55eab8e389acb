import { Box, Button } from "@chakra-ui/react";
import { memo } from "react";
import type { Finding } from "../api/types";
import { SEVERITIES } from "../shared/words";
import type { Edit } from "./usePlan";
import clsx from "clsx";
import css from "./prescription.module.css";

interface Props {
  findings: Finding[];
  onEdit: (edit: Edit) => void;
}

const MARKS: Record<Finding["severity"], string> = { CAUTION: "◆", FAULT: "▲", NOTE: "○" };

/** What the coach should know, gravest first; told by mark and word, not by colour alone. */
export const Findings = memo(function Findings({ findings, onEdit }: Props) {
  const unseen = findings.filter((f) => !f.seen);
  const seen = findings.filter((f) => f.seen);
  return (
    <Box as="section" aria-label="Checks">
      <Box as="h2" fontSize="lg" mb="1">
        Checks
      </Box>
      {findings.length === 0 && <Box color="inkSoft">Nothing to point out.</Box>}
      {unseen.map((f) => {
        return (
          <div key={f.code + (f.itemId ?? "") + f.what} className={css.remark}>
            <span
              aria-hidden
              className={f.severity === "NOTE" ? clsx(css.mark, css.note) : css.mark}
            >
              {MARKS[f.severity]}
            </span>
            <div>
              <b>
                {SEVERITIES[f.severity]}: {f.what}
              </b>{" "}
              {f.why} <span className={css.soft}>({f.evidence})</span>
            </div>
            <Button alignSelf="flex-start" onClick={() => onEdit(f.remedy.edit)}>
              {f.remedy.label}
            </Button>
          </div>
        );
      })}
      {seen.length > 0 && (
        <Box fontSize="sm" color="inkSoft" borderTop="1px solid var(--rule)" py="2">
          Seen: {seen.map((f) => f.what).join(" ")}
        </Box>
      )}
    </Box>
  );
});
