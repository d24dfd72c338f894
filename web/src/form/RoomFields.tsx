import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { call, type Form, type Room, sentence } from "../shared/api";
import { BLANK_ROOM } from "../shared/blanks";
import { Check } from "../shared/Check";
import { Labelled } from "../shared/Labelled";
import { NumberField } from "../shared/NumberField";
import { RoomShape } from "./RoomShape";

interface RoomFieldsProps {
  formId: string;
  version: number;
  form: Form;
  change: (change: Partial<Form>) => void;
}

/** The room, and where to begin in it. */
export function RoomFields({ formId, version, form, change }: RoomFieldsProps) {
  const { data: rooms } = useQuery({ queryKey: ["rooms", version], queryFn: () => call("rooms") });
  const room = form.room;
  const set = (part: Partial<Room>) => change({ room: { ...(room ?? BLANK_ROOM), ...part }, start: null });
  if (!room)
    return (
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-sm" onClick={() => change({ room: BLANK_ROOM })}>
          Add a room
        </button>
        {rooms?.map((r) => (
          <button
            key={JSON.stringify(r)}
            type="button"
            className="btn btn-sm"
            onClick={() => change({ room: r })}
          >
            {r.title || `${r.width} × ${r.depth} m`}
          </button>
        ))}
      </div>
    );
  return (
    <fieldset className="grid gap-2 rounded-box border border-base-300 p-2">
      <legend className="px-1 text-sm font-semibold">Room</legend>
      <RoomShape room={room} onRoom={set} />
      <CameraFields room={room} set={set} />
      <WhereToStand formId={formId} version={version} form={form} change={change} />
      <button
        type="button"
        className="btn btn-ghost btn-xs justify-self-start"
        onClick={() => change({ room: null, start: null })}
      >
        Remove room
      </button>
    </fieldset>
  );
}

const CAMERA = [
  ["x", "x, m"],
  ["y", "y, m"],
  ["towards_deg", "to, °"],
  ["wide_deg", "sees, °"],
  ["near", "from, m"],
] as const;

function CameraFields({ room, set }: { room: Room; set: (part: Partial<Room>) => void }) {
  const camera = room.camera;
  return (
    <div className="grid gap-1">
      <Check
        name="Filmed by a camera"
        on={!!camera}
        onChange={(on) => {
          if (!on) set({ camera: null });
          else void call("rooms/camera", "POST", room).then((camera) => set({ camera }));
        }}
      />
      {camera && (
        <div className="grid grid-cols-5 gap-1">
          {CAMERA.map(([key, name]) => (
            <Labelled key={key} name={name}>
              <NumberField
                label={`Camera: ${name}`}
                value={camera[key]}
                of={`Camera.${key}`}
                onNumber={(n) => set({ camera: { ...camera, [key]: n } })}
              />
            </Labelled>
          ))}
        </div>
      )}
    </div>
  );
}

const FACINGS = [
  ["front", "to the front"],
  ["four", "to any of the four sides"],
  ["all", "any direction"],
] as const;

/** Where to begin, and which way to face, so that the form fits. */
function WhereToStand({ formId, version, form, change }: RoomFieldsProps) {
  const [facings, setFacings] = useState<string>("");
  const { data, error, isFetching } = useQuery({
    queryKey: ["standing", formId, version, facings],
    queryFn: () => call(`forms/${formId}/standing?facings=${facings}`),
    enabled: facings !== "",
  });
  const take = data?.smaller ?? data?.best;
  return (
    <div className="grid gap-1.5" data-standing={data?.best.fits ?? ""}>
      <Labelled name="Suggested start position, facing">
        <select
          className="select select-sm w-full"
          value={facings}
          onChange={(e) => setFacings(e.target.value)}
        >
          <option value="">choose…</option>
          {FACINGS.map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
      </Labelled>
      {error && <p className="text-error">{sentence(error)}</p>}
      {isFetching && !data && <p className="quiet">Calculating…</p>}
      {data && (
        <>
          <p>{data.says}</p>
          <p className="quiet text-sm">{data.needs}</p>
          {data.facings.length > 1 && (
            <ul className="quiet text-sm">
              {data.facings.map((f) => (
                <li key={f.turned_deg}>
                  {f.fits ? "✓" : "✗"} {f.says}
                </li>
              ))}
            </ul>
          )}
          {take && (data.best.fits || data.smaller) && (
            <button
              type="button"
              className="btn btn-sm justify-self-start"
              onClick={() =>
                change({
                  start: take.spot,
                  ...(data.smaller && data.step_pct
                    ? { who: { ...form.who, step_pct: Math.round(data.step_pct) } }
                    : {}),
                })
              }
            >
              Use this start position
            </button>
          )}
        </>
      )}
      {form.start && (
        <p className="text-sm">
          The start is set.{" "}
          <button type="button" className="link" onClick={() => change({ start: null })}>
            Let Kemvo choose
          </button>
        </p>
      )}
    </div>
  );
}
