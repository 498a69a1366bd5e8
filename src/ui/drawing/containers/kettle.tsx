import { cone } from "./cone";
import { atMost, type ContainerLook, LINE } from "./container";

/** On legs where its bottom tapers, a lid, a thermometer in it, and the element that heats it. */
export const kettle: ContainerLook = {
  behind: (f) => (f.coneAt === null ? null : cone.behind?.(f)),
  over: ({ width, height, coneAt }) => {
    const lid = atMost(9, 0.18, width);
    const heat = (coneAt ?? height * 0.8) - atMost(14, 0.16, height);
    const reach = width * 0.36;
    return (
      <>
        <path d={`M${-width / 2} 0Q0 ${-lid * 2} ${width / 2} 0`} {...LINE} className="fill-card stroke-ink" />
        <path d={`M${width * 0.28} ${-lid * 0.7}V${-lid - 4}`} {...LINE} />
        <circle cx={width * 0.28} cy={-lid - 9} r="5.5" {...LINE} className="fill-card stroke-ink" />
        <path d={`M${width * 0.28} ${-lid - 9}l2.5 -3`} {...LINE} strokeWidth={1.4} />
        <path
          d={`M${-width / 2} ${heat - 3}H${-width / 2 + reach}a3 3 0 0 1 0 6H${-width / 2}`}
          {...LINE}
          className="fill-card stroke-ink"
          strokeWidth={1.6}
        />
      </>
    );
  },
};
