import { type ContainerLook, LINE } from "./container";

/** Open, with a lip to hold it by. */
export const tub: ContainerLook = {
  over: ({ top }) => <path d={`M${-top / 2 - 5} 0H${top / 2 + 5}`} {...LINE} strokeWidth={2.6} />,
};
