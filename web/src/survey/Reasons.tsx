import type { Catalogue, SurfaceView } from "../api/client";
import { useChecks } from "../job/data";
import { usePlace } from "../shell/Place";
import { HazardList } from "../work/HazardList";
import { OtherTrades } from "../work/OtherTrades";
import { AcrossTheJob } from "./AcrossTheJob";
import { type Evidence, evidence, weighed } from "./findings";
import { Numbers } from "./Numbers";

/** What stops the work, why the surface fails, what was assumed, and which check would change something. */
export function Reasons({ view }: { view: SurfaceView }) {
  const { catalogue } = usePlace();
  const checks = useChecks(view.job, view.surface.id, view.version);
  const { main, less } = weighed(view.findings);
  return (
    <>
      <HazardList hazards={view.specification.hazards} />
      {view.holds.map((hold) => (
        <div key={hold.need} className="hold">
          <strong>Stopped. {hold.reason}</strong>
          <p>{hold.consequence}</p>
          <ul>
            {hold.frees.map((free) => (
              <li key={free}>{free}</li>
            ))}
          </ul>
          <OtherTrades others={hold.others} />
          {hold.meanwhile.length > 0 && <p>Meanwhile: {hold.meanwhile.join(" ")}</p>}
        </div>
      ))}
      <h3>Why it fails</h3>
      {view.findings.length === 0 && <p className="soft small">No sign of failure recorded, so nothing to explain.</p>}
      {main.map((f) => (
        <Finding key={f.cause} finding={f} catalogue={catalogue} />
      ))}
      {less.length > 0 && (
        <details className="less">
          <summary className="small soft">Less likely: {less.map((f) => f.title).join(" · ")}</summary>
          {less.map((f) => (
            <Finding key={f.cause} finding={f} catalogue={catalogue} />
          ))}
        </details>
      )}
      <h3 style={{ marginTop: 10 }}>Assumed</h3>
      {view.presumed.length === 0 && <p className="soft small">Nothing: everything that matters is recorded.</p>}
      {view.presumed.map((line) => (
        <p key={line} className="presumed">
          {line}
        </p>
      ))}
      <h3 style={{ marginTop: 10 }}>Worth checking next</h3>
      {checks.data?.length === 0 && (
        <p className="soft small">No check left would change the work or settle the cause.</p>
      )}
      {checks.data?.slice(0, 4).map((c) => (
        <article key={c.check} className="finding">
          <div className="how">
            <strong>
              {c.gate ? "First: " : ""}
              {c.title}
            </strong>
            <span className="soft small">
              {c.minutes} min{c.waitHours > 0 ? `, result after ${c.waitHours} h` : ""}
            </span>
          </div>
          {[...c.wouldChange, ...c.settles].map((line) => (
            <p key={line} className="small">
              {line}
            </p>
          ))}
          {c.hazard && <p className="caution">{c.hazard}</p>}
          <p className="small soft">
            {c.do} {c.source}
          </p>
        </article>
      ))}
      <AcrossTheJob />
    </>
  );
}

/** A cause with its two strongest signs and what speaks most against it; the rest at hand. */
function Finding({ finding, catalogue }: { finding: SurfaceView["findings"][number]; catalogue?: Catalogue }) {
  const { shown, more } = evidence(finding);
  const lines = (of: Evidence[]) => (
    <ul className="list small">
      {of.map((e) => (
        <li key={e.line} className={e.way}>
          {e.line}
        </li>
      ))}
    </ul>
  );
  return (
    <article className="finding">
      <div className="how">
        <span className="weight">{likely(finding.probability)}</span>
        <strong>{finding.title}</strong>
      </div>
      {lines(shown)}
      {more.length > 0 && (
        <details className="small">
          <summary>{more.length === 1 ? "one more sign" : `${more.length} more signs`}</summary>
          {lines(more)}
        </details>
      )}
      <p className="small soft">Cure: {finding.cures.join("; ")}.</p>
      {catalogue && <Numbers cause={finding.cause} catalogue={catalogue} />}
    </article>
  );
}

// Words, since the numbers behind them are judgements.
function likely(p: number) {
  const word = p >= 0.85 ? "very likely" : p >= 0.6 ? "likely" : p >= 0.25 ? "possible" : "less likely";
  return `${word}`;
}
