import type { Severity } from '@/core/model/vocabulary'
import { cx } from './cx'

const LOOK = {
  stop: { ink: 'text-stop', wash: 'bg-stop-wash', edge: 'border-stop', word: 'Stop' },
  risk: { ink: 'text-risk', wash: 'bg-risk-wash', edge: 'border-risk', word: 'Risk' },
  note: { ink: 'text-note', wash: 'bg-note-wash', edge: 'border-note', word: 'Note' },
} as const satisfies Record<Severity, { ink: string; wash: string; edge: string; word: string }>

/** Colour, mark and word of a severity. */
export function severityLook(severity: Severity) {
  return LOOK[severity]
}

/** Shape and word for a severity: a bar across, a wedge, a dot. */
export function SeverityMark({ severity, wordless }: { severity: Severity; wordless?: boolean }) {
  const { ink, word } = LOOK[severity]
  return (
    <span className={cx('inline-flex items-center gap-1.5 align-bottom font-semibold', ink)}>
      <svg viewBox="0 0 16 16" className="size-4 shrink-0" aria-hidden="true">
        {severity === 'stop' && (
          <>
            <rect x="1" y="1" width="14" height="14" fill="currentColor" />
            <rect x="3.5" y="6.5" width="9" height="3" fill="var(--surface)" />
          </>
        )}
        {severity === 'risk' && <path d="M1 15 15 15 15 1z" fill="currentColor" />}
        {severity === 'note' && <circle cx="8" cy="8" r="5" fill="currentColor" />}
      </svg>
      <span className={wordless ? 'sr-only' : undefined}>{word}</span>
    </span>
  )
}
