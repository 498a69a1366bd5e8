"use client";
import { useCopyFolder, useSaveCopy } from "@/desk";
import { useYard } from "@/store";
import { Button } from "@/ui";
import { counted, fullMoment } from "@/ui/words";

/** Ways out: the yard as one file, by hand or by itself into a folder. */
export function CopiesBox() {
  const { book, name } = useYard();
  const save = useSaveCopy();
  const folder = useCopyFolder();
  return (
    <section aria-labelledby="copies-title" id="copies" className="mt-4">
      <h2 id="copies-title" className="text-xl">
        Keep a copy
      </h2>
      <p className="my-1 text-[14px] text-ink-2">
        The whole yard as one file. It is yours; nothing leaves this machine unless you carry it.{" "}
        {name === "demo"
          ? ""
          : book.copied
            ? `Last copied ${fullMoment(book.copied.at)}; ${counted(book.sinceCopy, "entry", "entries")} since.`
            : "Never copied yet."}
      </p>
      <Button wide onClick={() => void save()}>
        Export the yard
      </Button>
      {folder.can ? (
        <div className="mt-2">
          {folder.name === null ? (
            <Button wide onClick={() => void folder.pick()}>
              Copy by itself into a folder
            </Button>
          ) : (
            <>
              <p className="text-[15px]">
                {folder.isAsleep
                  ? `Copies to ${folder.name} are waiting: the browser wants to be asked again.`
                  : `Copied into ${folder.name} after you log, read back and checked. The newest five stay, then one a day for a week and one a month for a year.`}
              </p>
              <div className="mt-1 flex flex-wrap gap-2">
                {folder.isAsleep ? (
                  <Button look="go" onClick={() => void folder.wake()}>
                    Go on copying
                  </Button>
                ) : null}
                <Button onClick={() => void folder.pick()}>Another folder</Button>
                <Button onClick={() => void folder.drop()}>Stop copying</Button>
              </div>
            </>
          )}
          {folder.refused ? (
            <p role="alert" className="mt-1 text-stop">
              The folder did not take the copy: {folder.refused}. The yard itself is untouched.
            </p>
          ) : null}
        </div>
      ) : null}
    </section>
  );
}
