import type { DeviceAdapter } from './adapter'
import * as roll from './roll'

/** Every real device there is an adapter for. */
export const ADAPTERS: readonly DeviceAdapter[] = Object.values(roll)
