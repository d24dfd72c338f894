/** What a window of the stage is for. */
import type { View } from "../shared/api";

export type Face = "class" | "instructor" | "prompter";

/** `view`: whose sides it shows; `silent`: the words are left to the instructor. */
export const FACES: readonly { id: Face; name: string; view: View; silent: boolean }[] = [
  { id: "class", name: "For the class", view: "class", silent: false },
  { id: "instructor", name: "For the instructor", view: "instructor", silent: false },
  { id: "prompter", name: "To talk yourself", view: "class", silent: true },
];
