import '../../core/people/check.test'
import '../../core/people/needs.test'
import '../../core/people/oracle.test'
import '../../core/packet/read.test'
import '../../core/packet/packet.test'

export { collected } from '@jest/globals'
export { emptyStock, stockPantry } from '#core'
