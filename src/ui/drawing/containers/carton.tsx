import { atMost, type ContainerLook, LINE, SOLID } from "./container";

/** A lid that folds over, with the cap of the bag in it. */
export const carton: ContainerLook = {
  over: ({ width }) => {
    const h = atMost(8, 0.2, width);
    return (
      <>
        <path d={`M${-width / 2} 0L${-width / 2 + h} ${-h}H${width / 2}V0`} {...LINE} strokeLinejoin="round" />
        <rect x={width * 0.12} y={-h} width={width * 0.24} height={h} {...SOLID} />
      </>
    );
  },
};
