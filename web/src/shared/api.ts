/** Calls to Kemvo's own server, and the types its description gives. */
import type { Answer, Body, Method, Schemas } from "./paths";

export type Form = Schemas["Form"];
export type Section = Schemas["Section"];
export type Posture = Schemas["Posture"];
export type Movement = Schemas["Movement"];
export type Sheet = Schemas["Sheet"];
export type MovementLine = Schemas["MovementLine"];
export type Totals = Schemas["Totals"];
export type FormRow = Schemas["FormRow"];
export type Session = Schemas["Session"];
export type Pass = Schemas["Pass"];
export type PassLine = Schemas["PassLine"];
export type Plan = Schemas["Plan"];
export type SessionRow = Schemas["SessionRow"];
export type CueLine = Schemas["CueLine"];
export type Desk = Schemas["Desk"];
export type CueFileView = Schemas["CueFileView"];
export type Booth = Schemas["Booth"];
export type BoothLine = Schemas["BoothLine"];
export type TakeView = Schemas["TakeView"];
export type CueChoice = Schemas["CueChoice"];
export type OwnCue = Schemas["OwnCue"];
export type Choices = Schemas["Choices"];
export type Stage = Schemas["Stage"];
export type StageSpan = Schemas["StageSpan"];
export type StageSound = Schemas["StageSound"];
export type View = Stage["view"];
export type Job = Schemas["JobView"];
export type Unreadable = Schemas["UnreadableView"];
export type Filling = Schemas["Filling"];
export type Suggestion = Schemas["Suggestion"];
export type Draft = Schemas["Draft"];
export type Floor = Schemas["Floor"];
export type FloorLine = Schemas["FloorLine"];
export type Print = FloorLine["left"];
export type Finding = Schemas["Finding"];
export type ReadAgain = Schemas["ReadAgain"];
export type Tables = Schemas["Tables"];
export type Manner = Schemas["Manner"];
export type OwnStance = Schemas["OwnStance"];
export type Who = Schemas["Who"];
export type Room = Schemas["Room"];
export type Camera = Schemas["Camera"];
export type Pattern = Schemas["PatternView"];
export type Recording = Schemas["Recording"];
export type RecordingSheet = Schemas["RecordingSheet"];
export type RecordingRow = Schemas["RecordingRow"];
export type Mark = Schemas["Mark"];
export type PlaceLine = Schemas["PlaceLine"];
export type Loudness = Schemas["LoudnessView"];
export type Problem = Schemas["Problem"];
export type Settings = Schemas["Settings"];
export type Beginnings = Schemas["Beginnings"];
export type Live = Schemas["Live"];
export type Stretch = Schemas["Stretch"];
export type TimeOffer = Schemas["TimeOffer"];
export type WorkStep = Schemas["WorkStep"];
export type Steps = Schemas["Steps"];
export type SettingsView = Schemas["SettingsView"];

export type ClassGroup = Schemas["ClassGroup"];
export type ClassSheet = Schemas["ClassSheet"];
export type ClassTables = Schemas["ClassTables"];
export type Lesson = Schemas["Lesson"];
export type LessonPart = Schemas["LessonPart"];
export type LessonSheet = Schemas["LessonSheet"];
export type OpenPoint = Schemas["OpenPoint"];
export type Course = Schemas["Course"];
export type CoursePlan = Schemas["CoursePlan"];
export type KeptRow = Schemas["KeptRow"];
export type Logbook = Schemas["Logbook"];
export type Account = Schemas["ClassAccount"];
export type Proposal = Schemas["Proposal"];
export type Today = Schemas["Today"];
export type HowFar = Schemas["HowFar"];
export type Point = Schemas["Point"];

export type Kept = "classes" | "lessons" | "courses";
export type Kind = "forms" | "sessions" | "recordings" | Kept;
export interface DocumentView<Body, Derived> {
  id: string;
  version: number;
  saved: string;
  can_undo: boolean;
  can_redo: boolean;
  removed: boolean;
  body: Body;
  derived: Derived;
}
export type FormView = DocumentView<Form, Sheet>;
/** What is decided about cues: in a session, or in a recording, which has its own. */
export type Decided = Pick<Session, "title" | "fullness" | "cue_choices" | "own_cues">;
export type ClassView = DocumentView<ClassGroup, ClassSheet>;
export type LessonView = DocumentView<Lesson, LessonSheet>;
export type CourseView = DocumentView<Course, CoursePlan>;
export type SessionView = DocumentView<Session, Plan>;
export type RecordingView = DocumentView<Recording, RecordingSheet>;

/** What the server could not do, with the sentences it says about it. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    readonly problems: Problem[],
    detail: string,
  ) {
    super(detail);
  }
}

/** A path that the server has with this method; any other does not compile. */
type Known<P extends string, M extends Method> = [Answer<P, M>] extends [never] ? never : P;

/** Ask the server. `lasting`: it is sent although the page is left meanwhile (for bodies of some kilobytes). */
export function call<const P extends string, M extends Method = "GET">(
  path: P & Known<P, M>,
  method?: M,
  body?: Body<P, M> | FormData,
  lasting = false,
): Promise<Answer<P, M>> {
  return asked(path, method, body, lasting);
}

/** Ask for one of the documents that all have the same paths, whichever kind it is. */
export const callAny = <T>(path: `${Kind}${string}`, method: Method = "GET", body?: unknown): Promise<T> =>
  asked<T>(path, method, body);

async function asked<T>(path: string, method: Method = "GET", body?: unknown, lasting = false): Promise<T> {
  const file = body instanceof FormData;
  const response = await fetch(`/api/${path}`, {
    method,
    body: file ? body : body === undefined ? undefined : JSON.stringify(body),
    headers: file || body === undefined ? {} : { "Content-Type": "application/json" },
    keepalive: lasting,
  });
  if (response.ok) return response.json();
  const told = await response.json().catch(() => ({}));
  throw new ApiError(
    response.status,
    told.problems ?? [],
    told.detail ?? `Kemvo answered with error ${response.status}.`,
  );
}

/** What is asked for after a path's question mark; what is empty is not asked. */
export const query = (fields: Record<string, string | number | boolean | null | undefined>): string =>
  new URLSearchParams(
    Object.entries(fields).flatMap(([name, value]) =>
      value === "" || value === null || value === undefined ? [] : [[name, String(value)]],
    ),
  ).toString();

/** A file with what goes with it, as it is sent. */
export function filed(file: File, fields: Record<string, string | number | boolean> = {}): FormData {
  const form = new FormData();
  form.append("file", file);
  for (const [name, value] of Object.entries(fields)) form.append(name, String(value));
  return form;
}

export function upload<const P extends string>(
  path: P & Known<P, "POST">,
  file: File,
  fields?: Record<string, string | number | boolean>,
): Promise<Answer<P, "POST">> {
  return call<P, "POST">(path, "POST", filed(file, fields));
}

export function sentence(error: unknown): string {
  if (error instanceof ApiError) return error.message;
  if (error instanceof TypeError)
    return "Kemvo cannot be reached. Is it still running? What is on this page is kept while it stays open.";
  return error instanceof Error ? error.message : String(error);
}
