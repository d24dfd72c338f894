import { useQuery } from "@tanstack/react-query";
import { call, type Form, type Manner, type Sheet, type Who } from "../shared/api";
import { Choose } from "../shared/Choose";
import { Labelled } from "../shared/Labelled";
import { NumberField } from "../shared/NumberField";
import { RoomFields } from "./RoomFields";
import { Stances } from "./Stances";
import { WithinFields } from "./WithinFields";
import { WordPairs } from "./WordPairs";

interface CircumstancesProps {
  formId: string;
  version: number;
  form: Form;
  byItself: Sheet["by_itself"];
  change: (change: Partial<Form>) => void;
}

const OPENINGS = [
  ["v", "heels together, in a V"],
  ["together", "feet together"],
  ["parallel", "parallel, shoulder width"],
] as const;

/** How the school does it, for whom, and where. */
export function Circumstances({ formId, version, form, byItself, change }: CircumstancesProps) {
  const { data: tables } = useQuery({
    queryKey: ["tables"],
    queryFn: () => call("tables"),
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (!tables) return null;
  const { manner, who } = form;
  const setManner = (part: Partial<Manner>) => change({ manner: { ...manner, ...part } });
  const setWho = (part: Partial<Who>) => change({ who: { ...who, ...part } });
  return (
    <div className="grid gap-3" data-setting>
      <Choose
        name="School"
        value={manner.school}
        options={Object.entries(tables.schools).map(([id, row]) => [id, row.title] as const)}
        onChoose={(id) => {
          const row = tables.schools[id];
          if (row) setManner({ ...row.manner, stances: manner.stances });
        }}
      />
      <p className="quiet text-sm">{tables.schools[manner.school]?.says}</p>
      <div className="grid grid-cols-2 gap-2">
        {(
          [
            ["Bow stance: weight on front leg, %", "bow_front_pct"],
            ["Back foot angle, °", "back_foot_deg"],
            ["Max. weight when a foot pivots, %", "turn_load_pct"],
          ] as const
        ).map(([name, key]) => (
          <Labelled key={key} name={name}>
            <NumberField
              label={name}
              value={manner[key]}
              of={`Manner.${key}`}
              whole
              onNumber={(n) => setManner({ [key]: n })}
            />
          </Labelled>
        ))}
        <Choose
          name="Steps to the side land"
          value={manner.side_touch}
          options={[
            ["toe", "toes first"],
            ["heel", "heel first"],
          ]}
          onChoose={(id) => setManner({ side_touch: id as Manner["side_touch"] })}
        />
      </div>
      <Choose
        name="Opening stance"
        value={manner.opening}
        options={OPENINGS}
        onChoose={(id) => setManner({ opening: id as Manner["opening"] })}
      />
      <Choose
        name="Its front is"
        value={form.front}
        options={["north", "east", "south", "west"].map((x) => [x, x] as const)}
        onChoose={(id) => change({ front: id as Form["front"] })}
      />
      <Labelled name="Still before it begins, s">
        <NumberField
          label="Still time before the form begins, in seconds"
          value={form.lead_ms}
          of="Form.lead_ms"
          seconds
          onNumber={(lead_ms) => change({ lead_ms })}
        />
      </Labelled>
      <WithinFields {...{ form, byItself, change }} />
      <Stances
        {...{ formId, version, stances: manner.stances }}
        change={(stances) => setManner({ stances })}
      />
      <Choose
        name="Who it is for"
        value={who.group}
        options={tables.groups.map((x) => [x.id, x.title] as const)}
        onChoose={(id) => setWho({ group: id as Who["group"] })}
      />
      <div className="grid grid-cols-3 gap-2">
        <Labelled name="Height, cm">
          <NumberField
            label="Height in centimetres"
            value={who.stature_cm}
            of="Who.stature_cm"
            whole
            onNumber={(stature_cm) => setWho({ stature_cm })}
          />
        </Labelled>
        <Labelled name="Reach, cm">
          <NumberField
            label="Reach of the arms in centimetres"
            value={who.reach_cm ?? null}
            placeholder="arm"
            of="Who.reach_cm"
            whole
            onNumber={(reach_cm) => setWho({ reach_cm })}
            onEmpty={() => setWho({ reach_cm: null })}
          />
        </Labelled>
        <Labelled name="Step, %">
          <NumberField
            label="Size of step in percent"
            value={who.step_pct ?? null}
            placeholder="group"
            of="Who.step_pct"
            whole
            onNumber={(step_pct) => setWho({ step_pct })}
            onEmpty={() => setWho({ step_pct: null })}
          />
        </Labelled>
      </div>
      <WordPairs
        name="Your school’s terms (written = spoken), one per line"
        hint="ball = melon"
        pairs={form.phrases}
        onPairs={(phrases) => change({ phrases })}
      />
      <WordPairs
        name="Pronunciations: how the voice should say a word, one a line"
        hint="Taiji = tie jee"
        pairs={form.pronunciations}
        onPairs={(pronunciations) => change({ pronunciations })}
      />
      <RoomFields formId={formId} version={version} form={form} change={change} />
    </div>
  );
}
