<script setup lang="ts">
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, reactive, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Person } from '@/api/types'
import { momentWords } from '@/measure/days'
import { say, sayProblem } from '@/parts/notices'
import InPlace from '@/parts/InPlace.vue'
import SelectField from '@/parts/SelectField.vue'
import { t } from '@/words'
import { useMe } from './useMe'

/** People who share the house: who they are, where they find it, who did what. */
const client = useQueryClient()
const { me, signOut } = useMe()
const keeper = computed(() => me.value?.shared === true && me.value.role === 'KEEPER')
const { data: people } = useQuery({
  queryKey: ['people'],
  queryFn: () => answer(api.GET('/api/people')),
  enabled: keeper,
})
const { data: share } = useQuery({
  queryKey: ['people', 'share'],
  queryFn: () => answer(api.GET('/api/house/share')),
  enabled: keeper,
})
const { data: deeds } = useQuery({
  queryKey: ['people', 'deeds'],
  queryFn: () => answer(api.GET('/api/people/deeds')),
  enabled: keeper,
})
const ROLES = ['KEEPER', 'HELPER', 'GUEST'] as const
const roleOptions = ROLES.map((value) => ({ value, label: t(`frame.people.roles.${value}`) }))

const fresh = reactive<{ name: string; role: Person['role']; password: string }>({
  name: '',
  role: 'HELPER',
  password: '',
})
const problem = ref<string>()
const asked = ref<string>()
const given = ref('')
const own = reactive({ before: '', password: '' })
const doing = async (work: () => Promise<unknown>) => {
  problem.value = undefined
  try {
    await work()
    await client.invalidateQueries({ queryKey: ['people'] })
    return true
  } catch (error) {
    problem.value = error instanceof Error ? error.message : String(error)
    return false
  }
}
const add = async () => {
  const name = fresh.name.trim()
  if (await doing(() => answer(api.POST('/api/people', { body: { ...fresh, name } })))) {
    say(t('frame.people.added', { name }))
    Object.assign(fresh, { name: '', role: 'HELPER', password: '' })
  }
}
const change = ({ name, revision }: Person, role: Person['role']) =>
  doing(() =>
    answer(api.PUT('/api/people/{name}/role', { params: { path: { name } }, body: { revision, role } })),
  )
const give = async (name: string, close: () => void) => {
  const done = await doing(() =>
    answer(
      api.PUT('/api/people/{name}/password', { params: { path: { name } }, body: { password: given.value } }),
    ),
  )
  if (done) {
    say(t('frame.people.given', { name }))
    given.value = ''
    close()
  }
}
const remove = async (name: string) => {
  if (await doing(() => answer(api.DELETE('/api/people/{name}', { params: { path: { name } } })))) {
    asked.value = undefined
    say(t('frame.people.removed', { name }))
  }
}
const changeOwn = async () => {
  if (await doing(() => answer(api.PUT('/api/people/own-password', { body: { ...own } })))) {
    say(t('frame.people.changed'))
    window.location.assign('/sign-in')
  }
}
const out = (everywhere: boolean) => signOut(everywhere).catch(sayProblem)
</script>

