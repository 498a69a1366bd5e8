export { type Route, type Waypoint, writeGpx } from "./gpx";
export {
  type Raw,
  type ReadYard,
  readYardFile,
  writeYardFile,
  YARD_FORMAT,
  YARD_SCHEMA,
  type YardFile,
  type YardFileError,
} from "./yardFile";
