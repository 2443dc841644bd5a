import Link from 'next/link'

/** An address that nothing is at. */
export default function NotFound() {
  return (
    <section className="max-w-prose p-6">
      <h1 className="font-display text-3xl font-semibold">There is nothing at this address</h1>
      <p className="mt-2">
        It may be mistyped, or from a newer Tectoria than this one.{' '}
        <Link href="/" className="text-act underline">
          To the bench
        </Link>
      </p>
    </section>
  )
}
