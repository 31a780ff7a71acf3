// Written by `npm run calibrate`; do not edit by hand.
export const CALIBRATION = {
  date: '2026-11-26',
  pelvicProvocation: {
    rho: 0.3,
    inputs: ['A07 (1 or more of 6)', 'A08 (2 or more of 6)', 'A09 (3 or more of 6)', 'A12 (2 or more of 4)', 'A13 (3 or more of 5)'],
  },
  sciaticTension: {
    rho: 0.59,
    inputs: ['B60 (κ 0.69)'],
  },
  brachialTension: {
    rho: 0.31,
    inputs: ['D22 (1 or more of 4)'],
  },
  segmentInstability: {
    rho: 0.35,
    inputs: ['C17 (2 or more of 2)'],
  },
} as const
