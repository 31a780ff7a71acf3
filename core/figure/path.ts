import { curveCatmullRom, curveCatmullRomClosed, line } from 'd3-shape'
import type { Point } from './geometry'

const through = line<Point>()
  .x((p) => Math.round(p.x * 100) / 100)
  .y((p) => Math.round(-p.y * 100) / 100)

/** A soft closed outline through these points; y up in, y down out. */
export function closedPath(points: readonly Point[]): string {
  return through.curve(curveCatmullRomClosed.alpha(0.6))(points as Point[]) ?? ''
}

/** A soft line through these points. */
export function openPath(points: readonly Point[]): string {
  return through.curve(curveCatmullRom.alpha(0.6))(points as Point[]) ?? ''
}

/** A point as a path writes it. */
export function xy(p: Point): string {
  return `${Math.round(p.x * 100) / 100} ${Math.round(-p.y * 100) / 100}`
}
