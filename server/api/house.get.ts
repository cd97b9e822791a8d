/** What kind of house this server was started for: the demo household, or an empty one. */
export default defineEventHandler(() => ({ demo: process.env.INGWER_DEMO === '1' }))
