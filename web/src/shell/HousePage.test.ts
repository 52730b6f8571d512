import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { notices } from '@/parts/notices'
import { Refusal, stubServer, surroundings } from '@/testing/stubbedServer'
import HousePage from './HousePage.vue'

const NAME = 'looseknit-2026-11-28T030000-daily.zip'
const house = {
  folder: '/home/keeper/.loose-knit',
  onServer: false,
  bytes: 52_000_000,
  freeBytes: 79_144_700_000,
  check: { at: '2026-11-28T03:00:00', rows: 2567 },
  backups: [{ name: NAME, at: '2026-11-28T03:00:00', why: 'DAILY', bytes: 640_000 }],
}
let leave = () => {}
const open = async (answers: Record<string, unknown> = {}) => {
  const asked = stubServer({
    'GET /api/house': house,
    'GET /api/house/taken-away': [],
    'GET /api/people/me': { shared: false },
    'POST /api/house/backups': { ...house.backups[0], rows: 2567 },
    'POST /api/house/check': { at: '2026-11-28T04:00:00', rows: 2567 },
    [`POST /api/house/backups/${NAME}/restore`]: { rows: { BLEND: 14 } },
    ...answers,
  })
  const view = mount(HousePage, { global: surroundings() })
  leave = () => view.unmount()
  await flushPromises()
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
  afterEach(() => leave())

  it('says where the data lie, how large they are, and what backups there are', async () => {
    const { view } = await open()
    expect(view.get('.facts').text()).toMatch(/\.loose-knit.*52\.0 MB.*79\.1 GB.*2567 rows/s)
    expect(view.get('tbody tr').text()).toMatch(/28 Nov 2026.*daily.*0\.64 MB/s)
    expect(view.get('tbody a').attributes('href')).toBe(`/api/house/backups/${NAME}`)
  })

  it('leaves backups to a database server where one keeps the house', async () => {
    const { view } = await open({ 'GET /api/house': { ...house, onServer: true, bytes: 0, backups: [] } })
    expect(view.text()).toContain("it is backed up there, with the server's own means")
    expect(view.text()).not.toContain('0 MB')
    expect(view.findAll('button').some((each) => each.text() === 'Back up now')).toBe(false)
  })

  it('reads looks that were noted elsewhere, and says line by line what they would change', async () => {
    vi.spyOn(crypto, 'randomUUID').mockReturnValue('00000000-0000-4000-8000-000000000002')
    const at = '/api/imports/00000000-0000-4000-8000-000000000002'
    const { view, asked } = await open({
      [`POST ${at}`]: {
        id: '00000000-0000-4000-8000-000000000002',
        kind: 'looks',
        state: 'READY',
        done: 1,
        total: 1,
        added: 0,
        changed: 0,
        same: 0,
        wrong: 1,
        says: '0 new, 0 changed, 0 the same, 1 wrong.',
        rows: [{ line: 2, name: '', change: 'WRONG', says: 'column label: "Nobody"' }],
      },
    })
    expect(view.findAll('.kinds a').map((each) => each.attributes('href'))).toEqual([
      '/api/house/tables/looks',
      '/api/house/tables/tests',
    ])
    const input = view.get('#file-looks')
    Object.defineProperty(input.element, 'files', { value: [new File(['label'], 'looks.csv')] })
    await input.trigger('change')
    await flushPromises()
    await flushPromises()
    expect(asked.find((each) => each.path === at)?.query.get('kind')).toBe('looks')
    expect(view.get('.job h2').text()).toBe('Looks, from looks.csv')
    expect(view.get('.job tr.wrong').text()).toContain('"Nobody"')
    localStorage.clear()
    vi.restoreAllMocks()
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

  it('puts back what was taken away', async () => {
    const gone = [{ kind: 'pots', id: 'p1', name: 'Fern in the bath', at: '2026-11-27T18:00:00Z' }]
    const { view, asked } = await open({
      'GET /api/house/taken-away': gone,
      'POST /api/house/taken-away/pots/p1/restore': {},
    })
    expect(view.text()).toMatch(/Fern in the bath\s*pot/)
    await view.get('[aria-label="Put back: Fern in the bath"]').trigger('click')
    await flushPromises()
    expect(asked.some((each) => each.path === '/api/house/taken-away/pots/p1/restore')).toBe(true)
    expect(notices.at(-1)?.words).toBe('Fern in the bath is back.')
  })

  const orla = { name: 'Orla', revision: 0, role: 'KEEPER', since: '2026-11-01T10:00:00Z' }
  const shared = {
    'GET /api/people/me': { shared: true, name: 'Orla', role: 'KEEPER' },
    'GET /api/people': [orla, { ...orla, name: 'Finn', role: 'HELPER' }],
    'GET /api/house/share': {
      shared: true,
      addresses: ['https://192.168.7.4:8080/'],
      fingerprint: 'AB:CD',
      qr: 'data:image/png;base64,AA',
    },
    'GET /api/people/deeds': [
      { at: '2026-11-27T18:00:00Z', who: 'Finn', what: 'looked at a pot', address: '/api/looks' },
    ],
  }
  it('shows a keeper who shares it, where others find it, and who did what', async () => {
    const { view, asked } = await open({
      ...shared,
      'DELETE /api/people/Finn': {},
      'POST /api/people': () => new Refusal(422, { detail: 'The password is 5 characters long.' }),
    })
    expect(view.text()).toMatch(/Signed in as Orla, keeper/)
    expect(view.get('.address').text()).toMatch(/192\.168\.7\.4.*AB:CD/s)
    expect(view.get('.deeds').text()).toMatch(/Finn\s*looked at a pot/)
    await view.get('#person-name').setValue('Tern')
    await view.get('#person-password').setValue('short')
    await view.get('.add').trigger('submit')
    await flushPromises()
    expect(view.get('.people [role=alert]').text()).toContain('5 characters long')
    expect((view.get('#person-name').element as HTMLInputElement).value).toBe('Tern')
    await view.findAll('.people .danger').at(-1)?.trigger('click')
    expect(view.get('[role=alertdialog]').text()).toContain('Finn will not be able to sign in')
    await view.get('[role=alertdialog] button').trigger('click')
    await flushPromises()
    expect(asked.some((each) => each.method === 'DELETE' && each.path === '/api/people/Finn')).toBe(true)
  })

  it('takes a file in after it was looked through and somebody has said what shall stand', async () => {
    const file = {
      id: 'f1',
      rows: 12,
      says: '',
      kinds: [
        { kind: 'blends', fresh: 2, same: 3, differing: 1 },
        { kind: 'looks', fresh: 40, same: 0, differing: 0 },
      ],
      clashes: [],
      possible: true,
      numbers: [{ before: '2026-03-01-1', now: '2026-03-01-2' }],
    }
    vi.spyOn(crypto, 'randomUUID').mockReturnValue('00000000-0000-4000-8000-000000000001')
    const at = '/api/house/incoming/00000000-0000-4000-8000-000000000001'
    const { view, asked, press } = await open({
      [`POST ${at}`]: { ...file, state: 'READY' },
      'POST /api/house/incoming/f1/take': { ...file, state: 'DONE', says: 'Taken in.' },
    })
    const input = view.get('.exchange input[type=file]')
    Object.defineProperty(input.element, 'files', { value: [new File(['PK'], 'house.zip')] })
    await input.trigger('change')
    await flushPromises()
    await flushPromises()
    expect(view.get('.found').text()).toMatch(/blends\s*2\s*3\s*1.*looks\s*40\s*–\s*–/s)
    expect(view.get('.found').text()).toContain('2026-03-01-1 → 2026-03-01-2')
    await view.get('input[value=FILE]').setValue(true)
    await press('Take it in')
    expect(asked.find((each) => each.path.endsWith('/take'))?.query.get('wins')).toBe('FILE')
    expect(notices.some((each) => each.words === 'Taken in.')).toBe(true)
    expect(view.find('.found').exists()).toBe(false)
    vi.restoreAllMocks()
  })

  it('shows a helper who they are, and nothing of the house', async () => {
    const { view, asked } = await open({
      'GET /api/people/me': { shared: true, name: 'Finn', role: 'HELPER' },
    })
    expect(view.text()).toMatch(/Signed in as Finn, helper/)
    expect(view.text()).not.toContain('Back up now')
    expect(asked.map((each) => each.path)).toEqual(['/api/people/me'])
  })
})
