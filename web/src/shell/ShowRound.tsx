import { Tour } from "antd";

const at = (selector: string) => () => document.querySelector<HTMLElement>(selector) ?? document.body;

const stops = [
  {
    title: "The room, unfolded",
    description:
      "Walls in walking order, ceiling and woodwork to scale. Tone, hatch and word give the verdict. Touch a piece, or press j and k, to take it in hand.",
    target: at(".room"),
  },
  {
    title: "Say what you see",
    description:
      'One line for everything, typed or dictated: "peeling 12 % by the door, no mould, two coats of emulsion". What was understood is shown before you take it.',
    target: at(".say"),
  },
  {
    title: "Why it fails",
    description:
      "The likeliest cause with what speaks for it and against, what stops the work, what can hurt. It answers as you enter.",
    target: at(".reasons"),
  },
  {
    title: "What to do",
    description:
      "A few honest ways, with cost, hours, days and life. Choose one; Work shows its steps and says why of each.",
    target: at(".glances"),
  },
  {
    title: "From wall to paper",
    description:
      "Work: the plan. Own sequence: yours, checked line by line. Buy: litres, tins, price. Document: for client, crew and safety. Press ? for the shortcuts.",
    target: at(".views"),
  },
];

/** Five stops round the first view. */
export function ShowRound({ onEnd }: { onEnd: () => void }) {
  return (
    <Tour
      open
      onClose={onEnd}
      onFinish={onEnd}
      disabledInteraction
      steps={stops.map((s, i) => ({
        ...s,
        nextButtonProps: { autoFocus: true, children: i === stops.length - 1 ? "Begin" : "Next" },
        prevButtonProps: { children: "Back" },
      }))}
      indicatorsRender={(current, total) => (
        <span className="small">
          {current + 1} of {total}
        </span>
      )}
    />
  );
}
