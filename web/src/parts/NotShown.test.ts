import { mount } from '@vue/test-utils'
import { expect, it } from 'vitest'
import { unreachable } from '@/api/problem'
import { surroundings } from '@/testing/stubbedServer'
import NotShown from './NotShown.vue'

const shown = (problem: string) =>
  mount(NotShown, { props: { problem, list: 'pots' }, global: surroundings() })

it('says what is wrong under a heading and leads to the list and to what was taken away', () => {
  const page = shown('This pot does not exist, or no longer does.')

  expect(page.find('h1').text()).toBe('This page cannot be shown')
  expect(page.find('[role=alert]').text()).toBe('This pot does not exist, or no longer does.')
  expect(page.findAll('a').map((each) => each.attributes('href'))).toEqual(['/pots', '/house'])
})

it('offers to try again where only the server cannot be reached', () => {
  const page = shown(unreachable().message)

  expect(page.find('button').text()).toBe('Try again')
  expect(page.findAll('a')).toEqual([])
})
