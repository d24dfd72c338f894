import { useQueryClient } from "@tanstack/react-query";
import { FileText, Footprints, PenLine } from "lucide-react";
import { type ReactNode, useState } from "react";
import { Link, useNavigate } from "react-router";
import { call, sentence } from "../shared/api";
import { FileButton } from "../shared/FileButton";
import { ANY_FILE, useOpenAnything } from "./useOpenAnything";

/** The three ways to begin with an empty Kemvo. */
export function Beginnings() {
  const navigate = useNavigate();
  const cache = useQueryClient();
  const open = useOpenAnything();
  const [told, setTold] = useState("");
  const doing = async (work: () => Promise<void>) => {
    try {
      await work();
    } catch (error) {
      setTold(sentence(error));
    }
  };
  const type = () =>
    doing(async () => {
      const made = await call("forms", "POST");
      navigate(`/forms/${made.id}`);
    });
  const look = () =>
    doing(async () => {
      await call("demo", "POST");
      navigate("/sessions");
      await cache.invalidateQueries();
    });
  return (
    <section aria-label="How to begin" data-beginnings>
      <p className="mb-4 max-w-3xl text-lg">
        Write a form down once: its postures, and what the legs do in each. Kemvo counts, keeps left and right
        in the mirror, and says every cue just before the body needs it.
      </p>
      <ul className="grid gap-3 md:grid-cols-3">
        <Way
          icon={<PenLine />}
          name="Type a form"
          says="Names first, then a line for each movement. Enter for the next one."
        >
          <button type="button" className="btn btn-primary" onClick={() => void type()}>
            Type a form
          </button>
        </Way>
        <Way
          icon={<FileText />}
          name="Bring in a text or file"
          says="A list of names, notes, a script, captions, a table; or drop any file on the page: sounds and films, too."
        >
          <Link className="btn btn-primary" to="/forms/text">
            Paste a text
          </Link>
          <FileButton
            label="File of any kind"
            accept={ANY_FILE}
            onFile={(file) => void doing(() => open(file))}
          >
            Open a file
          </FileButton>
        </Way>
        <Way
          icon={<Footprints />}
          name="Look around with the demo"
          says="Saltmarsh Hall, an invented village hall: two forms and two lessons. They stand beside what is yours, and go away again in one click."
        >
          <button type="button" className="btn btn-primary" onClick={() => void look()}>
            Look around
          </button>
        </Way>
      </ul>
      {told && (
        <div role="alert" className="alert alert-error mt-3">
          {told}
        </div>
      )}
    </section>
  );
}

function Way(props: { icon: ReactNode; name: string; says: string; children: ReactNode }) {
  return (
    <li className="rounded-box grid content-start gap-2 border border-base-300 bg-base-100 p-5">
      <span className="text-primary" aria-hidden="true">
        {props.icon}
      </span>
      <h2 className="text-xl">{props.name}</h2>
      <p className="flex-1">{props.says}</p>
      <p className="mt-1 flex flex-wrap gap-2">{props.children}</p>
    </li>
  );
}
