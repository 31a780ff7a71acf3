'use client'

import { legRaise } from '@/core/catalogue/leg/leg-raise'
import { figureOf } from '@/core/figure/figure'
import { PoseFigure } from '@/ui/figure/pose-figure'

const [FIRST] = legRaise.stages
const FIGURE = FIRST && figureOf(FIRST.pose, 'right')

/** The drawn patient as it will be on the bench. */
export function FigurePreview({ describes }: { readonly describes: string }) {
  return FIGURE ? <PoseFigure figure={FIGURE} describes={describes} className="h-40 w-72 max-w-full" /> : null
}
