import { openHouse } from '~/db/disk'

/** Before anything is shown it is known where the house is kept: on the disk, or in memory. */
export default defineNuxtPlugin(openHouse)
