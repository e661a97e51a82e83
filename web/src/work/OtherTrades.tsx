import type { components } from "../api/schema";

/** What other trades do that settles what holds a surface; nothing where it waits for knowledge or consent. */
export function OtherTrades({ others }: { others: components["schemas"]["OtherTradeReport"][] }) {
  if (others.length === 0) {
    return null;
  }

  return (
    <>
      <p>By other trades:</p>
      <ul>
        {others.map((o) => (
          <li key={o.operation} title={`Done when: ${o.accept}.`}>
            {o.title}. {o.do}
          </li>
        ))}
      </ul>
    </>
  );
}
