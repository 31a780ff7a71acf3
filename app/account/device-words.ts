const BROWSERS = [
  [/\bEdg\//, 'Edge'],
  [/\bFirefox\//, 'Firefox'],
  [/\bChrom(e|ium)\//, 'Chromium'],
  [/\bSafari\//, 'Safari'],
] as const

const SYSTEMS = [
  [/\bAndroid\b/, 'Android'],
  [/\b(iPhone|iPad)\b/, 'a phone or tablet'],
  [/\bWindows\b/, 'Windows'],
  [/\bMac OS X\b/, 'a Mac'],
  [/\bLinux\b/, 'Linux'],
] as const

/** A browser as it names itself, in a few words; as it stands when it names itself otherwise. */
export function deviceWords(agent: string): string {
  const browser = BROWSERS.find(([sign]) => sign.test(agent))?.[1]
  const system = SYSTEMS.find(([sign]) => sign.test(agent))?.[1]
  if (!browser && !system) return agent.slice(0, 60)
  return [browser ?? 'A browser', system && `on ${system}`].filter(Boolean).join(' ')
}
