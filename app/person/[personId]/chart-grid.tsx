'use client'

import type { SignSeries, StoredVisit, SymptomSeries } from '@/core/change/series'
import { SignChart, SymptomChart } from '@/ui/charts/small-multiple'

/** What is drawn of one episode. */
export interface Drawn {
  readonly signs: readonly SignSeries[]
  readonly symptoms: readonly SymptomSeries[]
  readonly span: readonly [number, number]
  readonly treated: readonly number[]
}

/** What is drawn and listed of one episode. */
export interface Figures extends Drawn {
  readonly visits: readonly StoredVisit[]
}

/** How a grid of small charts stands on the page. */
export const GRID = 'mt-4 grid gap-3 sm:grid-cols-2 lg:grid-cols-3 print:grid-cols-2'

/** Small charts side by side: the symptoms first, then the signs. */
export function ChartGrid({ signs, symptoms, span, treated }: Drawn) {
  return (
    <div className={GRID}>
      {symptoms.map((series) => (
        <SymptomChart key={series.id} series={series} span={span} treated={treated} />
      ))}
      {signs.map((series) => (
        <SignChart key={series.key} series={series} span={span} treated={treated} />
      ))}
    </div>
  )
}
