'use client'

import { useState } from 'react'
import { everythingRaw } from '@/store/actions/copiesHere'
import { reasonOf } from '@/store/reason'
import { browserStore } from '@/store/store'
import { Button } from '@/ui/Button'
import { saveFile } from '@/ui/saveFile'

/** Takes everything that is stored out into a file, readable or not: what is left to do where nothing else works. */
export function ExportRaw() {
  const [failed, setFailed] = useState<string | null>(null)
  const take = async () => {
    const store = browserStore()
    try {
      const name = `tectoria-everything-${new Date().toISOString().slice(0, 10)}.json`
      saveFile(name, await everythingRaw(store), 'application/json')
    } catch (error) {
      setFailed(reasonOf(error))
    }
    store.db.close()
  }
  return (
    <div>
      <Button onClick={() => void take()}>Save everything as a file</Button>
      {failed && <p className="mt-2 text-stop">It can’t be saved: {failed}</p>}
    </div>
  )
}
