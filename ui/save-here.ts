/** Save a text as a file from this window, without a server. */
export function saveHere(text: string, type: string, name: string): void {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(new Blob([text], { type: `${type};charset=utf-8` }))
  link.download = name
  link.click()
  URL.revokeObjectURL(link.href)
}
