import { noteHand } from './last-hand'

/**
 * After somebody signed in: this device begins to keep what is theirs, so that the password opens it without the server. Where that cannot
 * be, they are signed in all the same, and nothing opens without the server.
 */
export async function keepForDevice(password: string): Promise<void> {
  noteHand()
  if (password === '') return
  try {
    const { beginWithPassword } = await import('../device/key')
    await beginWithPassword(password)
  } catch {
    // A browser that keeps nothing.
  }
}
