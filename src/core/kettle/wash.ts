/** What washing leaves of the soap. */
export interface Wash {
  readonly soapPpm: number;
  /** The least whole number of washes that meets the limit; 0 where it is met, null where the water takes nothing. */
  readonly washesToLimit: number | null;
}

/** A last bit over the limit is rounding: the soap that n washes leave is a power of one share. */
const ROUNDING = 1e-12;

/**
 * n equal washes each multiply soap by 1/(1 + K·w): K = ppm in the water over ppm in the fuel, fitted from soap
 * titrations, w = litres of water a litre of fuel. Source: physics §5.
 */
export function wash(soapPpm: number, washes: number, waterShare: number, partition: number, limitPpm: number): Wash {
  const keeps = 1 / (1 + partition * waterShare);
  const needed = soapPpm <= limitPpm ? 0 : Math.log(limitPpm / soapPpm) / Math.log(keeps);
  return {
    soapPpm: soapPpm * keeps ** washes,
    washesToLimit: Number.isFinite(needed) ? Math.ceil(needed * (1 - ROUNDING)) : null,
  };
}
