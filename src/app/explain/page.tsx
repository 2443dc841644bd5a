import type { Metadata } from 'next'
import { ExplainScreen } from '@/screens/explain/ExplainScreen'

export const metadata: Metadata = { title: 'May it go on?' }

export default function Page() {
  return <ExplainScreen />
}
