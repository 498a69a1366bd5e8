import { atMost, type ContainerLook, LINE } from "./container";

/** A bow to carry it by, and a rim that the next one hangs in. */
export const pail: ContainerLook = {
  behind: ({ top }) => {
    const rise = atMost(26, 0.5, top);
    return <path d={`M${-top / 2} 0C${-top / 2} ${-rise * 1.3} ${top / 2} ${-rise * 1.3} ${top / 2} 0`} {...LINE} />;
  },
  over: ({ top }) => <path d={`M${-top / 2 - 3} 0H${top / 2 + 3}`} {...LINE} strokeWidth={2.6} />,
};
