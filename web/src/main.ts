import { VueQueryPlugin } from '@tanstack/vue-query'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { createApp, watch } from 'vue'
import { answer, api, onSignInWanted } from './api/client'
import { newQueryClient } from './api/queryClient'
import { speech } from './api/speech'
import App from './shell/App.vue'
import { sayProblem } from './parts/notices'
import { watchLoading } from './shell/notLoaded'
import { router } from './shell/routes'
import { useSettings } from './measure/settings'
import './theme/base.css'
import './theme/parts.css'
import './theme/fonts'
import { looseKnit } from './theme/preset'
import { words } from './words'

const app = createApp(App)
app.use(createPinia())
const queryClient = newQueryClient()
app.use(VueQueryPlugin, { queryClient })
watch(
  () => speech.units,
  () => {
    queryClient.removeQueries({ type: 'inactive' })
    void queryClient.invalidateQueries()
  },
)
/** Styles that are put in at run time carry the nonce of the page. */
const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content ?? ''
app.use(PrimeVue, { theme: { preset: looseKnit, options: { darkModeSelector: '.night' } }, csp: { nonce } })
app.use(router)
watchLoading(router)
app.use(words)
app.config.errorHandler = (error) => {
  console.error(error)
  sayProblem(error)
}

onSignInWanted(() => {
  const { fullPath, name } = router.currentRoute.value
  if (name !== 'sign-in') {
    void router.push({ name: 'sign-in', query: { then: fullPath } })
  }
})
const settings = useSettings()
try {
  settings.units = await answer(api.GET('/api/units'))
} catch (error) {
  sayProblem(error)
}
app.mount('#app')
