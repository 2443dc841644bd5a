import type { Metadata } from 'next'
import { PicturesScreen } from '@/screens/pictures/PicturesScreen'

export const metadata: Metadata = { title: 'Pictures' }

export default function Page() {
  return <PicturesScreen />
}
