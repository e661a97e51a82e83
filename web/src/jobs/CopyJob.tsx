import { useQueryClient } from "@tanstack/react-query";
import { Input, Modal, Radio } from "antd";
import { useState } from "react";
import { useNavigate } from "react-router";
import { api, ask, type Schemas } from "../api/client";
import { askAfresh } from "../job/again";

/** Another job like one that is there: all of it, its rooms only, or the next one there, which begins with what was laid. */
export function CopyJob({ of, onClose }: { of: Schemas["JobSummary"]; onClose: () => void }) {
  const client = useQueryClient();
  const navigate = useNavigate();
  const [title, setTitle] = useState(`${of.title}, again`);
  const [what, setWhat] = useState<"rooms" | "built" | "all">("rooms");
  const [problem, setProblem] = useState("");
  const save = async () => {
    try {
      const made = await ask(
        api.POST("/api/jobs/{job}/copy", {
          params: { path: { job: of.id } },
          body: { title: title.trim(), roomsOnly: what === "rooms", asBuilt: what === "built" },
        }),
      );
      // Not waited for: the dialog would hold the focus until every list has been asked again.
      void askAfresh(client);
      navigate(`/${made.id}/survey`);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <Modal
      title={`Copy ${of.title}`}
      open
      onCancel={onClose}
      onOk={() => void save()}
      okText="Make the copy"
      okButtonProps={{ disabled: title.trim() === "" }}
      afterOpenChange={(shown) => shown && document.getElementById("copy-title")?.focus()}
    >
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (title.trim()) void save();
        }}
      >
        <div className="fact">
          <label htmlFor="copy-title">Called</label>
          <Input id="copy-title" maxLength={200} value={title} onChange={(e) => setTitle(e.target.value)} />
        </div>
        <Radio.Group
          className="copies"
          aria-label="What is taken over"
          value={what}
          onChange={(e) => setWhat(e.target.value as typeof what)}
          options={[
            { value: "rooms", label: "Rooms and surfaces only: what was found there stays behind" },
            { value: "built", label: "The next job there: on the walls is what was really laid, by the log" },
            { value: "all", label: "Everything but the photos" },
          ]}
        />
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
