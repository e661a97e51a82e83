import { Input, InputNumber, Select } from "antd";
import type { Schemas } from "../api/client";
import { places } from "./places";

export type Told = { title: string; client: string; address: string; jurisdiction: Schemas["Jurisdiction"] };

type Props = { told: Told; onTold: (told: Told) => void };

/** What is asked of a job as such: what it is called, for whom and where it is, and whose rules hold. */
export function JobFields({ told, onTold }: Props) {
  const line = (key: "title" | "client" | "address", label: string, placeholder: string) => (
    <div className="fact">
      <label htmlFor={`job-${key}`}>{label}</label>
      <Input
        id={`job-${key}`}
        maxLength={200}
        placeholder={placeholder}
        value={told[key]}
        onChange={(e) => onTold({ ...told, [key]: e.target.value })}
      />
    </div>
  );
  return (
    <>
      {line("title", "Called", "what you call it")}
      {line("client", "For", "the client, as on papers")}
      {line("address", "Where", "street and town")}
      <div className="fact">
        <label htmlFor="job-place">Country</label>
        <Select
          id="job-place"
          showSearch={{ optionFilterProp: "label" }}
          options={places}
          value={told.jurisdiction}
          onChange={(jurisdiction) => onTold({ ...told, jurisdiction })}
        />
      </div>
    </>
  );
}

/** A year, of which nothing need be known. */
export function YearField({ value, onChange }: { value: number | null; onChange: (year: number | null) => void }) {
  return (
    <div className="fact">
      <label htmlFor="job-built">Built in</label>
      <InputNumber
        id="job-built"
        min={1000}
        max={2200}
        precision={0}
        controls={false}
        placeholder="not known: taken as old"
        value={value}
        onChange={onChange}
        style={{ width: "100%" }}
      />
    </div>
  );
}
