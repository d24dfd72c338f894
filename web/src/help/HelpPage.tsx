import { useEffect } from "react";
import { useLocation } from "react-router";
import sections from "../../../docs/guide.md";
import { useTitle } from "../shared/useTitle";

/** The guide, with nothing fetched from anywhere; opened at the part that the page before was about. */
export default function HelpPage() {
  const { hash } = useLocation();
  useTitle("Help");
  useEffect(() => {
    document.getElementById(hash.slice(1))?.scrollIntoView();
  }, [hash]);
  return (
    <div className="mx-auto grid max-w-5xl grid-cols-[minmax(0,1fr)] gap-6 md:grid-cols-[14rem_minmax(0,1fr)]">
      <nav aria-label="Parts of the guide" className="self-start md:sticky md:top-4">
        <ul className="grid gap-1">
          {sections.map((s) => (
            <li key={s.id}>
              <a className="inline-block min-h-7 hover:underline" href={`#${s.id}`}>
                {s.title}
              </a>
            </li>
          ))}
        </ul>
      </nav>
      <article className="guide">
        <h1 className="mb-2 text-3xl">Help</h1>
        {sections.map((s) => (
          <section key={s.id} id={s.id} className="mb-8 scroll-mt-4">
            <h2 className="mb-2 text-2xl">{s.title}</h2>
            {/* biome-ignore lint/security/noDangerouslySetInnerHtml: the guide is our own, made into HTML when the pages are built */}
            <div dangerouslySetInnerHTML={{ __html: s.html }} />
          </section>
        ))}
      </article>
    </div>
  );
}
