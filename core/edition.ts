import type { Edition } from './vocabulary/edition'

/**
 * The edition this program reads with.
 *
 * Raised by hand when the meaning of a record could change; `edition.test.ts` notices when it was forgotten, and
 * docs/changing-a-test.md says what to write down.
 */
export const EDITION: Edition = { catalogue: 4, rules: 5, register: 4 }
