import fc from 'fast-check'
import 'fake-indexeddb/auto'

// The database tells other tabs of its changes through this; there are none here, and an open
// channel keeps Node alive.
delete globalThis.BroadcastChannel

// The gate tries the same examples every time, so that it falls only on what was changed; the bench
// tries new ones (SEED=anything).
fc.configureGlobal({ seed: process.env.SEED ? Number(process.env.SEED) : 20261129 })
