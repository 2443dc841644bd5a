import type { Metadata } from 'next'
import { CompareScreen } from '@/screens/compare/CompareScreen'

export const metadata: Metadata = { title: 'Side by side' }

export default function Page() {
  return <CompareScreen />
}
