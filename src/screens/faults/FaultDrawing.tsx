import type { FaultId } from '@/core/knowledge'
import { DRAWINGS } from './drawings'

/** A fault as it looks on a face. */
export function FaultDrawing({ fault, className }: { fault: FaultId; className?: string }) {
  const { line, dark, light } = DRAWINGS[fault]
  return (
    <svg viewBox="0 0 64 44" aria-hidden="true" className={className}>
      <rect width="64" height="44" rx="2" className="fill-ink/15" />
      {dark && <path d={dark} className="fill-ink/70" />}
      {light && <path d={light} className="fill-raised" />}
      {line && <path d={line} fill="none" strokeWidth="1" className="stroke-ink/80" />}
    </svg>
  )
}
