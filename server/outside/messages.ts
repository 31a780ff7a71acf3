import type { TemplateId } from '../../core/note/template'
import type { Paper } from '../paper/paper'
import type { Scope } from './archive'

/** What the thread is asked for. */
export type Asked =
  | { readonly do: 'print'; readonly id: number; readonly papers: readonly Paper[]; readonly now: number }
  | {
      readonly do: 'archive'
      readonly id: number
      readonly file: string
      readonly scope: Scope
      readonly template: TemplateId
      readonly now: number
      readonly scratch: string
    }
  | { readonly do: 'more' }

/** What it tells. */
export type Told =
  | { readonly told: 'printed'; readonly id: number; readonly bytes: Uint8Array<ArrayBuffer> }
  | { readonly told: 'piece'; readonly id: number; readonly bytes: Uint8Array<ArrayBuffer> }
  | { readonly told: 'done'; readonly id: number; readonly done: number }
  | { readonly told: 'end'; readonly id: number }
  | { readonly told: 'failed'; readonly id: number; readonly what: string }
