import { type Frame, parseFrame } from '../../core/metrology/frame'
import type { DeviceAdapter } from '../adapter'

/** As much of a serial port of the browser (Web Serial) as is used here. */
export interface SerialPort {
  readonly readable: ReadableStream<Uint8Array> | null
  open(options: { readonly baudRate: number }): Promise<void>
  close(): Promise<void>
}

interface WithSerial {
  readonly serial?: { requestPort(): Promise<SerialPort> }
}

/** Bits a second: what small boards speak when nobody has changed it. */
const BAUD = 115_200

/**
 * A device on a serial line that writes one frame of JSON a line, as in docs/devices.md.
 *
 * The example of an adapter: it finds the device, reads its bytes and turns them into frames. What a frame means is not its business.
 */
export const serialLines: DeviceAdapter = {
  id: 'serial-lines',
  name: 'Device on a serial line',
  channels: ['angle', 'force', 'pressure', 'button', 'pulse'],
  available: () => typeof navigator !== 'undefined' && (navigator as WithSerial).serial !== undefined,
  open: async (tell) => {
    const serial = typeof navigator === 'undefined' ? undefined : (navigator as WithSerial).serial
    if (!serial) throw new Error('This browser cannot reach devices on a serial line.')
    const port = await serial.requestPort()
    await port.open({ baudRate: BAUD })
    return readLines(port, tell)
  },
}

/** Hand on every line that is a frame until it is ended; a line that is none is passed over. */
export function readLines(port: SerialPort, tell: (frame: Frame) => void): () => Promise<void> {
  const reader = port.readable?.getReader()
  const text = new TextDecoder()
  let rest = ''
  const pump = async () => {
    for (let read = await reader?.read(); read && !read.done; read = await reader?.read()) {
      const lines = (rest + text.decode(read.value, { stream: true })).split('\n')
      rest = lines.pop() ?? ''
      for (const line of lines) {
        const frame = parseFrame(line)
        if (frame) tell(frame)
      }
    }
  }
  // A cable that is pulled ends the reading; whoever holds the bench sees that nothing comes any more.
  const done = pump().catch(() => undefined)
  return async () => {
    await reader?.cancel().catch(() => undefined)
    await done
    reader?.releaseLock()
    await port.close().catch(() => undefined)
  }
}
