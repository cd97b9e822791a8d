/** Answers as soon as the server can serve. */
export default defineEventHandler(() => ({ ok: true }))
