import type { YardName } from "./db";

/** Held by a worker for as long as it lives; the rest of the name says when it was started. */
export const LIFE_LOCK = "brisk-barrel worker ";

export const writeLock = (name: YardName): string => `brisk-barrel ${name}`;
export const turnLock = (name: YardName): string => `brisk-barrel turn ${name}`;
