export function gammaInverse(probability: number, shape: number, scale: number): number;
export function normalInverse(probability: number): number;
export function studentCdf(t: number, freedom: number): number;
export function studentInverse(probability: number, freedom: number): number;
