/**
 * The stand-in for a packet look-up: invented packets by their code, and the ways in which such a
 * service lets one down. Every answer says that it is simulated. Unknown codes are 404; an entry
 * may be slow (`delayMs`) or fail (`fails`, 503).
 */
interface Entry {
  readonly code: string
  readonly delayMs?: number
  readonly fails?: true
  readonly packet: Record<string, unknown>
}

export default defineEventHandler(async event => {
  const code = getRouterParam(event, 'code') ?? ''
  const entries = (await useStorage('assets:demo').getItem<Entry[]>('catalogue.json')) ?? []
  const entry = entries.find(e => e.code === code)
  await new Promise(resolve => setTimeout(resolve, entry?.delayMs ?? 250))
  if (entry?.fails) {
    setResponseStatus(event, 503)
    return { simulated: true, problem: 'failed' }
  }
  if (!entry) {
    setResponseStatus(event, 404)
    return { simulated: true, problem: 'missing' }
  }
  return { simulated: true, packet: entry.packet }
})
