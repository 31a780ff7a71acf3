import type { Role } from '../db/queries/accounts'
import { DEMO_PRACTITIONER } from '../db/demo/practitioner'

/** Who is working at this screen. */
export interface Who {
  readonly id: string
  readonly name: string
  readonly role: Role
  /** The demo practitioner is signed in without a password, and every screen says so. */
  readonly demo: boolean
}

/** The practitioner of the demo clinic looks after it too, so that everything can be tried. */
export const DEMO_WHO: Who = { ...DEMO_PRACTITIONER, role: 'lead', demo: true }
