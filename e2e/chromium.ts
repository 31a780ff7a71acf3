/** Debian's Chromium, started so that it asks nothing of the network. */
export const CHROMIUM = {
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // A camera that shows a moving picture, and asks nobody.
    '--use-fake-device-for-media-stream',
    '--use-fake-ui-for-media-stream',
  ],
}
