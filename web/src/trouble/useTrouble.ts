import { computed, ref } from 'vue'
import { answer, api } from '@/api/client'
import type { Diagnosis, Finding, Sign, Suspect } from '@/api/types'
import { useAnswered } from '@/api/useAnswered'
import { forgetKept, useKept } from '@/parts/useKept'

interface Told {
  seen: Sign[]
  passed: Finding[]
}

/** What is told of a plant that looks wrong, kept in the browser until it is dealt with, and what it comes to. */
export const useTrouble = (id: string) => {
  const name = `loose-knit.trouble.${id}`
  const told = useKept<Told>(name, { seen: [], passed: [] })
  const { answer: diagnosis, problem } = useAnswered(
    () => ({ seen: told.value.seen, passed: told.value.passed }),
    (body, signal) =>
      answer(api.POST('/api/pottings/{id}/diagnosis', { params: { path: { id } }, body, signal })),
    30,
  )
  const findingOf = (sign: Sign) =>
    diagnosis.value?.findings.find((finding) => finding.signs.some((each) => each.sign === sign))
  /** One answer holds for a question: another takes its place. */
  const say = (sign: Sign) => {
    const others = findingOf(sign)?.signs.map((each) => each.sign) ?? []
    told.value = {
      seen: [...told.value.seen.filter((each) => !others.includes(each)), sign],
      passed: told.value.passed.filter((each) => each !== findingOf(sign)?.finding),
    }
  }
  const takeOff = (sign: Sign) =>
    (told.value = { ...told.value, seen: told.value.seen.filter((each) => each !== sign) })
  const pass = (finding: Finding) => (told.value = { ...told.value, passed: [...told.value.passed, finding] })
  const askAgain = () => (told.value = { ...told.value, passed: [] })

  const chosen = ref<Suspect['cause']>()
  /** The cause that was chosen, or the likeliest once something is seen. */
  const suspect = computed(
    () =>
      diagnosis.value?.suspects.find((each) => each.cause === chosen.value) ??
      (diagnosis.value?.seen.length ? diagnosis.value.suspects[0] : undefined),
  )
  return {
    told,
    diagnosis: computed<Diagnosis | undefined>(() => diagnosis.value),
    problem,
    say,
    takeOff,
    pass,
    askAgain,
    suspect,
    choose: (cause: Suspect['cause']) => (chosen.value = cause),
    forget: () => forgetKept(name),
  }
}
