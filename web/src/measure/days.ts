import { t } from '@/words'

const DAY_MS = 86_400_000

const atNoon = (day: string) => Date.parse(`${day}T12:00:00Z`)

/** Whole days from one calendar day (yyyy-mm-dd) to another; negative if it lies before. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((atNoon(to) - atNoon(from)) / DAY_MS)

/** The calendar day (yyyy-mm-dd) so many days after another. */
export const daysAfter = (from: string, days: number): string =>
  new Date(atNoon(from) + days * DAY_MS).toISOString().slice(0, 10)

export const inWords = (days: number): string => {
  if (days <= 0) {
    return t('care.days.today')
  }
  return days === 1 ? t('care.days.tomorrow') : t('care.days.inDays', { days })
}

export const agoWords = (days: number): string => {
  if (days <= 0) {
    return t('care.days.today')
  }
  return days === 1 ? t('care.days.yesterday') : t('care.days.daysAgo', { days })
}

const long = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  timeZone: 'UTC',
})
const short = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
})

const moment = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' })

/** A day with its time, here. */
export const momentWords = (at: string): string => moment.format(new Date(at))

export const longDate = (day: string): string => long.format(atNoon(day))
export const shortDate = (day: string): string => short.format(atNoon(day))

/** The calendar day here and now. */
export const todayHere = (): string => {
  const now = new Date()
  const two = (value: number) => String(value).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}
