import { useQueryClient } from "@tanstack/react-query";
import { Input, Modal, Select } from "antd";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { askAfresh } from "../job/again";
import { JobFields, type Told, YearField } from "./JobFields";

type Props = { jobs: Schemas["JobSummary"][]; onClose: () => void };

const nothing: Told = { title: "", client: "", address: "", jurisdiction: "GB" };

/** A job by the least that it needs: what it is called. The rest helps, and can be told later. */
export function NewJob({ jobs, onClose }: Props) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [told, setTold] = useState(nothing);
  const [building, setBuilding] = useState("");
  const [built, setBuilt] = useState<number | null>(null);
  const [like, setLike] = useState("");
  const [problem, setProblem] = useState("");
  const ready = told.title.trim() !== "";
  const save = async () => {
    try {
      const made = await ask(
        api.POST("/api/jobs", {
          body: {
            title: told.title.trim(),
            jurisdiction: told.jurisdiction,
            ...(told.client.trim() ? { client: told.client.trim() } : {}),
            ...(told.address.trim() ? { address: told.address.trim() } : {}),
            ...(building.trim() ? { building: building.trim() } : {}),
            ...(built ? { built } : {}),
            ...(like ? { like } : {}),
          },
        }),
      );
      // Not waited for: the dialog would hold the focus until every list has been asked again.
      void askAfresh(client);
      // The first thing that a job wants is a room.
      navigate(`/${made.id}/survey`, like ? {} : { state: { begin: true } });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <Modal
      title="New job"
      open
      onCancel={onClose}
      onOk={() => void save()}
      okText="Start the job"
      okButtonProps={{ disabled: !ready }}
      afterOpenChange={(shown) => shown && document.getElementById("job-title")?.focus()}
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (ready) void save();
        }}
      >
        <JobFields told={told} onTold={setTold} />
        <YearField value={built} onChange={setBuilt} />
        <details className="more">
          <summary>Building, and rooms to begin with</summary>
          <div className="fact">
            <label htmlFor="job-building">Building</label>
            <Input
              id="job-building"
              maxLength={200}
              placeholder="as the job"
              value={building}
              onChange={(e) => setBuilding(e.target.value)}
            />
          </div>
          <div className="fact">
            <label htmlFor="job-like">Rooms as in</label>
            <Select
              id="job-like"
              showSearch={{ optionFilterProp: "label" }}
              options={[
                { value: "", label: "none: rooms come next" },
                ...jobs.filter((j) => j.surfaces > 0).map((j) => ({ value: j.id, label: j.title })),
              ]}
              value={like}
              onChange={setLike}
            />
          </div>
        </details>
        {problem && (
          <p className="hold" role="alert">
            {problem}
          </p>
        )}
        <button type="submit" hidden aria-hidden tabIndex={-1} />
      </form>
    </Modal>
  );
}
