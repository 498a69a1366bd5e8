export { readYardFile, writeYardFile, YARD_FORMAT, YARD_SCHEMA, type YardFile, type YardFileError } from "./yardFile";
