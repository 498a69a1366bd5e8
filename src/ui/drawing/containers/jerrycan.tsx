import { atMost, type ContainerLook, FACE, LINE, SOLID } from "./container";

/** A grip and a cap on its shoulder, and a cross pressed into its side. */
export const jerrycan: ContainerLook = {
  behind: ({ width }) => {
    const h = atMost(10, 0.25, width);
    return <path d={`M${-width * 0.18} 0V${-h}H${width * 0.24}V0`} {...LINE} />;
  },
  over: ({ width, height }) => {
    const h = atMost(8, 0.2, width);
    return (
      <>
        <rect x={-width / 2 + 2} y={-h} width={width * 0.2} height={h} {...SOLID} />
        <path
          d={`M${-width * 0.26} ${height * 0.42}L${width * 0.26} ${height * 0.86}M${width * 0.26} ${height * 0.42}L${-width * 0.26} ${height * 0.86}`}
          {...FACE}
        />
      </>
    );
  },
};
