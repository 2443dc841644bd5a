import type { FaultId } from '../../knowledge/faults'
import { CHIPPING_FAULTS } from './chipping'
import { CLEARS_FAULTS } from './clears'
import type { Fault } from './fault'
import { PARTS_FAULTS } from './parts'
import { SHINE_FAULTS } from './shine'
import { SPRAYING_FAULTS } from './spraying'
import { WASHES_FAULTS } from './washes'

/** Every fault with its causes, those that chapter 8 joins in one phrase apart. Source: handbook 8, 13.4. */
export const FAULTS: Record<FaultId, Fault> = {
  ...CLEARS_FAULTS,
  ...SPRAYING_FAULTS,
  ...PARTS_FAULTS,
  ...WASHES_FAULTS,
  ...CHIPPING_FAULTS,
  ...SHINE_FAULTS,
}
