import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate } from "react-router";
import { call, sentence } from "../shared/api";
import { Choose } from "../shared/Choose";
import { Labelled } from "../shared/Labelled";
import { NumberField } from "../shared/NumberField";

/** A whole lesson laid out from a pattern: which form, what is new, what came before, how many minutes. */
export function LayOut() {
  const navigate = useNavigate();
  const forms = useQuery({ queryKey: ["forms", "list"], queryFn: () => call("forms") });
  const cache = useQueryClient();
  const patterns = useQuery({ queryKey: ["patterns"], queryFn: () => call("patterns") });
  const [formId, setFormId] = useState("");
  const [pattern, setPattern] = useState("two-angles");
  const [minutes, setMinutes] = useState<number | null>(45);
  const [ends, setEnds] = useState({ newFrom: 0, newTo: 0 });
  const [told, setTold] = useState("");
  const form = forms.data?.find((f) => f.id === formId) ?? forms.data?.[0];
  const chosen = patterns.data?.find((p) => p.id === pattern);
  if (!form || !patterns.data) return null;
  const make = async () => {
    try {
      const made = await call("sessions/lay-out", "POST", {
        pattern,
        form_id: form.id,
        new: form.posture_ids.slice(ends.newFrom, ends.newTo + 1),
        minutes,
      });
      navigate(`/sessions/${made.id}`);
    } catch (error) {
      setTold(sentence(error));
    }
  };
  const posture = (name: string, key: "newFrom" | "newTo") => (
    <Labelled name={name}>
      <select
        className="select select-sm w-full"
        aria-label={key === "newFrom" ? "First new posture" : "Last new posture"}
        value={ends[key]}
        onChange={(e) => {
          const n = Number(e.target.value);
          setEnds((x) =>
            key === "newFrom" ? { newFrom: n, newTo: Math.max(n, x.newTo) } : { ...x, newTo: n },
          );
        }}
      >
        {form.posture_titles.map((title, i) => (
          <option key={form.posture_ids[i]} value={i}>
            {i + 1} · {title}
          </option>
        ))}
      </select>
    </Labelled>
  );
  return (
    <details className="mx-auto mb-4 max-w-5xl rounded-box border border-base-300 bg-base-100 p-3">
      <summary className="cursor-pointer font-name text-lg font-semibold">Plan a lesson</summary>
      <div className="mt-2 grid grid-cols-1 gap-3 sm:grid-cols-2 lg:grid-cols-3">
        <Choose
          name="Pattern"
          value={pattern}
          options={patterns.data.map((x) => [x.id, x.title] as const)}
          onChoose={(id) => setPattern(id)}
        />
        <Choose
          name="Over the form"
          value={form.id}
          options={(forms.data ?? []).map((x) => [x.id, x.title || "Untitled form"] as const)}
          onChoose={(id) => {
            setFormId(id);
            setEnds({ newFrom: 0, newTo: 0 });
          }}
        />
        <Labelled name="Minutes">
          <NumberField
            label="Minutes of the lesson"
            value={minutes}
            least={1}
            most={360}
            onNumber={setMinutes}
            onEmpty={() => setMinutes(null)}
          />
        </Labelled>
        {posture("New today, from", "newFrom")}
        {posture("to", "newTo")}
        <div className="self-end">
          <button type="button" className="btn btn-primary btn-sm" onClick={() => void make()}>
            Create the lesson
          </button>
        </div>
      </div>
      {chosen && (
        <p className="mt-2 text-sm">
          {chosen.blocks.join(" · ")}{" "}
          {chosen.own && (
            <button
              type="button"
              className="link"
              onClick={async () => {
                cache.setQueryData(["patterns"], await call(`patterns/${chosen.id}`, "DELETE"));
                setPattern("two-angles");
              }}
            >
              Put this pattern away
            </button>
          )}
        </p>
      )}
      <p className="quiet mt-2 text-sm">
        What comes before the new postures in the form is treated as already taught.
      </p>
      {told && <p className="text-error">{told}</p>}
    </details>
  );
}
