import type { Metadata } from 'next'
import { GlossaryScreen } from '@/screens/handbook/GlossaryScreen'

export const metadata: Metadata = { title: 'Glossary' }

export default function Page() {
  return <GlossaryScreen />
}
