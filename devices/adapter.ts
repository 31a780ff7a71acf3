import type { Frame } from '../core/metrology/frame'

/** A real device that this browser can read by itself, without a code. */
export interface DeviceAdapter {
  readonly id: string
  /** As a person calls it: "Device on a serial line". */
  readonly name: string
  /** What it can tell. */
  readonly channels: readonly Frame['channel'][]
  /** Can this browser reach it? */
  readonly available: () => boolean
  /**
   * Ask the person for the device, and hand on what it sends.
   *
   * @returns ends it; may be called at any time
   * @throws {Error} a sentence, when it cannot be opened
   */
  readonly open: (tell: (frame: Frame) => void) => Promise<() => Promise<void>>
}
