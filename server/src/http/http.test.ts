import { z } from 'zod'
import { isFromHere } from './loopbackOnly'
import { openApi } from './openApi'
import { problemOf } from './answerProblem'
import { Problem } from './problem'

test.each([
  ['127.0.0.1:4180', 'http://127.0.0.1:4180', true],
  ['localhost:4180', undefined, true],
  ['[::1]:4180', 'http://[::1]:4180', true],
  ['nolvex.example', undefined, false],
  ['127.0.0.1.evil.example', undefined, false],
  ['127.0.0.1:4180', 'http://evil.example', false],
  ['127.0.0.1:4180', 'http://127.0.0.1:9999', false],
  ['127.0.0.1:4180', 'null', false],
])('a request to %s from %s: %s', (host, origin, expected) => {
  expect(isFromHere({ headers: { host, origin } })).toBe(expected)
})

test('problems are told with a status, and what nobody foresaw without details', () => {
  expect(problemOf(new Problem(404, 'gone'))).toEqual({ status: 404, message: 'gone' })
  expect(problemOf(z.object({ name: z.string() }).safeParse({}).error)).toMatchObject({
    status: 422,
    message: expect.stringMatching(/^name: /),
  })
  expect(problemOf({ name: 'SequelizeConnectionRefusedError' }).status).toBe(503)
  expect(problemOf(new Error('secret path'))).toEqual({
    status: 500,
    message: expect.not.stringContaining('secret'),
  })
})

test('the API describes itself', () => {
  const document = openApi()
  expect(document.paths?.['/projects/{project}/changes']?.post?.requestBody).toBeDefined()
  expect(JSON.stringify(document)).toContain('"delta"')
})
