import { describe, expect, it } from "vitest";
import { DEFAULT_SETTINGS } from "@/core/ledger";
import { unitsOf } from "./units";
import { nightBy, weatherLine } from "./weather";

const NOW = new Date(2026, 11, 2, 18).toISOString();
const AT = new Date(2026, 11, 1, 20, 30).toISOString();

describe("who says how cold it is", () => {
  it("is said with the night: its owner and when, his months, the place, or nobody", () => {
    expect(nightBy({ celsius: -2, by: "said", at: AT }, NOW)).toBe("as you said yesterday at 20:30");
    expect(nightBy({ celsius: -6, by: "owner", at: null }, NOW)).toBe("the coldest you expect about now");
    expect(nightBy({ celsius: -6, by: "home", at: null }, NOW)).toContain("where your yard is, nobody said");
    expect(nightBy({ celsius: -6, by: "nobody", at: null }, NOW)).toBe("nobody said, as in a mild northern year");
  });
  it("is one line on the floor, in the owner's degrees", () => {
    const units = unitsOf({ ...DEFAULT_SETTINGS, temperatureUnit: "f" });
    const tonight = { celsius: -5, by: "nobody", at: null } as const;
    expect(weatherLine({ tonight, shed: null, nightsBy: "nobody" }, 15, NOW, units)).toMatch(
      /^Shed 59 °F, nobody has looked; tonight 23 °F, nobody said\.$/,
    );
    const shed = { at: AT, celsius: 10 };
    expect(weatherLine({ tonight, shed, nightsBy: "owner" }, 10, NOW, units)).toContain("read yesterday");
    const said = { celsius: -5, by: "said", at: AT } as const;
    expect(weatherLine({ tonight: said, shed, nightsBy: "owner" }, 10, NOW, units)).toMatch(/, said yesterday\.$/);
  });
});
