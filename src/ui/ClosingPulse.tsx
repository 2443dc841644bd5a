const MINUTE = 60_000

/**
 * Behind what closes, the one thing that pulses: with each minute it loses, and at rest in between. It lies in what is isolated.
 *
 * @param left until it closes, ms
 */
export function ClosingPulse({ left }: { left: number }) {
  return <span key={Math.ceil(left / MINUTE)} className="closing" aria-hidden="true" />
}
