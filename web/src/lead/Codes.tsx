import { useQueries } from "@tanstack/react-query";
import { api, data } from "../api/client";
import type { SquadSheet } from "../api/types";
import { linkTo } from "../shared/address";
import { ErrorNotice } from "../shared/ErrorNotice";
import { LinkCard } from "../shared/LinkCard";
import css from "./lead.module.css";

/** The link of each who follows, to hold up to their phones; made now where there is none. */
export function Codes({ columns }: { columns: SquadSheet["columns"] }) {
  const links = useQueries({
    queries: columns.map(({ prescriptionId: id }) => ({
      queryKey: ["code", id],
      queryFn: () =>
        data(api.POST("/api/prescriptions/{id}/hand-over", { params: { path: { id } } })),
      staleTime: Infinity,
    })),
  });
  const failed = links.find((link) => link.error);
  return (
    <>
      {failed && <ErrorNotice error={failed.error} onRetry={() => void failed.refetch()} />}
      <ul className={css.codes}>
        {columns.map((column, i) => {
          const token = links[i]?.data?.token;
          return (
            <li key={column.prescriptionId}>
              <b>{column.name}</b>
              {token && (
                <LinkCard link={linkTo(`/f/${token}`)} opens={`the warm-up of ${column.name}`} />
              )}
            </li>
          );
        })}
      </ul>
    </>
  );
}
