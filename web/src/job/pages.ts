import { freshId } from "./ids";
import { browserLocks, orphans, placeOf } from "./place";

const locks = browserLocks();
const fresh = () => freshId(4);
// Read before the locks answer, so that what this page left is there from the first moment; a doubled tab gets a name of its own.
let place = sessionStorage.getItem("page") ?? fresh();

/** Held before anything is drawn. */
export const ready = placeOf(sessionStorage, locks, fresh).then((mine) => {
  place = mine;
});

/** The name under which this page keeps what is not sent yet. */
export const myPlace = () => place;

/** Hands over what closed pages of a job had not sent; it leaves the store only once it is taken over. */
export async function takeOver(job: string, adopt: (text: string) => string | null) {
  await ready;
  const held = await locks.held();
  for (const left of orphans(job, Object.keys(localStorage), new Set([...held, `page:${place}`]))) {
    const name = `edits:${job}:${left}`;
    const text = localStorage.getItem(name);
    const rest = text === null ? null : adopt(text);
    if (rest === null) localStorage.removeItem(name);
    else localStorage.setItem(name, rest);
  }
}
