// Names for the generated types; nothing here is written by hand but the names.
import type { components } from "./schema";

type Schemas = components["schemas"];

export type Me = Schemas["Me"];
export type AthleteView = Schemas["AthleteView"];
export type AthleteProfile = Schemas["AthleteProfile"];
export type ResultInput = Schemas["ResultInput"];
export type RestrictionInput = Schemas["RestrictionInput"];
export type SessionView = Schemas["SessionView"];
export type SessionDetails = Schemas["SessionDetails"];
export type LaterStart = NonNullable<SessionDetails["laterStarts"]>[number];
export type WarmUp = Schemas["WarmUp"];
export type PrescriptionView = Schemas["PrescriptionView"];
export type Circumstances = Schemas["CircumstancesView"];
export type Zones = Schemas["ZoneTable"];
export type Meaning = Schemas["Meaning"];
export type Prior = Schemas["PriorView"];
export type Stage = Schemas["StageView"];
export type PlanView = Schemas["PlanView"];
export type Item = Schemas["ItemView"];
export type Target = Schemas["TargetView"];
export type Segment = Schemas["SegmentView"];
export type Readiness = Schemas["ReadinessView"];
export type Finding = Schemas["FindingView"];
export type EditRequest = Schemas["EditRequest"];
export type Phrase = Schemas["Phrase"];
export type DoseEdit = Schemas["DoseEdit"];
export type DrillSummary = Schemas["DrillSummary"];
export type PlaceInfo = Schemas["PlaceInfo"];
export type Alternative = Schemas["AlternativeView"];
export type Conditions = Schemas["ConditionsView"];
export type Approach = Schemas["Approach"];
export type Question = Schemas["Question"];
export type DrillView = Schemas["DrillView"];
export type RevisionSummary = Schemas["RevisionSummary"];
export type RoutineView = Schemas["RoutineView"];
export type FollowView = Schemas["FollowView"];
export type FollowItem = Schemas["FollowItem"];
export type MineView = Schemas["MineView"];
export type InHandView = Schemas["InHandView"];
export type EventBatch = Schemas["EventBatch"];
export type FollowEvent = EventBatch["events"][number];
export type Received = Schemas["Received"];
export type SignalInput = Schemas["SignalInput"];
export type HeartView = Schemas["HeartView"];
export type HeartRange = HeartView["ranges"][number];
export type LeadView = Schemas["LeadView"];
export type LedView = Schemas["LedView"];
export type LeadState = Schemas["LeadState"];
export type LeadStep = Schemas["LeadStep"];
export type FollowedView = Schemas["FollowedView"];
/** What of an item the countdown axis draws. */
export type AxisItem = Pick<
  Item,
  | "id"
  | "block"
  | "name"
  | "dose"
  | "startsBefore"
  | "seconds"
  | "changeSeconds"
  | "recoverySeconds"
  | "effort"
  | "recoveryEffort"
>;
export type ClubSettings = Schemas["ClubSettings"];
export type CoachView = Schemas["CoachView"];
export type InvitationView = Schemas["InvitationView"];
export type Device = Schemas["Device"];
export type NewCoach = Schemas["NewCoach"];

export type Understood = Schemas["Understood"];
export type Forecast = Schemas["Forecast"];
export type Line = Schemas["Line"];

export type Sport = SessionDetails["sport"];
export type Stroke = NonNullable<SessionDetails["stroke"]>;
export type Kind = SessionDetails["kind"];
export type Place = SessionDetails["place"];
export type ComingFrom = SessionDetails["comingFrom"];
export type Kit = Item["kit"][number];
export type Block = Item["block"];
export type Surface = Conditions["surface"];
export type Position = DrillView["position"];
export type Region = RestrictionInput["region"];
export type HealthCondition = AthleteProfile["health"][number];
export type BlockView = Schemas["BlockView"];
export type BlockDefinition = Schemas["BlockDefinition"];
export type AthleteBlock = Schemas["AthleteBlock"];
export type BlockWeek = Schemas["Week"];
export type Emphasis = BlockWeek["emphasis"];
export type Change = Schemas["Change"];
export type BlockWarmUp = Schemas["WarmUpView"];
export type BlockPreview = Schemas["Preview"];
export type Interruption = Schemas["AthleteInterruption"];
export type WeekPattern = Schemas["Pattern"];
export type SquadSheet = Schemas["SquadSheet"];
export type SessionFile = Schemas["SessionFile"];
export type ImportLine = Schemas["ImportLine"];
export type CheckInInput = Schemas["CheckInInput"];
export type CheckInStanding = Schemas["Standing"];
export type CheckInView = Schemas["CheckInView"];
export type TodaysChange = CheckInView["proposed"][number]["change"];
export type Decided = Schemas["DecisionView"];
export type LookEntry = Schemas["LookEntry"];
export type LookInput = Schemas["LookInput"];
export type MarkInput = Schemas["MarkInput"];
export type CoachsDecision = Schemas["CoachsDecision"];
export type BoardView = Schemas["BoardView"];
export type BoardSession = Schemas["BoardSession"];
export type BoardAthlete = Schemas["BoardAthlete"];
export type BoardNow = Schemas["BoardNow"];
export type BoardState = Schemas["BoardState"];
export type Crossing = Schemas["CrossingView"];
export type BodyHistoryView = Schemas["BodyHistoryView"];
export type ClassView = Schemas["ClassView"];
export type RecordView = Schemas["RecordView"];
export type RecordInput = Schemas["RecordInput"];
export type AthletePageView = Schemas["AthletePageView"];
export type RangeView = Schemas["RangeView"];
export type UsualMeasure = Schemas["UsualView"]["measure"];
export type QuestionView = Schemas["QuestionView"];
export type QuestionInput = Schemas["QuestionInput"];
export type RecordingView = Schemas["RecordingView"];
export type RecordingFile = Schemas["RecordingFile"];
export type WeekReview = Schemas["WeekReview"];
export type AthleteHappened = Schemas["AthleteHappened"];
