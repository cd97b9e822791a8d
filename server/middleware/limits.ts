/** Nobody sends this server anything large: it has nothing to keep it in. */
const largestBody = 100_000

export default defineEventHandler(event => {
  const length = Number(getRequestHeader(event, 'content-length') ?? 0)
  if (length > largestBody || getRequestHeader(event, 'transfer-encoding'))
    throw createError({ statusCode: 413, statusMessage: 'That is more than this server takes' })
})
