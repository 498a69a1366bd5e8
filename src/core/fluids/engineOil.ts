/** More engine oil than a rinse of the tin leaves, as a share. From there on a lot is dark: no light goes through it. */
export const ENGINE_OIL_SHARE = 0.02;
