import { render, screen, waitFor } from "@testing-library/react";
import Dexie from "dexie";
import { afterEach, expect, it } from "vitest";
import { YardDb } from "@/store/db";
import { OneAddress } from "./OneAddress";

// The tests' page is called localhost: a name that is not the yard's own.
afterEach(() => Dexie.delete("brisk-barrel"));

it("a yard that was begun under another name of this machine is not left behind", async () => {
  const db = new YardDb("own");
  await db.lines.bulkAdd(["a", "b"].map((id) => ({ id, text: JSON.stringify({ id }), g: 1 })));
  db.close();
  render(
    <OneAddress>
      <p>the yard</p>
    </OneAddress>,
  );
  await waitFor(() => expect(screen.getByRole("heading", { name: "This yard has moved" })).toBeTruthy());
  expect(screen.getByText(/There are 2 entries in this browser under the name localhost/)).toBeTruthy();
  expect(screen.queryByText("the yard")).toBeNull();
  expect(screen.getByRole("button", { name: "Save it as a file" })).toBeTruthy();
});
