// Fits the correlation of each group to the published thresholds and writes core/evidence/calibration.ts.
import { writeFileSync } from 'node:fs'
import { fitRho } from '../core/evidence/calibrate'
import { FITTED_GROUPS, thresholdsOf } from '../core/evidence/thresholds'

const fits = FITTED_GROUPS.map((group) => {
  const { present, absent, names } = thresholdsOf(group)
  return { group, names, present: fitRho(present), absent: fitRho(absent) }
})

writeFileSync(
  'core/evidence/calibration.ts',
  `// Written by \`npm run calibrate\`; do not edit by hand.
export const CALIBRATION = {
  date: '${new Date().toISOString().slice(0, 10)}',
${fits
  .map(
    (f) => `  ${f.group}: {
    rho: { present: ${f.present}, absent: ${f.absent} },
    inputs: [${f.names.map((name) => `'${name}'`).join(', ')}],
  },`,
  )
  .join('\n')}
} as const
`,
)
for (const f of fits) console.log(`${f.group}: rho ${f.present} with the source, ${f.absent} without`)
