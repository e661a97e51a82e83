/** Money for people: whole units of the job's currency. */
export const money = (m: { amount: number; currency: string }) =>
  new Intl.NumberFormat("en-GB", { style: "currency", currency: m.currency, maximumFractionDigits: 0 }).format(
    m.amount,
  );
