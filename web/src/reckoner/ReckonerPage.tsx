import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Input, Select, Skeleton } from "antd";
import { useDeferredValue, useState } from "react";
import { Link, useNavigate, useParams, useSearchParams } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { PageStrip } from "../shell/PageStrip";
import { asked, called, enough, figure, sought, written, wrongAtAll, wrongWith } from "./asked";
import { Sketch } from "./Sketch";

type Reckoner = Schemas["ReckonerView"];

/** The pocket reckoner: one sum at a time, a field for each thing asked, the answer at once and with its working. */
export function ReckonerPage() {
  const { kind } = useParams();
  const navigate = useNavigate();
  const [seek, setSeek] = useState("");
  const all = useQuery({
    queryKey: ["reckoners"],
    queryFn: () => ask(api.GET("/api/reckoners")),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const groups = all.data ?? [];
  const one = groups.flatMap((g) => g.reckoners).find((r) => r.id === kind) ?? groups[0]?.reckoners[0];
  const shown = sought(groups, seek);
  const first = shown[0]?.reckoners[0];
  return (
    <div className="frame">
      <PageStrip here="/reckoner" />
      <main className="reckoner">
        <nav className="sums" aria-label="Sums">
          <Input
            type="search"
            allowClear
            aria-label="Search sums"
            placeholder="what to reckon"
            value={seek}
            onChange={(e) => setSeek(e.target.value)}
            onPressEnter={() => first && navigate(`/reckoner/${first.id}`)}
          />
          {shown.map((g) => (
            <section key={g.title}>
              <h2>{g.title}</h2>
              <ul>
                {g.reckoners.map((r) => (
                  <li key={r.id}>
                    <Link to={`/reckoner/${r.id}`} aria-current={r.id === one?.id ? "page" : undefined}>
                      {called(r.id)}
                    </Link>
                  </li>
                ))}
              </ul>
            </section>
          ))}
          {all.data && shown.length === 0 && <p className="soft">No sum has that in its name.</p>}
        </nav>
        <Select
          className="sumpick"
          aria-label="Sum"
          showSearch={{ optionFilterProp: "label" }}
          value={one?.id}
          onChange={(id) => navigate(`/reckoner/${id}`)}
          options={groups.map((g) => ({
            label: g.title,
            options: g.reckoners.map((r) => ({ value: r.id, label: called(r.id) })),
          }))}
        />
        {all.isError && <p className="hold">{all.error.message}</p>}
        {!one && !all.isError && <Skeleton active={false} />}
        {one && <Sum key={one.id} of={one} />}
      </main>
    </div>
  );
}

function Sum({ of }: { of: Reckoner }) {
  // What is asked stands in the address, so that a sum can be kept, sent and gone back to.
  const [query, setQuery] = useSearchParams();
  const [typed, setTyped] = useState<Record<string, string>>(() => Object.fromEntries(query));
  const put = (name: string, text: string) => {
    const next = { ...typed, [name]: text };
    setTyped(next);
    setQuery(asked(of, next), { replace: true });
  };
  const question = useDeferredValue(JSON.stringify(asked(of, typed)));
  const outcome = useQuery({
    queryKey: ["reckon", of.id, question],
    queryFn: () =>
      ask(api.POST("/api/reckon/{kind}", { params: { path: { kind: of.id } }, body: JSON.parse(question) })),
    enabled: enough(of, typed),
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const ready = enough(of, typed);
  const problems = ready ? (outcome.data?.problems ?? []) : [];
  const answer = ready ? outcome.data?.answer : null;
  const missing = of.inputs.filter((i) => i.usual === null && (typed[i.name] ?? "").trim() === "");
  return (
    <>
      <section className="fields" aria-labelledby="sum">
        <h1 id="sum">{of.title}</h1>
        {of.inputs.map((input) => (
          <Field
            key={input.name}
            input={input}
            text={typed[input.name] ?? ""}
            wrong={wrongWith(input.name, problems)}
            onPut={(text) => put(input.name, text)}
          />
        ))}
      </section>
      <section className="answer" aria-label="Answer">
        {!ready && <p className="soft">Still wanted: {missing.map((i) => i.title).join("; ")}.</p>}
        {outcome.isError && <p className="hold">{outcome.error.message}</p>}
        {wrongAtAll(of, problems).map((p) => (
          <p key={p} className="hold">
            {p}
          </p>
        ))}
        {answer && (
          <>
            <div aria-live="polite">
              <Figures results={answer.results} />
            </div>
            <Sketch answer={answer} />
            {answer.warnings.map((w) => (
              <p key={w} className="beware">
                {w}
              </p>
            ))}
            <h2>Working</h2>
            <ol className="working">
              {answer.working.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ol>
          </>
        )}
        <p className="soft small">{of.source}.</p>
      </section>
    </>
  );
}

function Figures({ results }: { results: Schemas["ReckonedResult"][] }) {
  const last = results[results.length - 1];
  if (!last) return null;
  return (
    <>
      <p className="figure">
        <span>{last.name}</span>
        <b>
          {figure(last.value)} {written(last.unit)}
        </b>
      </p>
      <table className="take">
        <tbody>
          {results.slice(0, -1).map((r) => (
            <tr key={r.name}>
              <th scope="row">{r.name}</th>
              <td>
                {figure(r.value)} {written(r.unit)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}

function Field({
  input,
  text,
  wrong,
  onPut,
}: {
  input: Schemas["ReckonerInput"];
  text: string;
  wrong: string;
  onPut: (text: string) => void;
}) {
  const id = `ask-${input.name}`;
  const usual = input.usual ?? "";
  return (
    <div className="field">
      <label htmlFor={id}>
        {input.title}
        {input.usual === null && <span className="soft"> (wanted)</span>}
      </label>
      {input.kind === "choice" ? (
        <Select
          id={id}
          value={text || usual}
          onChange={onPut}
          showSearch={input.choices.length > 8}
          options={input.choices.map((c) => ({ value: c, label: c.replaceAll("-", " ") }))}
        />
      ) : (
        <Input
          id={id}
          value={text}
          placeholder={usual}
          suffix={input.kind === "number" ? written(input.unit) : undefined}
          status={wrong ? "error" : undefined}
          aria-invalid={wrong !== ""}
          aria-describedby={wrong ? `${id}-wrong` : undefined}
          inputMode={input.kind === "number" ? "decimal" : undefined}
          autoComplete="off"
          onChange={(e) => onPut(e.target.value)}
        />
      )}
      {wrong && (
        <span className="wrong small" id={`${id}-wrong`}>
          {wrong}
        </span>
      )}
    </div>
  );
}
