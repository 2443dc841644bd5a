import type { Metadata } from 'next'
import { ChapterScreen } from '@/screens/handbook/ChapterScreen'
import { chapters } from '@/screens/handbook/chapters'

type Props = { params: Promise<{ chapter: string }> }

export const dynamicParams = false

export function generateStaticParams() {
  return chapters().map(({ slug }) => ({ chapter: slug }))
}

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const { chapter } = await params
  return { title: chapters().find(({ slug }) => slug === chapter)?.title ?? 'Handbook' }
}

export default async function Page({ params }: Props) {
  const { chapter } = await params
  return <ChapterScreen slug={chapter} />
}
