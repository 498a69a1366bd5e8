"use client";
import { useState } from "react";
import {
  goesIntoHose,
  intoHose,
  MOST_CONTROLS,
  newPart,
  openPorts,
  PART_KIND_IDS,
  type PartKind,
  rigFromShelf,
  type ShelfId,
  shelfFor,
  withControl,
  withHose,
  withPart,
} from "@/core/driving/rig";
import type { Vehicle } from "@/core/ledger";
import { Button, SelectField, TextField } from "@/ui";
import { ControlRow } from "./ControlRow";
import { kindName, portLabel } from "./faultWords";
import { HoseRow } from "./HoseRow";
import { PartRow } from "./PartRow";
import type { useRigDraft } from "./useRigDraft";

interface Props {
  readonly draft: ReturnType<typeof useRigDraft>;
  readonly vehicle: Vehicle;
}

const NEW_POSITIONS = ["diesel", "oil"];

/** Parts, hoses and switches, each to be changed where it stands; or an arrangement from the shelf to begin with. */
export function BuildPanel({ draft: { rig, change }, vehicle }: Props) {
  return (
    <div className="mt-3 grid max-w-[980px] gap-x-8 gap-y-4 xl:grid-cols-2">
      <section aria-labelledby="parts-title">
        <h2 id="parts-title" className="text-xl">
          Parts
        </h2>
        <ul>
          {rig.parts.map((p) => (
            <PartRow key={p.id} part={p} rig={rig} onChange={change} />
          ))}
        </ul>
        <AddPart draft={{ rig, change }} />
      </section>
      <div className="flex flex-col gap-4">
        <section aria-labelledby="hoses-title">
          <h2 id="hoses-title" className="text-xl">
            Hoses
          </h2>
          <ul>
            {rig.hoses.map((h) => (
              <HoseRow key={h.id} hose={h} rig={rig} onChange={change} />
            ))}
          </ul>
          <AddHose draft={{ rig, change }} />
        </section>
        <section aria-labelledby="controls-title">
          <h2 id="controls-title" className="text-xl">
            Switches and hand valves
          </h2>
          <ul>
            {rig.controls.map((c) => (
              <ControlRow key={c.id} control={c} rig={rig} onChange={change} />
            ))}
          </ul>
          <AddControl draft={{ rig, change }} />
        </section>
        <FromShelf tanks={vehicle.kind === "dual" ? 2 : 1} onTake={(id) => change(rigFromShelf(id))} />
      </div>
    </div>
  );
}

type Draft = Pick<ReturnType<typeof useRigDraft>, "rig" | "change">;

const BY_ITSELF = "";

function AddPart({ draft: { rig, change } }: { draft: Draft }) {
  const [kind, setKind] = useState<PartKind>("filter");
  const [hose, setHose] = useState(BY_ITSELF);
  const mayGoIn = goesIntoHose(kind);
  return (
    <div className="mt-2 grid grid-cols-2 items-end gap-2">
      <SelectField
        label="One more part"
        value={kind}
        onChange={(k) => setKind(k as PartKind)}
        options={PART_KIND_IDS.map((k) => ({ value: k, name: kindName(k) }))}
      />
      <SelectField
        label="Into the hose"
        value={mayGoIn ? hose : BY_ITSELF}
        onChange={setHose}
        options={[
          { value: BY_ITSELF, name: "None: hoses come after" },
          ...(mayGoIn
            ? rig.hoses.map((h) => ({ value: h.id, name: `${portLabel(rig, h.from)} → ${portLabel(rig, h.to)}` }))
            : []),
        ]}
      />
      <Button
        className="col-span-2"
        onClick={() => {
          const part = newPart(rig, kind);
          change(mayGoIn && hose !== BY_ITSELF ? intoHose(rig, hose, part) : withPart(rig, part));
          setHose(BY_ITSELF);
        }}
      >
        Put it in
      </Button>
    </div>
  );
}

function AddHose({ draft: { rig, change } }: { draft: Draft }) {
  const open = openPorts(rig);
  const [from, setFrom] = useState("");
  const [to, setTo] = useState("");
  if (open.length < 2) return null;
  const options = open.map((port) => ({ value: port, name: portLabel(rig, port) }));
  const [a, b] = [open.includes(from) ? from : (open[0] ?? ""), open.includes(to) ? to : (open[1] ?? "")];
  return (
    <div className="mt-2 grid grid-cols-2 items-end gap-2">
      <SelectField label="One more hose, from" value={a} onChange={setFrom} options={options} />
      <SelectField label="To" value={b} onChange={setTo} options={options} />
      <Button className="col-span-2" disabled={a === b} onClick={() => change(withHose(rig, a, b))}>
        Lay it
      </Button>
    </div>
  );
}

function AddControl({ draft: { rig, change } }: { draft: Draft }) {
  const [name, setName] = useState("");
  if (rig.controls.length >= MOST_CONTROLS) return <p className="text-[14px] text-ink-2">Four at the most.</p>;
  return (
    <div className="mt-2 flex items-end gap-2">
      <TextField label="One more switch, called" value={name} onChange={setName} />
      <Button
        disabled={name.trim() === ""}
        onClick={() => {
          change(withControl(rig, name.trim(), NEW_POSITIONS));
          setName("");
        }}
      >
        Add it
      </Button>
    </div>
  );
}

function FromShelf({ tanks, onTake }: { tanks: 1 | 2; onTake: (id: ShelfId) => void }) {
  const shelf = shelfFor(tanks);
  const [id, setId] = useState<string>(shelf[0]?.id ?? "");
  const chosen = shelf.find((s) => s.id === id);
  return (
    <section aria-labelledby="shelf-title">
      <h2 id="shelf-title" className="text-xl">
        From the shelf
      </h2>
      <SelectField
        label="Begin with"
        value={id}
        onChange={setId}
        options={shelf.map((s) => ({ value: s.id, name: s.name }))}
      />
      <p className="mt-1 text-[15px]">{chosen?.words}</p>
      <Button className="mt-1" onClick={() => onTake(id as ShelfId)}>
        Take it in place of these parts
      </Button>
    </section>
  );
}
