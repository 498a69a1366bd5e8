export { type Asked, askWhy, askWorker, cancelWork } from "./client";
