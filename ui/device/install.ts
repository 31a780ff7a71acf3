/** Tells of a version of the program that waits to take over. */
export type OnWaiting = (take: () => void) => void

/**
 * Let the browser keep the program, where it can: over https and on the machine itself. A new version waits until somebody lets it
 * take over.
 */
export async function install(onWaiting: OnWaiting): Promise<void> {
  if (!('serviceWorker' in navigator) || !window.isSecureContext) return
  const registration = await navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' })
  const told = () => {
    const { waiting } = registration
    // The first one takes nothing over from anybody.
    if (!waiting || !navigator.serviceWorker.controller) return
    onWaiting(() => {
      navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), { once: true })
      waiting.postMessage({ type: 'SKIP_WAITING' })
    })
  }
  told()
  registration.addEventListener('updatefound', () => {
    registration.installing?.addEventListener('statechange', told)
  })
}
