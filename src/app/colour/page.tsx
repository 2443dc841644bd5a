import type { Metadata } from 'next'
import { ColourScreen } from '@/screens/colour/ColourScreen'

export const metadata: Metadata = { title: 'Colour' }

export default function Page() {
  return <ColourScreen />
}
