/**
 * A script that opens what a developer might have made of the demo's first page: its own HTML, fetched from where it is
 * exported, with another headline, a button that is moved and in another colour, and smaller words.
 */
export const openBuiltOtherwise = (project: string): string => `
  const exportsOf = '/api/projects/${project}/exports'
  const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms))
  const input = { format: 'html', page: 'pagehome00000000', finish: 'finished' }
  const headers = { 'content-type': 'application/json' }
  let job = await (await fetch(exportsOf, { method: 'POST', headers, body: JSON.stringify(input) })).json()
  while (job.state === 'waiting' || job.state === 'running') {
    await wait(200)
    job = await (await fetch(exportsOf + '/' + job.id)).json()
  }
  const zip = await (await fetch(exportsOf + '/' + job.id + '/file')).arrayBuffer()
  // The one file of the zip, by its local header (APPNOTE.TXT 4.3.7).
  const header = new DataView(zip)
  const from = 30 + header.getUint16(26, true) + header.getUint16(28, true)
  const packed = new Blob([zip.slice(from, from + header.getUint32(18, true))])
  const html = await new Response(packed.stream().pipeThrough(new DecompressionStream('deflate-raw'))).text()
  const changed = html
    .replace('Small boats, three isles', 'Great boats, three isles')
    .replace('</style>', '.find-a-sailing { margin-left: 18px; background: #8c3d73 } .intro { font-size: 15px } </style>')
  const files = new DataTransfer()
  files.items.add(new File([changed], 'home.html', { type: 'text/html' }))
  const field = document.querySelector('input[aria-label="Built page"]')
  field.files = files.files
  field.dispatchEvent(new Event('change', { bubbles: true }))
  while (!document.querySelector('.built-list h3')) await wait(100)
  ;[...document.querySelectorAll('.built-list .side-entry')].find((one) => one.textContent.includes('further right')).click()
`
