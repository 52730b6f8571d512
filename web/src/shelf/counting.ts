/** Round figures from 0 up to a largest one, four to seven of them. */
export const ticksOf = (largest: number): number[] => {
  const rough = largest / 5
  const power = 10 ** Math.floor(Math.log10(rough))
  const step = [1, 2, 5, 10].map((each) => each * power).find((each) => each >= rough) ?? rough
  return Array.from({ length: Math.floor(largest / step + 1e-9) + 1 }, (_, i) => i * step)
}
