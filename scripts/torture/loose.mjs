// A row that nobody asked to be on the disk: a power cut that leaves it proves nothing.

const opened = `new Promise((resolve, reject) => {
  const opening = indexedDB.open('loose', 1)
  opening.onupgradeneeded = () => opening.result.createObjectStore('rows')
  opening.onerror = () => reject(opening.error)
  opening.onsuccess = () => resolve(opening.result)
})`

export function writeLoosely(page, id) {
  return page.evaluate(`${opened}.then((database) => new Promise((resolve) => {
    const writing = database.transaction('rows', 'readwrite', { durability: 'relaxed' })
    writing.objectStore('rows').put(${id}, ${id})
    writing.oncomplete = () => resolve(null)
  }))`)
}

export function isLoose(page, id) {
  return page.evaluate(`${opened}.then((database) => new Promise((resolve) => {
    const asking = database.transaction('rows').objectStore('rows').get(${id})
    asking.onsuccess = () => resolve(asking.result !== undefined)
  }))`)
}
