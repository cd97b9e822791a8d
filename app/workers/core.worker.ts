import { expose } from 'comlink'
import { days } from './asks/days'
import { files } from './asks/files'
import { plans } from './asks/plans'
import { reading } from './asks/reading'
import { safety } from './asks/safety'
import { trials } from './asks/trials'

/**
 * The core behind a worker: everything that reads, checks or plans runs here, so that the page
 * never waits.
 */
const core = { ...reading, ...safety, ...plans, ...days, ...trials, ...files }
export type CoreWorker = typeof core

expose(core)
