"use client";
import LogSheet from "@/stations/log/LogSheet";
import { BENCHES, VERBS } from "./verbs";

interface Props {
  readonly verb: string | null;
  readonly values: Readonly<Record<string, string>>;
  readonly onClose: () => void;
  /** Closes it on the way to another page. */
  readonly onLeave: () => void;
}

/** The Log with every station's verbs in it. */
export default function Log(props: Props) {
  return <LogSheet verbs={VERBS} benches={BENCHES} {...props} />;
}
