// Notes that are logged until something ends it, and what was left of them.

/** All rows of some tables as they lie. */
function rowsOf(page) {
  return page.evaluate(
    () =>
      new Promise((resolve, reject) => {
        const opening = indexedDB.open('tectoria')
        opening.onerror = () => reject(opening.error)
        opening.onsuccess = () => {
          const reading = opening.result.transaction(['acts', 'changes', 'damaged'])
          const found = {}
          for (const name of ['acts', 'changes', 'damaged'])
            reading.objectStore(name).getAll().onsuccess = ({ target }) => {
              found[name] = target.result
            }
          reading.oncomplete = () => {
            opening.result.close()
            resolve(found)
          }
        }
      }),
  )
}

/** How long a note that is not kept stays before it is entered once more, ms. */
const AGAIN = 1500

/**
 * Writes notes until the browser is killed, or until it is told to stop.
 *
 * @param name what its notes begin with
 * @param told takes those that were said to be kept, and counts those that weren't at once
 */
export async function note(page, name, told, stop) {
  for (let i = 0; !stop.aborted; i++) {
    const text = `${name} ${i}`
    await page.keyboard.press('n')
    const field = page.getByLabel('Note', { exact: true })
    await field.fill(text)
    await field.press('Enter')
    // The field goes once the note is written. One that couldn't be stays, with what was typed.
    while (!(await isGone(field))) {
      if (stop.aborted) return
      if ((await field.inputValue()) !== text) throw new Error(`${text} is typed no more`)
      told.refused++
      await field.press('Enter')
    }
    told.kept.push(text)
  }
}

function isGone(field) {
  return field.waitFor({ state: 'detached', timeout: AGAIN }).then(
    () => true,
    (error) => {
      if (error.name !== 'TimeoutError') throw error
      return false
    },
  )
}

/** Looks at what a round left. @returns the notes that are lost, and how many are half there */
export async function left(page, name, kept) {
  const { acts, changes, damaged } = await rowsOf(page)
  const texts = acts.map(({ text }) => text)
  const known = new Set(texts)
  // An act and the change that takes it back are written together.
  const undoable = new Set(changes.flatMap(({ rows }) => rows.map(({ id }) => id)))
  const own = acts.filter(({ text }) => text?.startsWith(name))
  return {
    lost: kept.filter((text) => !known.has(text)),
    halves: own.filter(({ id }) => !undoable.has(id)).length + damaged.length,
    doubled: own.length - new Set(own.map(({ text }) => text)).size,
  }
}