<template>
  <section class="people">
    <h2>{{ $t('frame.people.title') }}</h2>
    <p v-if="me && !me.shared" class="soft">{{ $t('frame.people.alone') }}</p>
    <template v-if="me?.shared">
      <div v-if="me.name && me.role" class="out">
        {{ $t('frame.people.meLead', { name: me.name, role: $t(`frame.people.roles.${me.role}`) }) }}
        <button type="button" class="plain" @click="out(false)">{{ $t('frame.people.signOut') }}</button>
        <button type="button" class="plain" @click="out(true)">
          {{ $t('frame.people.signOutEverywhere') }}
        </button>
        <InPlace :words="$t('frame.people.newPassword')" :label="$t('frame.people.newPassword')">
          <form class="own" @submit.prevent="changeOwn">
            <label for="own-before">{{ $t('frame.people.before') }}</label>
            <InputText id="own-before" v-model="own.before" type="password" autocomplete="current-password" />
            <label for="own-password">{{ $t('frame.people.newPassword') }}</label>
            <InputText id="own-password" v-model="own.password" type="password" autocomplete="new-password" />
            <Button type="submit" size="small" :label="$t('frame.people.change')" />
          </form>
        </InPlace>
      </div>
      <p v-if="problem" class="say harm" role="alert">{{ problem }}</p>
      <template v-if="keeper">
        <p class="soft">{{ $t('frame.people.lead') }}</p>
        <table class="lines">
          <thead>
            <tr>
              <th scope="col">{{ $t('frame.people.name') }}</th>
              <th scope="col">{{ $t('frame.people.role') }}</th>
              <th scope="col">{{ $t('frame.people.since') }}</th>
              <th scope="col" />
            </tr>
          </thead>
          <tbody>
            <tr v-for="each in people ?? []" :key="each.name">
              <th scope="row">{{ each.name }}</th>
              <td>
                <SelectField
                  :model-value="each.role"
                  :label="$t('frame.people.roleOf', { name: each.name })"
                  hide-label
                  :options="roleOptions"
                  :input-id="`role-${each.name}`"
                  @update:model-value="(role: Person['role']) => change(each, role)"
                />
              </td>
              <td>{{ momentWords(each.since) }}</td>
              <td class="doings">
                <InPlace :words="$t('frame.people.newPassword')" :label="$t('frame.people.newPassword')">
                  <template #default="{ close }">
                    <form class="own" @submit.prevent="give(each.name, close)">
                      <InputText
                        v-model="given"
                        type="password"
                        autocomplete="new-password"
                        :aria-label="$t('frame.people.newPassword')"
                      />
                      <Button type="submit" size="small" :label="$t('frame.people.give')" />
                    </form>
                  </template>
                </InPlace>
                <button type="button" class="plain danger" @click="asked = each.name">
                  {{ $t('frame.people.remove') }}
                </button>
                <div v-if="asked === each.name" class="say attention" role="alertdialog">
                  <p>{{ $t('frame.people.sure', { name: each.name }) }}</p>
                  <Button size="small" :label="$t('frame.people.yes')" @click="remove(each.name)" />
                  <button type="button" class="plain" @click="asked = undefined">
                    {{ $t('frame.people.no') }}
                  </button>
                </div>
              </td>
            </tr>
          </tbody>
        </table>
        <form class="add" @submit.prevent="add">
          <span>
            <label for="person-name">{{ $t('frame.people.name') }}</label>
            <InputText id="person-name" v-model="fresh.name" maxlength="60" autocomplete="off" />
          </span>
          <SelectField
            v-model="fresh.role"
            :label="$t('frame.people.role')"
            :options="roleOptions"
            input-id="person-role"
          />
          <span>
            <label for="person-password">{{ $t('frame.people.password') }}</label>
            <InputText
              id="person-password"
              v-model="fresh.password"
              type="password"
              autocomplete="new-password"
            />
          </span>
          <Button
            type="submit"
            outlined
            :label="$t('frame.people.add')"
            :disabled="fresh.name.trim() === '' || fresh.password === ''"
          />
        </form>
        <template v-if="share && share.addresses.length > 0">
          <h2>{{ $t('frame.people.address') }}</h2>
          <p class="soft">{{ $t('frame.people.addressLead') }}</p>
          <div class="address">
            <img
              v-if="share.qr"
              :src="share.qr"
              :alt="$t('frame.people.qrAlt', { address: share.addresses[0] ?? '' })"
            />
            <div>
              <p v-for="each in share.addresses" :key="each">
                <a :href="each">{{ each }}</a>
              </p>
              <p class="soft">{{ $t('frame.people.fingerprint') }}</p>
              <p class="print">{{ share.fingerprint }}</p>
            </div>
          </div>
        </template>
        <h2>{{ $t('frame.people.deeds') }}</h2>
        <p v-if="deeds && deeds.length === 0" class="soft">{{ $t('frame.people.noDeeds') }}</p>
        <div
          v-if="deeds && deeds.length > 0"
          class="scroll deeds"
          tabindex="0"
          role="region"
          :aria-label="$t('frame.people.deeds')"
        >
          <table class="lines">
            <thead>
              <tr>
                <th scope="col">{{ $t('frame.people.at') }}</th>
                <th scope="col">{{ $t('frame.people.who') }}</th>
                <th scope="col">{{ $t('frame.people.did') }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="(each, i) in deeds" :key="i">
                <td>{{ momentWords(each.at) }}</td>
                <td>{{ each.who }}</td>
                <td>{{ each.what }}</td>
              </tr>
            </tbody>
          </table>
        </div>
      </template>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 2px;
}
.plain,
.out > :not(:first-child) {
  margin-left: 14px;
}
.people table {
  max-width: 900px;
}
.add :deep(label) {
  color: var(--soft-ink);
  font-size: 13.5px;
}
.add,
.own {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: flex-end;
  margin: 12px 0;
}
.add span {
  display: flex;
  flex-direction: column;
}
label {
  color: var(--soft-ink);
  font-size: 13.5px;
}
.address {
  display: flex;
  flex-wrap: wrap;
  gap: 24px;
  align-items: flex-start;
}
.address img {
  width: 150px;
  height: 150px;
}
.address p {
  margin: 2px 0;
}
.print {
  font-family: var(--figures);
  overflow-wrap: anywhere;
}
.deeds {
  max-height: 300px;
  overflow-y: auto;
}
</style>
