// The rescue page: nothing of the application, only what every browser has.

const DATABASE = 'tectoria'
const FOLDER = 'copies'
/** What people know of it, in words; the rest is for the application alone. */
const SAID = {
  builds: 'builds',
  shelf: 'bottles',
  mixes: 'mixes',
  acts: 'entries of the log',
  climate: 'readings of the room',
  panels: 'panels tried',
  techniques: 'techniques of your own',
  timers: 'clocks',
  tools: 'tools',
  meshes: 'meshes',
  pictures: 'pictures, what is known of them',
  photos: 'pictures themselves',
  tests: 'test pieces',
  accidents: 'happy accidents',
  damaged: 'entries that can’t be read',
}
/** What is no list of a project: what can be undone, what other tabs were told, what is kept for speed, pictures. */
const APART = ['changes', 'feed', 'kept', 'photos', 'thumbs', 'damaged', 'single']

const $ = (id) => document.getElementById(id)
const say = (text, bad) => {
  $('said').textContent = text
  $('said').className = bad ? 'stop' : ''
}
const told = (work) => () => work().catch((error) => say(error?.message || String(error), true))

function opened() {
  return new Promise((resolve, reject) => {
    const opening = indexedDB.open(DATABASE)
    // A browser that has none isn't given one here.
    opening.onupgradeneeded = () => opening.transaction.abort()
    opening.onerror = () =>
      opening.error?.name === 'AbortError' ? resolve(null) : reject(opening.error)
    opening.onsuccess = () => {
      opening.result.onversionchange = () => opening.result.close()
      resolve(opening.result)
    }
  })
}

function asked(request) {
  return new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result)
    request.onerror = () => reject(request.error)
  })
}

async function withDatabase(work) {
  const db = await opened()
  if (!db) return null
  try {
    return await work(db)
  } finally {
    db.close()
  }
}

/** All rows, as a project that Tectoria imports; rows that can't be read go with it. */
function projectHere() {
  return withDatabase(async (db) => {
    const project = { format: 'tectoria-project', version: 1, exportedAt: new Date().toISOString() }
    const rows = async (name) => asked(db.transaction(name).objectStore(name).getAll())
    for (const name of db.objectStoreNames)
      if (!APART.includes(name)) project[name] = await rows(name)
    if (db.objectStoreNames.contains('single'))
      for (const { id, value } of await rows('single'))
        if (id === 'extra') Object.assign(project, { ...value, ...project })
        else project[id] = value
    if (db.objectStoreNames.contains('damaged')) {
      const damaged = await rows('damaged')
      if (damaged.length > 0) project.damaged = damaged
    }
    return project
  })
}

function save(name, blob) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(blob)
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000)
}

const stamp = () => new Date().toISOString().replaceAll(':', '-')
const through = (blob, stream) => new Response(blob.stream().pipeThrough(stream)).blob()

async function folder() {
  const root = await navigator.storage.getDirectory()
  return root.getDirectoryHandle(FOLDER, { create: true })
}

async function exportAll() {
  const project = await projectHere()
  if (!project) return say('There is nothing here.')
  save(`tectoria-${stamp()}.json`, new Blob([JSON.stringify(project, null, 2)]))
  say('It was saved as a file. Pictures aren’t in it.')
}

async function putAside() {
  const project = await projectHere()
  if (!project) return say('There is nothing here.')
  const text = new Blob([JSON.stringify(project)])
  const file = await (await folder()).getFileHandle(`${stamp()}_return.json.gz`, { create: true })
  const out = await file.createWritable()
  await out.write(await through(text, new CompressionStream('gzip')))
  await out.close()
  await emptied()
  say('It was put aside as a copy. The bench begins anew; pictures stay.')
  await list()
}

/** Puts a copy's rows where they were; what is here is put aside first. */
async function bringBack(text) {
  const project = JSON.parse(await text.text())
  if (project.format !== 'tectoria-project') return say('That is no copy of Tectoria.', true)
  if ((await withDatabase(async () => true)) === null)
    return say('Open Tectoria once, then come back: its database isn’t here yet.', true)
  await putAside()
  const known = ['format', 'version', 'exportedAt', 'sessions']
  await withDatabase(
    (db) =>
      new Promise((resolve, reject) => {
        const lists = [...db.objectStoreNames].filter((name) => !APART.includes(name))
        const writing = db.transaction([...lists, 'single'], 'readwrite')
        for (const name of lists)
          for (const one of project[name] ?? []) writing.objectStore(name).put(one)
        const extra = Object.entries(project).filter(
          ([f]) => !known.includes(f) && !lists.includes(f),
        )
        const single = writing.objectStore('single')
        if (project.sessions) single.put({ id: 'sessions', value: project.sessions })
        if (extra.length > 0) single.put({ id: 'extra', value: Object.fromEntries(extra) })
        writing.oncomplete = resolve
        writing.onerror = () => reject(writing.error)
      }),
  )
  say('The copy is back. What was here until now is a copy below.')
  await list()
}

/** Takes all rows away, but for pictures. */
function emptied() {
  return withDatabase(
    (db) =>
      new Promise((resolve, reject) => {
        const names = [...db.objectStoreNames].filter(
          (name) => name !== 'photos' && name !== 'thumbs',
        )
        const writing = db.transaction(names, 'readwrite')
        for (const name of names) writing.objectStore(name).clear()
        writing.oncomplete = resolve
        writing.onerror = () => reject(writing.error)
      }),
  )
}

async function letGo() {
  for (const worker of await navigator.serviceWorker.getRegistrations()) await worker.unregister()
  for (const name of await caches.keys()) await caches.delete(name)
  say('It is gone. The next page comes from the server.')
}

function row(table, text, ...cells) {
  const line = table.insertRow()
  line.insertCell().textContent = text
  const last = line.insertCell()
  for (const cell of cells) last.append(cell)
}

function button(text, work) {
  const made = document.createElement('button')
  made.textContent = text
  made.onclick = told(work)
  return made
}

async function list() {
  $('tables').textContent = ''
  const none = await withDatabase(async (db) => {
    for (const [name, say] of Object.entries(SAID)) {
      if (!db.objectStoreNames.contains(name)) continue
      const count = await asked(db.transaction(name).objectStore(name).count())
      if (count > 0) row($('tables'), say, String(count))
    }
    if ($('tables').rows.length === 0) row($('tables'), 'Nothing yet.', '')
    return false
  })
  if (none === null) row($('tables'), 'This browser has no data of Tectoria.', '')
  $('copies').textContent = ''
  const names = []
  const copies = await folder().catch(() => null)
  if (copies) for await (const handle of copies.values()) names.push(handle.name)
  for (const name of names.sort().reverse()) {
    const file = await (await copies.getFileHandle(name)).getFile()
    const text = () => through(file, new DecompressionStream('gzip'))
    row(
      $('copies'),
      name.replace('.json.gz', '').replace('_', ', '),
      button('Save as a file', async () => save(name.replace('.gz', ''), await text())),
      button('Bring it back', async () => bringBack(await text())),
    )
  }
  if (names.length === 0) row($('copies'), 'There are none.', '')
}

$('export').onclick = told(exportAll)
$('aside').onclick = told(putAside)
$('forget').onclick = told(letGo)
told(list)()
