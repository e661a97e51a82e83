import type { Schemas } from "../api/client";
import { figure } from "./asked";

type Answer = Schemas["Reckoned"];

const Wide = 300;
const High = 130;

/** A small drawing of what was reckoned, to scale, where there is something to draw. */
export function Sketch({ answer }: { answer: Answer }) {
  const value = (name: string) => answer.results.find((r) => r.name === name)?.value;
  const asked = (name: string) => Number.parseFloat(answer.inputs[name] ?? "");
  if (answer.kind === "mix") {
    const [first, second] = [value("of the first"), value("of the second")];
    if (first !== undefined && second !== undefined)
      return (
        <Tin
          parts={[
            [first, "first"],
            [second, "second"],
          ]}
        />
      );
  }
  if (answer.kind === "hiding") {
    const coats = value("coats to hide");
    const after = answer.results.filter((r) => r.name.startsWith("light reflectance after ")).map((r) => r.value);
    if (coats !== undefined) return <Coats shown={[asked("old"), ...after]} />;
  }
  if (answer.kind === "colour") return <Swatches answer={answer} />;
  if (answer.kind === "gable") return <Shape width={asked("width")} eaves={asked("eaves")} pitch={asked("pitch")} />;
  if (answer.kind === "room") return <Plan length={asked("length")} width={asked("width")} />;
  return null;
}

const Drawn = ({ label, children }: { label: string; children: React.ReactNode }) => (
  <svg className="sketch" viewBox={`0 0 ${Wide} ${High}`} width={Wide} height={High} role="img" aria-label={label}>
    {children}
  </svg>
);

function Tin({ parts }: { parts: [number, string][] }) {
  const all = parts.reduce((sum, [n]) => sum + n, 0);
  if (!(all > 0)) return null;
  let from = 0;
  return (
    <Drawn label={parts.map(([n, of]) => `${figure(n)} litres of the ${of}`).join(", ")}>
      {parts.map(([n, of], i) => {
        const share = (n / all) * 100;
        from += share;
        return (
          <g key={of}>
            <rect x={90} y={115 - from} width={120} height={share} className={i === 0 ? "fill one" : "fill two"} />
            <text x={218} y={115 - from + share / 2 + 4}>
              {figure(n)} L
            </text>
          </g>
        );
      })}
      <path d="M90 12V115H210V12" className="edge" />
    </Drawn>
  );
}

function Plan({ length, width }: { length: number; width: number }) {
  if (!(length > 0 && width > 0)) return null;
  const scale = Math.min((Wide - 90) / length, (High - 40) / width);
  const [w, h] = [length * scale, width * scale];
  const [x, y] = [(Wide - w) / 2, (High - 18 - h) / 2];
  return (
    <Drawn label={`a room ${figure(length)} by ${figure(width)} metres, from above`}>
      <rect x={x} y={y} width={w} height={h} className="fill one" />
      <text x={Wide / 2} y={y + h + 15} textAnchor="middle">
        {figure(length)} m
      </text>
      <text x={x + w + 6} y={y + h / 2 + 4}>
        {figure(width)} m
      </text>
    </Drawn>
  );
}

function Shape({ width, eaves, pitch }: { width: number; eaves: number; pitch: number }) {
  if (!(width > 0 && eaves >= 0 && pitch >= 0 && pitch < 80)) return null;
  const rise = (width / 2) * Math.tan((pitch * Math.PI) / 180);
  const scale = Math.min((Wide - 90) / width, (High - 30) / (eaves + rise));
  const [w, e, r] = [width * scale, eaves * scale, rise * scale];
  const x = (Wide - w) / 2;
  const base = High - 20;
  return (
    <Drawn label={`a gable ${figure(width)} metres wide, eaves at ${figure(eaves)}, ridge at ${figure(eaves + rise)}`}>
      <path d={`M${x} ${base}v${-e}l${w / 2} ${-r}l${w / 2} ${r}v${e}z`} className="fill one" />
      <text x={Wide / 2} y={base + 15} textAnchor="middle">
        {figure(width)} m
      </text>
      <text x={x + w + 6} y={base - e / 2}>
        {figure(eaves)} m
      </text>
    </Drawn>
  );
}

const grey = (reflectance: number) => {
  const y = Math.min(1, Math.max(0, reflectance / 100));
  const c = Math.round(255 * (y <= 0.0031308 ? 12.92 * y : 1.055 * y ** (1 / 2.4) - 0.055));
  return `rgb(${c} ${c} ${c})`;
};

/** The old colour and what is seen after each coat, side by side. */
function Coats({ shown }: { shown: number[] }) {
  const each = (Wide - 20) / shown.length;
  return (
    <Drawn label={`the old colour, and after each of ${shown.length - 1} coats`}>
      {shown.map((reflectance, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the place is what tells them apart
        <g key={i}>
          <rect x={10 + i * each} y={14} width={each} height={80} fill={grey(reflectance)} className="edge" />
          <text x={10 + i * each + each / 2} y={112} textAnchor="middle">
            {i === 0 ? "old" : i}
          </text>
        </g>
      ))}
    </Drawn>
  );
}

function Swatches({ answer }: { answer: Answer }) {
  const shown = ["first", "second"].map((name) => answer.inputs[name] ?? "");
  if (!shown.every((text) => /^#[0-9a-f]{6}$/i.test(text))) return null;
  return (
    <Drawn label="the two colours side by side, as far as this screen shows them">
      {shown.map((colour, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: both may be the same
        <rect key={i} x={30 + i * 120} y={14} width={120} height={100} fill={colour} />
      ))}
    </Drawn>
  );
}
