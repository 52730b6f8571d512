import { config } from '@vue/test-utils'
import { words } from '@/words'

// components under test speak the same words as the application
config.global.plugins = [...config.global.plugins, words]
