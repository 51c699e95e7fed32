import { Router, type Response } from 'express'
import type { ProjectStates } from '../documents/projectState'
import { Problem } from '../http/problem'
import { findProject } from '../projects/projectService'
import type { Children } from '../children/children'
import { WalkedSites } from './walkedSites'

const TYPES: Record<string, string> = {
  html: 'text/html; charset=utf-8',
  css: 'text/css; charset=utf-8',
  ttf: 'font/ttf',
  png: 'image/png',
  jpg: 'image/jpeg',
  webp: 'image/webp',
  svg: 'image/svg+xml',
}

/** Pages run in a sandbox of their own: their scripts reach neither the application nor the network. */
const POLICY = [
  'sandbox allow-scripts',
  "default-src 'none'",
  "script-src 'unsafe-inline'",
  "style-src 'self'",
  "img-src 'self' data:",
  "font-src 'self'",
  "form-action 'none'",
  "base-uri 'none'",
  "frame-ancestors 'self'",
].join('; ')

/** The drawn pages of a project as HTML, where a walkthrough plays them. */
export function walkRoutes(states: ProjectStates, children: Children): Router {
  const router = Router()
  const sites = new WalkedSites(children)

  router.get('/projects/:project/walk/{*path}', async (request, response) => {
    const { id, name, revision } = await findProject(request.params.project)
    const { documents } = await states.at(id, revision)
    const files = await sites.files({ id, name, revision }, documents)
    const asked = request.params.path as unknown as string[] | undefined
    const path = (asked ?? []).filter(Boolean).join('/')
    const found = [path, path ? `${path}/index.html` : 'index.html'].find((one) => Object.hasOwn(files, one))
    if (found === undefined) throw new Problem(404, 'This page has no drawing yet.')
    // Links between the pages are relative, so a page is looked at under its file's own name.
    if (found !== path)
      return response.redirect(`${request.baseUrl}${request.path.replace(/\/?$/, '/')}index.html`)
    send(response, found, files[found])
  })

  return router
}

function send(response: Response, path: string, bytes: Uint8Array) {
  response.setHeader('content-type', TYPES[path.split('.').at(-1) ?? ''] ?? 'application/octet-stream')
  response.setHeader('content-security-policy', POLICY)
  // A sandboxed page has no origin: what it loads from here is asked for from nowhere.
  response.setHeader('cross-origin-resource-policy', 'cross-origin')
  response.setHeader('access-control-allow-origin', '*')
  response.end(Buffer.from(bytes))
}
