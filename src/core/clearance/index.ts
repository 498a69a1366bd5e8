export { clearanceOf, type DraftClearance, type DraftWarning } from "./clearance";
