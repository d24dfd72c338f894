import { useQuery } from "@tanstack/react-query";
import { call } from "../shared/api";

interface AcrossProps {
  session: string;
  version: number;
  pass: string;
  onTurn: (pass: string) => void;
}

/** Of a drill that travels: how often it fits across the room, and the turn at the wall. */
export function AcrossRoom({ session, version, pass, onTurn }: AcrossProps) {
  const { data } = useQuery({
    queryKey: ["across", session, pass, version],
    queryFn: () => call(`sessions/${session}/across?pass_id=${pass}`),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  if (!data) return null;
  return (
    <p className="mt-1 flex flex-wrap items-center gap-2 pl-10 text-sm" data-across={data.fits}>
      {data.says}
      {data.ways.length > 1 && (
        <button type="button" className="btn btn-xs" onClick={() => onTurn(pass)}>
          Turn at the wall
        </button>
      )}
    </p>
  );
}
