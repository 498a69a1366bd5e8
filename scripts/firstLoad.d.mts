export function firstLoad(): Record<string, number>;
