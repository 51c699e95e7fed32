import { Problem } from '../http/problem'
import type { ChildAnswer, ChildQuestion } from './childMessage'

/**
 * A process of its own for one piece of work on something from outside or something large, so that it can be limited
 * and killed. What a task needs is loaded only for it.
 */
async function answer({ task, folder, input }: ChildQuestion): Promise<ChildAnswer> {
  switch (task) {
    case 'checkPicture': {
      const { checkPicture } = await import('../assets/checkPicture')
      return { result: await checkPicture(folder, input as Parameters<typeof checkPicture>[1]) }
    }
    case 'scalePicture': {
      const { scalePicture } = await import('../assets/scalePicture')
      return { result: await scalePicture(folder, input as Parameters<typeof scalePicture>[1]) }
    }
    case 'openProject': {
      const { openProject } = await import('../projects/openProject')
      return { result: await openProject(folder) }
    }
    case 'readFont': {
      const { readFont } = await import('../fonts/readFont')
      return { result: await readFont(folder, input as Parameters<typeof readFont>[1]) }
    }
    case 'render': {
      const { render } = await import('../exports/render')
      return { result: await render(folder, input as Parameters<typeof render>[1]) }
    }
    case 'writeProject': {
      const { writeProject } = await import('../exports/writeProject')
      return { result: await writeProject(folder, input as Parameters<typeof writeProject>[1]) }
    }
    case 'writeSitemap': {
      const { writeSitemap } = await import('../exports/writeSitemap')
      return { result: await writeSitemap(folder) }
    }
  }
}

process.once('message', async (question: ChildQuestion) => {
  const told = await answer(question).catch((error: unknown): ChildAnswer => {
    if (error instanceof Problem) return { problem: { status: error.status, message: error.message } }
    const { name = 'Error', message = String(error), stack } = error as Error
    return { failure: { name, message, stack } }
  })
  process.send?.(told, () => process.exit(0))
})
// The kernel ends it with its server; this is for where the kernel was not asked.
process.once('disconnect', () => process.exit(1))
