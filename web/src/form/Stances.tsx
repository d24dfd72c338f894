import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { call, type Manner, type OwnStance } from "../shared/api";
import { Choose } from "../shared/Choose";
import { Labelled } from "../shared/Labelled";
import { NumberField } from "../shared/NumberField";

interface StancesProps {
  formId: string;
  version: number;
  stances: Manner["stances"];
  change: (stances: OwnStance[]) => void;
}

type Length = Exclude<keyof OwnStance, "id">;

interface StanceField {
  key: Length;
  name: string;
  /** How many of what is shown make one of what is kept. */
  per: number;
  /** Only where one foot is in front. */
  sided?: boolean;
}

const FIELDS: readonly StanceField[] = [
  { key: "along", name: "Length, % of height", per: 100, sided: true },
  { key: "across", name: "Width, % of shoulders", per: 100 },
  { key: "front_deg", name: "Front foot out, degrees", per: 1 },
  { key: "back_deg", name: "Back foot out, degrees", per: 1, sided: true },
  { key: "front_least", name: "Front-leg weight, min %", per: 1 },
  { key: "front_most", name: "In front, most %", per: 1 },
];

const ALIKE: Partial<Record<Length, string>> = {
  front_deg: "Feet out, degrees",
  front_least: "On a leg, least %",
  front_most: "On a leg, most %",
};

/** The stances of the form's school; each can be had otherwise. */
export function Stances({ formId, version, stances = [], change }: StancesProps) {
  const [chosen, setChosen] = useState("bow");
  const { data: rows } = useQuery({
    queryKey: ["stances", formId, version],
    queryFn: () => call(`forms/${formId}/stances`),
    placeholderData: keepPreviousData,
  });
  const row = rows?.find((x) => x.id === chosen);
  if (!rows || !row) return null;
  const own = stances.find((x) => x.id === row.id);

  const set = (part: Partial<OwnStance>) => {
    const next: OwnStance = { ...own, id: row.id, ...part };
    const told = FIELDS.some(({ key }) => next[key] != null);
    change([...stances.filter((x) => x.id !== row.id), ...(told ? [next] : [])]);
  };

  return (
    <fieldset className="grid gap-2">
      <Choose
        name="Stance"
        value={chosen}
        options={rows.map((x) => {
          const changed = stances.some((s) => s.id === x.id);
          return [x.id, changed ? `${x.title} (own)` : x.title] as const;
        })}
        onChoose={setChosen}
      />
      <div className="grid grid-cols-2 gap-2">
        {FIELDS.filter((f) => row.sided || !f.sided).map(({ key, name, per }) => {
          const title = row.sided ? name : (ALIKE[key] ?? name);
          const kept = own?.[key];
          return (
            <Labelled key={`${row.id} ${key}`} name={title}>
              <NumberField
                label={`${row.title}: ${title}`}
                value={kept == null ? null : Math.round(kept * per)}
                placeholder={String(Math.round(row[key] * per))}
                of={`OwnStance.${key}`}
                scale={1 / per}
                whole
                onNumber={(n) => set({ [key]: n / per })}
                onEmpty={() => set({ [key]: null })}
              />
            </Labelled>
          );
        })}
      </div>
      {own ? (
        <button
          type="button"
          className="btn btn-sm justify-self-start"
          onClick={() => change(stances.filter((x) => x.id !== row.id))}
        >
          As the school has it
        </button>
      ) : (
        <p className="quiet text-sm">School default. Type a number to override.</p>
      )}
    </fieldset>
  );
}
