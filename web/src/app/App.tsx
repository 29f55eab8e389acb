import { Box } from "@chakra-ui/react";
import { useQuery, useQueryClient } from "@tanstack/react-query";
import {
  lazy,
  Suspense,
  useState,
  useSyncExternalStore,
  type ComponentType,
  type ReactNode,
} from "react";
import { BrowserRouter, Navigate, Route, Routes } from "react-router";
import { api, data } from "../api/client";
import { onStanding, standingNow } from "../api/standing";
import type { Me } from "../api/types";
import { DayPage } from "../session/DayPage";
import { arrivalAt } from "../people/Arrival";
import { setPublicUrl } from "../shared/address";
import { setHourCycle, setWeekStart } from "../shared/calendar";
import { setUsualMeasures } from "../shared/measures";
import { ErrorNotice } from "../shared/ErrorNotice";
import { Frame } from "./Frame";
import { Outage } from "./Outage";

// A page is fetched when it is opened; the day, where a coach begins, comes with the first view.
const AthletesPage = page(async () => (await import("../athlete/AthletesPage")).AthletesPage);
const BlockLayout = page(async () => (await import("../block/BlockForm")).BlockLayout);
const BlockPage = page(async () => (await import("../block/BlockPage")).BlockPage);
const BoardPage = page(async () => (await import("../board/BoardPage")).BoardPage);
const BuilderPage = page(async () => (await import("../prescription/BuilderPage")).BuilderPage);
const ClassPage = page(async () => (await import("../session/ClassPage")).ClassPage);
const ClubPage = page(async () => (await import("../people/ClubPage")).ClubPage);
const EditSessionPage = page(async () => (await import("../session/SessionPage")).EditSessionPage);
const LeadPage = page(async () => (await import("../lead/LeadPage")).LeadPage);
const LibraryPage = page(async () => (await import("../drill/LibraryPage")).LibraryPage);
const NewBlock = page(async () => (await import("../block/BlockForm")).NewBlock);
const ReviewPage = page(async () => (await import("../review/ReviewPage")).ReviewPage);
const SessionPage = page(async () => (await import("../session/SessionPage")).SessionPage);
const SignInPage = page(async () => (await import("../signin/SignInPage")).SignInPage);
const SquadSheetPage = page(async () => (await import("../block/SquadSheetPage")).SquadSheetPage);
const SweepPage = page(async () => (await import("../record/SweepPage")).SweepPage);
const WeeksPage = page(async () => (await import("../session/WeeksPage")).WeeksPage);

function page<P>(load: () => Promise<ComponentType<P>>) {
  return lazy(async () => ({ default: await load() }));
}

export function App() {
  return arrivalAt(window.location.pathname) ?? <Coaching />;
}

function Coaching() {
  const queries = useQueryClient();
  const standing = useSyncExternalStore(onStanding, standingNow);
  const me = useQuery({ queryKey: ["me"], queryFn: () => data(api.GET("/api/me")), retry: false });
  const [coach, setCoach] = useState<string>();
  if (me.data && me.data.coachId !== coach) setCoach(me.data.coachId);
  const isOut = standing === "SIGNED_OUT";
  if (!me.data) {
    if (me.isPending) return <Box p="8">Loading…</Box>;
    if (isOut) return opened(<SignInPage onSignedIn={() => void me.refetch()} />);
    return (
      <Box p="8">
        <ErrorNotice error={me.error} onRetry={() => void me.refetch()} />
        <Outage standing={standing} />
      </Box>
    );
  }
  setHourCycle(me.data.club.hourCycle);
  setWeekStart(me.data.club.weekStart);
  setUsualMeasures(me.data.club.measures);
  setPublicUrl(me.data.publicUrl);
  return (
    <>
      <Pages me={me.data} />
      <Outage standing={standing} />
      {isOut && (
        <SignInAgain
          onSignedIn={(signedIn) => {
            // Another coach's pages are none of this one's.
            if (signedIn !== coach) window.location.assign("/");
            void queries.invalidateQueries();
          }}
        />
      )}
    </>
  );
}

/** Over the page that one was on, which stays as it is, with what was typed. */
function SignInAgain({ onSignedIn }: { onSignedIn: (coachId: string) => void }) {
  return (
    <Box
      role="dialog"
      aria-modal="true"
      aria-label="Sign in again"
      position="fixed"
      inset="0"
      zIndex="20"
      bg="paper/90"
      overflow="auto"
    >
      {opened(<SignInPage isAgain onSignedIn={onSignedIn} />)}
    </Box>
  );
}

function Pages({ me }: { me: Me }) {
  return (
    <BrowserRouter>
      <Frame me={me}>
        <Routes>
          <Route path="/day/:date?" element={titled("Day", <DayPage today={me.today} />)} />
          <Route path="/board/:date?" element={titled("Board", <BoardPage today={me.today} />)} />
          <Route path="/weeks/:date?" element={titled("Weeks", <WeeksPage today={me.today} />)} />
          <Route
            path="/sessions/new"
            element={titled("New session", <SessionPage today={me.today} />)}
          />
          <Route path="/sessions/:id" element={titled("Session", <EditSessionPage />)} />
          <Route path="/sessions/:id/sheet" element={titled("Squad sheet", <SquadSheetPage />)} />
          <Route path="/sessions/:id/class" element={titled("Class", <ClassPage />)} />
          <Route path="/sessions/:id/lead" element={titled("Leading", <LeadPage />)} />
          <Route path="/block/new" element={titled("New block", <NewBlock today={me.today} />)} />
          <Route path="/block/:id/layout" element={titled("Week and groups", <BlockLayout />)} />
          <Route path="/block/:id?" element={titled("Block", <BlockPage />)} />
          <Route path="/block/:id/athlete/:athleteId" element={titled("Block", <BlockPage />)} />
          <Route path="/athletes/:id?" element={titled("Athletes", <AthletesPage />)} />
          <Route path="/athletes/:id/edit" element={titled("Athlete", <AthletesPage isEdited />)} />
          <Route path="/review/:date?" element={titled("Week", <ReviewPage today={me.today} />)} />
          <Route path="/sessions/:id/records" element={titled("Records", <SweepPage />)} />
          <Route path="/club" element={titled("Club", <ClubPage me={me} />)} />
          <Route path="/library" element={titled("Library", <LibraryPage />)} />
          <Route path="/prescriptions/:id" element={opened(<BuilderPage />)} />
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
      {opened(page)}
    </>
  );
}

function opened(page: ReactNode) {
  return <Suspense fallback={<Box>Loading…</Box>}>{page}</Suspense>;
}
