/**
 * Other spellings of a path that a server, a proxy or a framework somewhere takes for the same: dot segments in every encoding, encoded
 * and double slashes, backslashes, letters in percent form, suffixes and prefixes of the framework, absolute forms.
 *
 * @param path - in its normal form, longer than "/"
 */
export function spellingsOf(path: string): readonly string[] {
  const rest = path.slice(1)
  const [first = '', ...others] = rest.split('/')
  const tail = others.length > 0 ? `/${others.join('/')}` : ''
  const percent = (text: string) => text.replace(/[a-z]/i, (letter) => `%${letter.charCodeAt(0).toString(16)}`)
  return [
    `/_next/..${path}`,
    `/_next/static/../..${path}`,
    `/_next/static/%2e%2e/%2e%2e${path}`,
    `/_next/static/%2E%2E/..${path}`,
    `/_next/static/..%2f..${path}`,
    `/_next/static/..%5c..${path}`,
    `/sign-in/..${path}`,
    `/sign-in/%2e%2e${path}`,
    `/sign-in/.%2e${path}`,
    `/sign-in/..;${path}`,
    `/library/..${path}`,
    `/bell/../${rest}`,
    `/.${path}`,
    `/%2e${path}`,
    `/${path}`,
    `//${path}`,
    `/%2f${rest}`,
    `/%2F${rest}`,
    `/\\${rest}`,
    `/%5C${rest}`,
    `/${percent(first)}${tail}`,
    `/%25${percent(first).slice(1)}${tail}`,
    `/${first}//${others.join('/')}`,
    `/${first}%2f${others.join('%2f')}`,
    `/${first}/.${tail}`,
    `/${first}/x/..${tail}`,
    `${path}/.`,
    `${path}/x/..`,
    `${path}%00`,
    `${path}%0a`,
    `${path}%20`,
    `${path}\u0000`,
    `${path};x=1`,
    `${path}#x`,
    `${path}.rsc`,
    `${path}.json`,
    `${path}.segments/_tree.segment.rsc`,
    `/_next/data/development${path}.json`,
    `/_next/static${path}`,
    `/_next/image?url=${encodeURIComponent(path)}&w=64&q=75`,
    `http://127.0.0.1${path}`,
    `http://elsewhere.example${path}`,
    rest,
    path.toUpperCase(),
    `/en${path}`,
  ]
}
