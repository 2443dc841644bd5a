import Link from 'next/link'

/** Asks when the modeller is at the bench: without that there is nothing to lay acts into. */
export function NoSessions({ then }: { then: string }) {
  return (
    <p>
      Say when you are at the bench, and {then}.{' '}
      <Link href="/settings#sessions" className="text-act underline">
        When are you at the bench?
      </Link>
    </p>
  )
}
