import { type ReactNode, useState } from "react";

/** A form that one button opens; what is in it closes it. */
export function OpenForm({ label, children }: { label: string; children: (close: () => void) => ReactNode }) {
  const [open, setOpen] = useState(false);
  if (!open)
    return (
      <div className="thumbs">
        <button type="button" className="btn big" onClick={() => setOpen(true)}>
          {label}
        </button>
      </div>
    );
  return <div className="siteform">{children(() => setOpen(false))}</div>;
}
