import { Input } from "antd";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useQuote } from "../job/data";
import { jobRecord } from "../job/useEdit";
import { DraftBox } from "../shell/DraftBox";
import { usePlace } from "../shell/Place";

type Rates = Required<Schemas["Job"]>["rates"];

const exact = (m: Schemas["MoneyReport"]) =>
  new Intl.NumberFormat("en-GB", { style: "currency", currency: m.currency }).format(m.amount);

// No finer than anybody knows it.
const about = (m: Schemas["MoneyReport"]) => {
  const step = m.amount >= 2000 ? 50 : 10;
  return new Intl.NumberFormat("en-GB", { style: "currency", currency: m.currency, maximumFractionDigits: 0 }).format(
    Math.round(m.amount / step) * step,
  );
};

/** From what it costs to what it is offered for, with every number at hand. */
export function PricePanel() {
  const { job, edit } = usePlace();
  const record = jobRecord(edit.session, job);
  const { data } = useQuote(job.id);
  const rates = record.rates as Rates;
  const save = (what: string, change: Partial<Schemas["Job"]>) =>
    edit.session.edit(what, [{ key: `job:${job.id}`, before: record, after: { ...record, ...change } }]);
  const set = (what: string, change: Partial<Rates>) => save(what, { rates: { ...rates, ...change } });
  const number = (label: string, word: string, name: keyof Rates, usual: number, most: number, step = 1, least = 0) => (
    <span>
      <label className="soft small" htmlFor={`rate-${name}`}>
        {label}
      </label>
      <DraftBox
        id={`rate-${name}`}
        label={label}
        least={least}
        most={most}
        step={step}
        value={(rates?.[name] as number | undefined) ?? usual}
        onSet={(v) => set(word, { [name]: v ?? usual })}
      />
    </span>
  );
  return (
    <section className="sheet" aria-label="Price">
      <header>
        <h2>Price</h2>
        <span className="grow" />
        {data && <strong aria-live="polite">{exact(data.gross)}</strong>}
      </header>
      <div className="body">
        <div className="rates">
          {number("an hour of labour", "Price of an hour", "labourPerHour", 30, 1000, 0.5)}
          {number("a litre of matt", "Price of a litre", "baseLitre", 4.5, 1000, 0.1)}
          {number("overhead, %", "Overhead", "overhead", 0, 500, 0.5)}
          {number("margin, % of the price", "Margin", "margin", 0, 95, 0.5)}
          {number("tax, %", "Tax", "tax", 0, 100, 0.5)}
          {number("offer holds, days", "Days an offer holds", "quotationDays", 30, 365)}
        </div>
        <fieldset className="rates">
          <legend className="soft small">Work takes how many times as long</legend>
          {number("where people live", "Time where people live", "occupiedTime", 1.25, 3, 0.05, 1)}
          {number("in a small room", "Time in a small room", "smallRoomTime", 1.25, 3, 0.05, 1)}
          {number("with this crew", "Time with this crew", "crewTime", 1, 3, 0.05, 0.3)}
        </fieldset>
        {data && (
          <table className="take" aria-label="From cost to price">
            <tbody>
              <tr>
                <td>Before tax, whole tins</td>
                <td className="num">{exact(data.net)}</td>
              </tr>
              <tr>
                <td>Tax</td>
                <td className="num">{exact(data.tax)}</td>
              </tr>
              {data.provisional.amount > 0 && (
                <tr>
                  <td>Provisional, once what is stopped is freed</td>
                  <td className="num">{exact(data.provisional)}</td>
                </tr>
              )}
            </tbody>
          </table>
        )}
        {data && data.hangsOn.length > 0 && (
          <div className="hangs">
            <p>
              Seldom less than <b>{about(data.low)}</b> or more than <b>{about(data.high)}</b> before tax, by judgement.
              It hangs most on
            </p>
            <ul className="list small">
              {data.hangsOn.slice(0, 3).map((u) => (
                <li key={u.what}>
                  {u.what}: {about({ ...data.net, amount: u.less })} less to {about({ ...data.net, amount: u.more })}{" "}
                  more
                </li>
              ))}
            </ul>
          </div>
        )}
        {data && data.found.length > 0 && (
          <div className="hangs">
            <p>Found while working, and in no price yet</p>
            <ul className="list small">
              {data.found.map((f) => (
                <li key={f}>{f}</li>
              ))}
            </ul>
          </div>
        )}
        <label className="soft small" htmlFor="quotation-terms">
          terms on the quotation
        </label>
        <Input.TextArea
          id="quotation-terms"
          key={record.quotationTerms ?? ""}
          defaultValue={record.quotationTerms ?? ""}
          maxLength={4000}
          autoSize={{ minRows: 2, maxRows: 6 }}
          placeholder={"A line each: when what is paid, what is kept free"}
          onBlur={(e) => {
            const next = e.target.value.trim() === "" ? null : e.target.value.trim();
            if (next !== (record.quotationTerms ?? null)) save("Terms", { quotationTerms: next });
          }}
        />
        {data && data.changes.length > 0 && (
          <>
            <p className="small" style={{ marginBottom: 0 }}>
              <b>Since the last quotation was sent</b>
            </p>
            <ul className="small list">
              {data.changes.slice(0, 6).map((c) => (
                <li key={c}>{c}</li>
              ))}
            </ul>
          </>
        )}
        <div className="row">
          <Link
            className="btn"
            to={`/${job.id}/document?paper=quotation`}
          >{`Quotation ${data?.offer.revision ?? ""} as a paper`}</Link>
        </div>
      </div>
    </section>
  );
}
