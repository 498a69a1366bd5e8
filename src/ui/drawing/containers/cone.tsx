import { type ContainerLook, LINE, SOLID } from "./container";

/** On legs, a brace between them, and a tap at its tip. */
export const cone: ContainerLook = {
  behind: ({ width, height, coneAt }) => {
    const from = coneAt ?? height / 2;
    const brace = from + (height - from) * 0.6;
    return (
      <path
        d={`M${-width / 2} ${from}V${height}M${width / 2} ${from}V${height}M${-width / 2} ${brace}H${width / 2}`}
        {...LINE}
      />
    );
  },
  over: ({ bottom, height }) => (
    <rect x={-Math.max(3, bottom / 2)} y={height - 4} width={Math.max(6, bottom)} height="5" {...SOLID} />
  ),
};
