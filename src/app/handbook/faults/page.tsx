import type { Metadata } from 'next'
import { FaultsScreen } from '@/screens/handbook/FaultsScreen'

export const metadata: Metadata = { title: 'Faults' }

export default function Page() {
  return <FaultsScreen />
}
