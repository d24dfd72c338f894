import type { Room } from "../shared/api";
import { Field } from "../shared/Field";
import { Labelled } from "../shared/Labelled";
import { NumberField } from "../shared/NumberField";

const SIDES = ["front", "right", "back", "left"] as const;

/** The floor of a room: its name, its size or its corners, and what its sides are called. */
export function RoomShape({ room, onRoom }: { room: Room; onRoom: (part: Partial<Room>) => void }) {
  return (
    <>
      <Field
        label="Name of the room"
        className="!border-base-300 bg-base-100"
        placeholder="Name of the room"
        value={room.title}
        onCommit={(title) => {
          onRoom({ title: title.slice(0, 200) });
          return true;
        }}
      />
      <div className="grid grid-cols-3 gap-2">
        {(
          [
            ["Width, m", "width"],
            ["Depth, m", "depth"],
            ["Front, °", "front_deg"],
          ] as const
        ).map(([name, key]) => (
          <Labelled key={key} name={name}>
            <NumberField
              label={name}
              value={room[key]}
              of={`Room.${key}`}
              onNumber={(n) => onRoom({ [key]: n })}
            />
          </Labelled>
        ))}
      </div>
      <Labelled name="Corners, if not rectangular (x y; x y; …, metres)">
        <Field
          label="Corners of the room: x y; x y; …"
          className="!border-base-300 bg-base-100"
          placeholder="0 0; 6 0; 6 3; 4 3; 4 5; 0 5"
          value={room.corners.map((c) => c.join(" ")).join("; ")}
          takes="Metres, two numbers for each corner: 0 0; 6 0; 6 4; 0 4."
          onCommit={(text) => {
            const corners = readCorners(text);
            if (corners) onRoom({ corners });
            return corners !== null;
          }}
        />
      </Labelled>
      <div className="grid grid-cols-2 gap-2">
        {SIDES.map((side) => (
          <Labelled key={side} name={`The ${side} is called`}>
            <Field
              label={`Name of the ${side} side`}
              className="!border-base-300 bg-base-100"
              value={room.sides[side]}
              onCommit={(name) => {
                onRoom({ sides: { ...room.sides, [side]: name.slice(0, 200) } });
                return true;
              }}
            />
          </Labelled>
        ))}
      </div>
    </>
  );
}

/** "0 0; 6 0; 6 5" as corners; null if it cannot be read, empty for none. */
function readCorners(text: string): [number, number][] | null {
  const parts = text.split(";").filter((p) => p.trim());
  const corners = parts.map((p) =>
    p
      .trim()
      .split(/[\s,]+/)
      .map(Number),
  );
  return corners.every((c) => c.length === 2 && c.every(Number.isFinite))
    ? (corners as [number, number][])
    : null;
}
