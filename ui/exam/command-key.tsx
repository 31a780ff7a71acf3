'use client'

import { Key } from '../key'
import { type Command, letterOf } from './commands'
import { useHands } from './hands'

/** The key of a command as it is on this device. */
export function CommandKey({ of }: { readonly of: Command }) {
  const [{ keys }] = useHands()
  return <Key>{letterOf(of, keys).toUpperCase()}</Key>
}
