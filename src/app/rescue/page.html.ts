/** The page as text. @param nonce lets its one script run and its styles be taken */
export function rescuePage(nonce: string): string {
  return `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<link rel="icon" href="/icon.svg">
<title>Rescue · Tectoria</title>
<style nonce="${nonce}">
:root { color-scheme: light dark; --ink: #1c1c1c; --soft: #555; --ground: #fafafa; --rule: #bbb; --key: #dcdcdc; --stop: #a3200d }
@media (prefers-color-scheme: dark) { :root { --ink: #eee; --soft: #aaa; --ground: #1d1d1d; --rule: #555; --key: #3a3a3a; --stop: #ff9a85 } }
body { margin: 0 auto; max-width: 46rem; padding: 1.25rem; font: 1.0625rem/1.5 system-ui, sans-serif; color: var(--ink); background: var(--ground) }
h1 { font-size: 2rem; margin: 0 } h2 { font-size: 1.3rem; margin: 2rem 0 .25rem }
p { margin: .25rem 0; overflow-wrap: anywhere } .soft { color: var(--soft) } .stop { color: var(--stop); font-weight: 600 }
button { font: inherit; min-height: 2.75rem; padding: 0 1rem; margin: .5rem .5rem 0 0; border: 0; border-radius: 3px; background: var(--key); color: inherit; cursor: pointer }
table { border-collapse: collapse; width: 100%; margin-top: .5rem } td { border-top: 1px solid var(--rule); padding: .35rem 0; overflow-wrap: anywhere } td + td { text-align: right; white-space: nowrap; padding-left: 1rem }
td button { margin: 0 0 0 .5rem }
</style>
<h1>Rescue</h1>
<p class="soft">This page works when nothing else of Tectoria does. It reads what lies in this browser as it lies, and changes nothing before you say so.</p>
<p id="said" role="status"></p>
<h2>What is here</h2>
<table id="tables"></table>
<p><button id="export">Save all of it as a file</button><button id="aside">Put it aside and begin anew</button></p>
<p class="soft">What is put aside stays below as a copy; pictures stay where they are.</p>
<h2>Copies</h2>
<table id="copies"></table>
<h2>The stored application</h2>
<p class="soft">Where an old page comes up again and again, let go of what this browser stored of the application. Your data isn’t part of that.</p>
<p><button id="forget">Let go of the stored application</button></p>
<p><a href="/">Back to the bench</a></p>
<script nonce="${nonce}" src="/rescue.js"></script>
</html>`
}
