import type { Degrees } from '../../core/vocabulary/degrees'
import type { Pose } from '../../core/vocabulary/pose'
import type { TestSide } from '../../core/vocabulary/side'

/** A part of a page, from top to bottom. */
export type Block =
  | { readonly kind: 'title' | 'heading' | 'text' | 'item' | 'beside' | 'own' | 'urgent'; readonly text: string }
  /** Movements side by side, each with one sentence under it. */
  | { readonly kind: 'figures'; readonly figures: readonly Drawn[] }

/** A drawn movement. */
export interface Drawn {
  readonly pose: Pose
  readonly side: TestSide
  readonly angle?: Degrees
  readonly says: string
}

/** A paper that leaves the house, as plain data: what stands on it, and what every page of it carries. */
export interface Paper {
  readonly title: string
  /** Person, number and date. */
  readonly about: string
  /** Which version this is, and what it was read with. */
  readonly version: string
  /** Base size of the letters, in points. */
  readonly size: number
  /** It has to stand on one page: what can be drawn smaller is. */
  readonly onePage?: boolean
  readonly blocks: readonly Block[]
}
