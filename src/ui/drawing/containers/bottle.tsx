import { atMost, type ContainerLook, LINE, SOLID } from "./container";

/** Shoulders, a neck and a screw cap. */
export const bottle: ContainerLook = {
  behind: ({ width }) => {
    const h = atMost(10, 0.28, width);
    return (
      <path
        d={`M${-width / 2} 0Q${-width * 0.46} ${-h * 0.7} ${-width * 0.2} ${-h}H${width * 0.2}Q${width * 0.46} ${-h * 0.7} ${width / 2} 0`}
        {...LINE}
        className="fill-card stroke-ink"
      />
    );
  },
  over: ({ width }) => {
    const h = atMost(10, 0.28, width);
    return <rect x={-width * 0.22} y={-h - 6} width={width * 0.44} height="6" rx="1.5" {...SOLID} />;
  },
};
