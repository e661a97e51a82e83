/** The hatches, the same everywhere, so that no meaning hangs on colour. Ids are unique to a drawing. */
export function Hatches({ id, scale = 1 }: { id: string; scale?: number }) {
  const s = scale;
  const line = { stroke: "var(--ink)", strokeWidth: 1 * s, fill: "none" } as const;
  return (
    <defs>
      <pattern
        id={`${id}-prepare`}
        width={9 * s}
        height={9 * s}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <line x1={0} y1={0} x2={0} y2={9 * s} {...line} opacity={0.4} />
      </pattern>
      <pattern id={`${id}-failing`} width={8 * s} height={8 * s} patternUnits="userSpaceOnUse">
        <path d={`M0 ${6 * s} L${4 * s} ${2 * s} L${8 * s} ${6 * s}`} {...line} opacity={0.65} />
      </pattern>
      <pattern id={`${id}-held`} width={7 * s} height={7 * s} patternUnits="userSpaceOnUse">
        <path d={`M0 ${3.5 * s} H${7 * s} M${3.5 * s} 0 V${7 * s}`} {...line} opacity={0.5} />
      </pattern>
      <pattern id={`${id}-unseen`} width={11 * s} height={11 * s} patternUnits="userSpaceOnUse">
        <circle cx={5.5 * s} cy={5.5 * s} r={1.4 * s} {...line} opacity={0.7} />
      </pattern>
      <pattern id={`${id}-bare`} width={5 * s} height={5 * s} patternUnits="userSpaceOnUse">
        <circle cx={1.4 * s} cy={1.4 * s} r={0.8 * s} fill="var(--ink)" opacity={0.6} />
      </pattern>
      <pattern id={`${id}-plaster`} width={14 * s} height={10 * s} patternUnits="userSpaceOnUse">
        <circle cx={3 * s} cy={3 * s} r={0.9 * s} fill="var(--ink)" opacity={0.45} />
        <circle cx={10 * s} cy={7 * s} r={1.3 * s} fill="var(--ink)" opacity={0.3} />
        <path d={`M${7 * s} ${2 * s} l${2 * s} ${1 * s}`} {...line} opacity={0.35} />
      </pattern>
      <pattern id={`${id}-wood`} width={40 * s} height={12 * s} patternUnits="userSpaceOnUse">
        <path
          d={`M0 ${3 * s} C${10 * s} ${1 * s} ${28 * s} ${5 * s} ${40 * s} ${3 * s} M0 ${8 * s} C${14 * s} ${10 * s} ${26 * s} ${6 * s} ${40 * s} ${8 * s}`}
          {...line}
          opacity={0.4}
        />
      </pattern>
      <pattern id={`${id}-masonry`} width={26 * s} height={14 * s} patternUnits="userSpaceOnUse">
        <path
          d={`M0 ${0.5 * s} H${26 * s} M0 ${7.5 * s} H${26 * s} M${6 * s} ${0.5 * s} V${7.5 * s} M${19 * s} ${7.5 * s} V${14 * s}`}
          {...line}
          opacity={0.45}
        />
      </pattern>
      <pattern
        id={`${id}-metal`}
        width={6 * s}
        height={6 * s}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(45)"
      >
        <path d={`M${1 * s} 0 V${6 * s} M${3 * s} 0 V${6 * s}`} {...line} opacity={0.5} />
      </pattern>
      <pattern id={`${id}-slick`} width={16 * s} height={8 * s} patternUnits="userSpaceOnUse">
        <path
          d={`M${2 * s} ${6 * s} L${8 * s} ${2 * s} M${9 * s} ${7 * s} L${13 * s} ${4.4 * s}`}
          {...line}
          opacity={0.45}
        />
      </pattern>
      <pattern
        id={`${id}-stain`}
        width={6 * s}
        height={6 * s}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(-35)"
      >
        <line x1={0} y1={0} x2={0} y2={6 * s} stroke="#8a5a1d" strokeWidth={2 * s} opacity={0.7} />
      </pattern>
      <pattern id={`${id}-damp`} width={10 * s} height={12 * s} patternUnits="userSpaceOnUse">
        <path
          d={`M${5 * s} ${2 * s} q${2.4 * s} ${4 * s} 0 ${5 * s} q${-2.4 * s} ${-1 * s} 0 ${-5 * s}`}
          {...line}
          opacity={0.7}
        />
      </pattern>
      <pattern
        id={`${id}-spot`}
        width={5 * s}
        height={5 * s}
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(20)"
      >
        <line x1={0} y1={0} x2={0} y2={5 * s} {...line} opacity={0.55} />
      </pattern>
    </defs>
  );
}
