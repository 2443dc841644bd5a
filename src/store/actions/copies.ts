import { readProject } from '@/core/formats/projectFile'
import { parseJson } from '@/core/model/input'
import { keepCopy } from '../copies/copies'
import { browserFolder, type CopyFolder } from '../copies/folder'
import { unpacked } from '../copies/packed'
import { reasonOf } from '../reason'
import type { Store } from '../store'
import type { Written } from '../transact'
import { replaceProject } from './documents'

/** Brings a copy back: all that is here goes, as one change; what it was is kept as a copy first. */
export async function bringBack(
  store: Store,
  name: string,
  folder: CopyFolder | null = null,
): Promise<Written> {
  const from = folder ?? (await browserFolder())
  if (!from) return nothing('this browser keeps no copies')
  try {
    const json = parseJson(await unpacked(await from.read(name)))
    const read = json.ok ? readProject(json.value) : json
    const [problem] = read.ok ? [] : read.problems
    if (!read.ok)
      return nothing(`${problem?.path}: found ${problem?.found}, expected ${problem?.expected}`)
    await keepCopy(store, from, 'return')
    return await replaceProject(store, read.value, 'Brought a copy back')
  } catch (error) {
    return nothing(reasonOf(error))
  }
}

function nothing(why: string): Written {
  return { ok: false, why: `Nothing was brought back: ${why}` }
}
