// Fits the correlation of each group to the published thresholds and writes core/evidence/calibration.ts.
import { writeFileSync } from 'node:fs'
import { fitRho } from '../core/evidence/calibrate'
import { pelvicThresholds } from '../core/evidence/thresholds'

const { present, absent, names } = pelvicThresholds()
const rho = { present: fitRho(present), absent: fitRho(absent) }

writeFileSync(
  'core/evidence/calibration.ts',
  `// Written by \`npm run calibrate\`; do not edit by hand.
export const CALIBRATION = {
  date: '${new Date().toISOString().slice(0, 10)}',
  pelvicProvocation: {
    rho: { present: ${rho.present}, absent: ${rho.absent} },
    inputs: [${names.map((name) => `'${name}'`).join(', ')}],
  },
} as const
`,
)
console.log(`pelvic provocation: rho ${rho.present} with the source, ${rho.absent} without`)
