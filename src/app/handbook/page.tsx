import type { Metadata } from 'next'
import { HandbookScreen } from '@/screens/handbook/HandbookScreen'

export const metadata: Metadata = { title: 'Handbook' }

export default function Page() {
  return <HandbookScreen />
}
