/** A window that is never idle still gets what it will need, after this long, in milliseconds. */
const LATEST_MS = 2000

/**
 * Does tasks one after another, each only when the window has nothing else to do, so that none of them delays an answer.
 * @returns what ends it: no further task is begun
 */
export function whenIdle(tasks: readonly (() => Promise<unknown>)[]): () => void {
  let ended = false
  let end: () => void = () => undefined
  const next = (at: number): void => {
    const task = tasks[at]
    if (ended || task === undefined) return
    // A task that fails is not needed now; whoever needs it later asks again and is told.
    end = idle(
      () =>
        void task().then(
          () => next(at + 1),
          () => next(at + 1),
        ),
    )
  }
  next(0)
  return () => {
    ended = true
    end()
  }
}

function idle(then: () => void): () => void {
  // Not every browser tells when it is idle.
  if (typeof requestIdleCallback !== 'function') {
    const timer = setTimeout(then, LATEST_MS / 10)
    return () => clearTimeout(timer)
  }
  const handle = requestIdleCallback(then, { timeout: LATEST_MS })
  return () => cancelIdleCallback(handle)
}
