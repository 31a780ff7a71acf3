/** Something that is sealed: only who has the key reads it. */
export interface Sealed {
  readonly iv: Uint8Array
  readonly data: ArrayBuffer
}

/** Seals what a device keeps for one practitioner. */
export interface Seal {
  /** Whose it is. */
  readonly by: string
  readonly close: (value: unknown) => Promise<Sealed>
  /** @returns undefined for what another key sealed, or was changed */
  readonly open: (sealed: Sealed) => Promise<unknown>
}

/** AES-GCM with 256 bits and a new nonce each time; the browser's own. @param key - in base64 */
export async function sealWith(by: string, key: string): Promise<Seal> {
  const raw = Uint8Array.from(atob(key), (sign) => sign.charCodeAt(0))
  const secret = await crypto.subtle.importKey('raw', raw, 'AES-GCM', false, ['encrypt', 'decrypt'])
  return {
    by,
    close: async (value) => {
      const iv = crypto.getRandomValues(new Uint8Array(12))
      const data = await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, secret, new TextEncoder().encode(JSON.stringify(value)))
      return { iv, data }
    },
    open: async ({ iv, data }) => {
      try {
        const plain = await crypto.subtle.decrypt({ name: 'AES-GCM', iv: new Uint8Array(iv) }, secret, data)
        return JSON.parse(new TextDecoder().decode(plain)) as unknown
      } catch {
        return undefined
      }
    },
  }
}

/** Can this page seal? Browsers let only https and the machine itself. */
export function canSeal(): boolean {
  return typeof crypto !== 'undefined' && 'subtle' in crypto && typeof indexedDB !== 'undefined'
}
