import * as yup from 'yup'

/** One reading of an outside device. Frames travel as lines of JSON, one a line. */
export interface Frame {
  /** Milliseconds on the device's own clock; only differences mean anything. */
  readonly t: number
  readonly channel: 'angle' | 'force' | 'pressure' | 'button' | 'pulse'
  readonly unit: 'deg' | 'N' | 'mmHg' | '1'
  readonly value: number
  readonly device: string
}

const FRAME = yup
  .object({
    t: yup.number().strict().required(),
    channel: yup.string().strict().oneOf(['angle', 'force', 'pressure', 'button', 'pulse']).required(),
    unit: yup.string().strict().oneOf(['deg', 'N', 'mmHg', '1']).required(),
    value: yup.number().strict().required(),
    device: yup.string().strict().max(60).required(),
  })
  .noUnknown()
  .strict()

/** Which unit each channel is read in. */
const UNIT: Record<Frame['channel'], Frame['unit']> = { angle: 'deg', force: 'N', pressure: 'mmHg', button: '1', pulse: '1' }

/** Read one line of a device; null when it is not a frame, or its unit does not belong to its channel. */
export function parseFrame(line: string): Frame | null {
  try {
    const frame = FRAME.validateSync(JSON.parse(line), { strict: true }) as Frame
    return UNIT[frame.channel] === frame.unit && Number.isFinite(frame.value) && Number.isFinite(frame.t) ? frame : null
  } catch {
    return null
  }
}
