import { Navigate } from "react-router";
import { sentence } from "../shared/api";
import { Waiting } from "../shared/Shell";
import { useTitle } from "../shared/useTitle";
import { Beginnings } from "./Beginnings";
import { useBeginnings } from "./useBeginnings";

/** Where Kemvo opens: with how to begin while there is nothing, else with today where there is a class, or with the forms. */
export function HomePage() {
  const { data, error } = useBeginnings();
  useTitle(data?.empty ? "Begin" : "");
  if (!data) return <Waiting error={error && sentence(error)} />;
  if (!data.empty) return <Navigate to={data.classes ? "/today" : "/forms"} replace />;
  return (
    <div className="mx-auto max-w-5xl">
      <h1 className="mb-3 text-3xl">How would you like to begin?</h1>
      <Beginnings />
    </div>
  );
}
