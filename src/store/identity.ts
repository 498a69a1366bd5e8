/** The device's id as earlier releases kept it; since then the database keeps it, with the first entry it stands on. */
const DEVICE_KEY = "brisk-barrel-device";

export function earlierDeviceId(): string | null {
  try {
    return localStorage.getItem(DEVICE_KEY);
  } catch {
    return null;
  }
}

/** Takes a lock for as long as this page lives; says whether it was free. */
export const holdForLife = (name: string): Promise<boolean> =>
  new Promise((answer) => {
    void navigator.locks.request(`brisk-barrel tab ${name}`, { ifAvailable: true }, (lock) => {
      answer(lock !== null);
      return lock === null ? undefined : new Promise(() => undefined);
    });
  });
