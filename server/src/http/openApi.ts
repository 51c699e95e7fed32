import { z } from 'zod'
import { createDocument } from 'zod-openapi'
import { changeSchema } from '@nolvex/core/document/schemas'
import { exportSchema } from '../exports/jobModel'
import { approvalBody, versionBody } from '../versions/versionRoutes'
import { newProjectBody, projectBody } from '../projects/projectRoutes'

const error = z.object({ error: z.string() })
const project = z.object({
  id: z.string(),
  name: z.string(),
  revision: z.int(),
  createdAt: z.string(),
  updatedAt: z.string(),
})
const job = z.object({
  id: z.string(),
  state: z.enum(['waiting', 'running', 'done', 'failed', 'cancelled']),
  progress: z.number(),
  error: z.string().optional(),
})

interface Route {
  method: 'get' | 'post' | 'patch' | 'delete'
  path: string
  summary: string
  body?: z.ZodType
  answer?: z.ZodType
  status?: '200' | '201' | '202' | '204'
}

const routes: Route[] = [
  {
    method: 'get',
    path: '/projects',
    summary: 'List projects',
    answer: z.object({ projects: z.array(project) }),
  },
  {
    method: 'post',
    path: '/projects',
    summary: 'Create a project',
    body: newProjectBody,
    answer: project,
    status: '201',
  },
  {
    method: 'post',
    path: '/projects/open',
    summary: 'Open a project file (application/zip)',
    answer: project,
    status: '201',
  },
  {
    method: 'patch',
    path: '/projects/{project}',
    summary: 'Rename a project',
    body: projectBody,
    answer: project,
  },
  { method: 'delete', path: '/projects/{project}', summary: 'Delete a project', status: '204' },
  {
    method: 'post',
    path: '/projects/{project}/copies',
    summary: 'Make a project like it, without its history',
    answer: project,
    status: '201',
  },
  { method: 'get', path: '/projects/{project}/overview', summary: 'How far it is, and its home page' },
  { method: 'get', path: '/projects/{project}/documents', summary: 'All documents at the head' },
  { method: 'get', path: '/projects/{project}/changes', summary: 'Changes logged since a revision' },
  { method: 'post', path: '/projects/{project}/changes', summary: 'Commit a change', body: changeSchema },
  { method: 'get', path: '/projects/{project}/assets', summary: 'List pictures' },
  {
    method: 'post',
    path: '/projects/{project}/assets',
    summary: 'Add a picture (its bytes as the body), or with ?as=file a file of any kind',
    status: '201',
  },
  { method: 'get', path: '/projects/{project}/assets/{asset}', summary: 'A picture' },
  {
    method: 'delete',
    path: '/projects/{project}/assets/{asset}',
    summary: 'Take out a picture or file that nothing shows',
    status: '204',
  },
  {
    method: 'post',
    path: '/projects/{project}/fonts',
    summary: 'Take in a font of its own (its bytes as the body): a file for each weight of it',
    status: '201',
  },
  {
    method: 'post',
    path: '/projects/{project}/exports',
    summary: 'Export a page, or the map',
    body: exportSchema,
    answer: job,
    status: '202',
  },
  { method: 'get', path: '/projects/{project}/exports/{job}', summary: 'How an export stands', answer: job },
  { method: 'delete', path: '/projects/{project}/exports/{job}', summary: 'Cancel an export', answer: job },
  { method: 'get', path: '/projects/{project}/exports/{job}/file', summary: 'The exported file' },
  {
    method: 'get',
    path: '/projects/{project}/walk/{path}',
    summary: 'The drawn pages as HTML, to be walked through in a sandbox',
  },
  { method: 'get', path: '/projects/{project}/sitemap.xml', summary: 'The site as sitemap.xml' },
  { method: 'get', path: '/projects/{project}/versions', summary: 'Kept versions and gates' },
  {
    method: 'post',
    path: '/projects/{project}/versions',
    summary: 'Keep a version, or approve a stage',
    body: versionBody,
    status: '201',
  },
  {
    method: 'post',
    path: '/projects/{project}/versions/{version}/approvals',
    summary: 'Add an approval to a gate',
    body: approvalBody,
  },
  {
    method: 'delete',
    path: '/projects/{project}/versions/{version}',
    summary: 'Forget a version',
    status: '204',
  },
  {
    method: 'get',
    path: '/projects/{project}/versions/{version}/documents',
    summary: 'All documents as a version keeps them',
  },
  { method: 'get', path: '/service', summary: 'Lists of the content service stand-in' },
  { method: 'get', path: '/analytics/viewports', summary: 'Viewport counts of the analytics stand-in' },
  { method: 'get', path: '/service/{list}', summary: 'Records of one of its lists' },
  { method: 'get', path: '/projects/{project}/file', summary: 'The project as a project file' },
]

const json = (schema: z.ZodType) => ({ content: { 'application/json': { schema } } })

/** The description of the API, made from the schemas that check it. */
export function openApi() {
  const paths: Record<string, Record<string, object>> = {}
  for (const { method, path, summary, body, answer = z.looseObject({}), status = '200' } of routes) {
    const names = [...path.matchAll(/\{(\w+)\}/g)].map(([, name]) => [name, z.string()])
    paths[path] ??= {}
    paths[path][method] = {
      summary,
      requestParams: names.length ? { path: z.object(Object.fromEntries(names)) } : undefined,
      requestBody: body && json(body),
      responses: {
        [status]: { description: 'Done', ...(status === '204' ? {} : json(answer)) },
        default: { description: 'What went wrong and what to do', ...json(error) },
      },
    }
  }
  return createDocument({
    openapi: '3.1.0',
    info: { title: 'Nolvex', version: '0.1.0' },
    servers: [{ url: '/api' }],
    paths,
  })
}

/** The same description as a page for people. */
export function openApiPage(): string {
  const rows = routes.map(
    ({ method, path, summary }) =>
      `<tr><td><code>${method.toUpperCase()} /api${path}</code></td><td>${summary}</td></tr>`,
  )
  return `<!doctype html><html lang="en"><title>Nolvex API</title><body><h1>Nolvex API</h1><p>In full: <a href="/api/openapi.json">openapi.json</a></p><table>${rows.join('')}</table></body></html>`
}
