import { Box, Button } from "@chakra-ui/react";
import { memo } from "react";
import type { Circumstances, Finding } from "../api/types";
import { SEVERITIES } from "../shared/words";
import type { Edit } from "./usePlan";

interface Props {
  findings: Finding[];
  circumstances: Circumstances;
  onEdit: (edit: Edit) => void;
}

const MARKS: Record<Finding["severity"], string> = { CAUTION: "◆", FAULT: "▲", NOTE: "○" };

/** What the coach should know, gravest first; told by mark and word, not by colour alone. */
export const Findings = memo(function Findings({ findings, circumstances, onEdit }: Props) {
  const unseen = findings.filter((f) => !f.seen);
  const seen = findings.filter((f) => f.seen);
  return (
    <Box as="section" aria-label="Checks">
      <Box as="h2" fontSize="lg" mb="1">
        Checks
      </Box>
      {findings.length === 0 && <Box color="inkSoft">Nothing to remark.</Box>}
      {unseen.map((f) => {
        const remedy = remedyEdit(f, circumstances);
        return (
          <div key={f.code + (f.itemId ?? "") + f.what} className="remark">
            <span aria-hidden className={f.severity === "NOTE" ? "mark note" : "mark"}>
              {MARKS[f.severity]}
            </span>
            <div>
              <b>
                {SEVERITIES[f.severity]}: {f.what}
              </b>{" "}
              {f.why} <span className="soft">({f.evidence})</span>
            </div>
            <Button alignSelf="flex-start" onClick={() => onEdit(remedy)}>
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

function remedyEdit(finding: Finding, circumstances: Circumstances): Edit {
  const remedy = finding.remedy;
  switch (remedy.action) {
    case "REFIT":
      return { action: "REFIT" };
    case "REMOVE":
      return { action: "REMOVE", itemId: remedy.itemId };
    case "DOSE":
      return { action: "DOSE", itemId: remedy.itemId, amount: remedy.amount };
    case "MINUTES":
      return {
        action: "CIRCUMSTANCES",
        circumstances: { ...circumstances, minutes: remedy.amount },
      };
    case "SEEN":
      return { action: "SEEN", finding: finding.code };
  }
}
