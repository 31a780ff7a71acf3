import 'server-only'
import { DEMO_PRACTITIONER } from '../db/demo/clinic'

/** Who is working at this screen. */
export interface Who {
  readonly id: string
  readonly name: string
  /** The demo practitioner is signed in without a password, and every screen says so. */
  readonly demo: boolean
}

/** The practitioner of this request. Until sign-in exists, always the demo practitioner. */
export function who(): Who {
  return { ...DEMO_PRACTITIONER, demo: true }
}
