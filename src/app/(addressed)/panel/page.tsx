import type { Metadata } from 'next'
import { PanelScreen } from '@/screens/panel/PanelScreen'

export const metadata: Metadata = { title: 'Test panel' }

export default function Page() {
  return <PanelScreen />
}
