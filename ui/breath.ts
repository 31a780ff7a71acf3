/** Lets the window do what waits, a key or a frame, before more is computed. */
export function breath(): Promise<void> {
  return new Promise((resolve) => {
    const { port1, port2 } = new MessageChannel()
    // A message comes after what waits and without the pause that timers are held to.
    port1.onmessage = () => {
      port1.close()
      resolve()
    }
    port2.postMessage(null)
  })
}
