'use client'

import { setNonce } from 'get-nonce'

/** Hands the page's nonce to libraries that add a style of their own, so that the content policy lets it through. */
export function Nonce({ nonce }: { readonly nonce: string }) {
  setNonce(nonce)
  return null
}
