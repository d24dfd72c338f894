/** What the row of a pass, its choices and its paces are given. */
import type { Choices, FormRow, Pass, PassLine } from "../shared/api";

export interface PassRowProps {
  pass: Pass;
  no: number;
  line: PassLine | undefined;
  forms: FormRow[];
  choices: Choices;
  change: (id: string, change: Partial<Pass>, how?: "typing") => void;
  copy: (id: string) => void;
  remove: (id: string) => void;
  /** Whether its choices are shown; otherwise they are told in one line. */
  open: boolean;
  onOpen: (id: string) => void;
  /** Of its session, as it is saved. */
  session: string;
  version: number;
  onTurn: (id: string) => void;
  /** Whether it stands in a group. */
  grouped: boolean;
}
