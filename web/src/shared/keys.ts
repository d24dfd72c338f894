/** Kemvo's keys: tables of what each page can do, and how a pressed key is matched to a row. */

export interface Key {
  /** What is pressed, as shown: "Alt ↑". */
  shown: string;
  does: string;
}

/** A pressed key as text: "Alt+Shift+ArrowUp", "Ctrl+KeyZ" (Ctrl stands for ⌘ as well). */
export function pressed(e: {
  altKey: boolean;
  ctrlKey: boolean;
  metaKey: boolean;
  shiftKey: boolean;
  code: string;
}): string {
  return `${e.ctrlKey || e.metaKey ? "Ctrl+" : ""}${e.altKey ? "Alt+" : ""}${e.shiftKey ? "Shift+" : ""}${e.code.replace("NumpadEnter", "Enter")}`;
}

export const EVERYWHERE: Key[] = [{ shown: "?", does: "Show the keys (F1 while typing)" }];

const EDITING: Key[] = [
  { shown: "Ctrl Z", does: "Undo" },
  { shown: "Ctrl Shift Z", does: "Redo" },
];

export const FORM_KEYS: Key[] = [
  { shown: "Enter", does: "New movement below" },
  { shown: "Ctrl Enter", does: "New posture below" },
  { shown: "Ctrl Shift Enter", does: "New section below" },
  { shown: "↑ ↓", does: "Row above, row below" },
  { shown: "Tab", does: "Next field: words, counts, weight, breath" },
  { shown: "Alt + / Alt −", does: "One count more, one less" },
  { shown: "Alt ← / Alt →", does: "Weight towards the left leg, the right leg" },
  { shown: "Alt L / Alt R / Alt E", does: "All left, all right, even (posture row: its side)" },
  { shown: "Alt I / Alt O / Alt F", does: "Breath in, out, free" },
  { shown: "Alt ↑ / Alt ↓", does: "Move the movement (posture row: the posture)" },
  { shown: "Alt W", does: "Apply everything read from the text" },
  { shown: "Alt C", does: "Correct a reading: ← → to the sign, then the key beside the change" },
  { shown: "Alt N / Alt Shift N", does: "Next finding of the read-through, the one before" },
  { shown: "Alt M", does: "Fix the selected problem" },
  { shown: "Alt A", does: "Ignore the selected problem" },
  { shown: "Alt 7 … Alt 0", does: "Side panel: row, read-through, setup, totals" },
  { shown: "Alt 1 … Alt 6", does: "Posture from the catalogue, while its name is typed" },
  { shown: "Alt D", does: "Copy below" },
  { shown: "Alt S", does: "Copy the posture below, other side" },
  { shown: "Alt Backspace", does: "Delete (Backspace in an empty row does too)" },
  { shown: "Shift ↑ / Shift ↓", does: "Choose several rows; then move, copy, delete, set all of them" },
  { shown: "Ctrl F", does: "Find in the form, and replace" },
  { shown: "Alt P", does: "New session over this form" },
  ...EDITING,
];

export const SESSION_KEYS: Key[] = [
  { shown: "Enter", does: "In a title: new pass below" },
  { shown: "Alt ↑ / Alt ↓", does: "Move the pass" },
  { shown: "Alt D", does: "Copy the pass" },
  { shown: "Alt Backspace", does: "Delete the pass" },
  { shown: "Alt F", does: "Fit it to the wished length" },
  { shown: "Alt P", does: "To the stage" },
  ...EDITING,
];

export const CLASS_KEYS: Key[] = [
  { shown: "Alt L", does: "Lay out the next lesson (What next)" },
  { shown: "Alt P", does: "To the stage, or lay it out where nothing is yet (Today)" },
  { shown: "← →", does: "Page of the class before, after" },
  ...EDITING,
];

export const DESK_KEYS: Key[] = [
  { shown: "↑ ↓", does: "Cue before, cue after" },
  { shown: "← →", does: "Begin a tenth of a second earlier, later, and pin (Shift: half a second)" },
  { shown: "Enter", does: "Change the words; Esc leaves them" },
  { shown: "Alt N / Alt Shift N", does: "Next problem, the one before" },
  { shown: "Alt 1 … Alt 3", does: "Take a cure of the chosen cue" },
  { shown: "Alt K", does: "Pin it where it is, or let it go" },
  { shown: "Alt X", does: "Leave it out, or take it back" },
  { shown: "Alt W", does: "Add words of your own after it" },
  { shown: "Alt L", does: "Listen from here, stop" },
  { shown: "Alt P", does: "To the stage" },
  ...EDITING,
];

export const BOOTH_KEYS: Key[] = [
  { shown: "Space", does: "Record the line, stop" },
  { shown: "↑ ↓", does: "Line before, line after" },
  { shown: "H", does: "Hear the take" },
  { shown: "Ctrl Z", does: "Bring the take back that was put away" },
];

export const RECORDING_KEYS: Key[] = [
  { shown: "Space", does: "Play, pause" },
  { shown: "Enter", does: "The posture begins now" },
  { shown: "M", does: "The movement begins now" },
  { shown: "S", does: "Stopped; then: on again" },
  { shown: "← →", does: "Two seconds back, on (Shift: a fifth of a second)" },
  { shown: "− +", does: "Slower, faster: half to one and a half" },
  { shown: "↑ ↓", does: "Posture before, posture after, and go there" },
  { shown: ", .", does: "Move the chosen mark a twenty-fifth of a second (Shift: a fifth)" },
  { shown: "Backspace", does: "Take the chosen mark away" },
  { shown: "N", does: "To what is best marked next" },
  { shown: "G", does: "Go over it again from the chosen posture" },
  ...EDITING,
];

export const STAGE_KEYS: Key[] = [
  { shown: "Space", does: "Play, pause" },
  { shown: "← →", does: "Movement back, on" },
  { shown: "Shift ← →", does: "Posture back, on" },
  { shown: "A / Page up", does: "This posture once more" },
  { shown: "L / Shift L", does: "This posture again and again; one posture more" },
  { shown: "Page down / . / B", does: "On to the next posture; on, where it waits" },
  { shown: "W", does: "Wait at the end of every posture" },
  { shown: "C", does: "Pause for a word; goes on from the posture’s beginning" },
  { shown: "Home", does: "From the beginning" },
  { shown: "− +", does: "Slower, faster: 60 to 140 %" },
  { shown: "V", does: "Whose sides: class, instructor, turned over" },
  { shown: "I", does: "For the class, for the instructor, to talk yourself" },
  { shown: "F", does: "Full screen" },
  { shown: "Esc", does: "Back to the session" },
];
