import 'fake-indexeddb/auto'

// The database tells other tabs of its changes through this; there are none here, and an open
// channel keeps Node alive.
delete globalThis.BroadcastChannel
