import { useQuantities } from "../job/data";
import { jobRecord } from "../job/useEdit";
import { money } from "../shell/money";
import { usePlace } from "../shell/Place";
import { gallonsText, hoursText, useSpeech } from "../shell/words";
import { PriceLists } from "./PriceLists";
import { PricePanel } from "./PricePanel";
import { StorePanel } from "./StorePanel";
import { Tins } from "./Tins";

/** What has to be bought for everything chosen in the job, tin by tin, what is in the store, and what it is all offered for. */
export function BuyView() {
  const { job, edit } = usePlace();
  const { area, length } = useSpeech();
  const { data } = useQuantities(job.id);
  if (!data) return <p style={{ padding: 16 }}>Measuring …</p>;
  const record = jobRecord(edit.session, job);
  const bought = record.bought ?? [];
  const tick = (key: string, title: string) =>
    edit.session.edit(`${title}${bought.includes(key) ? " not bought" : " bought"}`, [
      {
        key: `job:${job.id}`,
        before: record,
        after: { ...record, bought: bought.includes(key) ? bought.filter((k) => k !== key) : [...bought, key] },
      },
    ]);
  return (
    <div className="two buying" style={{ gridTemplateColumns: "minmax(0, 1.55fr) minmax(300px, 1fr)" }}>
      <div className="buyleft">
        <section className="sheet" aria-label="To buy">
          <header>
            <h2>To buy</h2>
            <span className="grow" />
            <strong>{`costs us ${money(data.cost)}, with ${hoursText(data.labourHours)} of work`}</strong>
          </header>
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a table longer than its sheet is scrolled with the keys */}
          <div className="body" tabIndex={0}>
            <table className="take shopping">
              <thead>
                <tr>
                  <th scope="col">
                    <span className="sr">Bought</span>
                  </th>
                  <th scope="col">What</th>
                  <th scope="col" className="num">
                    Need
                  </th>
                  <th scope="col">Packs</th>
                  <th scope="col" className="num">
                    Left
                  </th>
                  <th scope="col" className="num">
                    Cost
                  </th>
                </tr>
              </thead>
              <tbody>
                {data.materials.map((m) => (
                  <tr key={m.key} className={bought.includes(m.key) ? "got" : undefined}>
                    <td>
                      <input
                        type="checkbox"
                        aria-label={`${m.title}${m.colour ? `, ${m.colour}` : ""}: bought`}
                        checked={bought.includes(m.key)}
                        onChange={() => tick(m.key, m.title)}
                      />
                    </td>
                    <td>
                      {m.title}
                      {m.colour && <span className="soft">{`, ${m.colour}`}</span>}
                    </td>
                    <td className="num">
                      {amount(m.need, m.unit)}
                      {m.fromStore > 0 && (
                        <div className="soft small">{`${amount(m.fromStore, m.unit)} from the store`}</div>
                      )}
                    </td>
                    <td>
                      <div className="packs">
                        {m.unit === "L" && <Tins buy={m.buy} left={m.left} />}
                        <span>
                          {m.buy.length === 0
                            ? "nothing: the store has it"
                            : m.buy.map((b) => `${b.count} × ${amount(b.size, m.unit)}`).join(" + ")}
                        </span>
                      </div>
                      {m.short && <div className="presumed small">{m.short}</div>}
                    </td>
                    <td className="num">{amount(m.left, m.unit)}</td>
                    <td className="num">{money({ amount: m.cost, currency: data.cost.currency })}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            <p className="small">
              <a href={`/api/jobs/${job.id}/shopping.csv`} download>
                Shopping list (CSV)
              </a>
              {bought.length > 0 &&
                ` · ${data.materials.filter((m) => bought.includes(m.key)).length} of ${data.materials.length} bought`}
            </p>
            {data.onceFreed && (
              <p className="presumed">
                <strong>{`${money(data.onceFreed.cost)} more once what is stopped is freed.`}</strong> Not to be bought
                before: {data.onceFreed.materials.map((m) => `${m.title} ${amount(m.need, m.unit)}`).join(", ")}.
              </p>
            )}
            {data.together.length > 0 && (
              <ul className="small" aria-label="Done in one go">
                {data.together.map((t) => (
                  <li key={`${t.space}${t.waits}`}>
                    <b>{t.title}.</b> {t.waits && "Once freed. "}
                    {t.says}
                  </li>
                ))}
              </ul>
            )}
            {data.vocGrams > 0 && (
              <p className="small">
                The paint gives off about{" "}
                {data.vocGrams >= 1000 ? `${(data.vocGrams / 1000).toFixed(1)} kg` : `${data.vocGrams} g`} of solvent as
                it dries: air the rooms for as long as the sheets say.
              </p>
            )}
            <p className="soft small" style={{ marginTop: 8 }}>
              Need is net area with its profile, over the practical spread of each class on this substrate, with 8 % for
              waste. The packs are the cheapest whole ones that cover it; class prices are judgements until a price list
              replaces them. Paint of two colours is bought in tins of its own; what is in the store is used first.
            </p>
          </div>
        </section>
        <section className="sheet" aria-label="Measured areas">
          <header>
            <h2>Measured areas</h2>
          </header>
          {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a table longer than its sheet is scrolled with the keys */}
          <div className="body" tabIndex={0}>
            {data.surfaces.map((s) => (
              <details key={s.id} className="finding measured">
                <summary>
                  <strong>{s.title}</strong>
                  <span className="small">
                    {s.areaM2 > 0 ? area(s.areaM2) : "no dimensions"}
                    {s.lengthM > 0 ? `, ${length(s.lengthM)}` : ""}
                  </span>
                </summary>
                <p className="small soft">{s.measured}</p>
                <p className="small soft">
                  {s.waits && "Stopped; once freed: "}
                  {s.option ?? "Stopped, or nothing meets the brief: not measured."}
                </p>
                {s.slowedSays && <p className="small soft">{s.slowedSays}</p>}
                <ul className="small">
                  {s.items
                    .filter((i) => i.unit === "L")
                    .map((i) => (
                      <li key={`${i.step}${i.product}`}>
                        step {i.step}: {i.title}, {amount(i.amount, i.unit)}
                      </li>
                    ))}
                </ul>
              </details>
            ))}
          </div>
        </section>
      </div>
      <div className="buyside">
        <PricePanel />
        <StorePanel materials={data.materials} stored={data.stored} />
        <PriceLists />
      </div>
    </div>
  );
}

// Less than a tenth of a litre is said in millilitres.
const amount = (n: number, unit: string) =>
  (unit === "L" ? gallonsText(n) : null) ??
  (unit === "L" && n > 0 && n < 0.1
    ? `${Math.max(1, Math.round(n * 1000))} ml`
    : `${round(n)} ${unit === "piece" ? "" : unit.replace("m2", "m²")}`);

const round = (n: number) => (n >= 10 ? n.toFixed(1) : n.toFixed(2)).replace(/\.?0+$/, "");
