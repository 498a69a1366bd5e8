import { fillOf, OIL_BY_CLARITY } from "./fills";

interface Props {
  readonly look: "clear" | "creamy" | "wet";
}

/** A jar of raw oil held to the light, beside the words that say the same. */
export function Jar({ look }: Props) {
  const fat = fillOf("fryer-fat");
  return (
    <svg width="30" height="40" viewBox="0 0 30 40" aria-hidden="true" className="shrink-0">
      <rect x="8" y="1" width="14" height="4" className="fill-quiet" />
      <rect x="4" y="7" width="22" height="31" rx="3" className="fill-card" />
      <rect x="5" y="12" width="20" height="25" rx="2" fill={look === "wet" ? "#c9a86a" : OIL_BY_CLARITY.clear} />
      {look === "creamy" ? (
        <>
          <rect x="5" y="25" width="20" height="12" rx="2" fill={fat.colour} />
          <rect x="5" y="25" width="20" height="12" rx="2" fill="url(#hatch-dots)" />
        </>
      ) : null}
      {look === "wet" ? (
        <>
          <rect x="5" y="32" width="20" height="5" fill={fillOf("water").colour} />
          <rect x="5" y="12" width="20" height="20" fill="url(#hatch-lines)" opacity="0.5" />
        </>
      ) : null}
      <rect x="4" y="7" width="22" height="31" rx="3" fill="none" className="stroke-ink" strokeWidth="1.5" />
    </svg>
  );
}
