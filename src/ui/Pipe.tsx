import type { ReactNode } from "react";

export interface PipeStop {
  readonly key: string;
  readonly name: string;
  /** What stands there, in the owner's unit, or "=" for the books when they close; and the same as it is said. */
  readonly figure: string;
  readonly said: string;
  readonly due: number;
  readonly here: boolean;
}

interface Props {
  readonly stops: readonly PipeStop[];
  /** Renders the link around a disc; routing is the caller's. */
  readonly link: (stop: PipeStop, children: ReactNode, label: string) => ReactNode;
}

/** The stations on one pipe in working order, each with what stands there and how much is due. */
export function Pipe({ stops, link }: Props) {
  return (
    <ol className="relative mx-auto flex w-max max-w-[900px] md:w-full md:justify-between">
      <li aria-hidden="true" className="absolute top-[22px] right-8 left-8 h-[6px] rounded bg-deep-2 md:top-[19px]" />
      {stops.map((s) => (
        <li key={s.key} className="relative">
          {link(
            s,
            <>
              <span
                className={`relative flex h-9 min-w-9 items-center justify-center rounded-full border-[3px] px-1 font-plate text-[15px] font-semibold ${s.here ? "border-white bg-white text-deep" : "border-[#6fa39d] bg-deep text-white"}`}
              >
                {s.figure}
                {s.due > 0 ? (
                  <span className="absolute -top-2 -right-3 flex h-5 min-w-5 items-center justify-center rounded-full bg-due px-1 text-[13px] text-[#10211f]">
                    {s.due}
                  </span>
                ) : null}
              </span>
              <span className={`mt-1 font-plate text-[15px] font-medium ${s.here ? "text-white" : "text-on-deep"}`}>
                {s.name}
              </span>
            </>,
            `${s.name}, ${s.said}${s.due > 0 ? `, ${s.due} due` : ""}`,
          )}
        </li>
      ))}
    </ol>
  );
}

export const PIPE_LINK = "flex min-h-[60px] min-w-[76px] flex-col items-center px-2 pt-2 pb-1 md:pt-1";
