import { atMost, type ContainerLook, FACE, LINE, SOLID } from "./container";

/** On chocks, its seams seen from the side, its bung on top. */
export const lying: ContainerLook = {
  behind: ({ width, height }) => {
    const chock = atMost(9, 0.2, height);
    return [-0.3, 0.3].map((at) => (
      <path
        key={at}
        d={`M${width * at - chock} ${height}L${width * at} ${height - chock}L${width * at + chock} ${height}Z`}
        {...LINE}
        className="fill-quiet stroke-ink"
      />
    ));
  },
  over: ({ width, height }) => (
    <>
      <rect x={-4} y={-4} width="9" height="4" {...SOLID} />
      {[-0.28, 0.28].map((at) => (
        <path key={at} d={`M${width * at} 1V${height - 1}`} {...FACE} />
      ))}
    </>
  ),
};
