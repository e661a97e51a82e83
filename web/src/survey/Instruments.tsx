import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, ask, type Catalogue, type Schemas, type Surface } from "../api/client";

type Props = { surface: Surface; catalogue: Catalogue; onTaken: (reading: Schemas["Reading"]) => void };

/** The instruments in the bag, if any answer: a touch takes a reading and puts it on the surface. */
export function Instruments({ surface, catalogue, onTaken }: Props) {
  const bag = useQuery({
    queryKey: ["instruments"],
    queryFn: () => ask(api.GET("/api/instruments")),
    retry: false,
    staleTime: 30_000,
    refetchOnWindowFocus: false,
  });
  const [busy, setBusy] = useState("");
  const [problem, setProblem] = useState("");
  const family = catalogue.substrates.find((s) => s.id === surface.substrate)?.family;
  const suits = (check: string) => {
    const grounds = catalogue.checks.find((c) => c.id === check)?.grounds ?? [];
    return grounds.length === 0 || (family !== undefined && grounds.includes(family));
  };
  const take = async (id: string) => {
    setBusy(id);
    setProblem("");
    try {
      const got = await ask(
        api.POST("/api/instruments/{id}/read", {
          params: { path: { id } },
          body: { place: surface.id, species: null },
        }),
      );
      onTaken({ check: got.check, value: got.value, unit: got.unit, instrument: got.instrument, at: got.at });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setBusy("");
  };
  if (!bag.data?.instruments.length)
    return <p className="small soft">{bag.data?.problem ?? "No instrument answers; numbers are typed in."}</p>;
  return (
    <div className="bag">
      <span className="small soft">Read with</span>
      {bag.data.instruments
        .filter((i) => suits(i.check))
        .map((i) => (
          <button
            key={i.id}
            type="button"
            className="btn tight"
            disabled={busy !== ""}
            onClick={() => void take(i.id)}
            aria-label={`Read with the ${i.title}`}
          >
            {busy === i.id ? "reading …" : i.title}
          </button>
        ))}
      {problem && (
        <p className="caution" role="alert">
          {problem}
        </p>
      )}
    </div>
  );
}
