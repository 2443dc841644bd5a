'use client'

import Link from 'next/link'
import { useState } from 'react'
import type { PartRemedy } from '@/core/builds'
import { Button } from '@/ui/Button'
import { cx } from '@/ui/cx'
import { SeverityMark, severityLook } from '@/ui/Severity'
import { RuleLink } from '../shared/RuleLink'
import type { ShownFinding } from './judged'

/** A finding on its boundary: what, why, and the ways out, each one click. */
export function FindingRow({
  finding,
  follow,
  part,
  seen,
  test,
  onApply,
  onAccept,
}: {
  finding: ShownFinding
  /** What only follows from it: one mistake, one message. */
  follow: readonly ShownFinding[]
  /** The part it is said of, by name. */
  part: string
  /** Where it is seen what it does. */
  seen: string
  /** Where a test piece is made for it. */
  test: string
  onApply: (remedy: PartRemedy, on: 'part' | 'every') => void
  onAccept: (reason: string | null) => void
}) {
  const look = severityLook(finding.severity)
  const [accepting, setAccepting] = useState(false)
  if (finding.accepted !== null)
    return (
      <Boundary edge="border-strong" wash="bg-sunk">
        <p className="text-sm">
          {finding.because} <strong>Accepted: {finding.accepted}</strong>{' '}
          <RuleLink rule={finding.rule} />{' '}
          <button
            type="button"
            className="min-h-8 text-act underline"
            onClick={() => onAccept(null)}
          >
            Check it again
          </button>
        </p>
      </Boundary>
    )
  return (
    <Boundary edge={look.edge} wash={look.wash}>
      <p className="max-w-prose">
        <SeverityMark severity={finding.severity} /> {finding.because}
      </p>
      {follow.length > 0 && <Follow findings={follow} />}
      {finding.remedies?.length === 0 && (
        <p className="mt-0.5 text-sm">
          Every fix would touch work that is already done: put it right by hand, or accept it
          anyway.
        </p>
      )}
      <div className="mt-1.5 flex flex-wrap items-center gap-x-2 gap-y-1">
        {finding.remedies?.map((remedy) => (
          <span
            key={remedy.say}
            className="flex max-w-full flex-wrap gap-px [overflow-wrap:anywhere]"
          >
            <Button size="small" onClick={() => onApply(remedy, 'part')}>
              {remedy.every ? `${remedy.say}, on ${part} alone` : remedy.say}
            </Button>
            {remedy.every && (
              <Button size="small" onClick={() => onApply(remedy, 'every')}>
                on every part
                <span className="sr-only">: {remedy.say}</span>
              </Button>
            )}
          </span>
        ))}
        {!accepting && (
          <button
            type="button"
            className="min-h-8 px-1 text-sm text-act underline"
            onClick={() => setAccepting(true)}
          >
            Accept anyway
          </button>
        )}
        <Ways finding={finding} seen={seen} test={test} />
        <RuleLink rule={finding.rule} />
      </div>
      {accepting && <Accept onAccept={onAccept} onClose={() => setAccepting(false)} />}
    </Boundary>
  )
}

/** Where more can be done about it than here. */
function Ways({ finding, seen, test }: { finding: ShownFinding; seen: string; test: string }) {
  const ways = [
    ...(finding.subject === 'trial' ? [{ say: 'Make a test piece', href: test }] : []),
    { say: 'See what it does', href: seen },
  ]
  return ways.map(({ say, href }) => (
    <Link
      key={say}
      href={href}
      className="inline-flex min-h-8 items-center text-sm text-act underline"
    >
      {say}
    </Link>
  ))
}

function Follow({ findings }: { findings: readonly ShownFinding[] }) {
  return (
    <details className="mt-1 text-sm">
      <summary className="min-h-8 cursor-pointer text-soft">
        {findings.length === 1 ? 'One thing follows' : `${findings.length} things follow`} from it
      </summary>
      <ul className="mt-1 space-y-1">
        {findings.map((finding) => (
          <li key={`${finding.step} ${finding.rule}`} className="max-w-prose">
            <SeverityMark severity={finding.severity} /> {finding.because}{' '}
            <RuleLink rule={finding.rule} />
          </li>
        ))}
      </ul>
    </details>
  )
}

function Boundary({
  edge,
  wash,
  children,
}: {
  edge: string
  wash: string
  children: React.ReactNode
}) {
  return <div className={cx('border-l-4 px-3 py-2', edge, wash)}>{children}</div>
}

function Accept({
  onAccept,
  onClose,
}: {
  onAccept: (reason: string) => void
  onClose: () => void
}) {
  const [reason, setReason] = useState('')
  const [error, setError] = useState(false)
  return (
    <form
      className="mt-2 flex max-w-xl flex-wrap gap-2"
      onSubmit={(event) => {
        event.preventDefault()
        if (reason.trim() === '') setError(true)
        else onAccept(reason.trim())
      }}
      onKeyDown={(event) => event.key === 'Escape' && onClose()}
    >
      <input
        // biome-ignore lint/a11y/noAutofocus: the field was asked for a moment ago
        autoFocus
        aria-label="Why you accept it"
        placeholder="Why"
        aria-invalid={error ? true : undefined}
        value={reason}
        maxLength={400}
        onChange={(event) => setReason(event.target.value)}
        className="control min-h-9 min-w-0 flex-1 basis-48 px-2"
      />
      <Button size="small" type="submit">
        Log the reason
      </Button>
      {error && <p className="basis-full text-sm font-semibold text-stop">Enter a reason</p>}
    </form>
  )
}
