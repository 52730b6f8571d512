import { reactive } from 'vue'

/** The units in which the server is asked to speak; whoever chooses the units sets them here. */
export const speech = reactive<{ units: 'metric' | 'us' }>({ units: 'metric' })
