import type { Site } from '../site'

/** A file as the server makes it for an export. */
export async function exported(site: Site, project: string, input: object): Promise<Uint8Array> {
  const at = `${site.address}/api/projects/${project}/exports`
  const headers = { 'content-type': 'application/json', origin: site.address }
  const begun = await fetch(at, { method: 'POST', headers, body: JSON.stringify(input) })
  if (!begun.ok) throw new Error(`The export was refused: ${await begun.text()}`)
  const { id } = (await begun.json()) as { id: string }
  for (;;) {
    const { state } = (await (await fetch(`${at}/${id}`)).json()) as { state: string }
    if (state === 'done') return new Uint8Array(await (await fetch(`${at}/${id}/file`)).arrayBuffer())
    if (state === 'failed') throw new Error('The export failed.')
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
}
