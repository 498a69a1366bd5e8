export function gammaInverse(probability: number, shape: number, scale: number): number;
export function normalInverse(probability: number): number;
