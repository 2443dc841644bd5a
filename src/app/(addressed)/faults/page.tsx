import type { Metadata } from 'next'
import { FaultScreen } from '@/screens/faults/FaultScreen'

export const metadata: Metadata = { title: 'What went wrong?' }

export default function Page() {
  return <FaultScreen />
}
