// Fits the correlation of each group to the published thresholds and writes core/evidence/calibration.ts.
import { writeFileSync } from 'node:fs'
import { fitRho } from '../core/evidence/calibrate'
import { FITTED_GROUPS, thresholdsOf } from '../core/evidence/thresholds'

const fits = FITTED_GROUPS.map((group) => {
  const { thresholds, agreements, names } = thresholdsOf(group)
  return { group, names, rho: fitRho(thresholds, agreements) }
})

writeFileSync(
  'core/evidence/calibration.ts',
  `// Written by \`npm run calibrate\`; do not edit by hand.
export const CALIBRATION = {
  date: '${new Date().toISOString().slice(0, 10)}',
${fits
  .map(
    (f) => `  ${f.group}: {
    rho: ${f.rho},
    inputs: [${f.names.map((name) => `'${name}'`).join(', ')}],
  },`,
  )
  .join('\n')}
} as const
`,
)
for (const f of fits) console.log(`${f.group}: rho ${f.rho}`)
