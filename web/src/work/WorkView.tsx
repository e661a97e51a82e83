import type { Option } from "../api/client";
import { SectionDrawing } from "../drawing/SectionDrawing";
import { useCatalogue } from "../job/data";
import { money } from "../shell/money";
import { usePlace } from "../shell/Place";
import { daysText, hoursText } from "../shell/words";
import { BriefPanel } from "./BriefPanel";
import { HazardList } from "./HazardList";
import { Impasse } from "./Impasse";
import { Order } from "./Order";
import { offered } from "./offered";
import { Plan } from "./Plan";
import { practices } from "./practice";
import { Stripping } from "./Stripping";

/** The options side by side, and the steps of the one chosen with their reasons. */
export function WorkView() {
  const { view, edit } = usePlace();
  const { data: catalogue } = useCatalogue();
  if (!view) return <p style={{ padding: 16 }}>Choose a surface first.</p>;
  const { meanwhile, then } = view.specification;
  const options = offered(view.specification);
  const chosen = options.find((o) => o.id === view.chosen) ?? options[0];
  const choose = (o: Option) => edit.draft && edit.change({ ...edit.draft, choice: o.id });
  return (
    <div className="work">
      <section className="compare" aria-label="Options side by side">
        <BriefPanel />
        <HazardList hazards={view.specification.hazards} />
        {view.specification.options.length === 0 && <Nothing />}
        {then && <OnceFreed freed={then.freed} />}
        {view.specification.notes.map((n) => (
          <p key={n} className="presumed">
            {n}
          </p>
        ))}
        <div className="columns">
          {options.map((o) => (
            <button
              key={o.id}
              type="button"
              className="option"
              aria-pressed={o.id === chosen?.id}
              onClick={() => choose(o)}
            >
              <h2>{o.name}</h2>
              <p className="small best">
                {o.otherSchool ? "the other school" : o.recommended ? "recommended" : o.bestAt.join(" · ") || " "}
              </p>
              <p className="small reason">{o.recommended}</p>
              {o.notMet.map((line) => (
                <p key={line} className="presumed small">
                  {line}
                </p>
              ))}
              <Bar word="cost" value={o.cost.amount} all={options.map((x) => x.cost.amount)} show={money(o.cost)} />
              <Bar
                word="days"
                value={o.elapsedDays}
                all={options.map((x) => x.elapsedDays)}
                show={daysText(o.elapsedDays)}
              />
              <Bar
                word="cost a year"
                value={o.costPerYear}
                all={options.map((x) => x.costPerYear)}
                show={money({ amount: o.costPerYear, currency: o.cost.currency })}
              />
              <Bar
                word="hazard"
                value={o.hazard}
                all={options.map((x) => x.hazard)}
                show={`${Math.round(o.hazard * 10) / 10}`}
              />
              <Bar
                word="lasts"
                value={o.lifeYears}
                all={options.map((x) => x.lifeYears)}
                show={`≈ ${o.lifeYears} y`}
                most
              />
            </button>
          ))}
        </div>
      </section>
      <section className="sheet" aria-label="Steps">
        <header>
          <h2>{chosen?.name ?? (meanwhile.length > 0 ? "What may be done meanwhile" : "No steps")}</h2>
          <span className="grow" />
          {chosen && (
            <span className="soft small">{`${hoursText(chosen.labourHours)} of work, ${chosen.steps.length} steps`}</span>
          )}
        </header>
        <div className="body">
          {meanwhile.length > 0 && (
            <>
              {chosen && <h3>What may be done meanwhile</h3>}
              {!chosen && (
                <p className="soft">
                  No specification yet: this opens the surface up. When it is done, set the substrate to what lay
                  beneath, and the work is specified.
                </p>
              )}
              <Plan steps={meanwhile} />
              {chosen && <h3>The plan once freed</h3>}
            </>
          )}
          {chosen && <Plan key={chosen.id} steps={chosen.steps} option={chosen.id} />}
          {view.section.old.length > 0 && <Stripping />}
        </div>
      </section>
      <aside className="sheet" aria-label="Section with this option">
        <header>
          <h2>New coats</h2>
        </header>
        <div className="body">
          <SectionDrawing section={view.section} option={chosen?.id} turn />
          {chosen && (
            <Lines title="Where practitioners differ" lines={practices(chosen.schools, catalogue?.questions ?? [])} />
          )}
          {chosen?.otherSchool && <p className="presumed">{chosen.otherSchool}</p>}
          {chosen && <Lines title="Why it fails, and what answers it" lines={chosen.causes.map((c) => c.line)} />}
          {chosen && <Lines title="When to prefer it" lines={chosen.preferWhen} />}
          {chosen && <Lines title="What it leaves undone" lines={chosen.leavesUndone} />}
          {chosen && <Lines title="What can still go wrong" lines={chosen.residualRisks} />}
          {chosen && <Lines title="What it assumes" lines={chosen.assumes} />}
          {view.specification.order && <Order order={view.specification.order} />}
          <Lines title="Always refused" lines={view.specification.refusals} />
        </div>
      </aside>
    </div>
  );
}

function Lines({ title, lines }: { title: string; lines: string[] }) {
  if (lines.length === 0) return null;
  return (
    <>
      <h3 style={{ marginTop: 8 }}>{title}</h3>
      <ul className="small">
        {lines.map((l) => (
          <li key={l}>{l}</li>
        ))}
      </ul>
    </>
  );
}

/** Marks what follows as the plan for afterwards. */
export function OnceFreed({ freed }: { freed: string[] }) {
  return (
    <p className="presumed">
      <strong>The plan once freed</strong>, to price and prepare by. Not to be started before {freed.join(", and ")}.
      Look again before it begins.
    </p>
  );
}

function Nothing() {
  const { view } = usePlace();
  return (
    <div className="hold">
      {view?.holds.map((h) => (
        <p key={h.need}>
          <strong>Stopped. {h.reason}</strong> {h.consequence} To go on: {h.frees.join("; ")}.
          {h.meanwhile.length > 0 && ` Meanwhile: ${h.meanwhile.join(" ")}`}
        </p>
      ))}
      {view?.specification.blocked && <Impasse view={view} />}
    </div>
  );
}

function Bar({
  word,
  value,
  all,
  show,
  most = false,
}: {
  word: string;
  value: number;
  all: number[];
  show: string;
  most?: boolean;
}) {
  const top = Math.max(...all, 0.0001);
  const best = value === (most ? Math.max(...all) : Math.min(...all));
  return (
    <span className={`bar${best ? " best" : ""}`}>
      <span className="soft">{word}</span>
      <i style={{ "--w": `${Math.round((value / top) * 100)}%` } as React.CSSProperties} />
      <b>
        {show}
        {best ? " ◂" : ""}
      </b>
    </span>
  );
}
