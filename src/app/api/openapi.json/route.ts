import { openApiDocument } from "../document";

export const GET = (): Response => Response.json(openApiDocument());
