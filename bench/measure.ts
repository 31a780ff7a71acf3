/** Times of repeated runs in milliseconds, fastest first. */
export function timed(runs: number, work: (i: number) => void): readonly number[] {
  for (let i = 0; i < Math.min(20, runs); i++) work(-1 - i)
  return Array.from({ length: runs }, (_, i) => {
    const start = performance.now()
    work(i)
    return performance.now() - start
  }).sort((a, b) => a - b)
}

/** The value below which this share lies. */
export function share(sorted: readonly number[], p: number): number {
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * p))] ?? NaN
}

export function report(title: string, lines: readonly string[]): void {
  console.log(`\n${title}`)
  for (const line of lines) console.log(`  ${line}`)
}

/** A ratio with two figures. */
export function ratio(a: number, b: number): string {
  return `${Number((a / b).toPrecision(2))} times`
}
