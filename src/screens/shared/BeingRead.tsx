import { Button } from '@/ui/Button'
import type { FileReading } from './useReading'

/** Says which file is being read, and stops it. */
export function BeingRead({ reading, how = 'being read' }: { reading: FileReading; how?: string }) {
  if (reading.name === null) return null
  return (
    <div className="mt-2 flex flex-wrap items-center gap-3">
      <p role="status" className="min-w-0 [overflow-wrap:anywhere]">
        {reading.name}: {how}…
      </p>
      <Button size="small" onClick={reading.stop}>
        Stop
      </Button>
    </div>
  )
}
