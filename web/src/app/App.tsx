import { Box } from "@chakra-ui/react";
import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { BrowserRouter, Navigate, Route, Routes } from "react-router";
import { api, data } from "../api/client";
import { Problem } from "../api/problem";
import { AthletesPage } from "../athlete/AthletesPage";
import { BlockLayout, NewBlock } from "../block/BlockForm";
import { BlockPage } from "../block/BlockPage";
import { SquadSheetPage } from "../block/SquadSheetPage";
import { BuilderPage } from "../prescription/BuilderPage";
import { DayPage } from "../session/DayPage";
import { SessionPage } from "../session/SessionPage";
import { LibraryPage } from "../drill/LibraryPage";
import { setHourCycle } from "../shared/calendar";
import { ErrorNotice } from "../shared/ErrorNotice";
import { SignInPage } from "../signin/SignInPage";
import { Frame } from "./Frame";

export function App() {
  const me = useQuery({ queryKey: ["me"], queryFn: () => data(api.GET("/api/me")), retry: false });
  if (me.isPending) return <Box p="8">Loading…</Box>;
  if (me.error instanceof Problem && me.error.status === 401) {
    return <SignInPage onSignedIn={() => void me.refetch()} />;
  }
  if (!me.data) {
    return (
      <Box p="8">
        <ErrorNotice error={me.error} onRetry={() => void me.refetch()} />
      </Box>
    );
  }
  setHourCycle(me.data.hourCycle);
  return (
    <BrowserRouter>
      <Frame me={me.data}>
        <Routes>
          <Route path="/day/:date?" element={titled("Day", <DayPage today={me.data.today} />)} />
          <Route
            path="/sessions/new"
            element={titled("New session", <SessionPage today={me.data.today} />)}
          />
          <Route path="/sessions/:id/sheet" element={titled("Squad sheet", <SquadSheetPage />)} />
          <Route
            path="/block/new"
            element={titled("New block", <NewBlock today={me.data.today} />)}
          />
          <Route path="/block/:id/layout" element={titled("Week and groups", <BlockLayout />)} />
          <Route path="/block/:id?" element={titled("Block", <BlockPage />)} />
          <Route path="/block/:id/athlete/:athleteId" element={titled("Block", <BlockPage />)} />
          <Route path="/athletes/:id?" element={titled("Athletes", <AthletesPage />)} />
          <Route path="/library" element={titled("Library", <LibraryPage />)} />
          <Route path="/prescriptions/:id" element={<BuilderPage />} />
          <Route path="*" element={<Navigate to="/day" replace />} />
        </Routes>
      </Frame>
    </BrowserRouter>
  );
}

function titled(title: string, page: ReactNode) {
  return (
    <>
      <title>{`${title} · Jubilee`}</title>
      {page}
    </>
  );
}
