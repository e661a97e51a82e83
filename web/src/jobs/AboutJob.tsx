import { useQuery, useQueryClient } from "@tanstack/react-query";
import { Modal, Skeleton } from "antd";
import { useState } from "react";
import { api, ask, type JobView } from "../api/client";
import { askAfresh } from "../job/again";
import { keys } from "../job/data";
import { JobFields, type Told } from "./JobFields";

type Props = { job: string; title: string; onClose: () => void };

/** What a job is called, for whom and where it is: to be told later, or told otherwise. */
export function AboutJob({ job, title, onClose }: Props) {
  const view = useQuery({
    queryKey: keys.job(job),
    queryFn: () => ask(api.GET("/api/jobs/{job}", { params: { path: { job } } })),
  });
  return view.data ? (
    <About view={view.data} onClose={onClose} />
  ) : (
    <Modal title={title} open onCancel={onClose} footer={null}>
      {view.isError ? <p className="hold">{view.error.message}</p> : <Skeleton active={false} />}
    </Modal>
  );
}

function About({ view, onClose }: { view: JobView; onClose: () => void }) {
  const client = useQueryClient();
  const [told, setTold] = useState<Told>({
    title: view.job.title,
    client: view.job.client ?? "",
    address: view.job.address ?? "",
    jurisdiction: view.job.jurisdiction ?? "GB",
  });
  const [problem, setProblem] = useState("");
  const ready = told.title.trim() !== "";
  const save = async () => {
    try {
      await ask(
        api.POST("/api/jobs/{job}/changes", {
          params: { path: { job: view.id } },
          body: {
            label: `About ${told.title.trim()}`.slice(0, 200),
            items: [
              {
                kind: "job",
                id: view.id,
                version: view.version,
                value: {
                  ...view.job,
                  title: told.title.trim(),
                  client: told.client.trim() || null,
                  address: told.address.trim() || null,
                  jurisdiction: told.jurisdiction,
                },
              },
            ],
          },
        }),
      );
      // Not waited for: the dialog would hold the focus until every list has been asked again.
      void askAfresh(client);
      onClose();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <Modal
      title={`About ${view.job.title}`}
      open
      onCancel={onClose}
      onOk={() => void save()}
      okText="Keep it"
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
