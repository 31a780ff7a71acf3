/** Characters that reorder or hide what stands beside them, and those no screen or paper can show. Line breaks and tabs stay. */
const HIDDEN = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f\u200b-\u200f\u202a-\u202e\u2060-\u2064\u2066-\u206f\ufeff\ufff9-\ufffb]/g

/**
 * A free text as it may leave the house: what cannot be seen is taken out, line ends are one character, and half of a pair of code units
 * becomes the sign for what cannot be shown.
 *
 * @example printable('a\u202Ecba\u0000') // "acba"
 */
export function printable(text: string): string {
  return text
    .replaceAll('\r\n', '\n')
    .replaceAll('\r', '\n')
    .replace(HIDDEN, '')
    .replace(/[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/g, '\ufffd')
}
