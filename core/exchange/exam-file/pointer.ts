/**
 * A path as Yup writes it, as a JSON pointer (RFC 6901).
 *
 * @example pointerOf('results[2].test') // "/results/2/test"
 * @example pointerOf('priors["sij-pain"]') // "/priors/sij-pain"
 */
export function pointerOf(path: string): string {
  const parts = [...path.matchAll(/\["([^"]*)"\]|\[(\d+)\]|([^.[\]]+)/g)].map((m) => m[1] ?? m[2] ?? m[3] ?? '')
  return parts.map((part) => `/${part.replaceAll('~', '~0').replaceAll('/', '~1')}`).join('')
}

/** Yup begins its own sentences with the path, which stands before them already. */
export function withoutPath(message: string, path: string): string {
  return path !== '' && message.startsWith(`${path} `) ? message.slice(path.length + 1) : message
}
