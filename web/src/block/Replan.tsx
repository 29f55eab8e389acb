// What a change would lead to, before it is made: the weeks that would differ, for whom.
import { Box, Button, Flex, Table } from "@chakra-ui/react";
import type { BlockView } from "../api/types";
import { ErrorNotice } from "../shared/ErrorNotice";
import type { BlockEdit } from "./edits";
import { Advance } from "./Advance";
import { usePreviewOf } from "./useBlock";
import { shortDate } from "./Weeks";
import { Soft, Title } from "../shared/panels";

/** Athletes shown in full; of more only the names. */
const MOST = 4;

export function Replan({
  block,
  edit,
  isBusy,
  onApply,
  onLeave,
}: {
  block: BlockView;
  edit: BlockEdit;
  isBusy: boolean;
  onApply: () => void;
  onLeave: () => void;
}) {
  const preview = usePreviewOf(block, edit);
  const athletes = preview.data?.athletes ?? [];
  const isWhole = preview.data !== undefined && preview.data.done === preview.data.total;
  const nothing = isWhole && athletes.length === 0 && preview.data.sessions.length === 0;
  return (
    <Box
      as="section"
      aria-label="What would change"
      aria-live="polite"
      mb="4"
      px="4"
      py="3"
      border="2px solid var(--ink)"
      borderRadius="6px"
      bg="paperRaised"
    >
      <Flex as="header" gap="2.5" align="center">
        <Title flex="1">{edit.words}</Title>
        <Button variant="solid" disabled={isBusy || !preview.data} onClick={onApply}>
          Apply
        </Button>
        <Button onClick={onLeave}>Leave as it is</Button>
      </Flex>
      {preview.isPending && <p>Working out what would change…</p>}
      {preview.error && <ErrorNotice error={preview.error} />}
      {preview.data && !isWhole && preview.isFetching && (
        <Advance
          done={preview.data.done}
          total={preview.data.total}
          label="Athletes looked at"
          words={`Working out what would change: ${preview.data.done} of ${preview.data.total} athletes`}
        />
      )}
      {nothing && <p>Nothing else would change.</p>}
      {preview.data?.sessions.map((words) => (
        <p key={words}>{words}</p>
      ))}
      {athletes.slice(0, MOST).map((athlete) => (
        <div key={athlete.id}>
          <Box as="h3" mt="2" fontWeight="700">
            {athlete.name}
          </Box>
          <Table.Root>
            <Table.Body>
              {athlete.weeks.map((week) => (
                <Table.Row key={week.firstDay}>
                  <Table.ColumnHeader scope="row" whiteSpace="nowrap">
                    Week {week.number}
                    <Box as="small" color="inkSoft" fontWeight="400">
                      {" "}
                      {shortDate(week.firstDay)}
                    </Box>
                  </Table.ColumnHeader>
                  <Table.Cell color="inkSoft" textDecoration="line-through">
                    {week.before || "not in the block"}
                  </Table.Cell>
                  <Table.Cell aria-hidden="true">→</Table.Cell>
                  <Table.Cell>{week.after}</Table.Cell>
                </Table.Row>
              ))}
            </Table.Body>
          </Table.Root>
        </div>
      ))}
      {athletes.length > MOST && (
        <p>
          And for{" "}
          {athletes
            .slice(MOST)
            .map((a) => a.name)
            .join(", ")}
          .
        </p>
      )}
      <Soft>Past days, and warm-ups you have changed, stay as they are.</Soft>
    </Box>
  );
}
