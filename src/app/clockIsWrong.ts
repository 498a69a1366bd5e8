import { MS_PER_MINUTE } from "@/core/units";

/** A clock may be a little behind another device's without anybody having set it wrong. */
const SLACK_MS = 5 * MS_PER_MINUTE;

/** Whether this device's clock lies behind the yard's own now, which is never before its newest entry. */
export const clockIsWrong = (now: string): boolean => Date.parse(now) - Date.now() >= SLACK_MS;
