import { type ContainerLook, FACE, LINE, SOLID } from "./container";

/** A vehicle's: straps round it and a filler at its side. */
export const tank: ContainerLook = {
  behind: ({ width }) => <path d={`M${width / 2 - 8} 0V-5H${width / 2 + 5}V-12`} {...LINE} />,
  over: ({ width, height }) => (
    <>
      <rect x={width / 2} y="-16" width="10" height="6" {...SOLID} />
      {[-0.26, 0.26].map((at) => (
        <path key={at} d={`M${width * at} 1V${height - 1}`} {...FACE} strokeOpacity={0.7} />
      ))}
    </>
  ),
};
