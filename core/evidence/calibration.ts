// Written by `npm run calibrate`; do not edit by hand.
export const CALIBRATION = {
  date: '2026-11-24',
  pelvicProvocation: {
    rho: { present: 0.265, absent: 0.57 },
    inputs: ['A07 (1 or more of 6)', 'A08 (2 or more of 6)', 'A09 (3 or more of 6)', 'A12 (2 or more of 4)', 'A13 (3 or more of 5)'],
  },
} as const
