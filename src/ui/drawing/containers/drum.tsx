import { atMost, type ContainerLook, LINE, SOLID } from "./container";

/** Two rolling hoops, a chime above and below, and a bung. */
export const drum: ContainerLook = {
  over: ({ width, height }) => (
    <>
      <rect
        x={width * 0.16}
        y={-atMost(5, 0.1, width)}
        width={width * 0.13}
        height={atMost(5, 0.1, width)}
        {...SOLID}
      />
      {[0, 1 / 3, 2 / 3, 1].map((share) => (
        <path
          key={share}
          d={`M${-width / 2 - 2} ${height * share}H${width / 2 + 2}`}
          {...LINE}
          strokeWidth={share === 0 || share === 1 ? 3 : 2}
        />
      ))}
    </>
  ),
};
