import { EVERY_CALCULATION } from "@/core/calculations";

/** Every calculation by name, with what it says and where it is. */
export const GET = (): Response =>
  Response.json({
    calculations: EVERY_CALCULATION.map(({ name, room, title, equation, source, range }) => ({
      name,
      room,
      title,
      equation,
      source,
      range,
      href: `/api/calc/${name}`,
    })),
  });
