/** What stands while the yard is being opened: the frame's colours, so nothing jumps. */
export function Waiting() {
  return (
    <div className="min-h-dvh">
      <div className="flex h-[60px] items-center bg-deep px-5 font-plate text-[22px] font-semibold text-white uppercase md:h-[84px]">
        Brisk Barrel
      </div>
      <p className="p-5 text-ink-2">Opening the yard.</p>
    </div>
  );
}
