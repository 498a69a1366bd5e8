import { rigFromShelf, type ShelfId } from "@/core/driving/rig";
import { freshVehicle, type VehicleState } from "@/core/ledger";
import { asVehicleId, asVesselId } from "@/core/ledger/named";

/** A vehicle that is nobody's: to practise on before one has built anything, or on another arrangement than one's own. */
export const practiceVehicle = (id: ShelfId): VehicleState =>
  freshVehicle({
    id: asVehicleId(`practice ${id}`),
    name: "A practice truck",
    kind: "dual",
    dieselTank: asVesselId("practice-diesel"),
    oilTank: asVesselId("practice-oil"),
    burnLitresPerHour: 7,
    rig: rigFromShelf(id),
  });
