import type { Metadata } from 'next'
import { ExplainScreen } from '@/screens/explain/ExplainScreen'

export const metadata: Metadata = { title: 'May this go on that?' }

export default function Page() {
  return <ExplainScreen />
}
