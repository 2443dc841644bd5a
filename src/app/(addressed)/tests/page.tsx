import type { Metadata } from 'next'
import { TestsScreen } from '@/screens/tests/TestsScreen'

export const metadata: Metadata = { title: 'Test pieces' }

export default function Page() {
  return <TestsScreen />
}
