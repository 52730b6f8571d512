import { flushPromises, mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it } from 'vitest'
import { notices } from '@/parts/notices'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import HousePage from './HousePage.vue'

const NAME = 'looseknit-2026-11-28T030000-daily.zip'
const house = {
  folder: '/home/keeper/.loose-knit',
  bytes: 52_000_000,
  freeBytes: 79_144_700_000,
  check: { at: '2026-11-28T03:00:00', rows: 2567 },
  backups: [{ name: NAME, at: '2026-11-28T03:00:00', why: 'DAILY', bytes: 640_000 }],
}
const open = async (answers: Record<string, unknown> = {}) => {
  const asked = stubServer({
    'GET /api/house': house,
    'POST /api/house/backups': { ...house.backups[0], rows: 2567 },
    'POST /api/house/check': { at: '2026-11-28T04:00:00', rows: 2567 },
    [`POST /api/house/backups/${NAME}/restore`]: { rows: { BLEND: 14 } },
    ...answers,
  })
  const view = mount(HousePage, { global: surroundings() })
  await flushPromises()
  const press = async (words: string) => {
    await view
      .findAll('button')
      .find((each) => each.text() === words)
      ?.trigger('click')
    await flushPromises()
  }
  return { view, asked, press }
}

describe('the house', () => {
  beforeEach(() => {
    notices.splice(0)
  })

  it('says where the data lie, how large they are, and what backups there are', async () => {
    const { view } = await open()
    expect(view.get('.facts').text()).toMatch(/\.loose-knit.*52\.0 MB.*79\.1 GB.*2567 rows/s)
    expect(view.get('tbody tr').text()).toMatch(/28 Nov 2026.*daily.*0\.64 MB/s)
    expect(view.get('tbody a').attributes('href')).toBe(`/api/house/backups/${NAME}`)
  })

  it('makes a backup and says how much is in it', async () => {
    const { press } = await open()
    await press('Back up now')
    expect(notices.at(-1)?.words).toBe('Backed up, opened and counted: 2567 rows.')
  })

  it('asks before it puts one back, and does nothing on no', async () => {
    const { view, asked, press } = await open()
    await press('Put back')
    expect(view.get('[role=alertdialog]').text()).toContain('What is there now is backed up first')
    await press('Leave all as it is')
    expect(view.find('[role=alertdialog]').exists()).toBe(false)
    expect(asked.some((each) => each.path.endsWith('/restore'))).toBe(false)
    await press('Put back')
    await press('Put it back')
    expect(asked.some((each) => each.path.endsWith('/restore'))).toBe(true)
    expect(view.get('[role=status]').text()).toContain('this goes on by itself')
  })

  it('says what cannot be read, and a refusal', async () => {
    const { view, press } = await open({
      'GET /api/house': { ...house, check: { ...house.check, problem: 'Part of the data cannot be read.' } },
      'POST /api/house/backups': new Refusal(422, { detail: 'There is no room.' }),
    })
    expect(view.get('[role=alert]').text()).toContain('Put a backup back')
    await press('Back up now')
    expect(notices.at(-1)?.words).toBe('There is no room.')
  })
})
