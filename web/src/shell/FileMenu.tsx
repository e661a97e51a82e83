import { useQueryClient } from "@tanstack/react-query";
import { Modal } from "antd";
import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { Refusal } from "../api/client";
import { saveDrawing } from "../drawing/save";
import { takeInTable } from "../job/send";
import { sendFile } from "../job/sendFile";
import { sessionOf } from "../job/useEdit";

/** Files out and in: the job, tables of surfaces and readings, the drawings. A file at fault is refused with what is wrong and changes nothing. */
export function FileMenu({ job }: { job: string }) {
  const input = useRef<HTMLInputElement>(null);
  const client = useQueryClient();
  const navigate = useNavigate();
  const [open, setOpen] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const bring = async (file: File, replace: boolean) => {
    try {
      const zip = /\.zip$/i.test(file.name);
      const text = zip ? "" : await file.text();
      if (/\.csv$/i.test(file.name)) {
        await takeInTable(client, job, file.name, text);
        setOpen(false);
      } else {
        let id: string | undefined;
        await sendFile(
          client,
          `/api/jobs/import?replace=${replace}`,
          zip ? "application/zip" : "application/json",
          zip ? file : text,
          (answer) => {
            id = answer.id;
            if (replace && id) sessionOf(id, client).made(file.name, answer.version ?? 0);
          },
        );
        setOpen(false);
        navigate(`/${id}/survey`);
      }
    } catch (error) {
      if (
        error instanceof Refusal &&
        error.status === 409 &&
        !replace &&
        !/\.csv$/i.test(file.name) &&
        window.confirm("A job of this name is here already. Replace it with the file? Undo brings back what was there.")
      )
        await bring(file, true);
      else setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <>
      {job && (
        <a
          href={`/api/jobs/${job}/export`}
          download
          className="export"
          style={{ color: "inherit", display: "flex", alignItems: "center", padding: "0 6px", textDecoration: "none" }}
        >
          Export
        </a>
      )}
      <button type="button" onClick={() => input.current?.click()}>
        Import
      </button>
      {job && (
        <button type="button" onClick={() => setOpen(true)}>
          Files
        </button>
      )}
      <input
        ref={input}
        type="file"
        accept=".json,application/json,.csv,text/csv,.zip,application/zip"
        hidden
        aria-label="Job file"
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = "";
          if (file) void bring(file, false);
        }}
      />
      <Modal title="Files" open={open} onCancel={() => setOpen(false)} footer={null} destroyOnHidden>
        <ul className="list files">
          <li>
            <a href={`/api/jobs/${job}/export`} download>
              Job file (JSON)
            </a>
            everything but the photos; reads back without loss
          </li>
          <li>
            <a href={`/api/jobs/${job}/export.zip`} download>
              Archive (zip)
            </a>
            the job file and all photos as they were taken; reads back without loss
          </li>
          <li>
            <a href={`/api/jobs/${job}/surfaces.csv`} download>
              Surfaces (CSV)
            </a>
            one row each, for a spreadsheet
          </li>
          <li>
            <a href={`/api/jobs/${job}/readings.csv`} download>
              Readings (CSV)
            </a>
            one row each
          </li>
          <li>
            <button
              type="button"
              className="btn tight"
              onClick={() => saveDrawing(".room svg.drawing", `${job}-room.svg`)}
            >
              Room drawing (SVG)
            </button>
            as it stands on the sheet
          </li>
          <li>
            <button
              type="button"
              className="btn tight"
              onClick={() => saveDrawing(".section svg.drawing", `${job}-section.svg`)}
            >
              Section drawing (SVG)
            </button>
            of the surface in hand
          </li>
          <li>
            <button type="button" className="btn tight" onClick={() => input.current?.click()}>
              Take in a file
            </button>
            a job file, an archive, or a table of surfaces, readings or prices; a fault names its line and column
          </li>
        </ul>
      </Modal>
      {problem && (
        <div className="toast" role="alert">
          The file was not taken in: {problem}{" "}
          <button type="button" className="btn tight" style={{ color: "var(--ink)" }} onClick={() => setProblem(null)}>
            Close
          </button>
        </div>
      )}
    </>
  );
}
