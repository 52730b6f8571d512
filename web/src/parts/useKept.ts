import { nextTick, ref, watch, type Ref } from 'vue'

/** A value that outlives a reload: kept in the browser under a name. What is kept in an older shape is filled up from the start. */
export const useKept = <T extends object>(name: string, start: T): Ref<T> => {
  let kept: Partial<T> = {}
  try {
    kept = JSON.parse(window.localStorage.getItem(name) ?? '{}') as Partial<T>
  } catch {
    kept = {}
  }
  const value = ref({ ...start, ...kept }) as Ref<T>
  watch(value, (now) => window.localStorage.setItem(name, JSON.stringify(now)), { deep: true })
  return value
}

/** Forgets what is kept under a name, once the last change has been written. */
export const forgetKept = async (name: string) => {
  await nextTick()
  window.localStorage.removeItem(name)
}
