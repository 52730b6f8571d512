import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import SignInPage from './SignInPage.vue'

const then = vi.hoisted(() => ({ query: {} as Record<string, string> }))
vi.mock('vue-router', async (original) => ({
  ...(await original<typeof import('vue-router')>()),
  useRoute: () => then,
}))

const open = async (answer: unknown) => {
  const asked = stubServer({ 'GET /api/people/me': { shared: true }, 'POST /api/people/sign-in': answer })
  const went = vi.fn()
  vi.stubGlobal('location', { ...window.location, origin: window.location.origin, assign: went })
  const view = mount(SignInPage, { global: surroundings() })
  await view.get('#sign-in-name').setValue('Orla')
  await view.get('#sign-in-password').setValue('kelp rope lantern')
  await view.get('form').trigger('submit')
  await flushPromises()
  return { view, asked, went }
}

describe('signing in', () => {
  beforeEach(() => {
    then.query = {}
    vi.unstubAllGlobals()
  })

  it('goes on where somebody was', async () => {
    then.query = { then: '/blends/b1' }
    const { asked, went } = await open({ name: 'Orla', revision: 0, role: 'KEEPER', since: '' })
    expect(asked.find((each) => each.method === 'POST')?.body).toEqual({
      name: 'Orla',
      password: 'kelp rope lantern',
    })
    expect(went).toHaveBeenCalledWith('/blends/b1')
  })

  it.each(['//elsewhere.example', '/\\\\elsewhere', 'https://elsewhere.example'])(
    'goes nowhere else: %s',
    async (where) => {
      then.query = { then: where }
      const { went } = await open({ name: 'Orla', revision: 0, role: 'KEEPER', since: '' })
      expect(went).toHaveBeenCalledWith('/')
    },
  )

  it('says what is wrong, keeps the name and forgets the password', async () => {
    const { view, went } = await open(
      () => new Refusal(422, { detail: 'The name and the password do not go together.' }),
    )
    expect(view.get('[role=alert]').text()).toContain('do not go together')
    expect((view.get('#sign-in-name').element as HTMLInputElement).value).toBe('Orla')
    expect((view.get('#sign-in-password').element as HTMLInputElement).value).toBe('')
    expect(went).not.toHaveBeenCalled()
  })
})
