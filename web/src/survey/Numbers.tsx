import type { Catalogue, Schemas } from "../api/client";
import { jobRecord } from "../job/useEdit";
import { DraftBox } from "../shell/DraftBox";
import { usePlace } from "../shell/Place";

type Judgement = Schemas["Judgement"];

/** The numbers behind a finding, which are judgements: to be seen, changed for this job, and set back. */
export function Numbers({ cause, catalogue }: { cause: string; catalogue: Catalogue }) {
  const { job, edit } = usePlace();
  const record = jobRecord(edit.session, job);
  const judgements = record.judgements ?? [];
  const given = catalogue.causes.find((c) => c.id === cause);
  if (!given) return null;
  const own = (sign: string | null) => judgements.find((j) => j.cause === cause && (j.sign ?? null) === sign);
  const save = (next: Judgement[]) =>
    edit.session.edit(`Likelihoods of ${given.title}`, [
      { key: `job:${job.id}`, before: record, after: { ...record, judgements: next } },
    ]);
  const put = (sign: string | null, change: Partial<Judgement>) => {
    const rest = judgements.filter((j) => !(j.cause === cause && (j.sign ?? null) === sign));
    save([...rest, { ...own(sign), cause, sign, ...change }]);
  };
  const prior = Math.max(...given.weights);
  const changed = judgements.some((j) => j.cause === cause);
  return (
    <details className="small">
      <summary>{changed ? "The numbers, changed for this job" : "The numbers"}</summary>
      <p className="soft">Judgements, not measurements: chance of the sign with this cause, and without it.</p>
      <table className="take">
        <tbody>
          <tr>
            <td>prior weight</td>
            <td style={{ width: 76 }}>
              <DraftBox
                label="Prior weight"
                value={own(null)?.weight ?? prior}
                onSet={(weight) => put(null, { weight })}
              />
            </td>
            <td />
          </tr>
          {given.evidence.map((e) => (
            <tr key={e.sign}>
              <td>{e.title}</td>
              <td>
                <DraftBox
                  label={`${e.title}: with this cause`}
                  step={0.05}
                  value={own(e.sign)?.ifCause ?? e.ifCause}
                  onSet={(ifCause) => put(e.sign, { ifCause })}
                />
              </td>
              <td style={{ width: 76 }}>
                <DraftBox
                  label={`${e.title}: without it`}
                  step={0.05}
                  value={own(e.sign)?.ifNot ?? e.ifNot}
                  onSet={(ifNot) => put(e.sign, { ifNot })}
                />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {changed && (
        <button type="button" className="btn tight" onClick={() => save(judgements.filter((j) => j.cause !== cause))}>
          Back to the numbers as given
        </button>
      )}
    </details>
  );
}
