import { get, Agent } from 'node:http'
import { parentPort, workerData } from 'node:worker_threads'

/** Asks a server again and again how it is, in a thread of its own, and tells the longest it took to answer. */
const agent = new Agent({ keepAlive: true })
const PAUSE_MS = 10
let longest = 0
let asked = 0

function ask() {
  asked = performance.now()
  const end = () => {
    longest = Math.max(longest, performance.now() - asked)
    asked = 0
    setTimeout(ask, PAUSE_MS)
  }
  get(`${workerData}/health`, { agent }, (response) =>
    response.resume().once('end', end).once('error', end),
  ).once('error', end)
}

parentPort.on('message', () => {
  const now = asked ? performance.now() - asked : 0
  parentPort.postMessage(Math.max(longest, now))
  longest = 0
})
ask()
