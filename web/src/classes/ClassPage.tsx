import { useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useLocation, useNavigate, useParams } from "react-router";
import {
  type ClassGroup,
  type ClassSheet,
  type ClassTables,
  type ClassView,
  call,
  type FormRow,
  sentence,
} from "../shared/api";
import { Field } from "../shared/Field";
import { KeysDialog } from "../shared/KeysDialog";
import { CLASS_KEYS } from "../shared/keys";
import { SaveState, SaveTrouble } from "../shared/SaveState";
import { Waiting } from "../shared/Shell";
import { TabList } from "../shared/TabList";
import { useDocument } from "../shared/useDocument";
import { useTitle } from "../shared/useTitle";
import { ClassSetup } from "./ClassSetup";
import { Courses } from "./Courses";
import { Logbook } from "./Logbook";
import { NextPanel } from "./NextPanel";

export const TABS = [
  { id: "next", name: "What next" },
  { id: "log", name: "Logbook" },
  { id: "course", name: "Course" },
  { id: "class", name: "Class" },
] as const;
type Tab = (typeof TABS)[number]["id"];

export default function ClassPage() {
  const { id = "", tab } = useParams();
  const { state } = useLocation();
  const view = useQuery({
    queryKey: ["classes", id],
    queryFn: () => call(`classes/${id}`),
    gcTime: 0,
  });
  const tables = useClassTables();
  const forms = useQuery({ queryKey: ["forms", "list"], queryFn: () => call("forms") });
  const error = view.error ?? tables.error ?? forms.error;
  if (!view.data || !tables.data || !forms.data) return <Waiting error={error && sentence(error)} />;
  // A class without a form has nothing yet but itself.
  const open =
    TABS.find((t) => t.id === tab)?.id ?? (state?.fresh || !view.data.body.form_id ? "class" : "next");
  return <ClassBook key={id} first={view.data} tables={tables.data} forms={forms.data} tab={open} />;
}

export function useClassTables() {
  return useQuery({ queryKey: ["class tables"], queryFn: () => call("classes/tables") });
}

interface BookProps {
  first: ClassView;
  tables: ClassTables;
  forms: FormRow[];
  tab: Tab;
}

function ClassBook({ first, tables, forms, tab }: BookProps) {
  const doc = useDocument<ClassGroup, ClassSheet>("classes", first);
  const { body: group, edit } = doc;
  const navigate = useNavigate();
  const { state } = useLocation();
  const learns = tab === "class" || forms.some((f) => f.id === group.form_id);
  useTitle(group.title || "Untitled class");
  // A class that was just made begins with its name.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only when the page is opened
  useEffect(() => {
    if (state?.fresh) document.querySelector<HTMLElement>('[aria-label="Name of the class"]')?.focus();
  }, []);
  return (
    <div className="mx-auto max-w-6xl" data-class={first.id}>
      <h1 className="sr-only">{group.title || "Untitled class"}</h1>
      <div className="flex flex-wrap items-start gap-x-4">
        <Link to="/classes" className="quiet py-2 text-sm hover:underline">
          Classes
        </Link>
        <div className="min-w-60 flex-1">
          <Field
            label="Name of the class"
            className="font-name !text-3xl font-semibold"
            placeholder="Name of the class"
            value={group.title}
            live
            onCommit={(title, how) => {
              edit((c) => ({ ...c, title: title.slice(0, 200) }), how);
              return true;
            }}
          />
          <p className="quiet px-2 text-sm">{doc.view.derived.when}</p>
        </div>
        <SaveState doc={doc} quiet={tab === "course"} />
      </div>
      <SaveTrouble doc={doc} />
      <TabList
        label="Pages of the class"
        className="mt-3 mb-4 max-w-2xl"
        tabs={TABS}
        chosen={tab}
        onChoose={(t) => navigate(`/classes/${first.id}/${t}`, { replace: true })}
      />
      {learns || (
        <p className="rounded-box border border-dashed border-base-300 p-6">
          {forms.length
            ? "Choose the form this class learns, under "
            : "A class learns a form: write one, or bring it in, under Forms. Then choose it under "}
          <Link className="underline" to={`/classes/${first.id}/class`}>
            Class
          </Link>
          .
        </p>
      )}
      {learns && tab === "next" && <NextPanel id={first.id} version={doc.view.version} />}
      {learns && tab === "log" && <Logbook id={first.id} version={doc.view.version} />}
      {learns && tab === "course" && <Courses id={first.id} group={group} tables={tables} forms={forms} />}
      {tab === "class" && (
        <ClassSetup group={group} sheet={doc.view.derived} tables={tables} forms={forms} edit={edit} />
      )}
      <KeysDialog keys={CLASS_KEYS} title="class" />
    </div>
  );
}
