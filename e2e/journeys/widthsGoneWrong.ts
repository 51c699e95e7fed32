/** A script that makes blocks of the demo's first page too wide for some widths, and opens the list of what goes wrong there. */
export const openWidthsGoneWrong = (project: string): string => `
  const address = '/api/projects/${project}'
  const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms))
  const { documents } = await (await fetch(address + '/documents')).json()
  const blocks = Object.values(documents.pagehome00000000.records.blocks)
  const atLeast = (name, value) => ({
    ...{ type: 'set', collection: 'blocks', id: blocks.find((one) => one.name === name).id },
    ...{ path: ['place', 'minWidth'], value: { value, unit: 'px' } },
  })
  const operations = [atLeast('Headline', 470), atLeast('Notice list', 640)]
  const change = {
    ...{ id: 'widthsgonewrong0', client: 'elsewhere0000000', base: 0, label: 'Prepare' },
    parts: [{ document: 'pagehome00000000', kind: 'drawing', operations }],
  }
  const headers = { 'content-type': 'application/json' }
  await fetch(address + '/changes', { method: 'POST', headers, body: JSON.stringify(change) })
  while (!/[0-9] at some widths/.test(document.querySelector('.sweep').textContent)) await wait(200)
  document.querySelector('.sweep .list button').click()
`
