export { FAULT_TABLE, type FaultId, type FaultRow, faultRow } from './faults'
