import type { Metadata } from 'next'
import { BuildScreen } from '@/screens/build/BuildScreen'

export const metadata: Metadata = { title: 'Build' }

export default async function Page({ params }: { params: Promise<{ build: string }> }) {
  const { build } = await params
  return <BuildScreen id={build} />
}
