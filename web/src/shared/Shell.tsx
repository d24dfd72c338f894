import { useContext, useEffect } from "react";
import { NavLink, Outlet, useLocation } from "react-router";
import { partOf } from "../help/partOf";
import { DropAnywhere } from "../home/DropAnywhere";
import { FirstSteps } from "../home/FirstSteps";
import { DataTrouble, Framed, useDataTrouble } from "./DataTrouble";
import { UnderWay } from "./UnderWay";

const PLACES = [
  { to: "/today", name: "Today" },
  { to: "/classes", name: "Classes" },
  { to: "/forms", name: "Forms" },
  { to: "/postures", name: "Postures" },
  { to: "/sessions", name: "Sessions" },
  { to: "/recordings", name: "Recordings" },
];

const ASIDE = [
  { to: "/settings", name: "Settings" },
  { to: "/data", name: "Your data" },
];

/** The frame of every page but the stage: the name, and the places to go. */
export function Shell() {
  const { pathname } = useLocation();
  const place = [...PLACES, ...ASIDE].find((p) => p.to === pathname);
  // Lists have the name of their place; a document says its own.
  useEffect(() => {
    if (place) document.title = `${place.name} · Kemvo`;
  }, [place]);
  return (
    <div className="min-h-screen">
      <button
        type="button"
        className="btn btn-sm btn-primary sr-only focus:not-sr-only focus:absolute focus:top-2 focus:left-2 focus:z-10"
        onClick={() => document.getElementById("page")?.focus()}
      >
        To the page
      </button>
      <header className="no-print border-base-300 border-b">
        <div className="mx-auto flex max-w-[1800px] flex-wrap items-end gap-x-6 px-4 pt-3">
          <NavLink to="/" className="font-name flex items-center gap-2 pb-2 text-xl font-semibold">
            <img src="/mark.svg" alt="" className="h-6 w-6" />
            Kemvo
          </NavLink>
          <nav
            aria-label="Places"
            className="order-last flex w-full gap-x-1 overflow-x-auto lg:order-none lg:w-auto"
          >
            {PLACES.map((place) => (
              <NavLink
                key={place.to}
                to={place.to}
                className={({ isActive }) =>
                  `rounded-t-lg border-b-3 px-2 py-2 xl:px-4 ${isActive ? "border-primary font-semibold" : "quiet border-transparent hover:border-base-300"}`
                }
              >
                {place.name}
              </NavLink>
            ))}
          </nav>
          <span className="flex-1" />
          <UnderWay />
          <nav aria-label="Settings and data" className="flex gap-4">
            <NavLink
              to={{ pathname: "/help", hash: partOf(pathname) }}
              className={({ isActive }) =>
                `py-2 text-sm ${isActive ? "font-semibold" : "quiet hover:underline"}`
              }
            >
              Help
            </NavLink>
            {ASIDE.map((place) => (
              <NavLink
                key={place.to}
                to={place.to}
                className={({ isActive }) =>
                  `py-2 text-sm ${isActive ? "font-semibold" : "quiet hover:underline"}`
                }
              >
                {place.name}
              </NavLink>
            ))}
          </nav>
        </div>
      </header>
      <FirstSteps />
      <main id="page" tabIndex={-1} className="outline-none mx-auto max-w-[1800px] px-4 py-4">
        <DataTrouble />
        <DropAnywhere />
        <Framed value={true}>
          <Outlet />
        </Framed>
      </main>
    </div>
  );
}

/** What a page says while it waits, or when it could not be had. */
export function Waiting({ error }: { error: string | null }) {
  const trouble = useDataTrouble();
  const framed = useContext(Framed);
  if (framed && trouble && error?.includes(trouble.what)) return null; // it stands above the page already
  return error ? (
    <div role="alert" className="alert alert-error">
      <span>
        {error}{" "}
        <a href="/data" className="underline">
          Your data
        </a>
      </span>
    </div>
  ) : (
    <p className="quiet p-6">One moment…</p>
  );
}
