import 'server-only'
import { who, type Who } from './who'

/** What was found out about who asks. */
export type Identity = { readonly ok: true; readonly who: Who } | { readonly ok: false; readonly status: 401 | 403 }

/**
 * Who asks, and may they? The one place every route passes.
 *
 * Until there is sign-in everybody is the demo practitioner; sign-in fills this in and nothing else has to change.
 */
export const identify: (request: Request) => Identity = () => ({ ok: true, who: who() })
