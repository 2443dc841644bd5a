'use client'

import { useState } from 'react'
import { pageStore } from '@/state/storeClient'
import { reasonOf } from '@/store/reason'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/saveFile'

/** Takes everything that is stored out into a file, readable or not: what is left to do where nothing else works. */
export function ExportRaw() {
  const [failed, setFailed] = useState<string | null>(null)
  const take = async () => {
    try {
      const name = `tectoria-everything-${new Date().toISOString().slice(0, 10)}.json`
      saveFile(name, await pageStore().ask('exportRaw'), 'application/json')
    } catch (error) {
      setFailed(reasonOf(error))
    }
  }
  return (
    <div>
      <Button onClick={() => void take()}>Save everything as a file</Button>
      {failed && <p className="mt-2 text-stop">It can’t be saved: {failed}</p>}
    </div>
  )
}
