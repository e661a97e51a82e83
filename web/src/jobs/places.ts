import type { Schemas } from "../api/client";

/** Countries whose rules the program knows, and the rest. */
export const places: { value: Schemas["Jurisdiction"]; label: string }[] = [
  { value: "GB", label: "Great Britain" },
  { value: "IE", label: "Ireland and the EU" },
  { value: "US", label: "United States" },
  { value: "CA", label: "Canada" },
  { value: "AU", label: "Australia" },
  { value: "NZ", label: "New Zealand" },
  { value: "ZA", label: "South Africa" },
  { value: "elsewhere", label: "elsewhere: presumed strictly" },
];
