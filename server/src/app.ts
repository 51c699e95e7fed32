import { existsSync } from 'node:fs'
import type { IncomingMessage, ServerResponse } from 'node:http'
import { join } from 'node:path'
import compression from 'compression'
import express, { type Express, type NextFunction, type Request, type Response } from 'express'
import { rateLimit } from 'express-rate-limit'
import helmet from 'helmet'
import type { Logger } from 'pino'
import { pinoHttp } from 'pino-http'
import type { Sequelize } from 'sequelize'
import { idSchema } from '@nolvex/core/document/ids'
import { assetRoutes } from './assets/assetRoutes'
import type { Sweeper } from './database/sweeper'
import type { Children } from './children/children'
import { rootFolder } from './config'
import { analyticsService } from './analyticsService/analyticsService'
import { contentService } from './contentService/contentService'
import { documentRoutes } from './documents/documentRoutes'
import type { ProjectStates } from './documents/projectState'
import { exportRoutes } from './exports/exportRoutes'
import type { JobRunner } from './exports/jobRunner'
import { dictionaryRoutes } from './spelling/dictionaryRoutes'
import { fontRoutes } from './fonts/fontRoutes'
import { projectFontRoutes } from './fonts/projectFontRoutes'
import { loopbackOnly } from './http/loopbackOnly'
import { openApi, openApiPage } from './http/openApi'
import { answerProblem } from './http/answerProblem'
import { Problem } from './http/problem'
import { projectRoutes } from './projects/projectRoutes'
import { versionRoutes } from './versions/versionRoutes'
import { walkRoutes } from './walk/walkRoutes'

export interface Services {
  sequelize: Sequelize
  states: ProjectStates
  runner: JobRunner
  children: Children
  sweeper: Sweeper
  log: Logger
}

const POLICY = {
  defaultSrc: ["'none'"],
  baseUri: ["'none'"],
  connectSrc: ["'self'"],
  fontSrc: ["'self'"],
  formAction: ["'self'"],
  frameAncestors: ["'none'"],
  frameSrc: ["'self'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  // The text shaper is WebAssembly; nothing else may compile code.
  scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
  styleSrc: ["'self'"],
  styleSrcAttr: ["'unsafe-inline'"],
  workerSrc: ["'self'"],
  upgradeInsecureRequests: null,
}

/** The whole application as a request handler. */
export function createApp({ sequelize, states, runner, children, sweeper, log }: Services): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(
    pinoHttp({
      logger: log,
      autoLogging: { ignore: (request: IncomingMessage) => !request.url?.startsWith('/api/') },
      customLogLevel: levelOf,
    }),
  )
  app.use(
    helmet({
      contentSecurityPolicy: { directives: POLICY, useDefaults: false },
      crossOriginResourcePolicy: { policy: 'same-origin' },
      strictTransportSecurity: false,
    }),
  )
  app.use(loopbackOnly)
  app.use(compression())
  app.get('/health', async (_request, response) => {
    await sequelize.query('select 1')
    response.json({ state: 'well' })
  })
  app.use('/fonts', fontRoutes())
  app.use('/dictionaries', dictionaryRoutes())
  app.get('/api/openapi.json', (_request, response) => void response.json(openApi()))
  app.get('/api/docs', (_request, response) => void response.type('html').send(openApiPage()))
  app.use('/api', rateLimit({ windowMs: 60_000, limit: 6000, standardHeaders: true, legacyHeaders: false }))
  app.use('/api', (_request, response, next) => {
    response.setHeader('cache-control', 'no-store')
    next()
  })
  const freed = () => void sweeper.sweep()
  app.use(
    '/api',
    checkIds,
    projectRoutes(sequelize, states, children, freed),
    documentRoutes(sequelize, states),
    assetRoutes(sequelize, states, children, freed),
    projectFontRoutes(sequelize, children),
    exportRoutes(sequelize, states, runner, children),
    versionRoutes(sequelize, states),
    walkRoutes(states, children),
  )
  app.use('/api/service', contentService())
  app.use('/api/analytics', analyticsService())
  app.use('/api', () => {
    throw new Problem(404, 'There is no such address.')
  })
  servePages(app)
  app.use(answerProblem)
  return app
}

/** Ids in addresses are ids, or nothing is found. */
function checkIds({ path }: Request, _response: Response, next: NextFunction) {
  const [, first, project, what, id] = path.split('/')
  // The pages of a walkthrough have addresses of their own.
  const ids = what === 'walk' ? [project] : [project, id]
  const areIds = ids.every((one) => !one || one === 'open' || idSchema.safeParse(one).success)
  next(first !== 'projects' || areIds ? undefined : new Problem(404, 'There is no such address.'))
}

const levelOf = (_request: IncomingMessage, { statusCode }: ServerResponse) =>
  statusCode >= 500 ? 'error' : statusCode >= 400 ? 'info' : 'debug'

/** The built interface; every address that is no file is a page of it. */
function servePages(app: Express) {
  const folder = join(rootFolder(), 'web', 'dist')
  if (!existsSync(folder)) return
  app.use(express.static(folder, { index: false, maxAge: '1y', immutable: true }))
  app.get('/{*page}', (_request, response) => {
    response.sendFile(join(folder, 'index.html'), { headers: { 'cache-control': 'no-cache' } })
  })
}
