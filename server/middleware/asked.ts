/** How each address may be asked; a file in `server/api` answers each. */
const ways: readonly (readonly [path: RegExp, methods: readonly string[]])[] = [
  [/^\/api\/stand-ins\/scale$/u, ['GET', 'HEAD', 'POST']],
  [/^\/api\/(?:demo|health|house|packets\/[^/]+|stand-ins\/probe)$/u, ['GET', 'HEAD']],
]

/** A way in which an address is not asked, or no address at all, is told so before anything is read. */
export default defineEventHandler(event => {
  const [path] = event.path.split('?')
  if (!/^\/api(?:\/|$)/u.test(path!)) return
  const methods = ways.find(([sign]) => sign.test(path!))?.[1]
  if (!methods) throw createError({ statusCode: 404, statusMessage: 'Nothing is at this address' })
  if (methods.includes(event.method)) return
  setResponseHeader(event, 'allow', methods.join(', '))
  throw createError({ statusCode: 405, statusMessage: `Only ${methods.join(', ')} here` })
})
