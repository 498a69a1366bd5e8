export { checksumOf } from "./checksum";
export { type Route, type Waypoint, writeGpx } from "./gpx";
export { entryOf, inTime, type Line, lineOf } from "./line";
export { type ReadYard, readYardFile, writeYardFile, writeYardLines, type YardFileError } from "./yardFile";
