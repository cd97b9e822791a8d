import '../../core/people/check.test'
import '../../core/people/needs.test'
import '../../core/people/oracle.test'
import '../../core/people/places.test'
import '../../core/packet/clauses.test'
import '../../core/packet/read.test'
import '../../core/packet/packet.test'
import '../../core/packet/corpus.test'
import '../../core/people/heated.test'
import '../../core/people/cautions.test'

// It stands in for Jest's own globals here.
export { collected } from './shim.mjs'
export { emptyStock, stockPantry } from '#core/pantry'
