// Written by `npm run calibrate`; do not edit by hand.
export const CALIBRATION = {
  date: '2026-11-25',
  pelvicProvocation: {
    rho: { present: 0.265, absent: 0.57 },
    inputs: ['A07 (1 or more of 6)', 'A08 (2 or more of 6)', 'A09 (3 or more of 6)', 'A12 (2 or more of 4)', 'A13 (3 or more of 5)'],
  },
  brachialTension: {
    rho: { present: 0.22, absent: 0.79 },
    inputs: ['D22 (1 or more of 4)'],
  },
  segmentInstability: {
    rho: { present: 0.135, absent: 0.375 },
    inputs: ['C17 (2 or more of 2)'],
  },
} as const
