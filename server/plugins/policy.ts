import { withPolicy } from '../policy'

/** Every page says itself what it may load; who made the server is nobody's business. */
export default defineNitroPlugin(nitro => {
  nitro.hooks.hook('render:response', response => {
    if (typeof response.body === 'string') response.body = withPolicy(response.body)
    if (response.headers) delete response.headers['x-powered-by']
  })
})
