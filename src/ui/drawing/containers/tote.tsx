import { type ContainerLook, FACE, LINE, SOLID } from "./container";

/** A cage round it, a pallet under it, a lid one can look into. */
export const tote: ContainerLook = {
  over: ({ width, height }) => (
    <>
      <path d={`M-8 0a8 8 0 0 1 16 0Z`} {...SOLID} />
      {[-1 / 3, -1 / 6, 0, 1 / 6, 1 / 3].map((at) => (
        <path key={at} d={`M${width * at} 1V${height - 1}`} {...FACE} />
      ))}
      <path d={`M${-width / 2 - 4} ${height}H${width / 2 + 4}`} {...LINE} strokeWidth={3} />
    </>
  ),
};
