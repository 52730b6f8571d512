<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { onMounted, ref } from 'vue'
import { useRoute } from 'vue-router'
import { answer, api } from '@/api/client'

/** Where people sign in to a house that is shared; then it goes on where they were. */
const route = useRoute()
const name = ref('')
const password = ref('')
const problem = ref<string>()
const busy = ref(false)
// the token of the page, without which nobody is let in
onMounted(() => void answer(api.GET('/api/people/me')).catch(() => undefined))

const then = () => {
  const asked = route.query.then
  return typeof asked === 'string' && /^\/(?!\/|\\)/.test(asked) ? asked : '/'
}
const signIn = async () => {
  busy.value = true
  problem.value = undefined
  try {
    await answer(api.POST('/api/people/sign-in', { body: { name: name.value, password: password.value } }))
    window.location.assign(then())
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
    password.value = ''
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="page sign-in">
    <h1>{{ $t('frame.signIn.title') }}</h1>
    <p class="soft">{{ $t('frame.signIn.lead') }}</p>
    <form @submit.prevent="signIn">
      <label for="sign-in-name">{{ $t('frame.signIn.name') }}</label>
      <InputText id="sign-in-name" v-model="name" autocomplete="username" maxlength="60" autofocus />
      <label for="sign-in-password">{{ $t('frame.signIn.password') }}</label>
      <InputText
        id="sign-in-password"
        v-model="password"
        type="password"
        autocomplete="current-password"
        maxlength="100"
      />
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <Button
        type="submit"
        :label="$t('frame.signIn.go')"
        :disabled="busy || name.trim() === '' || password === ''"
      />
    </form>
    <p class="soft">{{ $t('frame.signIn.kept') }}</p>
    <p class="soft">{{ $t('frame.signIn.forgot') }}</p>
  </main>
</template>

<style scoped>
.sign-in {
  max-width: 460px;
}
form {
  display: flex;
  flex-direction: column;
  gap: 6px;
  margin: 14px 0;
}
label {
  color: var(--soft-ink);
}
form button {
  margin-top: 10px;
  align-self: flex-start;
}
</style>
