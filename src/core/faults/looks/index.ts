import { AIR_LOOKS } from './air'
import { LAID_LOOKS } from './laid'
import { THERE_LOOKS } from './there'
import { TOLD_LOOKS } from './told'

/** All that can be looked up, by id. */
export const LOOKS = { ...AIR_LOOKS, ...LAID_LOOKS, ...THERE_LOOKS, ...TOLD_LOOKS } as const

/** What can be looked up. */
export type LookId = keyof typeof LOOKS
