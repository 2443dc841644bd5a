import type { Metadata } from 'next'
import { NuqsAdapter } from 'nuqs/adapters/next/app'
import { PanelScreen } from '@/screens/panel/PanelScreen'

export const metadata: Metadata = { title: 'Test panel' }

export default function Page() {
  return (
    <NuqsAdapter>
      <PanelScreen />
    </NuqsAdapter>
  )
}
