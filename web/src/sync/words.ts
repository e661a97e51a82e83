/** A path in a record, for people: "facts.looseShare" is "loose share", "signs[peel]" is "signs peel". */
export const pathWords = (path: string) =>
  path === ""
    ? "the whole"
    : path
        .replace(/^(facts|brief|surroundings)\./, "")
        .replace(/\[([^\]]*)\]/g, " $1")
        .replace(/\./g, " ")
        .replace(/([a-z])([A-Z])/g, "$1 $2")
        .toLowerCase();

/** Several paths in one breath; what is too many is only said to be more. */
export function pathsWords(paths: string[]) {
  const said = [...new Set(paths.map(pathWords))];
  return said.slice(0, 6).join(", ") + (said.length > 6 ? " and more" : "");
}
