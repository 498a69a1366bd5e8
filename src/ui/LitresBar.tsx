import type { Balance } from "@/core/ledger";
import { enteredLitres } from "@/core/ledger/accounts";
import type { Units } from "./words";

interface Slice {
  readonly name: string;
  readonly litres: number;
  readonly className: string;
}

/** Where every litre that ever came in is now. It closes, or says that it does not. */
export function LitresBar({ balance, since, units }: { balance: Balance; since: string; units: Units }) {
  const entered = enteredLitres(balance);
  const slices: Slice[] = [
    { name: "Burned", litres: balance.out.burned, className: "bg-deep-2" },
    { name: "In the yard", litres: balance.standing, className: "bg-clear" },
    { name: "Disposed of", litres: balance.out.disposed, className: "bg-sludge" },
    { name: "Lost in bags", litres: balance.out.lost, className: "bg-[#7a3e10]" },
    { name: "Unaccounted", litres: balance.out.unaccounted, className: "bg-card" },
  ];
  return (
    <section
      id="litres-bar"
      aria-labelledby="litres-title"
      className="border-t border-rule bg-panel px-4 py-3 md:flex md:items-center md:gap-6 md:px-5 lg:sticky lg:bottom-0 lg:z-10"
    >
      <div className="shrink-0 md:w-[200px]">
        <h2 id="litres-title" className="text-lg leading-tight">
          Litres in, litres out
        </h2>
        <p className="text-[13px] text-ink-2">
          since {since}, at {units.celsius(15)}
        </p>
      </div>
      <div className="mt-2 flex-1 md:mt-0">
        <div aria-hidden="true" className="flex h-[16px] overflow-hidden rounded-sm border border-rule">
          {slices.map((s) => (
            <span key={s.name} className={s.className} style={{ flexGrow: Math.max(0, s.litres), flexBasis: 0 }} />
          ))}
        </div>
        <ul className="mt-1.5 flex flex-wrap gap-x-5 gap-y-1 text-[13px]">
          <li>
            <b className="font-plate text-[15px]">{units.litres(entered)}</b> came in
          </li>
          {slices.map((s) => (
            <li key={s.name} className="flex items-center gap-1.5">
              <span
                aria-hidden="true"
                className={`inline-block h-3 w-3 rounded-sm border border-ink-2 ${s.className}`}
              />
              {s.name} <b className="font-plate text-[15px]">{units.litres(s.litres)}</b>
            </li>
          ))}
          <li className={balance.closes ? "text-go" : "text-stop"}>
            {balance.closes ? "It closes." : `It does not close: ${units.litres(balance.gapLitres)} adrift.`}
          </li>
        </ul>
      </div>
    </section>
  );
}
