import { useQueryClient } from "@tanstack/react-query";
import { askAfresh } from "../job/again";
import { speech, useSpeech } from "./words";

/** British or American terms, metric or US customary units. The job means the same in either. */
export function SpeechMenu() {
  const { terms, units } = useSpeech();
  const client = useQueryClient();
  const set = (change: Parameters<typeof speech.set>[0]) => {
    speech.set(change);
    void askAfresh(client);
  };
  return (
    <div className="row wrap" style={{ marginTop: 10 }}>
      <label className="row small">
        Terms
        <select
          className="pick"
          aria-label="Terms"
          value={terms}
          onChange={(e) => set({ terms: e.target.value as typeof terms })}
        >
          <option value="british">British</option>
          <option value="american">American</option>
        </select>
      </label>
      <label className="row small">
        Units
        <select
          className="pick"
          aria-label="Units"
          value={units}
          onChange={(e) => set({ units: e.target.value as typeof units })}
        >
          <option value="metric">metric</option>
          <option value="us">US customary</option>
        </select>
      </label>
    </div>
  );
}
