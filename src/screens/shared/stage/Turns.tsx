import type { Eye } from '@/core/shape/pictured'
import { Button } from '@/ui/Button'

/** Turns the part, a step at a time. */
export function Turns({ onTurn }: { onTurn: (turn: (now: Eye) => Eye) => void }) {
  const ways = [
    { say: 'Turn left', round: -30, above: 0 },
    { say: 'Turn right', round: 30, above: 0 },
    { say: 'From above', round: 0, above: 25 },
    { say: 'From below', round: 0, above: -25 },
  ]
  return ways.map(({ say, round, above }) => (
    <Button
      key={say}
      size="small"
      onClick={() =>
        onTurn((now) => ({
          round: now.round + round,
          above: Math.min(80, Math.max(-80, now.above + above)),
        }))
      }
    >
      {say}
    </Button>
  ))
}
