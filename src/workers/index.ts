export { type Asked, askWhy, askWorker, askWorkerAny, cancelWork } from "./client";
